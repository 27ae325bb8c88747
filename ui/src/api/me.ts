import { useQuery } from '@tanstack/react-query';
import { api, type Schemas } from './client';

export type Me = Schemas['Person'];

/** Who is signed in; null when nobody is. */
export function useMe(): Me | null | undefined {
  return useQuery({
    queryKey: ['me'],
    queryFn: async () => (await api.GET('/api/me')).data ?? null,
    staleTime: 30_000,
  }).data;
}
