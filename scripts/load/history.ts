import { readFileSync, writeFileSync } from 'node:fs';
import type { Oversight } from '@stoichos/core/labday/access';
import { connect } from '../../server/src';
import { ask, layGround, makeDay } from './ground';
import type { ClassDay, Ground } from './ground';

/** What the bench that is looked at has written itself, in both histories. */
const ownLines = 12;
const rounds = 60;

/** A database with so many lines in one day, and a tablet at the bench that wrote few of them. */
async function withHistory(lines: number) {
  const ground = await layGround(1);
  const base = ground.servers[0]?.base ?? '';
  const day = await makeDay(base, `${lines} lines`, 40);
  await fill(ground, day, lines);
  const made = (await (await ask(base, 'POST', `/days/${day.id}/code`, {})).json()) as Oversight;
  const groupId = day.groups[0]?.id ?? '';
  const joined = await ask(base, 'POST', '/join', { code: made.joining.code, groupId });
  const cookie = joined.headers
    .getSetCookie()
    .map((one) => one.split(';')[0])
    .join('; ');
  return { ground, base, cookie };
}

async function fill({ databaseUrl }: Ground, day: ClassDay, lines: number): Promise<void> {
  const database = connect(databaseUrl);
  const put = (group: string, count: number) =>
    database.sequelize.query(
      `INSERT INTO bench_entries (id, lab_day_id, work_id, step_id, vessel, part, group_id, kind, record, recorded_at, author)
       SELECT gen_random_uuid(), $day, $work, 'mix', 'vessel', 'test', $group, 'note',
         jsonb_build_object('kind', 'note', 'text', 'what was seen and written down, line ' || n), now(), 'group'
       FROM generate_series(1, $count::int) n`,
      { bind: { day: day.id, work: day.workId, group, count } },
    );
  const [own, ...others] = day.groups;
  await put(own?.id ?? '', ownLines);
  for (const { id } of others) await put(id, Math.round((lines - ownLines) / others.length));
  await database.sequelize.query('ANALYZE');
  await database.sequelize.close();
}

const median = (times: readonly number[]): number =>
  [...times].sort((a, b) => a - b)[times.length >> 1] ?? 0;
const rounded = (value: number): number => Math.round(value * 10) / 10;

/** What a question costs with a long history beside a short one, asked by turns. */
async function beside(
  short: () => Promise<unknown>,
  long: () => Promise<unknown>,
): Promise<{ readonly shortMs: number; readonly longMs: number; readonly ratio: number }> {
  const times: [number[], number[]] = [[], []];
  for (let round = -10; round < rounds; round += 1)
    for (const [at, question] of [short, long].entries()) {
      const start = performance.now();
      await question();
      // The first ones find everything cold.
      if (round >= 0) times[at]?.push(performance.now() - start);
    }
  const [shortMs, longMs] = [median(times[0]), median(times[1])];
  return { shortMs: rounded(shortMs), longMs: rounded(longMs), ratio: rounded(longMs / shortMs) };
}

/** The most memory a process has held since it was last asked, and what it holds now, MB. */
function memoryOf(pid: number): { readonly peakMb: number; readonly nowMb: number } {
  const status = readFileSync(`/proc/${pid}/status`, 'utf8');
  const read = (name: string) =>
    Math.round(Number(new RegExp(`${name}:\\s+(\\d+) kB`).exec(status)?.[1]) / 1024);
  const found = { peakMb: read('VmHWM'), nowMb: read('VmRSS') };
  writeFileSync(`/proc/${pid}/clear_refs`, '5');
  return found;
}

/** The lines of a backup but the first, which says when it was made, and the last, which sums them all. */
const essence = (text: string): string[] => text.split('\n').slice(1, -2);

/**
 * What a long record costs: a bench's view and the home list with so many lines beside 500, and the memory that a backup and putting it back
 * take.
 */
export async function measureHistory(lines: number) {
  const [short, long] = [await withHistory(500), await withHistory(lines)];
  const asking =
    ({ base, cookie }: typeof short, path: string, asStaff: boolean) =>
    async () =>
      (await ask(base, 'GET', path, undefined, asStaff ? undefined : cookie)).text();
  try {
    const view = await beside(asking(short, '/group', false), asking(long, '/group', false));
    const list = await beside(asking(short, '/days', true), asking(long, '/days', true));
    const pid = long.ground.servers[0]?.pid() ?? 0;
    const idle = memoryOf(pid).nowMb;
    const backup = await asking(long, '/backup', true)();
    const saving = memoryOf(pid).peakMb - idle;
    const restored = await fetch(`${long.base}/restore?apply=true`, {
      method: 'POST',
      headers: { 'content-type': 'application/x-ndjson' },
      body: backup,
    });
    if (!restored.ok) throw new Error(await restored.text());
    const restoring = memoryOf(pid).peakMb - idle;
    const again = await asking(long, '/backup', true)();
    // Each backup writes a line about itself into the audit list.
    const kept = (text: string) =>
      essence(text).slice(0, essence(text).indexOf('{"table":"audit"}'));
    return {
      lines,
      view,
      list,
      backup: {
        megabytes: rounded(backup.length / 1e6),
        savingMbOverIdle: saving,
        restoringMbOverIdle: restoring,
        sameAgain: kept(backup).join('\n') === kept(again).join('\n'),
      },
    };
  } finally {
    await short.ground.end();
    await long.ground.end();
  }
}
