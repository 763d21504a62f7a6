import {
  joinableSchema,
  oversightSchema,
  readJoinCode,
  unknownAnswerSchema,
} from '@stoichos/core/labday/access';
import type { Context } from 'koa';
import { dropCookie, putCookie } from '../access/cookies';
import { countWrongCode } from '../database/attempts';
import { audit } from '../database/audit';
import type { Database } from '../database/connect';
import { dayOfCode, joiningOf, renewCode } from '../database/joining';
import { loadDay } from '../database/loadDay';
import { notifyChanged } from '../database/notify';
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
import type { Handlers } from '../http/handler';
import { benchView } from '../calculation/calculate';
import { Problem, notFound } from '../problem';

/** Joining a lab day by its code, and leaving it. */
export function joinHandlers(database: Database): Handlers<'joinable' | 'join' | 'leave'> {
  const opened = async (context: Context, text: string) => {
    const found = await dayOfCode(database, readJoinCode(text).slice(0, 20));
    if (found) return found;
    await countWrongCode(database, context.ip);
    await audit(database, 'nobody', 'join refused', context.ip);
    throw new Problem(
      404,
      'noSuchCode',
      'No lab day is joined with that code now.',
      'code',
      'Look at the code on the wall again; a new one may have been made.',
    );
  };
  return {
    async joinable({ params, context }) {
      const { dayName, date, groups } = await opened(context, params.code);
      return joinableSchema.parse({ dayName, date, groups });
    },
    async join({ body: { code, groupId }, who: { sessionId, role }, context }) {
      const { dayId, endsAt, groups } = await opened(context, code);
      const group = groups.find(({ id }) => id === groupId);
      if (!group) throw notFound('group in this lab day', 'groupId', groupId);
      if (sessionId && role === 'group') await endSession(database, sessionId);
      const { token } = await beginSession(database, { role: 'group', dayId, groupId }, endsAt);
      putCookie(context, 'group', token);
      await audit(database, 'group', 'joined', group.name);
      await notifyChanged(database, dayId);
    },
    async leave({ who: { sessionId, role, seat }, context }) {
      if (sessionId && role === 'group') await endSession(database, sessionId);
      if (seat?.role === 'group') await notifyChanged(database, seat.dayId);
      dropCookie(context, 'group');
    },
  };
}

/** What a group is shown, and what it hands in. */
export function ownBenchHandlers(database: Database): Handlers<'group' | 'handIn'> {
  return {
    async group({ bench: { dayId, groupId } }) {
      return benchView(await loadDay(database, dayId, groupId), groupId, {
        releases: await releasesOf(database, dayId),
        messages: await messagesOf(database, dayId),
        unknowns: await labelsOfUnknowns(database, dayId),
        answers: await answersOf(database, dayId),
      });
    },
    async handIn({ bench, body }) {
      await handIn(database, bench, body);
      await notifyChanged(database, bench.dayId, bench.groupId);
    },
  };
}

/** What the instructor sees of the groups. */
const oversightOf = async (database: Database, dayId: string) =>
  oversightSchema.parse({
    joining: await joiningOf(database, dayId),
    releases: await releasesOf(database, dayId),
    messages: await messagesOf(database, dayId),
    unknowns: await labelsOfUnknowns(database, dayId),
  });

/** The tablets of a day, what is released to the groups and said to them. */
export function oversightHandlers(
  database: Database,
): Handlers<'oversight' | 'renewCode' | 'putOut' | 'release' | 'sendMessage'> {
  return {
    oversight: ({ params }) => oversightOf(database, params.dayId),
    async renewCode({ params: { dayId }, who }) {
      await renewCode(database, dayId);
      await audit(database, who.role, 'code renewed');
      return oversightOf(database, dayId);
    },
    async putOut({ params: { dayId, tabletId }, who }) {
      const tablet = await database.sessions.findOne({ where: { id: tabletId, labDayId: dayId } });
      if (!tablet) throw notFound('tablet on this lab day', 'tabletId', tabletId);
      await endSession(database, tabletId);
      await audit(database, who.role, 'tablet put out');
      await notifyChanged(database, dayId);
      return oversightOf(database, dayId);
    },
    async release({ params: { dayId }, body: wanted, who }) {
      await release(database, dayId, wanted);
      await audit(database, who.role, 'release changed', wanted.when);
      await notifyChanged(database, dayId);
      return oversightOf(database, dayId);
    },
    async sendMessage({ params: { dayId }, body: message }) {
      await sendMessage(database, dayId, message);
      await notifyChanged(database, dayId, message.groupId);
      return oversightOf(database, dayId);
    },
  };
}

/** Unknowns dealt to the groups, their keys, and what was handed in. */
export function unknownHandlers(database: Database): Handlers<'dealUnknowns' | 'keys' | 'answers'> {
  return {
    async dealUnknowns({ params: { dayId }, body, who }) {
      const { jars, leftOut } = await dealUnknowns(database, dayId, body);
      const codes = jars.map(({ code }) => code).join(', ');
      await audit(database, who.role, 'unknowns dealt', codes);
      await notifyChanged(database, dayId);
      return { leftOut: [...leftOut], oversight: await oversightOf(database, dayId) };
    },
    async keys({ params: { dayId }, who }) {
      await audit(database, who.role, 'key viewed');
      return sealedUnknowns(database, dayId);
    },
    async answers({ params: { dayId } }) {
      const found = await answersOf(database, dayId);
      return found.map((answer) => unknownAnswerSchema.parse(answer));
    },
  };
}
