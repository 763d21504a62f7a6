import { describe, expect, it } from 'vitest';
import { cellLog, cellMass, cellRunSchema, standingCellEntries } from '../src/labday/cells/cellRun';
import type {
  CellEntry,
  CellRecord,
  CellRunWithRecord,
  CellSetup,
} from '../src/labday/cells/cellRun';
import { judgeCellRun } from '../src/labday/cells/judgeCellRun';

const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
let next = 1;
const line = (record: CellRecord | null, supersedes: string | null = null): CellEntry => ({
  id: id((next += 1)),
  runId: id(1),
  record,
  supersedes,
  recordedAt: '2027-02-03T10:00:00.000Z',
});
const reading = (timeS: number, currentA: number, cellV?: number) =>
  line({ kind: 'reading', by: 'hand', timeS, currentA, ...(cellV !== undefined && { cellV }) });
const mass = (electrode: 'cathode' | 'anode', when: 'before' | 'after', massG: number) =>
  line({ kind: 'mass', electrode, when, massG });

/** Copper strips in copper sulfate, a quarter of an ampere planned, a reading every five minutes. */
const run = (entries: readonly CellEntry[], setup: Partial<CellSetup> = {}): CellRunWithRecord => ({
  ...cellRunSchema.parse({
    id: id(1),
    name: 'Copper, first bath',
    madeAt: '2027-02-03T09:00:00.000Z',
    setup: {
      cell: {
        electrolyte: [{ substance: 'CuSO4', concentrationM: 0.6 }],
        cathode: 'copper',
        anode: 'copper',
      },
      gapCm: 3,
      metal: 'Cu',
      electrons: 2,
      plannedA: 0.25,
      everyS: 300,
      reference: 'silverChloride',
      ...setup,
    },
  }),
  entries: [...entries],
});
const steady = [0, 300, 600, 900].map((timeS) => reading(timeS, 0.25, 1.2));

describe('the record of a run', () => {
  it('counts what stands: a later line supersedes, one without a record takes back', () => {
    const [wrong, gone] = [reading(300, 2.5), reading(600, 0.2)];
    const entries = [
      reading(0, 0.25),
      wrong,
      line({ kind: 'reading', by: 'hand', timeS: 300, currentA: 0.25 }, wrong.id),
      gone,
      line(null, gone.id),
    ];
    expect(standingCellEntries(entries)).toHaveLength(2);
    expect(cellLog(entries)).toEqual([
      { timeS: 0, currentA: 0.25 },
      { timeS: 300, currentA: 0.25 },
    ]);
  });

  it('is in order of time, and of two at one moment the later line counts', () => {
    const entries = [reading(600, 0.2), reading(0, 0.3), reading(600, 0.25)];
    expect(cellLog(entries)).toEqual([
      { timeS: 0, currentA: 0.3 },
      { timeS: 600, currentA: 0.25 },
    ]);
  });

  it('has the last weighing of each electrode', () => {
    const entries = [
      mass('cathode', 'before', 10),
      mass('cathode', 'before', 10.02),
      mass('anode', 'before', 12),
    ];
    expect(cellMass(entries, 'cathode', 'before')).toBe(10.02);
    expect(cellMass(entries, 'anode', 'before')).toBe(12);
    expect(cellMass(entries, 'cathode', 'after')).toBeUndefined();
  });
});

describe('what a run says', () => {
  it('is nothing before there are two readings', () => {
    expect(judgeCellRun(run([]))).toBeUndefined();
    expect(judgeCellRun(run([reading(0, 0.25)]))).toBeUndefined();
  });

  it('is 225 C from a quarter of an ampere for a quarter of an hour (Q = I·t)', () => {
    const judged = judgeCellRun(run(steady));
    expect(judged?.summary).toMatchObject({ chargeC: 225, timeS: 900, meanCurrentA: 0.25 });
    expect(judged?.summary.energyJ).toBeCloseTo(270, 9);
    expect(judged?.offPlan).toBeUndefined();
    expect(judged?.gapS).toBeUndefined();
    expect(judged?.found).toBeUndefined();
  });

  it('is 0.0741 g of copper, and all of the current where that much came (M·I·t/zF)', () => {
    const judged = judgeCellRun(
      run([...steady, mass('cathode', 'before', 10), mass('cathode', 'after', 10.074)]),
    );
    expect(judged?.found?.theoryG.value).toBeCloseTo(0.0741, 4);
    expect(judged?.found?.cathode?.efficiency.value).toBeCloseTo(1, 2);
    expect(judged?.found?.causes).toEqual([]);
    // 270 J for 0.074 g: 270 / 3.6e6 kWh / 7.4e-5 kg
    expect(judged?.found?.kWhPerKg?.value).toBeCloseTo(1.01, 2);
  });

  it('cannot be above theory, and then has its likely causes', () => {
    const judged = judgeCellRun(
      run([...steady, mass('cathode', 'before', 10), mass('cathode', 'after', 10.25)]),
    );
    expect(judged?.found?.cathode?.impossible).toBe(true);
    expect(judged?.found?.causes[0]?.remedy).toMatch(/\w+\./);
  });

  it('says how far the mean current is from the planned one, where it matters', () => {
    const judged = judgeCellRun(run([reading(0, 0.3), reading(300, 0.3)]));
    expect(judged?.offPlan).toBeCloseTo(0.2, 9);
    expect(judgeCellRun(run([reading(0, 0.255), reading(300, 0.255)]))?.offPlan).toBeUndefined();
  });

  it('says where the log has a hole', () =>
    expect(judgeCellRun(run([reading(0, 0.25), reading(1200, 0.25)]))?.gapS).toBe(1200));

  it('weighs plus only where it is made of the metal', () => {
    const both = [
      ...steady,
      mass('cathode', 'before', 10),
      mass('cathode', 'after', 10.074),
      mass('anode', 'before', 12),
      mass('anode', 'after', 11.926),
    ];
    expect(judgeCellRun(run(both))?.found?.anode?.changeG.value).toBeCloseTo(0.074, 6);
    const graphite = run(both, {
      cell: {
        electrolyte: [{ substance: 'CuSO4', concentrationM: 0.6 }],
        cathode: 'copper',
        anode: 'graphite',
      },
    });
    expect(judgeCellRun(graphite)?.found?.anode).toBeUndefined();
  });

  it('needs a metal and both weighings of an electrode', () => {
    const half = [...steady, mass('cathode', 'before', 10)];
    expect(judgeCellRun(run(half))?.found).toBeUndefined();
    const whole = [...half, mass('cathode', 'after', 10.07)];
    expect(judgeCellRun(run(whole, { metal: null }))?.found).toBeUndefined();
  });

  it('says in words why the weighings say nothing, and keeps the charge', () => {
    const judged = judgeCellRun(
      run([
        reading(0, 0),
        reading(300, 0),
        mass('cathode', 'before', 10),
        mass('cathode', 'after', 10.07),
      ]),
    );
    expect(judged?.summary.chargeC).toBe(0);
    expect(judged?.problem).toMatch(/charge/i);
  });
});
