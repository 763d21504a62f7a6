import { describe, expect, it } from 'vitest';
import { analyse, measurementsOf } from '../src/labday/judge/analyse';
import { tellFound } from '../src/labday/judge/foundWords';
import { chartsOf } from '../src/labday/judge/foundCharts';
import { keptRunSchema } from '../src/labday/day/keptRun';
import { ownProcedureSchema } from '../src/labday/day/ownProcedure';
import { mindOfStep } from '../src/labday/prep/stepMind';
import { benchesOf, worksOf } from '../src/labday/day/work';
import { toldFor } from '../src/common/reader';
import type { AnalysisResult } from '../src/labday/judge/analyse';
import type { BenchEntry } from '../src/labday/day/labDay';
import type { Procedure } from '../src/planning/procedure/procedure';
import type { QuantityName } from '../src/planning/procedure/measures';
import { anyId, dayOf, shipped } from './support/day';

type Reading = readonly [name: string, quantity: QuantityName, value: number, more?: object];

/** What is worked out of readings, each a second after the one before. */
function found(procedure: Procedure, readings: readonly Reading[]): AnalysisResult[] {
  const day = dayOf([procedure], 1);
  const [work] = worksOf(day);
  const [bench] = work ? benchesOf(day, work) : [];
  if (!work || !bench) throw new Error('No work.');
  const entries = readings.map(([name, quantity, value, more], at): BenchEntry => ({
    id: anyId(),
    workId: work.id,
    stepId: work.procedure.steps[0]?.id ?? '',
    vessel: null,
    groupId: bench.id,
    part: 'test',
    record: { kind: 'measurement', name, quantity, value, ...more },
    supersedes: null,
    recordedAt: new Date(Date.UTC(2027, 1, 3, 10, 0, at)).toISOString(),
  }));
  expect(measurementsOf({ entries }, work, bench).map(({ value }) => value)).toEqual(
    readings.map(([, , value]) => value),
  );
  return analyse({ entries }, work, bench);
}

const withAnalysis = (analysis: Procedure['analyses'][number]): Procedure => ({
  ...shipped('sand-salt-iron'),
  analyses: [analysis],
});

describe('a density', () => {
  const procedure = withAnalysis({ kind: 'density', mass: 'mass', volume: 'volume' });

  it('says what is missing until both are read', () => {
    expect(found(procedure, [])).toMatchObject([{ state: 'open', missing: 'mass, volume' }]);
    expect(found(procedure, [['mass', 'mass', 27]])).toMatchObject([
      { state: 'open', missing: 'volume' },
    ]);
  });

  it('is mass over volume, with the uncertainties of both', () => {
    // Aluminium, CRC Handbook of Chemistry and Physics: 2.70 g/cm³. 27.0 g of it push 10 mL of water up, read to half a millilitre.
    const [result] = found(procedure, [
      ['mass', 'mass', 27],
      ['volume', 'volume', 10],
    ]);
    if (result?.state !== 'done' || result.found.kind !== 'density') throw new Error('Not done.');
    expect(result.found.value.value).toBeCloseTo(2.7, 6);
    // 2.7 × √((0.01/27)² + (0.5/10)²), by the propagation of GUM 5.1.2.
    expect(result.found.value.uncertainty).toBeCloseTo(0.135, 3);
    expect(tellFound(result.found).answer).toBe('2.70 ± 0.14 g/mL');
  });

  it('takes the last of several readings, and half of a range over √3 as its uncertainty', () => {
    const [result] = found(procedure, [
      ['mass', 'mass', 99],
      ['mass', 'mass', 27],
      ['volume', 'volume', 10, { low: 9, high: 11 }],
    ]);
    if (result?.state !== 'done' || result.found.kind !== 'density') throw new Error('Not done.');
    expect(result.found.value.value).toBeCloseTo(2.7, 6);
    expect(result.found.value.uncertainty).toBeCloseTo(2.7 * (1 / Math.sqrt(3) / 10), 3);
  });

  it('is refused, with a remedy, where it cannot be', () => {
    const [result] = found(procedure, [
      ['mass', 'mass', 27],
      ['volume', 'volume', 0],
    ]);
    expect(result).toMatchObject({ state: 'refused' });
    expect(result?.state === 'refused' && result.message).toContain('0 mL');
  });
});

describe('a recovery', () => {
  it('is the share that came back', () => {
    const [result] = found(shipped('sand-salt-iron'), [['the salt', 'mass', 1.8]]);
    if (result?.state !== 'done') throw new Error('Not done.');
    expect(tellFound(result.found).answer).toMatch(/^90\.?\d* ± .* % \(1\.8 g\)/);
  });
});

