import type { CellRecord, CellRun } from '@stoichos/core/labday/cells';

/** A run of the demo scenario with its record, in order. */
export interface DemoCellRun {
  readonly run: Omit<CellRun, 'id' | 'madeAt'>;
  /** How long ago it was begun, days. */
  readonly daysAgo: number;
  readonly records: readonly CellRecord[];
}

type Half = readonly [minusNear: number, minusFar: number, plusNear: number, plusFar: number];

const reading = (minute: number, currentA: number, cellV: number, half?: Half): CellRecord => ({
  kind: 'reading',
  by: 'hand',
  timeS: minute * 60,
  currentA,
  cellV,
  ...(half && {
    cathodeNearV: half[0],
    cathodeFarV: half[1],
    anodeNearV: half[2],
    anodeFarV: half[3],
  }),
});
const mass = (
  electrode: 'cathode' | 'anode',
  when: 'before' | 'after',
  massG: number,
): CellRecord => ({ kind: 'mass', electrode, when, massG });

/** Runs of the Lantern Quay Evening School: a good one, and one that cannot be. */
export const demoCellRuns: readonly DemoCellRun[] = [
  {
    daysAgo: 6,
    run: {
      name: 'Zinc on a plate, first bath',
      setup: {
        cell: {
          electrolyte: [
            { substance: 'ZnSO4', concentrationM: 0.7 },
            { substance: 'H2SO4', concentrationM: 0.05 },
          ],
          cathode: 'steel',
          anode: 'zinc',
          temperatureC: 22,
          volumeMl: 400,
          areaCm2: 60,
          mixing: 'stirred',
        },
        gapCm: 2,
        metal: 'Zn',
        electrons: 2,
        plannedA: 2.4,
        everyS: 300,
        reference: 'silverChloride',
        ammeterPercent: 2,
        balanceG: 0.01,
      },
    },
    records: [
      mass('cathode', 'before', 41.32),
      mass('anode', 'before', 88.75),
      reading(0, 2.31, 3.62, [-1.02, -3.31, -0.86, 1.52]),
      reading(5, 2.38, 3.41),
      reading(10, 2.41, 3.36, [-1.06, -3.52, -0.86, 1.6]),
      reading(15, 2.41, 3.33),
      reading(20, 2.4, 3.31, [-1.07, -3.5, -0.85, 1.58]),
      reading(25, 2.39, 3.3),
      reading(30, 2.4, 3.28, [-1.07, -3.47, -0.85, 1.55]),
      reading(35, 2.39, 3.27),
      reading(40, 2.38, 3.25, [-1.06, -3.43, -0.85, 1.51]),
      mass('cathode', 'after', 42.85),
      mass('anode', 'after', 86.84),
      { kind: 'deposit', words: ['even', 'dull', 'thick at the edges'] },
      { kind: 'hint', hint: 'grey-sludge' },
    ],
  },
  {
    daysAgo: 13,
    run: {
      name: 'Copper strips, Bench Tern',
      setup: {
        cell: {
          electrolyte: [{ substance: 'CuSO4', concentrationM: 0.6 }],
          cathode: 'copper',
          anode: 'copper',
          temperatureC: 21,
          volumeMl: 120,
          areaCm2: 20,
        },
        gapCm: 3,
        metal: 'Cu',
        electrons: 2,
        plannedA: 0.35,
        everyS: 180,
        reference: 'silverChloride',
        ammeterPercent: 2,
        balanceG: 0.01,
      },
    },
    records: [
      mass('cathode', 'before', 11.84),
      mass('anode', 'before', 12.47),
      ...[0, 3, 6, 9, 12, 15].map((minute) => reading(minute, 0.35, 2.7)),
      mass('cathode', 'after', 11.99),
      mass('anode', 'after', 12.3),
      { kind: 'deposit', words: ['patchy', 'powder that rubs off'] },
    ],
  },
];
