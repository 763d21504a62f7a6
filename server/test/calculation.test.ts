import type { GroupView, Oversight } from '@stoichos/core/labday/access';
import { isRun, stationsOf, worksAsMade } from '@stoichos/core/labday/day';
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest';
import { loadDay } from '../src/database/loadDay';
import { runningServer, sampleDay } from './support/runningServer';

let server: Awaited<ReturnType<typeof runningServer>>;
const sample = sampleDay();
// A pair that no other test brings together, so that nobody has asked the engine for it yet.
const planned = JSON.parse(
  JSON.stringify(sample.planned).replaceAll('CuSO4', 'BaCl2').replaceAll('NaOH', 'Na2SO4'),
) as typeof sample.planned;
let cookie = '';

beforeAll(async () => {
  server = await runningServer(inject('databaseUrl'));
  const { ids, day } = sample;
  await server.ask('PUT', `/days/${ids.day}`, day);
  await server.plan(ids.day, [planned]);
  const { joining } = (await server.ask('POST', `/days/${ids.day}/code`, {})).json as Oversight;
  const joined = await server.ask('POST', '/join', { code: joining.code, groupId: ids.group });
  cookie = joined.headers
    .getSetCookie()
    .map((one) => one.split(';')[0])
    .join('; ');
});
afterAll(() => server.close());

const view = async () =>
  (await server.ask('GET', '/group', undefined, { cookie })).json as GroupView;
const work = async () => {
  const [first] = worksAsMade(await loadDay(server.database, sample.ids.day));
  if (!first) throw new Error('Nothing is planned.');
  return first;
};

describe('what a bench is shown', () => {
  it('asks the thread that answers for nothing while nothing is released, and has every caution', async () => {
    const { expectations, works } = await view();
    expect(expectations).toEqual([]);
    expect(works[0]?.steps.every(({ cautions }) => Array.isArray(cautions))).toBe(true);
    expect(isRun(await work())).toBe(false);
  });

  it('is calculated on another thread, and is what the engine says', async () => {
    const { ids } = sample;
    const release = { workId: ids.test, when: 'always' };
    expect((await server.ask('PUT', `/days/${ids.day}/releases`, release)).status).toBe(200);
    const { expectations } = await view();
    const { text } = await server.ask('GET', `/days/${ids.day}/results.csv`);
    expect(text).toContain('Bench Knot');
    const first = await work();
    // Neither for the bench nor for the table of the class has the thread that answers asked the engine itself.
    expect(isRun(first)).toBe(false);
    const [step] = first.procedure.steps;
    const [station] = step ? stationsOf(first, step) : [];
    expect(expectations).toMatchObject([
      { workId: ids.test, stepId: 'mix', expected: station?.expected },
    ]);
    // Barium chloride and sodium sulfate: a white precipitate of barium sulfate (any table of solubilities).
    expect(JSON.stringify(expectations)).toContain('precipitate');
  });
});
