import { ChemistryError } from '../../common/errors';
import { compareDrops, concentrationByDrops, meanDrops } from '../../measuring/dropCounts';
import type { DropComparison } from '../../measuring/dropCounts';
import { hydrate } from '../../measuring/hydrate';
import type { HydrateRequest, HydrateResult } from '../../measuring/hydrate';
import { density, recovery } from '../../measuring/separation';
import type { Recovery } from '../../measuring/separation';
import { straightLine } from '../../measuring/straightLine';
import type { Point, StraightLine } from '../../measuring/straightLine';
import { filmFreezing, readTemperatureLog, waterJPerGK } from '../../measuring/temperatureLog';
import type {
  FilmFreezing,
  TemperatureChange,
  TemperatureReading,
} from '../../measuring/temperatureLog';
import type { Quantity } from '../../measuring/uncertainty';
import type { Analysis } from '../../planning/procedure/measures';
import { recordsOf, standingEntries } from '../day/currentRecords';
import { firstSettings } from '../settings/settings';
import type { LabDay, RecordOf } from '../day/labDay';
import type { Settings } from '../settings/settings';
import type { Bench, Work } from '../day/work';

type Measurement = RecordOf<'measurement'> & { readonly recordedAt: string };

/** What is worked out of a bench’s measurements, or what is still missing for it. */
export type AnalysisResult = { readonly analysis: Analysis; readonly uses: readonly string[] } & (
  | { readonly state: 'open'; readonly missing: string }
  | { readonly state: 'refused'; readonly message: string; readonly remedy: string }
  | { readonly state: 'done'; readonly found: Found }
);

/** What was found, by its kind. */
export type Found =
  | { readonly kind: 'hydrate'; readonly result: HydrateResult; readonly request: HydrateRequest }
  | {
      readonly kind: 'temperature';
      readonly result: TemperatureChange;
      readonly readings: readonly TemperatureReading[];
      readonly film?: FilmFreezing;
    }
  | {
      readonly kind: 'drops';
      readonly counts: readonly {
        readonly of: string;
        readonly mean: Quantity;
        /** Of the sample, mol/L, where volume and reagent are known. */
        readonly concentrationM?: Quantity;
        readonly drops: readonly number[];
      }[];
      readonly comparisons: readonly DropComparison[];
    }
  | { readonly kind: 'density'; readonly value: Quantity }
  | { readonly kind: 'recovery'; readonly result: Recovery; readonly gotG: number }
  | {
      readonly kind: 'line';
      readonly line: StraightLine;
      readonly points: readonly Point[];
      /** What the axes stand for: the measurements by name. */
      readonly x: string;
      readonly y: string;
    };

/** A balance of a school, a cylinder and a ruler read by eye are within this, in their unit (common practice). */
const usualUncertainty = { mass: 0.01, volume: 0.5 } as const;

/** What the working out hangs on besides the measurements. */
export type Habits = Pick<Settings, 'heating' | 'dropsPerMl'>;

/** Everything that is worked out for one piece of work at one bench. */
export function analyse(
  day: Pick<LabDay, 'entries'>,
  work: Work,
  bench: Bench,
  habits: Habits = firstSettings,
): AnalysisResult[] {
  const measured = measurementsOf(day, work, bench);
  return work.procedure.analyses.map((analysis) => one(analysis, measured, habits));
}

/** What a bench measured in a piece of work, in the order it was read. */
export function measurementsOf(
  day: Pick<LabDay, 'entries'>,
  work: Work,
  bench: Bench,
): Measurement[] {
  const standing = standingEntries(day.entries, {
    workId: work.id,
    groupId: bench.id,
    part: 'test',
  });
  return standing
    .filter(({ record }) => record.kind === 'measurement')
    .flatMap((entry) =>
      recordsOf([entry], 'measurement').map((record) => ({
        ...record,
        recordedAt: entry.recordedAt,
      })),
    );
}

function one(analysis: Analysis, measured: readonly Measurement[], habits: Habits): AnalysisResult {
  const named = (name: string) => measured.filter((reading) => reading.name === name);
  const missing = wanting(analysis, (name) => named(name).length);
  const uses: string[] = [];
  if (missing) return { analysis, uses, state: 'open', missing };
  try {
    return { analysis, uses, state: 'done', found: work(analysis, named, habits) };
  } catch (error) {
    if (!(error instanceof ChemistryError)) throw error;
    const { message, remedy } = error;
    return { analysis, uses, state: 'refused', message, remedy };
  }
}

