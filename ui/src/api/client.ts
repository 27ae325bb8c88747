import createClient from 'openapi-fetch';
import { lapse } from './lapsed';
import type { components, paths } from './schema';

export type Schemas = components['schemas'];

/** What the server says when it does not do something: what, and where. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    text: string,
    readonly where: string,
    readonly detail: Record<string, unknown> = {},
  ) {
    super(text);
  }

  /** The server said so itself: no proxy before it, and no network between. */
  get answered() {
    return this.detail.code !== undefined;
  }
}

const away = () => new Refusal(0, 'network', 'The server cannot be reached.', '');

export const api = createClient<paths>({
  baseUrl: '/',
  fetch: (request) =>
    fetch(request).catch(() => {
      throw away();
    }),
});

/** The answer's data, or its refusal thrown. */
export function answer<T>(result: { data?: T; error?: unknown; response: Response }): T {
  if (result.error === undefined && result.response.ok) return result.data as T;
  const problem = (result.error ?? {}) as Record<string, unknown>;
  if (problem.code === 'sign-in/needed') lapse();
  throw new Refusal(
    result.response.status,
    String(problem.code ?? 'request/failed'),
    String(problem.title ?? 'The server did not answer as it should.'),
    String(problem.where ?? ''),
    problem,
  );
}

/** Sends bytes as they are (a file, a picture, a table) and answers like every other call. */
export async function sendBytes<T>(path: string, body: Blob, type: string): Promise<T> {
  const response = await fetch(path, { method: 'POST', body, headers: { 'Content-Type': type } });
  const read: unknown = await response.json().catch(() => undefined);
  return response.ok ? (read as T) : answer<T>({ error: read ?? {}, response });
}

/** What went wrong, as a refusal, whatever it was. */
export const refusalOf = (e: unknown) => (e instanceof Refusal ? e : away());

/**
 * Whether what a screen shows is no more: the server said so. A network that is away takes nothing off the screen, nor
 * does a sign-in that ran out.
 */
export const isGone = (e: Error | null) => e instanceof Refusal && e.answered && e.status !== 401;
