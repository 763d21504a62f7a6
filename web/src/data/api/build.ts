import type {
  BaseQueryFn,
  EndpointBuilder,
  MutationDefinition,
  QueryDefinition,
} from '@reduxjs/toolkit/query/react';
import { fetchBaseQuery } from '@reduxjs/toolkit/query/react';
import { outboxSlice } from '../outbox/outboxSlice';
import type { Outbox } from '../outbox/outboxSlice';
import { keptAnswer } from './keptAnswers';
import { addressOf } from '@stoichos/contract';
import { validText } from '@stoichos/core/common';
import type { Contract, Given, Told } from '@stoichos/contract';

export const tags = [
  'Access',
  'Audit',
  'Cells',
  'Group',
  'Days',
  'Day',
  'Instruments',
  'Procedures',
  'Runs',
  'Settings',
  'Shelf',
  'DataSheets',
  'RiskWords',
] as const;
/** Whoever signs in or out sees other things altogether. */
export const everything = [...tags];
type Tag = (typeof tags)[number];

/** Which route is asked, with what. */
export interface Question {
  readonly contract: Contract;
  readonly given: {
    readonly params?: Readonly<Record<string, string>>;
    readonly query?: unknown;
    readonly body?: unknown;
    readonly upload?: Blob | undefined;
  };
}
/** Why there is no answer: the status the server gave with its words, or none. */
export interface AskError {
  readonly status: number | 'unreachable' | 'misunderstood';
  readonly data?: unknown;
}

const { reachable, unreachable } = outboxSlice.actions;

// A server that went away in the middle of an answer would be waited for without end.
const send = fetchBaseQuery({ baseUrl: '/api', timeout: 20_000 });

/** The longest that is waited for a turn before it is said, s; and how often. */
const longestWaitS = 5;
const mostWaits = 4;

/** Asks; where many guess at a secret and one’s turn is near, waits for it. */
async function sendInTurn(
  contract: Contract,
  request: Parameters<typeof send>[0],
  ...rest: [Parameters<typeof send>[1], Parameters<typeof send>[2]]
) {
  for (let waits = 0; ; waits += 1) {
    const answer = await send(request, ...rest);
    const { response } = answer.meta ?? {};
    const waitS = Number(response?.headers.get('retry-after') ?? Infinity);
    if (
      contract.rate !== 'guess' ||
      response?.status !== 429 ||
      !(waitS <= longestWaitS) ||
      waits === mostWaits
    )
      return answer;
    await new Promise((done) => setTimeout(done, waitS * 1000));
  }
}

/** The longest that a large file or a long calculation is waited for, ms. */
const longestHeavyMs = 600_000;

function sentAlong({ method, upload }: Contract, given: Question['given']) {
  if (upload !== undefined)
    return { body: given.upload, headers: { 'content-type': upload } } as const;
  return method === 'GET' || method === 'DELETE' ? {} : { body: validText(given.body ?? {}) };
}

interface Standing {
  readonly outbox: Outbox;
  readonly api: {
    readonly queries: Readonly<Record<string, { readonly data?: unknown } | undefined>>;
  };
}

/** Asks a route; where the server does not answer and nothing was read yet, what was read before the page was loaded has to do. */
export const ask: BaseQueryFn<Question, unknown, AskError> = async (question, api, extra) => {
  const answer = await askServer(question, api, extra);
  const { outbox, api: known } = api.getState() as Standing;
  const isAway = answer.error?.status === 'unreachable';
  if (!isAway) {
    if (!outbox.online) api.dispatch(reachable());
    return answer;
  }
  const { queryCacheKey: key } = api;
  if (key === undefined || known.queries[key]?.data !== undefined) return answer;
  const kept = await keptAnswer(question.contract, key);
  if (kept === undefined) return answer;
  api.dispatch(unreachable());
  return { data: kept };
};

/** Asks a route by its contract, and takes no answer that is not what was agreed. */
const askServer: BaseQueryFn<Question, unknown, AskError> = async (
  { contract, given },
  api,
  extra,
) => {
  const { method, answer } = contract;
  const { data, error } = await sendInTurn(
    contract,
    {
      url: addressOf(contract, given),
      method,
      ...sentAlong(contract, given),
      ...(contract.rate === 'heavy' && { timeout: longestHeavyMs }),
    },
    api,
    extra ?? {},
  );
  if (error)
    return {
      error: {
        status: typeof error.status === 'number' ? error.status : 'unreachable',
        data: error.data,
      },
    };
  if (answer.kind !== 'json') return { data: undefined };
  const told = answer.schema.safeParse(data);
  return told.success ? { data: told.data } : { error: { status: 'misunderstood' } };
};

type Ask = typeof ask;
type Query<C extends Contract, A> = QueryDefinition<A, Ask, Tag, Told<C>, 'api'>;
type Mutation<C extends Contract, A> = MutationDefinition<A, Ask, Tag, Told<C>, 'api'>;
type More<D> = Omit<D, 'query' | 'queryFn' | 'type' | 'transformResponse' | 'Types' | '_types'>;

/** What endpoints are made with: each of them from the contract of its route. */
export function builderOf(build: EndpointBuilder<Ask, Tag, 'api'>) {
  return {
    /** An endpoint that reads. */
    read: <C extends Contract, A>(
      contract: C,
      given: (arg: A) => Given<C>,
      more?: Partial<More<Query<C, A>>>,
    ) =>
      build.query<Told<C>, A>({
        query: (arg) => ({ contract, given: given(arg) }),
        ...more,
      }),
    /** An endpoint that asks more than one question. */
    gather: build.query.bind(build),
    /** An endpoint that writes. */
    write: <C extends Contract, A>(
      contract: C,
      given: (arg: A) => Given<C>,
      more?: Partial<More<Mutation<C, A>>>,
    ) =>
      build.mutation<Told<C>, A>({
        query: (arg) => ({ contract, given: given(arg) }),
        ...more,
      }),
  };
}
export type Build = ReturnType<typeof builderOf>;

/** Of a route that is asked with nothing. */
export const unasked: (arg: void) => Readonly<Record<never, never>> = () => ({});
