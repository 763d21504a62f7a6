/**
 * A class at work against servers of its own: `npm run load -- [seconds] [benches] [servers] [rough]`, by default 60 s, 40 benches, one
 * server.
 *
 * Tablets listen and record as those of a class do, but faster than any hand; by turns with them, the same rows are put into the database
 * alone. What a tap costs is told beside what a row costs, from the first try to the acknowledgement.
 *
 * With `rough`, servers and PostgreSQL are killed and come back, tablets go offline, two tabs send the same, entries are poisoned, tablets
 * change their bench and two instructors edit the day. It ends with what was lost (acknowledged and not there), doubled, and unheard (not
 * told by a live connection although it was stored): nothing may be.
 *
 * `npm run load -- history [lines]` measures what a long record costs instead: a bench's view and the home list beside a short one, and the
 * memory of a backup.
 */
import { setTimeout as wait } from 'node:timers/promises';
import type { PlannedDay } from '@stoichos/contract';
import type { Oversight } from '@stoichos/core/labday/access';
import { connect } from '../server/src';
import { editTogether, followDay, readRecord } from './load/instructors';
import { ask, layGround, makeDay } from './load/ground';
import type { ClassDay, Ground } from './load/ground';
import { measureHistory } from './load/history';
import { bringTablet } from './load/tablet';
import type { Tablet } from './load/tablet';
import { fail, say } from './machine/report';

if (process.argv[2] === 'history') {
  console.log(JSON.stringify(await measureHistory(Number(process.argv[3]) || 50_000), null, 2));
  process.exit();
}
const [secondsText = '60', benchesText = '40', serversText = '1', roughText] =
  process.argv.slice(2);
const between = (text: string, least: number, most: number, usual: number): number =>
  Math.min(most, Math.max(least, Number(text) || usual));
const seconds = between(secondsText, 5, 600, 60);
const count = between(benchesText, 2, 40, 40);
const serverCount = between(serversText, 1, 4, 1);
/** A bench taps about so often, ms: faster than any hand. */
const tapEveryMs = 700;
/** Tablets and plain rows take turns of this length, ms. */
const turnMs = 5000;
/** Everything is sent and told of within this after the last tap, ms. */
const settledWithinMs = 30_000;

/** Works at somebody’s pace until it is time. */
async function atPace(until: number, work: () => Promise<void> | void): Promise<void> {
  await wait(Math.random() * tapEveryMs);
  while (performance.now() < until) {
    await work();
    await wait(tapEveryMs * (0.5 + Math.random()));
  }
}

/** So many writers put the row of a tap into the database through a pool like the server’s, and nothing else. @returns how long each took, ms. */
function plainRows({ databaseUrl }: Ground, day: ClassDay) {
  const database = connect(databaseUrl);
  const times: number[] = [];
  const insert = async (groupId: string): Promise<void> => {
    const start = performance.now();
    await database.sequelize.query(
      `INSERT INTO bench_entries (id, lab_day_id, work_id, step_id, vessel, part, group_id, kind, record, recorded_at, author)
       VALUES ($id, $day, $work, 'mix', 'vessel', 'test', $group, 'note', $record::jsonb, now(), 'group')`,
      {
        bind: {
          id: crypto.randomUUID(),
          day: day.id,
          work: day.workId,
          group: groupId,
          record: JSON.stringify({ kind: 'note', text: `tap ${times.length}` }),
        },
      },
    );
    times.push(performance.now() - start);
  };
  return {
    times,
    turn: (until: number) =>
      Promise.all(day.groups.map(({ id }) => atPace(until, () => insert(id)))),
    end: () => database.sequelize.close(),
  };
}

const at = (times: readonly number[], share: number): number => {
  const sorted = [...times].sort((a, b) => a - b);
  return Math.round((sorted[Math.floor(share * (sorted.length - 1))] ?? 0) * 10) / 10;
};
const spread = (times: readonly number[]) => ({
  count: times.length,
  medianMs: at(times, 0.5),
  ninetyFivePercentMs: at(times, 0.95),
  slowestMs: at(times, 1),
});

/** Tablets and plain rows by turns. */
async function speed(ground: Ground, tablets: readonly Tablet[]) {
  const [server] = ground.servers;
  const beside = await makeDay(server?.base ?? '', 'Plain rows', count);
  const plain = plainRows(ground, beside);
  // The first taps find everything cold, and are nobody’s.
  await taps(tablets, performance.now() + 2000);
  for (const { times } of tablets) times.length = 0;
  for (let left = seconds * 1000; left > 0; left -= turnMs) {
    await taps(tablets, performance.now() + Math.min(left, turnMs));
    await plain.turn(performance.now() + Math.min(left, turnMs));
  }
  await plain.end();
  const tapped = tablets.flatMap(({ times }) => times);
  const ratio = (share: number) =>
    Math.round((at(tapped, share) / at(plain.times, share)) * 10) / 10;
  return {
    tap: spread(tapped),
    row: spread(plain.times),
    tapPerRow: { median: ratio(0.5), ninetyFivePercent: ratio(0.95) },
  };
}

const taps = (tablets: readonly Tablet[], until: number) =>
  Promise.all(tablets.map((tablet, n) => atPace(until, () => tablet.record(`tap of tablet ${n}`))));

