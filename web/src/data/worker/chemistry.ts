import { ChemistryError, inField, setReader } from '@stoichos/core/common';
import { daySafety, firstLooks } from '@stoichos/core/labday';
import type { Reader } from '@stoichos/core/common';
import { drawStructure } from '@stoichos/core/matter/structure';
import { alternatives, cutsFor } from '@stoichos/core/planning/procedure';
import { schedule } from '@stoichos/core/planning/schedule';
import { wastePlan } from '@stoichos/core/planning/waste';
import { dayReport } from '@stoichos/core/report/dayReport';
import { worksheet } from '@stoichos/core/report/worksheet';
import { likelyCauses } from '@stoichos/core/seeing/judgement';
import { arcsFrom, runRing } from '@stoichos/core/studies/cycle';
import { dishClearUp, dishOf, runDish, substitutes, whyNearer } from '@stoichos/core/studies/dish';
import {
  cellLiquid,
  estimateCurrent,
  hookWear,
  predictCell,
  spotEffects,
  vapourOf,
  viewCell,
  voltagesOf,
} from '@stoichos/core/studies/electrolysis';
import { gasCircuit, routesTo, unknownGasOutcomes } from '@stoichos/core/studies/gas';
import {
  allCompounds,
  findCompound,
  organicModel,
  readCandidate,
  inorganicClass,
  inorganicOutcomesOf,
  runScheme,
  checkSet,
  markAnswers,
} from '@stoichos/core/studies/identify';
import { drillsOf } from '@stoichos/core/studies/practice';
import { course, planColours } from '@stoichos/core/studies/shift';
import { findElectrode } from '@stoichos/core/vessel';
import type { CellSetup, LabDay, SealedUnknown, UnknownAnswer } from '@stoichos/core/labday';
import type { ClassPlan, Wanted } from '@stoichos/core/planning/procedure';
import type { ScheduleRequest, TimedTask } from '@stoichos/core/planning/schedule';
import type { Limits, WasteSource } from '@stoichos/core/planning/waste';
import type { ReportRequest } from '@stoichos/core/report/dayReport';
import type { WorksheetRequest } from '@stoichos/core/report/worksheet';
import type { Observation } from '@stoichos/core/seeing/observation';
import type { Plan } from '@stoichos/core/seeing/judgement';
import type { RingPlan } from '@stoichos/core/studies/cycle';
import type { DishRequest } from '@stoichos/core/studies/dish';
import type {
  CellCurrent,
  CellRequest,
  CellShape,
  Spot,
  Supply,
} from '@stoichos/core/studies/electrolysis';
import type { Model } from '@stoichos/core/studies/identify';
import type { DrillKind } from '@stoichos/core/studies/practice';
import type { ColourPlanRequest, CourseRequest } from '@stoichos/core/studies/shift';

/** Told now and then how much is done, 0 to 1. */
type Tell = (share: number) => void;

/** An error crosses to the other side only as plain words. */
export interface Failure {
  readonly message: string;
  readonly remedy: string;
}
export type Outcome<T> = { readonly value: T } | { readonly failure: Failure };

/** How often the other side is told, ms. */
const tellEveryMs = 100;

function watching(tell: Tell): (share: number) => boolean {
  let told = 0;
  return (share) => {
    const now = Date.now();
    if (now - told > tellEveryMs) {
      told = now;
      tell(share);
    }
    // Whoever no longer wants the answer ends the worker.
    return true;
  };
}

function outcome<T>(work: () => T): Outcome<T> {
  try {
    return { value: work() };
  } catch (error) {
    if (!(error instanceof ChemistryError)) throw error;
    return { failure: { message: error.message, remedy: error.remedy } };
  }
}

async function outcomeOf<T>(work: () => Promise<T>): Promise<Outcome<T>> {
  try {
    return { value: await work() };
  } catch (error) {
    return outcome<T>(() => {
      throw error;
    });
  }
}

