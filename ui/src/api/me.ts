import { type QueryClient, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, api, type Schemas } from './client';
import { lapse } from './lapsed';
import { newLook } from './look';
import { flush } from './outbox';
import { forgetTrips } from './trip';

export type Me = Schemas['Person'];

/**
 * Who is signed in; null when nobody is. Whose sign-in ran out stays, since what is typed is theirs, and is asked for
 * the PIN again.
 */
export function useMe(): Me | null | undefined {
  const client = useQueryClient();
  return useQuery({
    queryKey: ['me'],
    queryFn: async () => {
      const { data, error, response } = await api.GET('/api/me');
      if (data) return data;
      // A shop with nobody in it, or one that cannot be read, says so at its door.
      const code = (error as { code?: string } | undefined)?.code ?? '';
      if (code === 'first-start/waits' || code === 'shop/damaged') return null;
      if (response.status !== 401) throw new Error('The server does not say who is signed in.');
      const before = client.getQueryData<Me | null>(['me']);
      if (before) lapse();
      return before ?? null;
    },
    staleTime: 30_000,
  }).data;
}

/** Whether somebody keeps the shop: a lead, or whoever is alone in it. */
export const leads = (me: Me | null | undefined) => me?.role === 'lead' || me?.alone === true;

/** Signs in, or throws the refusal. A new sign-in is a new look at the bench. */
export async function signIn(person: string, pin: string) {
  answer(await api.POST('/api/sign-in', { body: { person, pin } }));
  newLook();
}

/** Leaves the bench to another person. What waits is sent first, as long as its own person is signed in. */
export async function signOut(client: QueryClient) {
  const me = client.getQueryData<Me | null>(['me']);
  if (me) await flush(me.id);
  await forgetTrips();
  await api.POST('/api/sign-out');
  newLook();
  await client.resetQueries();
}