/** What is not there yet, in words; undefined when there is enough. */
function wanting(analysis: Analysis, count: (name: string) => number): string | undefined {
  const need = (name: string, least = 1): string | undefined =>
    count(name) >= least
      ? undefined
      : least === 1
        ? name
        : `${name} (${count(name)} of at least ${least})`;
  const all = (...wanted: (string | undefined)[]): string | undefined =>
    wanted.filter((one) => one !== undefined).join(', ') || undefined;
  switch (analysis.kind) {
    case 'hydrate':
      return all(need(analysis.dish), need(analysis.filled), need(analysis.heated));
    case 'temperature':
      return all(need(analysis.log, 2));
    case 'drops':
      return all(...analysis.counts.map(({ measure }) => need(measure)));
    case 'density':
      return all(need(analysis.mass), need(analysis.volume));
    case 'recovery':
      return all(need(analysis.got));
    case 'line':
      return all(need(analysis.x, 2), need(analysis.y, 2));
  }
}

type Named = (name: string) => readonly Measurement[];

function work(analysis: Analysis, named: Named, { heating, dropsPerMl }: Habits): Found {
  const last = (name: string): Quantity => {
    const reading = named(name).at(-1);
    const quantity = reading?.quantity;
    const usual = quantity === 'mass' || quantity === 'volume' ? usualUncertainty[quantity] : 0;
    return {
      value: reading?.value ?? NaN,
      uncertainty: reading?.uncertainty ?? halfRange(reading) ?? usual,
    };
  };
  switch (analysis.kind) {
    case 'hydrate': {
      const { anhydrous, literatureX } = analysis;
      const request: HydrateRequest = {
        anhydrous,
        dishG: last(analysis.dish).value,
        withHydrateG: last(analysis.filled).value,
        weighingsG: named(analysis.heated).map(({ value }) => value),
        balanceUncertaintyG: Math.max(last(analysis.heated).uncertainty, 1e-4),
        school: heating,
        ...(literatureX !== undefined && { literatureX }),
      };
      return { kind: 'hydrate', result: hydrate(request), request };
    }
    case 'temperature':
      return temperatureOf(analysis, named(analysis.log));
    case 'drops': {
      const counts = analysis.counts.map(({ measure, of }) => ({
        name: of,
        drops: named(measure).map(({ value, lastingColourAt }) => lastingColourAt ?? value),
      }));
      return {
        kind: 'drops',
        counts: counts.map((count, at) => {
          const { sampleMl, protons } = analysis.counts[at] ?? {};
          const concentrationM =
            sampleMl !== undefined && analysis.reagentM !== undefined
              ? concentrationByDrops({ ...count, sampleMl }, analysis.reagentM, protons, dropsPerMl)
              : undefined;
          return {
            of: count.name,
            drops: count.drops,
            mean: meanDrops(count),
            ...(concentrationM && { concentrationM }),
          };
        }),
        comparisons: compareDrops(counts),
      };
    }
    case 'density':
      return { kind: 'density', value: density(last(analysis.mass), last(analysis.volume)) };
    case 'recovery': {
      const got = last(analysis.got);
      const there = { value: analysis.thereG, uncertainty: usualUncertainty.mass };
      return { kind: 'recovery', result: recovery(got, there), gotG: got.value };
    }
    case 'line': {
      const ys = named(analysis.y);
      const points = named(analysis.x).flatMap(({ value: x }, at) => {
        const y = ys[at]?.value;
        return y === undefined ? [] : [{ x, y }];
      });
      return { kind: 'line', line: straightLine(points), points, x: analysis.x, y: analysis.y };
    }
  }
}

/** An approximate amount lies anywhere in its range: half of it over √3 (GUM 4.3.7). */
function halfRange(reading: Measurement | undefined): number | undefined {
  return reading?.low === undefined || reading.high === undefined
    ? undefined
    : (reading.high - reading.low) / 2 / Math.sqrt(3);
}

function temperatureOf(
  { massG, vesselJPerK, of, filmG }: Extract<Analysis, { kind: 'temperature' }>,
  measured: readonly Measurement[],
): Found {
  const start = Date.parse(measured[0]?.recordedAt ?? '');
  const readings = measured.map(({ value, elapsedS, recordedAt }) => ({
    timeS: elapsedS ?? (Date.parse(recordedAt) - start) / 1000,
    temperatureC: value,
  }));
  const result = readTemperatureLog({
    readings,
    ...(massG !== undefined && { massG }),
    ...(vesselJPerK !== undefined && { vesselJPerK }),
    ...(of && { amountMol: of.amountMol }),
  });
  const capacity = massG === undefined ? undefined : massG * waterJPerGK + (vesselJPerK ?? 0);
  return {
    kind: 'temperature',
    result,
    readings,
    ...(filmG !== undefined &&
      capacity !== undefined && {
        film: filmFreezing(filmG, result.lowestC, capacity, result.startC),
      }),
  };
}
