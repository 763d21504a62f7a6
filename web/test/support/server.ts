import { vi } from 'vitest';
import { api } from '../../src/data/api/api';
import { store } from '../../src/data/store';

/** What a page asked of the server. */
export interface Asked {
  readonly method: string;
  readonly path: string;
  readonly body: unknown;
}

/** A server that answers every request the same, and remembers them. */
export function answering(body: unknown = {}, status = 200): Asked[] {
  const asked: Asked[] = [];
  vi.stubGlobal('fetch', async (request: Request) => {
    const text = await request.clone().text();
    asked.push({
      method: request.method,
      path: new URL(request.url).pathname.replace('/api', ''),
      body: text === '' ? undefined : (JSON.parse(text) as unknown),
    });
    return new Response(JSON.stringify(body), {
      status,
      headers: { 'content-type': 'application/json' },
    });
  });
  return asked;
}

/** A server that refuses, in the words of one. */
export const refusing = (message: string, remedy: string) =>
  answering({ error: { code: 'refused', message, field: null, remedy } }, 400);

/** What was asked of it with a method other than reading. */
export const written = (asked: readonly Asked[]) => asked.filter(({ method }) => method !== 'GET');

type Queries = Parameters<typeof api.util.upsertQueryData>;

/** Puts into the store what the server would have said. */
export const known = (...[name, of, value]: Queries) =>
  store.dispatch(api.util.upsertQueryData(name, of, value));

/** A server that answers by method and path, such as `GET /days`; everything else with nothing. */
export function serving(answers: Readonly<Record<string, unknown>>): Asked[] {
  const asked: Asked[] = [];
  vi.stubGlobal('fetch', async (request: Request) => {
    const text = await request.clone().text();
    const path = new URL(request.url).pathname.replace('/api', '');
    asked.push({
      method: request.method,
      path,
      body: text === '' ? undefined : (JSON.parse(text) as unknown),
    });
    return new Response(JSON.stringify(answers[`${request.method} ${path}`] ?? {}), {
      headers: { 'content-type': 'application/json' },
    });
  });
  return asked;
}
