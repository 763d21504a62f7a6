import { whichDays } from '@stoichos/contract';
import type { LabDaySummary } from '@stoichos/core/labday/day';
import { vi } from 'vitest';
import { api } from '../../src/data/api/api';
import { store } from '../../src/data/store';
import { today } from '../../src/shared/parts/dates';

/** What a page asked of the server. */
export interface Asked {
  readonly method: string;
  readonly path: string;
  /** From its question mark on. */
  readonly query: string;
  readonly body: unknown;
}

/** What was sent, as it is kept: a write answers with what it made. */
function asKept(sent: unknown): unknown {
  if (typeof sent !== 'object' || sent === null) return {};
  const version = 'version' in sent && typeof sent.version === 'number' ? sent.version : 0;
  return { ...sent, version: version + 1 };
}

function standIn(answer: (asked: Asked) => { readonly body: unknown; readonly status: number }) {
  const asked: Asked[] = [];
  vi.stubGlobal('fetch', async (request: Request) => {
    const isJson = request.headers.get('content-type')?.includes('/json') ?? false;
    const text = isJson ? await request.clone().text() : '';
    const one = {
      method: request.method,
      path: new URL(request.url).pathname.replace('/api', ''),
      query: new URL(request.url).search,
      body: text === '' ? undefined : (JSON.parse(text) as unknown),
    };
    asked.push(one);
    const { body, status } = answer(one);
    return new Response(JSON.stringify(body), {
      status,
      headers: { 'content-type': 'application/json' },
    });
  });
  return asked;
}

/** A server that answers every request the same, and remembers them; without an answer, writes with what they made. */
export const answering = (body?: unknown, status = 200): Asked[] =>
  standIn((asked) => ({ body: body ?? asKept(asked.body), status }));

/** A server that refuses, in the words of one. */
export const refusing = (message: string, remedy: string) =>
  answering({ error: { code: 'refused', message, field: null, remedy } }, 400);

/** What was asked of it with a method other than reading. */
export const written = (asked: readonly Asked[]) => asked.filter(({ method }) => method !== 'GET');

type Queries = Parameters<typeof api.util.upsertQueryData>;

/** Puts into the store what the server would have said. */
export const known = (...[name, of, value]: Queries) =>
  store.dispatch(api.util.upsertQueryData(name, of, value));

/** Puts lab days into the lists of the store: those to come, the soonest first; held and archived ones. */
export async function knownDays(all: readonly LabDaySummary[]): Promise<void> {
  const now = today();
  const inOrder = [...all].sort((one, other) => one.date.localeCompare(other.date));
  const current = inOrder.filter(({ archivedAt }) => archivedAt === null);
  const lists = {
    coming: current.filter(({ date }) => date >= now),
    held: current.filter(({ date }) => date < now).reverse(),
    archived: inOrder.filter(({ archivedAt }) => archivedAt !== null).reverse(),
  };
  for (const which of whichDays)
    await known('days', { which, today: now }, { items: lists[which], next: null });
}

/** A server that answers by method and path, such as `GET /days`; other writes with what they made, other reads with nothing. */
export const serving = (answers: Readonly<Record<string, unknown>>): Asked[] =>
  standIn((asked) => ({
    body: answers[`${asked.method} ${asked.path}`] ?? asKept(asked.body),
    status: 200,
  }));
