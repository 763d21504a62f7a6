import { measuresOf } from '../src/planning/procedure/measures';
import { describe, expect, it } from 'vitest';
import { handsOf, missingKit, scheduleOf, taskOrigins } from '../src/planning/procedure/classPlan';
import { cutsFor } from '../src/planning/procedure/cuts';
import { departuresFrom } from '../src/planning/procedure/departures';
import { kindNames } from '../src/planning/procedure/kinds';
import { library } from '../src/planning/procedure/library';
import { moveStep, orderProblems } from '../src/planning/procedure/orderGuard';
import { procedureSchema } from '../src/planning/procedure/procedure';
import { quantityOf, reagentsOf } from '../src/planning/procedure/reagents';
import { renameVessel } from '../src/planning/procedure/renameVessel';
import { runProcedure } from '../src/planning/procedure/runProcedure';
import { meanwhile, peopleRows, timetableRows } from '../src/planning/procedure/timetableRows';
import { brokenRules } from '../src/planning/schedule/brokenRules';
import { schedule } from '../src/planning/schedule/schedule';
import type { ClassPlan } from '../src/planning/procedure/classPlan';
import type { Procedure } from '../src/planning/procedure/procedure';
import { shipped } from './support/day';

describe('the library', () => {
  it('holds at least 30 procedures and every kind of practical work', () => {
    expect(library.length).toBeGreaterThanOrEqual(30);
    expect(new Set(library.map(({ kind }) => kind))).toEqual(new Set(Object.keys(kindNames)));
    expect(new Set(library.map(({ id }) => id)).size).toBe(library.length);
  });

  describe.each(library.map((procedure) => [procedure.name, procedure] as const))(
    '%s',
    (_, procedure) => {
      const run = runProcedure(procedure);

      it('runs to its end in the engine', () => {
        expect(run.refused).toBeUndefined();
        expect(run.steps).toHaveLength(procedure.steps.length);
      });

      it('says why wherever the engine does not predict, and nowhere else', () => {
        for (const { step, did } of run.steps) {
          const silent = did.flatMap(({ told }) => told.notPredicted);
          if (silent.length > 0) expect(step, silent.join()).toHaveProperty('notPredicted');
          if (step.notPredicted && did.length > 0) expect(silent, step.text).not.toEqual([]);
        }
      });

      it('has every step in order, with cautions, records and questions', () => {
        expect(orderProblems(procedure.steps)).toEqual([]);
        expect(new Set(procedure.steps.map(({ id }) => id)).size).toBe(procedure.steps.length);
        expect(procedure.questions.length).toBeGreaterThan(0);
        expect(procedure.disposal).not.toBe('');
        expect(
          procedure.steps.some(({ record, measures }) => record.length + measures.length > 0),
        ).toBe(true);
      });

      it('works nothing out that no step measures', () => {
        const measured = new Set(
          procedure.steps.flatMap(({ measures }) => measures.map(({ name }) => name)),
        );
        for (const name of procedure.analyses.flatMap(measuresOf))
          expect(measured.has(name), name).toBe(true);
      });

      it('keeps every range around the amount the engine runs', () => {
        for (const { events, ranges } of procedure.steps)
          for (const { event, low, high } of ranges) {
            const [reagent] = reagentsOf({
              steps: [
                { ...procedure.steps[0], events: [events[event]], ranges: [] },
              ] as Procedure['steps'],
            });
            expect(reagent && quantityOf(reagent)).toBeGreaterThanOrEqual(low);
            expect(reagent && quantityOf(reagent)).toBeLessThanOrEqual(high);
          }
      });
    },
  );

  /** Outcomes that any textbook of inorganic chemistry has (Vogel, Qualitative Inorganic Analysis). */
  it.each([
    ['three-halides', 'chloride-ammonia', 'dissolves', 'AgCl'],
    ['six-hydroxides', 'ZnSO4-excess', 'dissolves', 'Zn(OH)2'],
    ['limestone-cycle', 'more', 'dissolves', 'CaCO3'],
    ['barium-cleared', 'check', 'precipitate', 'BaSO4'],
    ['metal-trees', 'copper-silver', 'deposit', 'Ag'],
  ])('%s, %s: %s of %s', (id, stepId, kind, formula) => {
    const told = runProcedure(shipped(id)).steps.find(({ step }) => step.id === stepId);
    const seen = told?.did.flatMap(({ told: one }) => one.observations);
    expect(seen).toContainEqual(expect.objectContaining({ kind, formula }));
  });
});

