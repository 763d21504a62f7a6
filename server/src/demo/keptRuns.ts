import type { KeptRun } from '@stoichos/core/labday/day';
import type { RackEvent } from '@stoichos/core/seeing/rack';

type DemoKeptRun = Omit<KeptRun, 'id' | 'keptAt'>;

const solution = (vessel: string, substance: string, concentrationM: number, volumeMl: number) =>
  ({
    vessel,
    action: { do: 'add', portion: { substance, concentrationM, volumeMl } },
  }) satisfies RackEvent;

/** Sequences the demo school has kept. */
export const demoKeptRuns: readonly DemoKeptRun[] = [
  {
    name: 'Blue flask, three shakes',
    rack: {
      vessels: [{ name: 'A', container: 'flask' }],
      events: [
        { vessel: 'A', action: { do: 'add', portion: { substance: 'water', volumeMl: 90 } } },
        { vessel: 'A', action: { do: 'add', portion: { substance: 'C6H12O6', massG: 2.1 } } },
        { vessel: 'A', action: { do: 'add', portion: { substance: 'NaOH', massG: 1.8 } } },
        {
          vessel: 'A',
          action: { do: 'add', portion: { indicator: 'methylene blue', drops: 15 } },
        },
        { vessel: 'A', action: { do: 'close' } },
        { vessel: 'A', action: { do: 'wait', minutes: 5 } },
        { vessel: 'A', action: { do: 'shakeWithAir' } },
        { vessel: 'A', action: { do: 'wait', minutes: 5 } },
        { vessel: 'A', action: { do: 'shakeWithAir' } },
        { vessel: 'A', action: { do: 'wait', minutes: 5 } },
        { vessel: 'A', action: { do: 'shakeWithAir' } },
      ],
    },
  },
  {
    name: 'Copper clouds, with too much ammonia',
    rack: {
      vessels: [{ name: 'A', container: 'testTube' }],
      events: [
        solution('A', 'CuSO4', 0.12, 4),
        solution('A', 'NH3', 0.2, 2),
        solution('A', 'NH3', 2, 4),
      ],
    },
  },
];
