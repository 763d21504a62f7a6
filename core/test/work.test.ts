import { describe, expect, it } from 'vitest';
import {
  benchesOf,
  isMixing,
  isRun,
  keepRun,
  refusalOf,
  runOf,
  stationsOf,
  wasteOfWork,
  worksAsMade,
  worksOf,
} from '../src/labday/day/work';
import type { Work } from '../src/labday/day/work';
import { library } from '../src/planning/procedure/library';
import { procedureOfMixing } from '../src/planning/procedure/mixing';
import { runProcedure } from '../src/planning/procedure/runProcedure';
import { compareRuns } from '../src/seeing/rack/compareRuns';
import { rackRunner } from '../src/seeing/rack/rack';
import type { Rack, RackEvent } from '../src/seeing/rack/rackShape';
import { portion } from './support/bench';

const mixing = (b = 'NaCl') =>
  procedureOfMixing('silver', {
    container: 'testTube',
    a: { substance: 'AgNO3', concentrationM: 0.1, volumeMl: 2 },
    b: { substance: b, concentrationM: 0.2, volumeMl: 3 },
  });
const work = (procedure = mixing(), manner: Work['manner'] = 'groups'): Work => ({
  id: 'one',
  number: 1,
  manner,
  procedure,
});
const groups = [
  { id: 'g1', name: 'Bench Heron' },
  { id: 'g2', name: 'Bench Tern' },
];
const put = (vessel: string, what: string): RackEvent => ({
  vessel,
  action: { do: 'add', portion: portion(what) },
});
const rack = (...events: RackEvent[]): Rack => ({
  vessels: [{ name: 'A', container: 'testTube' }],
  events,
});

describe('work of a lab day', () => {
  it('has its place in the plan, from one', () => {
    const planned = (id: string) => ({ id, manner: 'groups' as const, procedure: mixing() });
    expect(worksOf({ procedures: [planned('a'), planned('b')] }).map((one) => one.number)).toEqual([
      1, 2,
    ]);
  });

  it('is as made once something was weighed out', () => {
    const [made] = worksAsMade({
      procedures: [{ id: 'one', manner: 'groups', procedure: mixing() }],
      weighings: [
        {
          id: 'w',
          substance: 'NaCl',
          concentrationM: 0.2,
          volumeMl: 100,
          form: 'NaCl',
          purityPercent: 100,
          // 0.4 mol/L would be 2.34 g in 100 mL: M(NaCl) = 58.44 g/mol.
          actualG: 2.338,
          recordedAt: '2026-05-04T08:00:00.000Z',
        },
      ],
    });
    const event = made?.procedure.steps[0]?.events.find(
      (one) =>
        'action' in one &&
        one.action.do === 'add' &&
        'substance' in one.action.portion &&
        one.action.portion.substance === 'NaCl',
    );
    expect(event).toMatchObject({
      action: { portion: { concentrationM: expect.closeTo(0.4, 2) as number } },
    });
    expect(made?.forms).toEqual({ NaCl: 'NaCl' });
  });

  it('is done by every group, or shown to all', () => {
    expect(benchesOf({ groups }, work()).map(({ name }) => name)).toEqual([
      'Bench Heron',
      'Bench Tern',
    ]);
    expect(benchesOf({ groups }, work(mixing(), 'demonstration'))).toEqual([
      { id: null, name: 'Shown to all' },
    ]);
  });

  it('is recorded at once where two solutions are brought together and nothing else', () => {
    expect(isMixing(work())).toBe(true);
    const [longer] = library.filter(({ steps }) => steps.length > 2);
    expect(longer && isMixing({ procedure: longer })).toBe(false);
  });

  it('goes into the bottle of what it leaves', () => {
    expect(wasteOfWork(work())?.bottle).toMatch(/silver/i);
  });
});