describe('the order guard', () => {
  const { steps } = shipped('cracking-an-oil');
  const at = (id: string): number => steps.findIndex((step) => step.id === id);

  it('does not let the heat go off before the delivery tube is out', () => {
    const moved = moveStep(steps, at('flame-off'), at('lift'));
    expect(orderProblems(moved)).toEqual([
      expect.objectContaining({
        stepId: 'flame-off',
        needed: 'lift',
        message: expect.stringMatching(/the delivery tube is out before the heat goes off/),
      }),
    ]);
  });

  it('notices a step that is gone', () => {
    const { steps: pairs } = shipped('which-acid-for-which-carbonate');
    const left = pairs.filter(({ id }) => id !== 'splint');
    expect(orderProblems(left)).toEqual([
      expect.objectContaining({ stepId: 'marble-hydrochloric', needed: 'splint' }),
    ]);
  });
});

describe('running a procedure', () => {
  const pairs = shipped('clear-pairs');

  it('stops at the step that cannot be done, and names it', () => {
    const broken: Procedure = {
      ...pairs,
      steps: pairs.steps.map((step, at) =>
        at === 2
          ? { ...step, events: [{ vessel: '3', action: { do: 'filter', keep: 'residue' } }] }
          : step,
      ),
    };
    const run = runProcedure(broken);
    expect(run.steps).toHaveLength(2);
    expect(run.refused?.stepId).toBe(pairs.steps[2]?.id);
    expect(run.refused?.message).toMatch(/nothing in the vessel to filter/);
  });

  it('refuses nonsense in words that name the field', () => {
    const read = procedureSchema.safeParse({ ...pairs, name: ' ' });
    expect(read.error?.issues[0]).toMatchObject({
      path: ['name'],
      message: 'A procedure needs a name',
    });
  });
});

describe('departures', () => {
  it('are told for times, amounts, steps and order', () => {
    const original = shipped('blue-white-blue');
    const steps = original.steps.map((step) =>
      step.id === 'cool' ? { ...step, minutes: 5 } : step,
    );
    const [first] = steps;
    const adapted: Procedure = {
      ...original,
      steps: [
        {
          ...(first as Procedure['steps'][number]),
          events: [
            {
              vessel: 'tube',
              action: { do: 'add', portion: { substance: 'CuSO4·5H2O', massG: 2 } },
            },
          ],
        },
        ...moveStep(steps.slice(1), 0, 1),
      ],
    };
    expect(departuresFrom(original, adapted).map(({ message }) => message)).toEqual([
      'tube: added 2 g CuSO4·5H2O instead of tube: added 1.2 g CuSO4·5H2O',
      '5 min instead of 8 min',
      '“Heat gently at first, moving the tube, mouth til…” now comes before “Light the burner, flame low before the air hole…”',
    ]);
    expect(departuresFrom(original, original)).toEqual([]);
  });
});

describe('reagents', () => {
  it('are summed by what stands in the bottle, with the upper end of a range', () => {
    const found = reagentsOf(shipped('clear-pairs'));
    expect(found.find(({ key }) => key === 'NaOH 0.4')).toMatchObject({ amountMl: 4.5 });
    expect(found.find(({ key }) => key === 'MgSO4 0.25')).toMatchObject({ amountMl: 2.5 });
  });

  it('keep the hydrate that is named, and turn % w/v into mol/L', () => {
    const [solid] = reagentsOf(shipped('crystal-water-by-mass'));
    expect(solid).toMatchObject({ kind: 'solid', form: 'MgSO4·7H2O', amountG: 3.2 });
    const [sugar] = reagentsOf({
      steps: [
        {
          ...(shipped('clear-pairs').steps[0] as Procedure['steps'][number]),
          events: [
            {
              vessel: '1',
              action: { do: 'add', portion: { substance: 'NaCl', percentWV: 5.844, volumeMl: 3 } },
            },
          ],
          ranges: [],
        },
      ],
    });
    expect(sugar).toMatchObject({ kind: 'solution', amountMl: 3 });
    expect(sugar?.kind === 'solution' && sugar.concentrationM).toBeCloseTo(1, 3);
  });
});

const plan: ClassPlan = {
  procedures: ['blue-white-blue', 'crystal-water-by-mass', 'metals-in-acid'].map((id) => ({
    id,
    manner: 'groups',
    procedure: shipped(id),
  })),
  groups: ['Heron', 'Tern', 'Plover'].map((name) => ({ id: name, name: `Bench ${name}` })),
  groupSize: 3,
  kit: { balance: 1, burner: 3, desiccator: 1 },
  staff: 1,
};

