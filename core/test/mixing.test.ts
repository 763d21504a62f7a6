import { describe, expect, it } from 'vitest';
import { stationsOf, worksOf } from '../src/labday/day/work';
import { library } from '../src/planning/procedure/library';
import { mixingOf, procedureOfMixing } from '../src/planning/procedure/mixing';
import { procedureSchema } from '../src/planning/procedure/procedure';
import { scheduleOf } from '../src/planning/procedure/classPlan';
import { classPlanOf } from '../src/labday/day/dayPlan';
import { dayOf, planned } from './support/day';
import type { Mixing } from '../src/planning/procedure/mixing';

const silver: Mixing = {
  container: 'testTube',
  a: { substance: 'AgNO3', concentrationM: 0.1, volumeMl: 2 },
  b: { substance: 'NaCl', concentrationM: 0.1, volumeMl: 2.5 },
};
const procedure = procedureOfMixing('silver', silver);

describe('two solutions brought together', () => {
  it('are a procedure of one step that the schema takes', () => {
    expect(procedureSchema.parse(procedure)).toEqual(procedure);
    expect(procedure.steps).toHaveLength(1);
    expect(procedure.name).toBe('AgNO3 with NaCl');
  });

  it('are read back from it as they were written', () => {
    expect(mixingOf(procedure)).toEqual(silver);
  });

  it.each([
    ['a second step', { ...procedure, steps: [...procedure.steps, ...procedure.steps] }],
    [
      'a second vessel',
      {
        ...procedure,
        vessels: [...procedure.vessels, { name: 'B', container: 'beaker' as const }],
      },
    ],
    [
      'a third solution',
      {
        ...procedure,
        steps: procedure.steps.map((step) => ({
          ...step,
          events: [...step.events, ...step.events.slice(0, 1)],
        })),
      },
    ],
    [
      'a solid in place of a solution',
      {
        ...procedure,
        steps: procedure.steps.map((step) => ({
          ...step,
          events: [
            ...step.events.slice(0, 1),
            {
              vessel: 'vessel',
              action: { do: 'add' as const, portion: { substance: 'NaCl', massG: 1 } },
            },
          ],
        })),
      },
    ],
  ])('are more than that with %s', (_, other) => expect(mixingOf(other)).toBeUndefined());

  it('are none of the procedures that ship', () =>
    expect(library.filter((one) => mixingOf(one) !== undefined)).toEqual([]));

  it('always say whether a solid came, as the bench asks for it', () => {
    const day = dayOf([], 1, {
      procedures: [planned('00000000-0000-4000-8000-000000000077', silver.a, silver.b)],
    });
    const [work] = worksOf(day);
    const [step] = work?.procedure.steps ?? [];
    const kinds = work && step ? stationsOf(work, step)[0]?.expected.map(({ kind }) => kind) : [];
    expect(kinds).toContain('precipitate');
    const none = worksOf({
      procedures: [
        planned(
          '00000000-0000-4000-8000-000000000078',
          { ...silver.a, substance: 'KNO3' },
          silver.b,
        ),
      ],
    });
    const [salts] = none;
    const [pour] = salts?.procedure.steps ?? [];
    expect(salts && pour ? stationsOf(salts, pour)[0]?.expected : []).toContainEqual({
      kind: 'noPrecipitate',
    });
  });

  it('have their place in the timetable like every other procedure', () => {
    const day = dayOf([], 2, {
      procedures: [planned('00000000-0000-4000-8000-000000000079', silver.a, silver.b)],
    });
    const { tasks } = scheduleOf(classPlanOf(day));
    expect(tasks.filter(({ minutes }) => minutes === 3)).toHaveLength(2);
  });
});
