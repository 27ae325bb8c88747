import { type QueryClient, useQuery, useQueryClient } from '@tanstack/react-query';
import { HubConnectionBuilder, LogLevel } from '@microsoft/signalr';
import { useEffect, useState } from 'react';
import { answer, api, type Schemas } from './client';
import type { paths } from './schema';

const keep = <T>(before: T) => before;

/**
 * Fetches again what a screen shows. A first fetch still under way is begun anew, not joined: its answer may be older
 * than what was just recorded.
 */
export async function refresh(client: QueryClient, ...queryKey: readonly string[]) {
  await client.cancelQueries({ queryKey });
  await client.invalidateQueries({ queryKey });
}

export const useJobs = (find = '') =>
  useQuery({
    queryKey: ['jobs', find],
    placeholderData: keep,
    queryFn: async () => answer(await api.GET('/api/jobs', { params: { query: { find } } })),
  });
export const useSheets = (find = '') =>
  useQuery({
    queryKey: ['sheets', find],
    placeholderData: keep,
    queryFn: async () => answer(await api.GET('/api/sheets', { params: { query: { find } } })),
  });
/** A drawing that never changes: asked for once. */
export const useDrawing = (of?: Schemas['DrawingRef']) =>
  useQuery({
    queryKey: ['drawing', of?.sheet, of?.version],
    enabled: of?.sheet !== undefined,
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: Number.POSITIVE_INFINITY,
    queryFn: async () => answer(await api.GET('/api/drawings/{sheet}/{version}', { params: { path: of! } })),
  });

/** What the counter asks of a revision, which never changes. */
export const useCounterSheet = (of?: { id: string; revision: number }) =>
  useQuery({
    queryKey: ['counter sheet', of?.id, of?.revision],
    enabled: of !== undefined,
    staleTime: Number.POSITIVE_INFINITY,
    queryFn: async () => answer(await api.GET('/api/receive/sheet/{id}/{revision}', { params: { path: of! } })),
  });
export const useCustomers = (find = '') =>
  useQuery({
    queryKey: ['customers', find],
    placeholderData: keep,
    queryFn: async () => answer(await api.GET('/api/customers', { params: { query: { find } } })),
  });
export const useBench = () =>
  useQuery({ queryKey: ['jobs', 'bench'], queryFn: async () => answer(await api.GET('/api/bench')) });
export const useDrafts = () =>
  useQuery({ queryKey: ['drafts'], queryFn: async () => answer(await api.GET('/api/drafts')) });
export const useDraft = (id: string) =>
  useQuery({
    queryKey: ['draft', id],
    retry: false,
    queryFn: async () => answer(await api.GET('/api/drafts/{id}', { params: { path: { id } } })),
  });
export const useTurned = (id: string, side: string, seq: number) =>
  useQuery({
    queryKey: ['job', id, 'drawing', side, seq],
    enabled: side !== 'plan',
    placeholderData: keep,
    queryFn: async () => answer(await api.GET('/api/jobs/{id}/drawing/{side}', { params: { path: { id, side } } })),
  });
export const useShop = () =>
  useQuery({ queryKey: ['shop'], queryFn: async () => answer(await api.GET('/api/shop')), staleTime: 60_000 });
export const usePeople = () =>
  useQuery({ queryKey: ['people'], queryFn: async () => answer(await api.GET('/api/shop/people')) });
export const useCures = (job = '') =>
  useQuery({
    queryKey: ['cures', job],
    placeholderData: keep,
    queryFn: async () => answer(await api.GET('/api/bench/cures', { params: { query: { job } } })),
    refetchInterval: 30_000,
  });
export const useJob = (id: string) =>
  useQuery({
    queryKey: ['job', id],
    queryFn: async () => answer(await api.GET('/api/jobs/{id}', { params: { path: { id } } })),
  });

/** What each page of a job is answered with, by the name it is asked under. */
type Pages = {
  [P in keyof paths as P extends `/api/jobs/{id}/${infer Page}`
    ? Page extends `${string}/${string}`
      ? never
      : Page
    : never]: paths[P] extends { get: { responses: { 200: { content: { 'application/json': infer View } } } } }
    ? View
    : never;
};
type PageName = { [P in keyof Pages]: Pages[P] extends never ? never : P }[keyof Pages];

/** One stage's view of a job. */
export function useStage<P extends PageName>(id: string, page: P) {
  return useQuery({
    queryKey: ['job', id, page],
    queryFn: async () =>
      answer<Pages[P]>(
        (await api.GET(`/api/jobs/{id}/${page as 'bind'}`, { params: { path: { id } } })) as {
          data?: Pages[P];
          response: Response;
        },
      ),
    refetchInterval: page === 'steps' ? 20_000 : false,
  });
}

/** The server says which job moved; what shows it is fetched again, also after reconnecting. */
export function useLive(signedIn: boolean) {
  const client = useQueryClient();
  useEffect(() => {
    if (!signedIn) return;
    const hub = new HubConnectionBuilder()
      .withUrl('/live')
      .withAutomaticReconnect()
      .configureLogging(LogLevel.None)
      .build();
    hub.on('moved', (job: string) => {
      void refresh(client, 'job', job);
      void refresh(client, 'jobs');
      void refresh(client, 'cures');
    });
    // What moved before the line stood was not heard.
    const listening = () => void refresh(client);
    hub.onreconnected(listening);
    hub.start().then(listening, () => undefined);
    return () => void hub.stop();
  }, [client, signedIn]);
}

/** The server's clock, ticking: cures run on it, not on this device's. */
export function useServerNow(serverNow: string | undefined, every = 1000) {
  const [offset, setOffset] = useState(0);
  const [, tick] = useState(0);
  useEffect(() => {
    if (serverNow) setOffset(new Date(serverNow).getTime() - Date.now());
  }, [serverNow]);
  useEffect(() => {
    const timer = setInterval(() => tick((n) => n + 1), every);
    return () => clearInterval(timer);
  }, [every]);
  return Date.now() + offset;
}