describe('a class as a timetable', () => {
  it('has one task for each step of each group, and keeps every rule', () => {
    const request = scheduleOf(plan);
    expect(request.tasks).toHaveLength(taskOrigins(plan).length);
    const { tasks } = schedule(request, undefined, { effort: 0.05 });
    expect(brokenRules(request, tasks)).toEqual([]);
    expect(handsOf(plan)).toBe(2);
  });

  it('has everybody watch a demonstration', () => {
    const shown: ClassPlan = {
      ...plan,
      procedures: [
        { id: 'shown', manner: 'demonstration', procedure: shipped('metals-on-water') },
        { id: 'pairs', manner: 'groups', procedure: shipped('clear-pairs') },
      ],
    };
    const request = scheduleOf(shown);
    const { tasks } = schedule(request, undefined, { effort: 0.05 });
    const time = (id: string) => tasks.find((task) => task.id === id);
    const watching = time('shown/demonstration/sodium');
    const during = tasks.filter(
      ({ id, startMin, endMin }) =>
        id.startsWith('pairs/') &&
        startMin < (watching?.endMin ?? 0) &&
        endMin > (watching?.startMin ?? 0),
    );
    expect(during).toEqual([]);
  });

  it('is told by bench, by person, and with what to do while waiting', () => {
    const { tasks } = schedule(scheduleOf(plan), undefined, { effort: 0.05 });
    const rows = timetableRows(plan, tasks);
    expect(rows.map(({ name }) => name)).toEqual(['Bench Heron', 'Bench Tern', 'Bench Plover']);
    const bars = rows.flatMap(({ lanes }) => lanes.flatMap((lane) => lane.bars));
    expect(bars).toHaveLength(tasks.length);
    for (const { lanes } of rows)
      for (const lane of lanes)
        lane.bars.forEach((bar, at) =>
          expect(bar.startMin).toBeGreaterThanOrEqual((lane.bars[at - 1]?.endMin ?? 0) - 1e-6),
        );
    const people = peopleRows(rows, ['M. Sandpiper']);
    expect(people.map(({ name }) => name)).toContain('Bench Tern · 2');
    expect(people.every(({ lanes }) => lanes.length === 1)).toBe(true);
    // The bench with a single burner waits on its crucible while the other procedures go on.
    const [heron] = rows;
    const heating = heron?.lanes
      .flatMap((lane) => lane.bars)
      .find(({ id }) => id.endsWith('/cool'));
    if (!heron || !heating) throw new Error('Nothing cools by itself.');
    const hands = heron.lanes.filter(({ kind }) => kind === 'hands').flatMap((lane) => lane.bars);
    const busy = { ...heating, startMin: 0, endMin: 1000 };
    expect(meanwhile(heron, busy)).toHaveLength(hands.length);
    expect(meanwhile(heron, busy)).toContain(
      'Metals in acid, and the gas they give: The same acid on a granule of zinc',
    );
    expect(meanwhile(heron, { ...heating, startMin: 1000, endMin: 1001 })).toEqual([]);
  });

  it('says what kit is missing before a timetable is tried', () => {
    expect(missingKit({ ...plan, kit: { burner: 3, desiccator: 1 } })).toContain(
      '“Weigh the clean dry crucible with its lid” in How much water is in the crystal? needs 1 balance; there are 0',
    );
    expect(missingKit(plan)).toEqual([]);
  });

  it('says what would make it shorter, each way calculated through', () => {
    const scarce = { ...plan, kit: { balance: 1, burner: 1, desiccator: 1 } };
    const length = schedule(scheduleOf(scarce), undefined, { effort: 0.02 }).makespanMin;
    const cuts = cutsFor(scarce, length);
    expect(cuts.map(({ kind }) => kind)).toContain('split');
    expect(cuts.map(({ kind }) => kind)).toContain('shorterWaits');
    for (const cut of cuts) expect(cut.makespanMin).toBeLessThan(length);
  });
});

describe('renaming a vessel', () => {
  const separation = shipped('sand-salt-iron');

  it('follows it through every step', () => {
    const renamed = renameVessel(separation, 'mixture', ' jar ');
    expect(renamed?.vessels.map(({ name }) => name)).toContain('jar');
    expect(JSON.stringify(renamed?.steps.map(({ events }) => events))).not.toContain('mixture');
    expect(renamed && runProcedure(renamed).refused).toBeUndefined();
    expect(renamed && renameVessel(renamed, 'jar', 'mixture')).toEqual(separation);
  });

  it.each(['dish', '  '])('refuses “%s”, for two vessels would be one, or none', (name) => {
    expect(renameVessel(separation, 'mixture', name)).toBeUndefined();
  });
});
