import type { Role } from '@stoichos/core/labday/access';
import * as z from 'zod';

/** The names in an address that stand for something: `dayId` of `/days/:dayId/live`. */
export type Named<P extends string> = P extends `${string}:${infer Name}/${infer Rest}`
  ? Name | Named<`/${Rest}`>
  : P extends `${string}:${infer Name}`
    ? FirstWord<Name>
    : never;
/** What follows a name in its part of an address does not belong to it. */
type FirstWord<T extends string> = T extends `${infer Name}.${string}` ? Name : T;

type Text = z.ZodType<string>;
/** What is asked of the parts of an address; those that are not listed are UUIDs. */
type ParamSchemas<P extends string> = { readonly [K in Named<P>]?: Text };
type ParamsOf<P extends string, S> = {
  readonly [K in Named<P>]: K extends keyof S
    ? S[K] extends Text
      ? z.output<S[K]>
      : string
    : string;
};

/**
 * Whose a route is, beside who may ask for it:
 * - `nothing`: it tells and changes nothing that belongs to a bench.
 * - `school`: it belongs to the school; a group has no business there.
 * - `ownBench`: the bench of the group that asks, as its session knows it; no address names another.
 * - `bodyBench`: the body names the bench, and a group may name only its own.
 */
export type Owner = 'nothing' | 'school' | 'ownBench' | 'bodyBench';

/** How often it may be asked: as people work, as a heavy thing of which few run at once, or as a guess at a secret. */
export type Rate = 'usual' | 'heavy' | 'guess';

/** What comes back: something as JSON, nothing, a file, or events as they happen. */
export type Answer =
  | { readonly kind: 'json'; readonly schema: z.ZodType }
  | { readonly kind: 'nothing' }
  | { readonly kind: 'file'; readonly type: string }
  | { readonly kind: 'events'; readonly schema: z.ZodType };

/** One route: who may ask what where, how large and how often, and what comes back. */
export interface Contract {
  readonly method: 'GET' | 'PUT' | 'POST' | 'PATCH' | 'DELETE';
  /** Under /api; a part that begins with a colon stands for something. */
  readonly path: `/${string}`;
  readonly roles: readonly [Role, ...Role[]];
  readonly owner: Owner;
  readonly params: z.ZodType<Readonly<Record<string, string>>>;
  readonly query: z.ZodType;
  /** Undefined where nothing is sent along. */
  readonly body: z.ZodType | undefined;
  /** The media type of a file that is sent along in place of a body, and read as it comes. */
  readonly upload: string | undefined;
  readonly answer: Answer;
  /** 201 where something new stands afterwards. */
  readonly makes: boolean;
  /** The most bytes that are read of a body. */
  readonly limitBytes: number;
  readonly rate: Rate;
}

/** Larger than any honest request; a long note below it is refused by its own schema, with its field named. */
const usualLimitBytes = 2_000_000;
/** Of whoever is not known yet. */
const strangerLimitBytes = 4_000;

interface Said {
  readonly method: Contract['method'];
  readonly roles: readonly [Role, ...Role[]];
  readonly owner: Owner;
  readonly query?: z.ZodType;
  readonly body?: z.ZodType;
  readonly upload?: string;
  readonly answer: Answer;
  readonly makes?: boolean;
  readonly limitBytes?: number;
  readonly rate?: Rate;
}

const nothingAsked = z.object({});

/** Writes a route down, with what is usual where nothing else is said. */
export function route<
  const P extends `/${string}`,
  S extends ParamSchemas<P>,
  const C extends Said,
>(path: P, said: C & { readonly params?: S & ParamSchemas<P> }) {
  const given: Readonly<Record<string, Text | undefined>> = said.params ?? {};
  const names = [...path.matchAll(/:(\w+)/g)].map(([, name = '']) => name);
  const params = z.object(
    Object.fromEntries(names.map((name) => [name, given[name] ?? z.uuid()])),
  ) as unknown as z.ZodType<ParamsOf<P, S>>;
  const isOpen = said.roles.includes('nobody');
  return {
    path,
    query: nothingAsked,
    body: undefined,
    upload: undefined,
    makes: false,
    rate: 'usual',
    limitBytes: isOpen ? strangerLimitBytes : usualLimitBytes,
    ...said,
    params,
  } as unknown as Filled<P, S, C>;
}

type Or<C, K extends keyof Said, Else> = K extends keyof C
  ? C[K] extends undefined
    ? Else
    : C[K]
  : Else;
/** A contract with its own schemas known to the compiler. */
interface Filled<P extends `/${string}`, S, C extends Said> extends Contract {
  readonly method: C['method'];
  readonly path: P;
  readonly roles: C['roles'];
  readonly owner: C['owner'];
  readonly params: z.ZodType<ParamsOf<P, S>>;
  readonly query: Or<C, 'query', typeof nothingAsked> & z.ZodType;
  readonly body: Or<C, 'body', undefined> & (z.ZodType | undefined);
  readonly upload: Or<C, 'upload', undefined> & (string | undefined);
  readonly answer: C['answer'];
}

/** What comes back as JSON. */
export const json = <S extends z.ZodType>(schema: S) => ({ kind: 'json', schema }) as const;
/** Nothing comes back but that it was done. */
export const nothing = { kind: 'nothing' } as const;
/** A file to take away. */
export const file = (type: string) => ({ kind: 'file', type }) as const;
/** Events, as they happen. */
export const events = <S extends z.ZodType>(schema: S) => ({ kind: 'events', schema }) as const;

type BodyOf<B> = B extends z.ZodType
  ? { readonly body: z.output<B> }
  : { readonly body?: undefined };
type SentOf<B> = B extends z.ZodType
  ? { readonly body: z.input<B> }
  : { readonly body?: undefined };
type Uploaded<U, S> = U extends string ? { readonly upload: S } : { readonly upload?: undefined };
type WithParams<P> = keyof P extends never ? { readonly params?: P } : { readonly params: P };

/** What a request was found to say, on the side that answers. */
export type Asked<C extends Contract> = {
  readonly params: z.output<C['params']>;
  readonly query: z.output<C['query']>;
} & BodyOf<C['body']> &
  Uploaded<C['upload'], AsyncIterable<Uint8Array>>;
/** What a request has to say, on the side that asks. */
export type Given<C extends Contract> = WithParams<z.output<C['params']>> & {
  readonly query?: z.input<C['query']>;
} & SentOf<C['body']> &
  Uploaded<C['upload'], Blob>;
/** What comes back of a route that answers in JSON; undefined of one that answers with nothing. */
export type Told<C extends Contract> = C['answer'] extends {
  readonly kind: 'json';
  readonly schema: infer S;
}
  ? S extends z.ZodType
    ? z.output<S>
    : never
  : undefined;

/** The address of a route, filled in. */
export function addressOf(
  { path }: Pick<Contract, 'path'>,
  given: {
    readonly params?: Readonly<Record<string, string>> | undefined;
    readonly query?: unknown;
  },
): string {
  const { params = {} } = given;
  const filled = path.replace(/:(\w+)/g, (_, name: string) =>
    encodeURIComponent(params[name] ?? ''),
  );
  const asked = Object.entries((given.query ?? {}) as Readonly<Record<string, unknown>>).filter(
    ([, value]) => value !== undefined,
  );
  const query = new URLSearchParams(asked.map(([name, value]) => [name, String(value)])).toString();
  return query === '' ? filled : `${filled}?${query}`;
}