describe('a line', () => {
  const procedure = withAnalysis({ kind: 'line', x: 'charge', y: 'mass' });
  const points = (...values: readonly (readonly [number, number])[]): Reading[] =>
    values.flatMap(([x, y]): Reading[] => [
      ['charge', 'time', x],
      ['mass', 'mass', y],
    ]);

  it('needs two points', () =>
    expect(found(procedure, points([1, 2]))).toMatchObject([
      { state: 'open', missing: 'charge (1 of at least 2), mass (1 of at least 2)' },
    ]));

  it('goes through its points', () => {
    // Montgomery, Introduction to Statistical Quality Control: an exact line has R² = 1.
    const [result] = found(procedure, points([0, 1], [1, 3], [2, 5], [3, 7]));
    if (result?.state !== 'done') throw new Error('Not done.');
    expect(tellFound(result.found).answer).toMatch(/^slope 2\.00.*intercept 1\.00, R² = 1\.000$/);
    const [chart] = chartsOf(result.found, 'Bench 1');
    expect(chart?.series.map(({ name }) => name)).toEqual(['points', 'line']);
    expect(chart?.x).toBe('charge');
  });
});

describe('a temperature against time', () => {
  const procedure = withAnalysis({ kind: 'temperature', log: 'bath', massG: 50, vesselJPerK: 0 });
  const log = [21, 21, 21, 31, 31, 31].map((value, at): Reading => [
    'bath',
    'temperature',
    value,
    { elapsedS: at * 30 },
  ]);

  it('gives ΔT and the heat of its water', () => {
    const [result] = found(procedure, log);
    if (result?.state !== 'done' || result.found.kind !== 'temperature')
      throw new Error('Not done.');
    expect(result.found.result.deltaC).toBeCloseTo(10, 1);
    // q = −m·c·ΔT with c of water 4.18 J g⁻¹ K⁻¹ (CRC Handbook): −50 × 4.18 × 10 = −2.09 kJ.
    expect((result.found.result.heatJ ?? 0) / 1000).toBeCloseTo(-2.09, 2);
  });

  it('is told and drawn on the scale one reads', () => {
    const [result] = found(procedure, log);
    if (result?.state !== 'done') throw new Error('Not done.');
    const { found: what } = result;
    const american = { decimalSign: '.', scale: '°F' } as const;
    expect(tellFound(what).answer).toContain('ΔT = +10.0 °C');
    expect(toldFor(american, () => tellFound(what).answer)).toContain('ΔT = +18.0 °F');
    const [chart] = toldFor(american, () => chartsOf(what, 'Bench 1'));
    expect(chart?.y).toBe('Temperature, °F');
    expect(chart?.series[0]?.points[0]).toEqual({ x: 0, y: 69.8 });
  });
});

describe('what is kept under a name', () => {
  const rack = { vessels: [{ name: 'A', container: 'testTube' }], events: [] };
  const run = {
    id: crypto.randomUUID(),
    name: 'Blue flask',
    rack,
    keptAt: new Date().toISOString(),
  };

  it('is a sequence with a name', () => {
    expect(keptRunSchema.parse(run).rack.vessels).toEqual(rack.vessels);
    expect(keptRunSchema.safeParse({ ...run, name: '  ' }).error?.issues[0]?.message).toBe(
      'A kept sequence needs a name',
    );
  });

  it('is a procedure of one’s own, whole', () => {
    const own = {
      id: crypto.randomUUID(),
      procedure: shipped('sand-salt-iron'),
      savedAt: new Date().toISOString(),
    };
    expect(ownProcedureSchema.parse(own).procedure.name).toBe('Sand, salt and iron');
    const without = { ...own, procedure: { ...own.procedure, steps: [] } };
    expect(ownProcedureSchema.safeParse(without).success).toBe(false);
  });
});

describe('the cautions of a step', () => {
  it('is said beside the step that does it, and nowhere else', () => {
    const [work] = worksOf(dayOf(['gas-through-three-colours'], 1));
    if (!work) throw new Error('No work.');
    const told = work.procedure.steps.map((step) => mindOfStep(work, step).join(' '));
    // Sulfur dioxide: H331, toxic if inhaled (CLP Annex VI, index 016-011-00-9).
    expect(told.join(' ')).toMatch(/sulfur dioxide|SO2/i);
    expect(mindOfStep(work, { id: 'no such step' })).toEqual([]);
  });
});