describe('what is expected of a piece of work', () => {
  it('is calculated once, and the same however often it is asked for', () => {
    const one = work(mixing('KBr'));
    expect(isRun(one)).toBe(false);
    const first = runOf(one);
    expect(isRun(one)).toBe(true);
    expect(runOf(work(mixing('KBr')))).toBe(first);
  });

  it('is taken from whoever calculated it elsewhere', () => {
    const one = work(mixing('KI'));
    // As it comes from another thread: a copy.
    const elsewhere = structuredClone(runProcedure(one.procedure));
    keepRun(one, elsewhere);
    expect(runOf(one)).toBe(elsewhere);
    expect(runOf(one)).toEqual(runProcedure(one.procedure));
  });

  it('stands at the vessel: a white solid, and the same question after a solid every time', () => {
    const [step] = mixing().steps;
    const [station] = step ? stationsOf(work(), step) : [];
    expect(station).toMatchObject({ container: 'testTube', notPredicted: [] });
    expect(station?.expected).toContainEqual(
      expect.objectContaining({ kind: 'precipitate', formula: 'AgCl', colour: 'white' }),
    );
    const none = mixing('KNO3');
    const [clear] = none.steps[0] ? stationsOf(work(none), none.steps[0]) : [];
    expect(clear?.expected.map(({ kind }) => kind)).toContain('noPrecipitate');
  });

  it('says why a step cannot be run, and of those after it that nothing can be said', () => {
    const pairs = mixing();
    const [step] = pairs.steps;
    if (!step) throw new Error('no step');
    const broken = {
      ...pairs,
      steps: [
        {
          ...step,
          id: 'filter',
          events: [{ vessel: 'vessel', action: { do: 'filter', keep: 'residue' } } as const],
        },
        { ...step, id: 'mix' },
      ],
    };
    const [first, second] = broken.steps;
    const one = work(broken);
    expect(first && refusalOf(one, first)).toMatch(/nothing in the vessel to filter/);
    expect(second && refusalOf(one, second)).toMatch(/an earlier step/);
    expect(refusalOf(work(), step)).toBeUndefined();
  });

  it('can be sent to another thread, refusals too', () => {
    for (const procedure of library.slice(0, 6))
      expect(structuredClone(runProcedure(procedure))).toEqual(runProcedure(procedure));
  });
});

describe('a bench that grows step by step', () => {
  it('calculates the same whether the events are the very same or say the same', () => {
    const run = rackRunner();
    const first = rack(put('A', 'CuSO4 0.5M'), put('A', 'NaOH 1M'));
    const before = run(first);
    const copied = run(structuredClone(first));
    expect(copied.steps[0]).toBe(before.steps[0]);
    const other = run(rack(put('A', 'CuSO4 0.5M'), put('A', 'NH3 2M')));
    expect(other.steps[0]).toBe(before.steps[0]);
    expect(other.steps[1]).not.toBe(before.steps[1]);
  });

  it('keeps what stands when the next thing cannot be done', () => {
    const run = rackRunner();
    const stands = rack(put('A', 'HCl 1M'));
    const before = run(stands);
    expect(() => run(rack(...stands.events, { vessel: 'B', action: { do: 'close' } }))).toThrow(
      /no vessel called/,
    );
    expect(run(stands).steps[0]).toBe(before.steps[0]);
  });
});

describe('two sequences beside each other', () => {
  const lead = [put('A', 'Pb(NO3)2 0.1M'), put('A', 'KI 0.1M')];

  it('are the same step by step where the same was done', () => {
    const { rows } = compareRuns(rack(...lead), rack(...lead));
    expect(rows.map(({ same }) => same)).toEqual([true, true]);
  });

  it('part where something else went in, and each tells what it showed', () => {
    const { rows, mine, other } = compareRuns(
      rack(...lead),
      rack(put('A', 'Pb(NO3)2 0.1M'), put('A', 'Na2SO4 0.1M')),
    );
    expect(rows.map(({ same }) => same)).toEqual([true, false]);
    expect(rows[1]?.mine?.seen).toContain('bright yellow');
    expect(rows[1]?.other?.seen).toContain('white');
    expect(mine.A?.view.solid?.colour).toBe('bright yellow');
    expect(other.A?.view.solid?.colour).toBe('white');
  });

  it('leave a step standing alone that only one of them has', () => {
    const { rows } = compareRuns(
      rack(...lead, { vessel: 'A', action: { do: 'cool', toC: 5 } }),
      rack(...lead),
    );
    expect(rows).toHaveLength(3);
    expect(rows[2]?.mine?.done).toMatch(/cool/i);
    expect(rows[2]?.other).toBeUndefined();
  });

  it('put a change beside the change it stands for', () => {
    const { rows } = compareRuns(
      rack(put('A', 'AgNO3 0.1M'), put('A', 'NaCl 0.1M'), put('A', 'NH3 2M')),
      rack(put('A', 'AgNO3 0.1M'), put('A', 'KBr 0.1M'), put('A', 'NH3 2M')),
    );
    expect(rows[1]).toMatchObject({ same: false });
    expect([rows[1]?.mine?.done, rows[1]?.other?.done].join(' | ')).toMatch(/NaCl.*\|.*KBr/);
    // Silver chloride dissolves in ammonia, silver bromide hardly (Vogel): the same deed, another sight.
    expect(rows[2]).toMatchObject({ same: false });
  });
});