/** A supply on a cell, to be tried. */
export interface CurrentTry {
  readonly request: CellRequest;
  readonly gapCm: number;
  readonly areaCm2: number;
  readonly supply: Supply;
}

/** A cell without a volume is looked at in so much, mL: concentrations alone decide its voltage. */
const anyVolumeMl = 100;

function shapeOf(request: CellRequest, gapCm: number, areaCm2: number): CellShape {
  return {
    liquid: cellLiquid(request, request.volumeMl ?? anyVolumeMl),
    cathode: inField('cathode', () => findElectrode(request.cathode)),
    anode: inField('anode', () => findElectrode(request.anode)),
    areaCm2,
    gapCm,
  };
}

/** The largest size a structure is drawn in. */
const structurePx = { width: 260, height: 180 };

/** Work that may take longer than a moment. */
export const chemistry = {
  /** For whom words are told from now on. */
  readFor: (reader: Reader) => setReader(reader),
  timetable: (
    request: ScheduleRequest,
    options: { readonly effort?: number; readonly startFrom?: readonly TimedTask[] },
    tell: Tell,
  ) => outcome(() => schedule(request, watching(tell), options)),
  cuts: (plan: ClassPlan, makespanMin: number, tell: Tell) =>
    outcome(() => cutsFor(plan, makespanMin, watching(tell))),
  alternatives: (wanted: Wanted, available: readonly string[] | undefined, tell: Tell) =>
    outcome(() => alternatives(wanted, available, watching(tell))),
  waste: (sources: readonly WasteSource[], limits: Limits, tell: Tell) =>
    outcome(() => wastePlan(sources, limits, watching(tell))),
  causes: (plan: Plan, seen: readonly Observation[], blank: readonly Observation[], tell: Tell) =>
    outcome(() => {
      const watch = watching(tell);
      return likelyCauses(plan, seen, {
        onProgress: watch,
        ...(blank.length > 0 && { blank }),
      });
    }),
  planColours: (request: ColourPlanRequest, tell: Tell) =>
    outcome(() => planColours(request, watching(tell))),
  course: (request: CourseRequest, tell: Tell) =>
    outcome(() => {
      tell(0);
      return course(request);
    }),
  dish: (request: DishRequest, tell: Tell) =>
    outcome(() => {
      const run = runDish(request, watching(tell));
      return { run, nearness: whyNearer(dishOf(request)) };
    }),
  dishClearUp: (request: DishRequest, limits: Limits, tell: Tell) =>
    outcome(() => {
      tell(0);
      return dishClearUp(request, limits);
    }),
  dishSubstitutes: (request: DishRequest, tell: Tell) =>
    outcome(() => substitutes(request, watching(tell))),
  cell: (request: CellRequest, current: CellCurrent, tell: Tell) =>
    outcome(() => {
      tell(0);
      const cell = predictCell(request, current);
      return { cell, view: viewCell(cell) };
    }),
  drop: (request: CellRequest, current: CellCurrent, placed: readonly Spot[], tell: Tell) =>
    outcome(() => {
      tell(0);
      const cell = predictCell(request, current);
      return { effects: spotEffects(cell, placed), vapour: vapourOf(cell)?.formula };
    }),
  hooks: (request: CellRequest, current: CellCurrent, tell: Tell) =>
    outcome(() => {
      tell(0);
      const { liquid, cathode, anode, areaCm2, densityAPerCm2 } = predictCell(request, current);
      return hookWear({
        liquid,
        cathode: cathode.electrode.material,
        anode: anode.electrode.material,
        areaCm2,
        currentA: densityAPerCm2 * areaCm2,
      });
    }),
  currents: (tries: readonly CurrentTry[], tell: Tell) =>
    outcome(() =>
      tries.map(({ request, gapCm, areaCm2, supply }, at) => {
        tell(at / tries.length);
        return estimateCurrent(shapeOf(request, gapCm, areaCm2), supply);
      }),
    ),
  voltages: (setup: CellSetup, areaCm2: number, currentA: number, tell: Tell) =>
    outcome(() => {
      tell(0);
      const shape = shapeOf(setup.cell, setup.gapCm, areaCm2);
      return voltagesOf({ ...shape, ...(setup.metal && { cover: setup.metal }) })(currentA);
    }),
  gasRoutes: (gas: string, available: readonly string[] | undefined, tell: Tell) =>
    outcome(() => routesTo(gas, available, watching(tell))),
  gasCircuit: (gas: string, reagents: readonly string[], tell: Tell) =>
    outcome(() => {
      tell(0);
      return gasCircuit(gas, reagents);
    }),
  /** All listed compounds and one’s own, with what they show. */
  organicCandidates: (
    own: readonly { readonly name: string; readonly smiles: string }[],
    tell: Tell,
  ) =>
    outcomeOf(async () => {
      tell(0);
      const listed = await allCompounds();
      const added = await Promise.all(own.map((one) => findCompound(one)));
      const names = new Set(added.map(({ name }) => name));
      const compounds = [...added, ...listed.filter(({ name }) => !names.has(name))];
      return { compounds, model: organicModel(compounds) };
    }),
  structure: (smiles: string, tell: Tell) =>
    outcomeOf(async () => {
      tell(0);
      return drawStructure(smiles, structurePx.width, structurePx.height);
    }),
  /** What salts and mixtures show, by the engine. */
  inorganicOutcomes: (candidates: readonly string[], tell: Tell) =>
    outcome(() => {
      const watch = watching(tell);
      return candidates.map((text, at) => {
        watch(at / candidates.length);
        const candidate = readCandidate(text);
        return {
          name: candidate.name,
          class: inorganicClass(candidate),
          outcomes: inorganicOutcomesOf(candidate),
        };
      });
    }),
  scheme: (mixture: string, tell: Tell) =>
    outcome(() => {
      tell(0);
      return runScheme(readCandidate(mixture));
    }),
  checkSet: (model: Model, tests: readonly string[], tell: Tell) =>
    outcome(() => {
      tell(0);
      return checkSet(model, (test) => tests.includes(test));
    }),
  drills: (kind: DrillKind, tell: Tell) =>
    outcome(() => {
      tell(0);
      return drillsOf(kind);
    }),
  gasOutcomes: (tell: Tell) => outcome(() => unknownGasOutcomes(watching(tell))),
  ring: (plan: RingPlan, tell: Tell) =>
    outcome(() => {
      tell(0);
      return runRing(plan);
    }),
  arcsFrom: (formula: string, tell: Tell) =>
    outcome(() => {
      tell(0);
      return arcsFrom(formula);
    }),
  report: (
    request: Omit<ReportRequest, 'unknowns'>,
    jars: readonly (SealedUnknown & { readonly answer: UnknownAnswer | null })[],
    salts: readonly string[],
    tell: Tell,
  ) =>
    outcomeOf(async () => {
      const watch = watching(tell);
      const answered = jars.flatMap(({ kind, key, answer }) =>
        answer ? [{ kind, key, answer: answer.answer, results: answer.results }] : [],
      );
      const marks = await markAnswers(answered, salts, watch);
      const unknowns = jars.map((jar) => ({
        ...jar,
        mark: jar.answer ? (marks.shift() ?? null) : null,
      }));
      return dayReport({ ...request, unknowns }, watch);
    }),
  worksheet: (request: WorksheetRequest, tell: Tell) =>
    outcome(() => {
      tell(0);
      return worksheet(request);
    }),
  firstLooks: (day: Pick<LabDay, 'procedures' | 'weighings'>, tell: Tell) =>
    outcome(() => {
      tell(0);
      return firstLooks(day);
    }),
  safety: (day: LabDay, tell: Tell) =>
    outcome(() => {
      tell(0);
      return daySafety(day);
    }),
};

export type Chemistry = typeof chemistry;
