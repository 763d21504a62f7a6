import { ChemistryError, inField, setReader } from '@stoichos/core/common';
import { daySafety, riskAssessment, firstLooks, weighingEffects } from '@stoichos/core/labday/prep';
import type { Reader } from '@stoichos/core/common';
import { alternatives } from '@stoichos/core/planning/alternatives';
import type { Wanted } from '@stoichos/core/planning/alternatives';
import { drawStructure } from '@stoichos/core/matter/structure';
import { cutsFor, procedureRunner, runProcedure } from '@stoichos/core/planning/procedure';
import { schedule } from '@stoichos/core/planning/schedule';
import { wastePlan } from '@stoichos/core/planning/waste';
import { dayReport } from '@stoichos/core/report/dayReport';
import { worksheet } from '@stoichos/core/report/worksheet';
import { likelyCauses } from '@stoichos/core/seeing/judgement';
import {
  compareRuns,
  predictMixing,
  predictSolution,
  rackRunner,
} from '@stoichos/core/seeing/rack';
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
import type { Portion } from '@stoichos/core/vessel';
import type { CellSetup } from '@stoichos/core/labday/cells';
import type { SealedUnknown, UnknownAnswer } from '@stoichos/core/labday/access';
import type { ClassPlan, Procedure } from '@stoichos/core/planning/procedure';
import type { ScheduleRequest, TimedTask } from '@stoichos/core/planning/schedule';
import type { Limits, WasteSource } from '@stoichos/core/planning/waste';
import type { ReportRequest } from '@stoichos/core/report/dayReport';
import type { Observation } from '@stoichos/core/seeing/observation';
import type { Plan } from '@stoichos/core/seeing/judgement';
import type { Rack } from '@stoichos/core/seeing/rack';
import type { DishRequest } from '@stoichos/core/studies/dish';
import type {
  CellCurrent,
  CellRequest,
  CellShape,
  CurrentTry,
  Spot,
} from '@stoichos/core/studies/electrolysis';
import type { Model } from '@stoichos/core/studies/identify';
import type { ColourPlanRequest } from '@stoichos/core/studies/shift';

/** Told now and then how much is done, 0 to 1. */
type Tell = (share: number) => void;

/** An error crosses to the other side only as plain words. */
export interface Failure {
  readonly message: string;
  readonly remedy: string;
  /** What of the question it is about, where that is known. */
  readonly field?: string | null;
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
    const { message, remedy, field } = error;
    return { failure: { message, remedy, ...(field !== undefined && { field }) } };
  }
}

/** {@link quick} for work that waits for something. */
function quickly<A extends unknown[], T>(work: (...given: A) => Promise<T>) {
  return (...given: [...A, Tell]): Promise<Outcome<T>> =>
    outcomeOf(() => work(...(given.slice(0, -1) as A)));
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

/** Work of one piece, which cannot tell how far it has come. */
function quick<A extends unknown[], T>(work: (...given: A) => T) {
  return (...given: [...A, Tell]): Outcome<T> => outcome(() => work(...(given.slice(0, -1) as A)));
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

/** What is on the bench grows event by event; each worker keeps what it last calculated. */
const racks = rackRunner();
const drafts = procedureRunner();

/** Work that may take longer than a moment. */
export const chemistry = {
  /** For whom words are told from now on. */
  readFor: (reader: Reader) => setReader(reader),
  rack: quick(racks),
  /** Whether a rack can be run, and why not: what cannot be done is an answer here. */
  tryRack: quick((rack: Rack) => outcome(() => racks(rack) && true)),
  compareRuns: quick(compareRuns),
  draft: quick(drafts),
  mixing: quick(predictMixing),
  solutions: quick((made: readonly Portion[]) =>
    made.map((solution) => predictSolution(solution, 'flask')),
  ),
  runs: (procedures: readonly Procedure[], tell: Tell) =>
    outcome(() => {
      const watch = watching(tell);
      return procedures.map((procedure, at) => {
        watch(at / procedures.length);
        return runProcedure(procedure);
      });
    }),
  weighingEffects: quick(weighingEffects),
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
    outcome(() =>
      likelyCauses(plan, seen, {
        onProgress: watching(tell),
        ...(blank.length > 0 && { blank }),
      }),
    ),
  planColours: (request: ColourPlanRequest, tell: Tell) =>
    outcome(() => planColours(request, watching(tell))),
  course: quick(course),
  dish: (request: DishRequest, tell: Tell) =>
    outcome(() => {
      const run = runDish(request, watching(tell));
      return { run, nearness: whyNearer(dishOf(request)) };
    }),
  dishClearUp: quick(dishClearUp),
  dishSubstitutes: (request: DishRequest, tell: Tell) =>
    outcome(() => substitutes(request, watching(tell))),
  cell: quick((request: CellRequest, current: CellCurrent) => {
    const cell = predictCell(request, current);
    return { cell, view: viewCell(cell) };
  }),
  drop: quick((request: CellRequest, current: CellCurrent, placed: readonly Spot[]) => {
    const cell = predictCell(request, current);
    return { effects: spotEffects(cell, placed), vapour: vapourOf(cell)?.formula };
  }),
  hooks: quick((request: CellRequest, current: CellCurrent) => {
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
  voltages: quick((setup: CellSetup, areaCm2: number, currentA: number) => {
    const shape = shapeOf(setup.cell, setup.gapCm, areaCm2);
    return voltagesOf({ ...shape, ...(setup.metal && { cover: setup.metal }) })(currentA);
  }),
  gasRoutes: (gas: string, available: readonly string[] | undefined, tell: Tell) =>
    outcome(() => routesTo(gas, available, watching(tell))),
  gasCircuit: quick(gasCircuit),
  /** All listed compounds and one’s own, with what they show. */
  organicCandidates: quickly(
    async (own: readonly { readonly name: string; readonly smiles: string }[]) => {
      const listed = await allCompounds();
      const added = await Promise.all(own.map((one) => findCompound(one)));
      const names = new Set(added.map(({ name }) => name));
      const compounds = [...added, ...listed.filter(({ name }) => !names.has(name))];
      return { compounds, model: organicModel(compounds) };
    },
  ),
  structure: quickly(async (smiles: string) =>
    drawStructure(smiles, structurePx.width, structurePx.height),
  ),
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
  scheme: quick((mixture: string) => runScheme(readCandidate(mixture))),
  checkSet: quick((model: Model, tests: readonly string[]) =>
    checkSet(model, (test) => tests.includes(test)),
  ),
  drills: quick(drillsOf),
  gasOutcomes: (tell: Tell) => outcome(() => unknownGasOutcomes(watching(tell))),
  ring: quick(runRing),
  arcsFrom: quick(arcsFrom),
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
  worksheet: quick(worksheet),
  firstLooks: quick(firstLooks),
  safety: quick(daySafety),
  risk: quick(riskAssessment),
};

export type Chemistry = typeof chemistry;
