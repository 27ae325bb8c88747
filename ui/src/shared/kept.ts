import { useCallback, useEffect, useState } from 'react';

/**
 * What is typed into a form, kept while this tab is open: a reload or a wrong turn loses nothing. `forget` empties it.
 */
export function useKept<T extends object>(key: string, empty: () => T) {
  const [kept, setKept] = useState<T>(() => ({
    ...empty(),
    ...(JSON.parse(sessionStorage.getItem(key) ?? '{}') as Partial<T>),
  }));
  useEffect(() => sessionStorage.setItem(key, JSON.stringify(kept)), [key, kept]);
  const put = useCallback((change: Partial<T>) => setKept((k) => ({ ...k, ...change })), []);
  const forget = () => {
    setKept(empty());
    sessionStorage.removeItem(key);
  };
  return [kept, put, forget] as const;
}
