import Router from '@koa/router';
import { contracts } from '@stoichos/contract';
import type { Contract, RouteName } from '@stoichos/contract';
import type { Context, Middleware } from 'koa';
import type { Who } from '../access/who';
import { openSession } from '../live/hub';
import type { FileReply, Handlers } from './handler';
import { Problem } from '../problem';
import { readBody } from './readBody';
import { readUpload } from './readUpload';
import { openStream } from './stream';
import type { Stream } from './stream';
import { check } from './validate';

/** A handler as the router calls it: which one belongs to which contract is checked where they are written. */
type AnyHandler = (request: object) => Promise<unknown>;

/**
 * The router, made from the contracts and nothing else: who asks, whether they may, how much is read and whether it is right all hang on
 * the route that was matched, exactly as it is written. What matches none goes on, and finds nothing.
 */
export function routesOf(handlers: Handlers, doorkeeper: Doorkeeper): Router {
  const router = new Router({ prefix: '/api', sensitive: true, strict: true });
  for (const [name, contract] of Object.entries(contracts) as [RouteName, Contract][]) {
    const problem = faultOf(contract);
    if (problem) throw new Error(`The route ${name} ${problem}.`);
    router.register(
      contract.path,
      [contract.method],
      answering(contract, handlers[name] as AnyHandler, doorkeeper),
    );
  }
  return router;
}

/** Who knows who asks, and when they no longer may. */
export interface Doorkeeper {
  readonly identify: (context: Context) => Promise<Who>;
  /** Calls back when a session ends. */
  readonly onEnd: (session: string, end: () => void) => () => void;
}

/** Why a contract opens no door; undefined for a sound one. */
export function faultOf({ roles, owner, rate }: Contract): string | undefined {
  const forGroups = (roles as readonly string[]).includes('group');
  const forStrangers = (roles as readonly string[]).includes('nobody');
  if ((roles as readonly string[]).length === 0) return 'is for nobody at all';
  if (forGroups && owner === 'school') return 'lets a group at what is the school’s';
  if (owner === 'ownBench' && roles.some((role) => role !== 'group'))
    return 'is about one’s own bench, and open to those who have none';
  if (forStrangers && rate === 'heavy') return 'is heavy, and open to strangers';
  return undefined;
}

function answering(
  contract: Contract,
  handler: AnyHandler,
  { identify, onEnd }: Doorkeeper,
): Middleware {
  return async (context) => {
    // What the server tells is for whoever asked, and for no cache on the way.
    context.set('Cache-Control', 'no-store');
    const who = await identify(context);
    admit(contract, who);
    const params = check(contract.params, (context as Context & { params: unknown }).params);
    const query = check(contract.query, { ...context.query });
    const sent = contract.body && (await readBody(context, contract.limitBytes));
    const body = contract.body && check(contract.body, sent);
    refuseOthersBench(contract, who, body);
    const listening = contract.answer.kind === 'events';
    if (listening && context.method === 'HEAD') {
      // Nobody would hear it.
      context.status = 204;
      return;
    }
    const bench = who.seat?.role === 'group' ? who.seat : undefined;
    const upload = contract.upload && readUpload(context, contract.upload, contract.limitBytes);
    const reply = await handler({ params, query, body, upload, who, context, bench });
    if (contract.answer.kind === 'events')
      follow(context, who, onEnd, reply as (stream: Stream) => () => void);
    else respond(context, contract, reply);
  };
}

/** Lets through who may ask this, and nobody else. @throws Problem 401 or 403. */
function admit({ roles }: Contract, { role }: Who): void {
  if (roles.includes(role)) return;
  if (role === 'nobody')
    throw new Problem(
      401,
      'signInNeeded',
      'Nobody is signed in here, or the session has ended.',
      null,
      'Sign in, or join the lab day again with its code.',
    );
  throw new Problem(
    403,
    'notAllowed',
    `This is not for ${role === 'group' ? 'a group' : `the ${role}`}.`,
    null,
    'Ask the instructor.',
  );
}

/** A group writes at its own bench. @throws Problem 403. */
function refuseOthersBench({ owner }: Contract, { seat }: Who, body: unknown): void {
  if (owner !== 'bodyBench' || seat?.role !== 'group') return;
  const named =
    typeof body === 'object' && body !== null && 'groupId' in body ? body.groupId : undefined;
  if (named !== seat.groupId)
    throw new Problem(
      403,
      'otherBench',
      'This entry belongs to another bench.',
      'groupId',
      'Record at your own bench.',
    );
}

function respond(context: Context, { answer, makes }: Contract, reply: unknown): void {
  switch (answer.kind) {
    case 'nothing':
      context.status = 204;
      break;
    case 'json':
      context.status = makes ? 201 : 200;
      context.body = reply;
      break;
    case 'file': {
      const { name, content } = reply as FileReply;
      context.attachment(name);
      context.type =
        answer.type.startsWith('text/') || answer.type.includes('json')
          ? `${answer.type}; charset=utf-8`
          : answer.type;
      context.body = content;
    }
  }
}

/** The longest time a timer takes, ms. */
const longestTimerMs = 2_000_000_000;

/** Tells what happens for as long as whoever listens may hear it, and not a moment longer. */
function follow(
  context: Context,
  { sessionId, endsAt }: Who,
  onEnd: Doorkeeper['onEnd'],
  listen: (stream: Stream) => () => void,
): void {
  const stream = openStream(context);
  const end = (): void => {
    stream.send({ kind: 'ended' });
    stream.end();
  };
  const leftMs = endsAt ? endsAt.getTime() - Date.now() : longestTimerMs;
  const timer = setTimeout(end, Math.min(Math.max(0, leftMs), longestTimerMs));
  const stops = [onEnd(sessionId ?? openSession, end), listen(stream), () => clearTimeout(timer)];
  stream.onClose(() => stops.forEach((stop) => stop()));
}