/** Everything that goes wrong in a school, in one class. */
async function roughly(ground: Ground, day: ClassDay, tablets: readonly Tablet[], code: string) {
  const until = performance.now() + seconds * 1000;
  const poisoned = { count: 0 };
  const work = (tablet: Tablet, n: number) =>
    atPace(until, async () => {
      const isPoisoned = Math.random() < 0.03;
      if (isPoisoned) poisoned.count += 1;
      tablet.record(`tap of tablet ${n}`, isPoisoned);
      if (Math.random() >= 0.03) return;
      tablet.setOffline(true);
      for (let more = 0; more < 4; more += 1) {
        await wait(tapEveryMs);
        tablet.record(`offline tap of tablet ${n}`);
      }
      const own = day.groups[n]?.id ?? '';
      const other = day.groups[(n + 1) % day.groups.length]?.id ?? '';
      tablet.setOffline(false);
      if (n % 4 !== 0) return;
      // Carried to another bench with what it has not sent, and back.
      await tablet.join(code, other);
      tablet.record(`visit of tablet ${n}`);
      await wait(1000);
      await tablet.join(code, own);
    });
  const strike = async (): Promise<void> => {
    for (const [turn, server] of ground.servers.entries()) {
      await wait((seconds * 1000) / (ground.servers.length + 2));
      say(`Server ${turn + 1} is killed, and comes back`);
      await server.kill();
      await wait(1000);
      await server.start();
    }
    say('PostgreSQL is killed, and comes back');
    await ground.killDatabase();
    await wait(2000);
    await ground.startDatabase();
  };
  const [edited] = await Promise.all([
    editTogether(ground.servers, day, until),
    strike(),
    ...tablets.map(work),
  ]);
  return { poisoned: poisoned.count, edited };
}

/** Waits until everything that can be sent is sent, and told of. */
async function settle(tablets: readonly Tablet[]): Promise<void> {
  const end = performance.now() + settledWithinMs;
  while (performance.now() < end && tablets.some(({ unsent }) => unsent() > 0)) await wait(200);
  await wait(3000);
}

const ground = await layGround(serverCount);
try {
  const [main] = ground.servers;
  if (!main) throw new Error('No server was started.');
  const day = await makeDay(main.base, 'Load', count);
  const made = (await (
    await ask(main.base, 'POST', `/days/${day.id}/code`, {})
  ).json()) as Oversight;
  const { code } = made.joining;
  if (code === null) throw new Error('No code was made.');
  const heard = ground.servers.map(() => new Set<string>());
  const stops = ground.servers.map((server, n) => followDay(server, day.id, heard[n] ?? new Set()));
  const tablets: Tablet[] = [];
  for (const [n, { id }] of day.groups.entries())
    tablets.push(await bringTablet(ground.servers[n % serverCount] ?? main, day, code, id));
  say(
    `${count} tablets on ${serverCount} ${serverCount === 1 ? 'server' : 'servers'} for ${seconds} s`,
  );
  const rough = roughText === 'rough' ? await roughly(ground, day, tablets, code) : undefined;
  const fast = rough ? undefined : await speed(ground, tablets);
  await settle(tablets);

  const there = (await readRecord(main.base, day.id)).map(({ id }) => id);
  const known = new Set(there);
  const acknowledged = tablets.flatMap((tablet) => [...tablet.acknowledged]);
  const aside = tablets.flatMap((tablet) => [...tablet.aside]);
  const standing = (await (await ask(main.base, 'GET', `/days/${day.id}`)).json()) as PlannedDay;
  const planned = new Set(standing.procedures.map(({ id }) => id));
  const own = await tablets[0]?.view();
  const wrong = {
    lost: acknowledged.filter((id) => !known.has(id)).length,
    doubled: there.length - known.size,
    unsent: tablets.reduce((sum, { unsent }) => sum + unsent(), 0),
    asideAndStored: aside.filter((id) => known.has(id)).length,
    asideWithoutCause: aside.length - (rough?.poisoned ?? 0),
    foreign: own?.entries.filter(({ groupId }) => groupId !== own.group.id).length ?? 0,
    unheard: heard.reduce((sum, one) => sum + there.filter((id) => !one.has(id)).length, 0),
    proceduresLost: rough?.edited.added.filter((id) => !planned.has(id)).length ?? 0,
    editsLost: rough
      ? Number(standing.lengthMin !== rough.edited.saved.lengthMin) +
        Number(standing.sparePercent !== rough.edited.saved.sparePercent)
      : 0,
  };
  console.log(
    JSON.stringify(
      {
        entries: acknowledged.length,
        ...(rough && {
          setAside: aside.length,
          proceduresAdded: rough.edited.added.length,
          tap: spread(tablets.flatMap(({ times }) => times)),
        }),
        ...fast,
        wrong,
      },
      null,
      2,
    ),
  );
  if (Object.values(wrong).some((one) => one !== 0)) process.exitCode = 1;
  for (const stop of stops) stop();
  for (const tablet of tablets) tablet.stop();
} catch (error) {
  fail(error);
} finally {
  await ground.end();
}
process.exit();
