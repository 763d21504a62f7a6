import {
  joinableSchema,
  joinSchema,
  messageInputSchema,
  oversightSchema,
  readJoinCode,
  releaseSchema,
  answerInputSchema,
  dealtUnknownsSchema,
  unknownAnswerSchema,
  viewForGroup,
} from '@stoichos/core/labday/access';
import Router from '@koa/router';
import type { Context } from 'koa';
import { dropCookie, putCookie } from '../access/cookies';
import { benchOf, whoAsks } from '../access/who';
import { noteFailure, refuseTooMany } from '../database/attempts';
import { audit } from '../database/audit';
import type { Database } from '../database/connect';
import { dayOfCode, joiningOf, renewCode } from '../database/joining';
import { loadDay } from '../database/labDays';
import { notifyChanged, notifyEnded } from '../database/notify';
import {
  answersOf,
  dealUnknowns,
  handIn,
  labelsOfUnknowns,
  messagesOf,
  release,
  releasesOf,
  sealedUnknowns,
  sendMessage,
} from '../database/oversight';
import { beginSession, endSession } from '../database/sessions';
import { Problem, notFound } from '../problem';
import { body, idParameter } from '../validate';

/** Groups joining a lab day, what they are shown of it, and what the instructor says to them. */
export function groupRoutes(database: Database): Router {
  const router = new Router();
  joinRoutes(router, database);
  benchRoutes(router, database);
  oversightRoutes(router, database);
  unknownRoutes(router, database);
  return router;
}

/** Joining a lab day by its code, and leaving it. */
function joinRoutes(router: Router, database: Database): void {
  const opened = async (context: Context, text: string) => {
    await refuseTooMany(database, 'join', context.ip);
    const found = await dayOfCode(database, readJoinCode(text).slice(0, 20));
    if (found) return found;
    await noteFailure(database, 'join', context.ip);
    await audit(database, 'nobody', 'join refused', context.ip);
    throw new Problem(
      404,
      'noSuchCode',
      'No lab day is joined with that code now.',
      'code',
      'Look at the code on the wall again; a new one may have been made.',
    );
  };

  router.get('/join/:code', async (context) => {
    const { dayName, date, groups } = await opened(context, context.params.code ?? '');
    context.body = joinableSchema.parse({ dayName, date, groups });
  });
  router.post('/join', async (context) => {
    const { code, groupId } = body(context, joinSchema);
    const { dayId, endsAt, groups } = await opened(context, code);
    const group = groups.find(({ id }) => id === groupId);
    if (!group) throw notFound('group in this lab day', 'groupId', groupId);
    const { sessionId, role } = whoAsks(context);
    if (sessionId && role === 'group') await endSession(database, sessionId);
    const { token } = await beginSession(database, { role: 'group', dayId, groupId }, endsAt);
    putCookie(context, 'group', token);
    await audit(database, 'group', 'joined', group.name);
    await notifyChanged(database, dayId);
    context.status = 204;
  });
  router.post('/leave', async (context) => {
    const { sessionId, role, seat } = whoAsks(context);
    if (sessionId && role === 'group') await endSession(database, sessionId);
    if (seat?.role === 'group') await notifyChanged(database, seat.dayId);
    dropCookie(context, 'group');
    context.status = 204;
  });
}

/** What a group is shown, and what it hands in. */
function benchRoutes(router: Router, database: Database): void {
  router.get('/group', async (context) => {
    const { dayId, groupId } = benchOf(context);
    context.body = viewForGroup(await loadDay(database, dayId), groupId, {
      releases: await releasesOf(database, dayId),
      messages: await messagesOf(database, dayId),
      unknowns: await labelsOfUnknowns(database, dayId),
      answers: await answersOf(database, dayId),
    });
  });
  router.post('/group/answer', async (context) => {
    const bench = benchOf(context);
    await handIn(database, bench, body(context, answerInputSchema));
    await notifyChanged(database, bench.dayId, bench.groupId);
    context.status = 204;
  });
}

/** What the instructor sees of the groups. */
const oversightOf = async (database: Database, dayId: string) =>
  oversightSchema.parse({
    joining: await joiningOf(database, dayId),
    releases: await releasesOf(database, dayId),
    messages: await messagesOf(database, dayId),
    unknowns: await labelsOfUnknowns(database, dayId),
  });

/** Code, tablets, releases and messages of a day. */
function oversightRoutes(router: Router, database: Database): void {
  router.get('/days/:dayId/oversight', async (context) => {
    context.body = await oversightOf(database, idParameter(context, 'dayId'));
  });
  router.post('/days/:dayId/code', async (context) => {
    const dayId = idParameter(context, 'dayId');
    await renewCode(database, dayId);
    await audit(database, whoAsks(context).role, 'code renewed');
    context.body = await oversightOf(database, dayId);
  });
  router.delete('/days/:dayId/tablets/:tabletId', async (context) => {
    const dayId = idParameter(context, 'dayId');
    const tabletId = idParameter(context, 'tabletId');
    const tablet = await database.sessions.findOne({ where: { id: tabletId, labDayId: dayId } });
    if (!tablet) throw notFound('tablet on this lab day', 'tabletId', tabletId);
    await endSession(database, tabletId);
    await audit(database, whoAsks(context).role, 'tablet put out');
    await notifyEnded(database, dayId, tabletId);
    context.body = await oversightOf(database, dayId);
  });
  router.put('/days/:dayId/releases', async (context) => {
    const dayId = idParameter(context, 'dayId');
    const wanted = body(context, releaseSchema);
    await release(database, dayId, wanted);
    await audit(database, whoAsks(context).role, 'release changed', wanted.when);
    await notifyChanged(database, dayId);
    context.body = await oversightOf(database, dayId);
  });
  router.post('/days/:dayId/messages', async (context) => {
    const dayId = idParameter(context, 'dayId');
    const message = body(context, messageInputSchema);
    await sendMessage(database, dayId, message);
    await notifyChanged(database, dayId, message.groupId);
    context.body = await oversightOf(database, dayId);
    context.status = 201;
  });
}

/** Unknowns dealt to the groups, their keys, and what was handed in. */
function unknownRoutes(router: Router, database: Database): void {
  router.put('/days/:dayId/unknowns', async (context) => {
    const dayId = idParameter(context, 'dayId');
    const { unknowns } = body(context, dealtUnknownsSchema);
    await dealUnknowns(database, dayId, unknowns);
    const codes = unknowns.map(({ code }) => code).join(', ');
    await audit(database, whoAsks(context).role, 'unknowns dealt', codes);
    await notifyChanged(database, dayId);
    context.body = await oversightOf(database, dayId);
  });
  router.get('/days/:dayId/keys', async (context) => {
    const dayId = idParameter(context, 'dayId');
    await audit(database, whoAsks(context).role, 'key viewed');
    context.body = await sealedUnknowns(database, dayId);
  });
  router.get('/days/:dayId/answers', async (context) => {
    const found = await answersOf(database, idParameter(context, 'dayId'));
    context.body = found.map((answer) => unknownAnswerSchema.parse(answer));
  });
}
