import { useSyncExternalStore } from 'react';

const WIDE = '(min-width: 1024px)';
const media = () => window.matchMedia(WIDE);

/** Whether mat and paper lie side by side, so that a list has room on the mat. */
export const useWide = () =>
  useSyncExternalStore(
    (changed) => {
      const query = media();
      query.addEventListener('change', changed);
      return () => query.removeEventListener('change', changed);
    },
    () => media().matches,
  );
