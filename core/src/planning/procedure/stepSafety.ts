import { molarMassOf } from '../../matter/formula/molarMass';
import { findSubstance } from '../../matter/substances/findSubstance';
import { isWater } from '../../matter/substances/isWater';
import { clashes, heldIn } from '../../safety/clashes';
import type { Clash } from '../../safety/clashes';
import { hazardRank } from '../../safety/hazardRank';
import type { Bottle } from '../../safety/hazards';
import { nearNames } from '../../safety/nearNames';
import type { NearName } from '../../safety/nearNames';
import { vesselsOf } from '../../seeing/rack/rackShape';
import type { RackEvent } from '../../seeing/rack/rackShape';
import type { ToldStep } from '../../seeing/rack/mix';
import type { AnyPortion } from '../../vessel/portion';
import type { Manner } from './manner';
import type { Step } from './procedure';
import type { ProcedureRun, RunStep } from './runProcedure';

/** What deserves care in one step. */
export interface StepSafety {
  readonly stepId: string;
  /** What comes into hands, at its strength. */
  readonly bottles: readonly Bottle[];
  /** Meetings inside a vessel that should not be, or only with care. */
  readonly clashes: readonly Clash[];
  /** What the engine warns of. */
  readonly warnings: readonly string[];
  /** Names that have been mixed up with one used here. */
  readonly nearNames: readonly NearName[];
  /** More than a class should handle. */
  readonly quantities: readonly string[];
}

/** Codes of the engine that say how sure it is; they are no cautions. */
const notesOnly: ReadonlySet<string> = new Set(['approximate', 'heldBack', 'repeats', 'sealed']);
/** Substances of this grade are for the instructor’s hands. */
const demonstrationGrade = 5;

/** What deserves care in every step of a procedure, from the engine run through it and the tables of hazards. */
export function stepSafety({ steps }: Pick<ProcedureRun, 'steps'>, manner: Manner): StepSafety[] {
  const stands = new Map<string, ToldStep>();
  return steps.map((run) => {
    const found = run.did.flatMap(({ told }, at) => {
      const event = run.step.events[at];
      const met = event ? meetings(event, stands) : [];
      const receiver = event && vesselsOf(event).at(-1);
      if (receiver) stands.set(receiver, told);
      // What was poured away whole is empty now.
      if (event && 'pour' in event && event.share === undefined && !event.filtered)
        stands.delete(event.pour);
      return met;
    });
    const bottles = putIn(run.step);
    return {
      stepId: run.step.id,
      bottles,
      clashes: [...new Map(found.map((clash) => [clashKey(clash), clash])).values()],
      warnings: warningsIn(run),
      nearNames: [...new Set(bottles.map(({ substance }) => substance))].flatMap(nearNames),
      quantities: quantityProblems(run, manner),
    };
  });
}

const clashKey = ({ one, other, gives }: Clash): string => `${one} ${other} ${gives}`;

/** What the engine warns of; the same with other numbers once for a vessel, as it stands at the end of the step. */
function warningsIn({ did }: RunStep): string[] {
  const last = new Map<string, string>();
  for (const { vessel, told } of did)
    for (const { code, message } of told.warnings)
      // What must not meet is told of the step itself.
      if (!notesOnly.has(code) && code !== 'neverMix')
        last.set(`${vessel} ${message.replace(/\d+(\.\d+)?/g, '#')}`, message);
  return [...new Set(last.values())];
}

/** The cautions of one step, in sentences: too much of something, what should not meet, what the engine warns of. */
export function mindOf({
  quantities,
  clashes: met,
  warnings,
}: Pick<StepSafety, 'quantities' | 'clashes' | 'warnings'>): string[] {
  return [
    ...quantities.map((line) => `${line}.`),
    ...met.map(
      ({ one, other, gives, never }) => `${never ? 'Never: ' : ''}${one} with ${other}: ${gives}.`,
    ),
    ...warnings,
  ];
}

/** Everything a step puts in, by formula and strength, water and indicators apart. */
export function putIn({ events }: Pick<Step, 'events'>): Bottle[] {
  const found = events.flatMap((event): Bottle[] => {
    if (!('vessel' in event)) return [];
    const { action } = event;
    if (action.do === 'bubble') return bottleOf({ gas: action.gas, amountMmol: 0 });
    return action.do === 'add' ? bottleOf(action.portion) : [];
  });
  return [...new Map(found.map((one) => [bottleKey(one), one])).values()];
}

const bottleKey = ({ substance, concentrationM }: Bottle): string =>
  `${substance} ${concentrationM ?? ''}`;

/** The bottle or jar a portion comes from; none for water and drops of an indicator. */
export function bottleOf(portion: AnyPortion): Bottle[] {
  if ('indicator' in portion) return [];
  const name = 'gas' in portion ? portion.gas : portion.substance;
  if (isWater(name)) return [];
  const { substance, form } = findSubstance(name);
  const { formula } = substance;
  if ('concentrationM' in portion)
    return [{ substance: formula, concentrationM: portion.concentrationM }];
  if ('percentWV' in portion) {
    const concentrationM = (10 * portion.percentWV) / molarMassOf(form ?? formula);
    return [{ substance: formula, concentrationM }];
  }
  return [{ substance: formula }];
}

/** What an event brings together that the tables of incompatibility know. */
function meetings(event: RackEvent, stands: ReadonlyMap<string, ToldStep>): readonly Clash[] {
  if ('vessel' in event) {
    const there = stands.get(event.vessel);
    if (!there || event.action.do !== 'add' || 'indicator' in event.action.portion) return [];
    const { portion } = event.action;
    if ('gas' in portion) return clashes(heldIn(there.state), { substance: portion.gas });
    if (isWater(portion.substance)) return clashes(heldIn(there.state), { substance: 'water' });
    return clashes(heldIn(there.state), {
      substance: findSubstance(portion.substance).substance.formula,
      ...('concentrationM' in portion && { concentrationM: portion.concentrationM }),
    });
  }
  const [from = '', into = ''] = vesselsOf(event);
  const [giver, receiver] = [stands.get(from), stands.get(into)];
  if (!giver || !receiver) return [];
  return heldIn(giver.state).flatMap((held) => clashes(heldIn(receiver.state), held));
}

/** That too much of a metal meets water the engine warns of itself. */
function quantityProblems({ step }: RunStep, manner: Manner): string[] {
  return step.events.flatMap((event): string[] => {
    if (!('vessel' in event) || event.action.do !== 'add') return [];
    const { portion } = event.action;
    if ('gas' in portion) return [];
    // Diluting a poison does not make it one for groups.
    return bottleOf(portion).flatMap(({ substance }) =>
      manner === 'groups' && hazardRank(substance) >= demonstrationGrade
        ? [`${substance} can kill: for the instructor’s hands, not for groups`]
        : [],
    );
  });
}
