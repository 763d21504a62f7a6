import { ChemistryError, inField } from '../../common/errors';
import { rackRunner } from '../../seeing/rack/rack';
import type { Rack } from '../../seeing/rack/rackShape';
import type { RackOutcome, RackStep } from '../../seeing/rack/rack';
import type { Procedure, Step } from './procedure';

/** What the engine says of one step. */
export interface RunStep {
  readonly step: Step;
  /** One for each event of the step, in order. */
  readonly did: readonly RackStep[];
  /** Why something in it is not predicted; empty where all of it is. */
  readonly notPredicted: readonly string[];
}

/** A procedure as the engine runs it. */
export interface ProcedureRun {
  readonly steps: readonly RunStep[];
  /** Every vessel at the end, by name. */
  readonly end: RackOutcome['now'];
  /** The step that cannot be done, and what follows it is not run. */
  readonly refused?: Pick<ChemistryError, 'code' | 'message' | 'remedy'> & {
    readonly stepId: string;
    /** What of the step cannot be done, as a path. */
    readonly field?: string;
  };
}

/**
 * Runs a procedure through the engine. What is expected is computed here and nowhere written down.
 *
 * @returns the steps up to the first that cannot be done, which is named with the reason.
 */
export function runProcedure(procedure: Pick<Procedure, 'vessels' | 'steps'>): ProcedureRun {
  return procedureRunner()(procedure);
}

/** Like {@link runProcedure}, calculating only what changed since the last time. */
export function procedureRunner(): (
  procedure: Pick<Procedure, 'vessels' | 'steps'>,
) => ProcedureRun {
  const run = rackRunner();
  return ({ vessels, steps }) => {
    const events = steps.flatMap((step) => step.events);
    const { outcome, refused } = asFarAsPossible(run, { vessels, events });
    const told: RunStep[] = [];
    let at = 0;
    for (const step of steps) {
      const next = at + step.events.length;
      if (refused && refused.event < next && step.events.length > 0) {
        const inStep = `events.${refused.event - at}`;
        const { code, message, remedy, field } = refused.error.renamed(
          `events.${refused.event}`,
          inStep,
        );
        const why = { code, message, remedy, ...(field !== undefined && { field }) };
        return { steps: told, end: outcome.now, refused: { stepId: step.id, ...why } };
      }
      told.push(tellStep(step, outcome.steps.slice(at, next)));
      at = next;
    }
    return { steps: told, end: outcome.now };
  };
}

function tellStep(step: Step, did: readonly RackStep[]): RunStep {
  const reasons = did.flatMap(({ told }) => told.notPredicted);
  if (step.notPredicted) reasons.unshift(step.notPredicted);
  return { step, did, notPredicted: [...new Set(reasons)] };
}

interface Reached {
  readonly outcome: RackOutcome;
  readonly refused?: { readonly event: number; readonly error: ChemistryError };
}

function asFarAsPossible(run: (rack: Rack) => RackOutcome, rack: Rack): Reached {
  try {
    return { outcome: run(rack) };
  } catch (error) {
    const event = error instanceof ChemistryError ? eventOf(error) : undefined;
    if (event === undefined || !(error instanceof ChemistryError)) throw error;
    const outcome = inField('steps', () => run({ ...rack, events: rack.events.slice(0, event) }));
    return { outcome, refused: { event, error } };
  }
}

/** Which event of the rack an error came from. */
function eventOf({ field }: ChemistryError): number | undefined {
  const number = /^events\.(\d+)/.exec(field ?? '')?.[1];
  return number === undefined ? undefined : Number(number);
}
