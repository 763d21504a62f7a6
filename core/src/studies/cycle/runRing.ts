import { sidesOf } from '../../matter/equation/sides';
import type { ReactionTypes } from '../../matter/equation/reactionType';
import { ChemistryError, inField } from '../../common/errors';
import { molarMassOf } from '../../matter/formula/molarMass';
import { parseFormula } from '../../matter/formula/parseFormula';
import { viewVessel } from '../../seeing/appearance/vesselView';
import type { VesselView } from '../../seeing/appearance/vesselView';
import { describeObservation, tellsChange } from '../../seeing/observation/observation';
import type { Observation } from '../../seeing/observation/observation';
import { observeStep } from '../../seeing/rack/observeStep';
import { solubilityM } from '../../solution/preparation/solubility';
import { findSubstance } from '../../matter/substances/findSubstance';
import { act, setUp } from '../../vessel/act';
import type { Action } from '../../vessel/action';
import type { Reaction } from '../../vessel/reaction';
import type { AnyPortion } from '../../vessel/portion';
import type { EventResult } from '../../vessel/eventResult';
import { actionOf, meansText } from './means';
import type { ArcMeans } from './means';
import type { RingPlan } from './rings';

/** One arrow of a ring as the engine runs it. */
export interface Arc {
  readonly from: string;
  readonly to: string;
  readonly means: ArcMeans;
  readonly how: string;
  readonly equation: string;
  readonly types: ReactionTypes;
  /** What is seen, in the bench’s vocabulary and in words. */
  readonly observations: readonly Observation[];
  readonly evidence: readonly string[];
  readonly before: VesselView;
  readonly after: VesselView;
  /** mol of what comes for each mol of what was there. */
  readonly ratio: number;
  readonly warnings: readonly string[];
  /** What the vessel begins with and what is done, for a class that does it. */
  readonly contents: readonly AnyPortion[];
  readonly action: Action;
}

/** A ring as the engine runs it. */
export interface Ring {
  readonly name: string;
  readonly start: string;
  /** The start as it is in the jar, with its crystal water. */
  readonly startKept: string;
  readonly arcs: readonly Arc[];
  /** Whether it ends where it began. */
  readonly closes: boolean;
}

/** Of each compound, for a class, mmol. */
const compoundMmol = 10;
/** RouteReagent for each of the compound: what the usual salts take, with an excess. */
const equivalents: Readonly<Record<string, number>> = {
  HCl: 2.4,
  HNO3: 2.4,
  H2SO4: 1.2,
  NaOH: 2.2,
  KOH: 2.2,
  Na2CO3: 1.1,
  NH3: 2.4,
  CO2: 0.95,
  Zn: 1.2,
  Mg: 1.2,
  Fe: 1.2,
};
const ofConcentrated = 5;
const solutionM = 0.5;

/** A formula without its crystal water. */
const base = (formula: string): string => formula.split('·')[0] ?? formula;

/**
 * Runs a ring arrow by arrow, each from a fresh portion of its compound: equation, types and evidence are the engine’s.
 *
 * @throws ChemistryError for an unknown compound, or an arrow that does not give what it should, naming it.
 * @example runRing(rings[0]).arcs[1].equation // 'CaO(s) + H2O(l) → Ca(OH)2(s)'
 */
export function runRing({ name, start, arcs }: RingPlan): Ring {
  if (arcs.length === 0) throw ChemistryError.of('emptyRing').in('arcs');
  const { substance } = inField('start', () => findSubstance(start));
  let from = substance.formula;
  const run = arcs.map(({ means, to }, at): Arc => {
    const arc = inField(`arcs.${at}`, () => runArc(from, means, to));
    from = arc.to;
    return arc;
  });
  return {
    name,
    start: substance.formula,
    startKept: substance.forms[0].formula,
    arcs: run,
    closes: base(from) === base(substance.formula),
  };
}

/** Runs one arrow, to what it is said to give. */
export function runArc(from: string, means: ArcMeans, to: string): Arc {
  const found = outcomes(from, means).find((arc) => base(arc.to) === base(to));
  if (found) return found;
  const comes = outcomes(from, means).map((arc) => arc.to);
  throw ChemistryError.of(
    'arcDoesNotGo',
    `${from}: ${meansText(means)}`,
    to,
    comes.length > 0 ? comes.join(' or ') : 'nothing new',
  );
}

/**
 * What a means makes of a compound, as far as it carries on the element that goes round.
 *
 * @returns one arc for each compound that comes; none where nothing does.
 */
export function outcomes(from: string, means: ArcMeans): Arc[] {
  const element = carried(from);
  const contents = contentsOf(from, means);
  const before = setUp({
    contents: [...contents],
    container: means.by === 'heat' ? 'crucible' : 'beaker',
  });
  const reagent = 'substance' in means ? means.substance : '';
  const action = actionOf(means, {
    compoundMmol,
    equivalents: means.by === 'concentrated' ? ofConcentrated : (equivalents[reagent] ?? 2),
  });
  let step: EventResult;
  try {
    step = act(before.vessel, action);
  } catch (error) {
    if (error instanceof ChemistryError) return [];
    throw error;
  }
  if (step.notPredicted.length > 0) return [];
  const view = viewVessel(before);
  const after = viewVessel(step);
  const observations = observeStep({ step, view: after }, { step: before, view });
  const seen = new Set<string>();
  return step.reactions.flatMap((reaction): Arc[] => {
    const made = madeOf(reaction, element);
    if (!made || seen.has(base(made.formula)) || !usesUp(reaction, from)) return [];
    if (base(made.formula) === base(from)) return [];
    seen.add(base(made.formula));
    return [
      {
        from,
        to: base(made.formula),
        means,
        how: meansText(means),
        equation: reaction.equation,
        types: reaction.types,
        observations,
        evidence: observations.filter(tellsChange).map(describeObservation),
        before: view,
        after,
        ratio: made.ratio,
        warnings: step.warnings
          .filter(({ code }) => !['approximate', 'heldBack'].includes(code))
          .map(({ message }) => message),
        contents,
        action,
      },
    ];
  });
}

/** The element that a ring carries round: the metal of its compounds. */
export function carried(formula: string): string {
  const { elements } = parseFormula(formula);
  const notCarried = new Set(['H', 'O', 'C', 'N', 'S', 'Cl', 'Na', 'K']);
  const found = Object.keys(elements).find((element) => !notCarried.has(element));
  if (found) return found;
  throw ChemistryError.of('nothingToCarry', formula);
}

/** Share of the compound that must react for an arrow to be one. */
const worthAnArrow = 0.3;

/** Whether a reaction uses the compound up, and not only a trace of it. */
function usesUp({ equation, extentMmol }: Reaction, from: string): boolean {
  const used = Object.entries(sidesOf(equation).used).find(
    ([formula]) => base(formula) === base(from),
  );
  return used !== undefined && extentMmol * used[1] > worthAnArrow * compoundMmol;
}

/** The compound of the carried element that an equation makes, and how many of it for each that goes in. */
function madeOf(
  { equation }: Reaction,
  element: string,
): { readonly formula: string; readonly ratio: number } | undefined {
  const { used, made } = sidesOf(equation);
  const carries = (formula: string): boolean => {
    const species = parseFormula(formula);
    return element in species.elements && species.charge === 0;
  };
  const [one] = Object.entries(used).filter(([formula]) => carries(formula));
  const [other] = Object.entries(made).filter(([formula]) => carries(formula));
  return one && other ? { formula: other[0], ratio: other[1] / one[1] } : undefined;
}

/** A compound as it begins an arrow: dry where it is heated, dissolved where it can be, else under water for a gas or a metal. */
function contentsOf(formula: string, means: ArcMeans): AnyPortion[] {
  const { substance } = findSubstance(formula);
  const isDissolved =
    means.by !== 'heat' &&
    means.by !== 'concentrated' &&
    substance.state === undefined &&
    solubilityM(substance.formula).concentrationM > solutionM;
  if (isDissolved)
    return [
      {
        substance: substance.formula,
        concentrationM: solutionM,
        volumeMl: compoundMmol / solutionM,
      },
    ];
  const kept = substance.forms[0].formula;
  const massG = Number(((compoundMmol * molarMassOf(kept)) / 1000).toPrecision(3));
  const underWater = means.by === 'gas' || means.by === 'solid';
  return [
    { substance: kept, massG },
    ...(underWater ? [{ substance: 'water', volumeMl: compoundMmol / solutionM }] : []),
  ];
}

/** ArcMeans that are tried when somebody asks what a compound may be turned into. */
export const meansToTry: readonly ArcMeans[] = [
  { by: 'heat', toC: 120 },
  { by: 'heat', toC: 450 },
  { by: 'heat', toC: 900 },
  { by: 'water' },
  { by: 'solution', substance: 'HCl', concentrationM: 2 },
  { by: 'solution', substance: 'H2SO4', concentrationM: 1 },
  { by: 'solution', substance: 'HNO3', concentrationM: 2 },
  { by: 'concentrated', substance: 'HNO3' },
  { by: 'solution', substance: 'NaOH', concentrationM: 2 },
  { by: 'solution', substance: 'Na2CO3', concentrationM: 1 },
  { by: 'gas', substance: 'CO2' },
  { by: 'solid', substance: 'Zn' },
  { by: 'solid', substance: 'Mg' },
];

/** Every arrow that leads on from a compound with the usual means, each compound once. */
export function arcsFrom(formula: string): Arc[] {
  const from = findSubstance(formula).substance.formula;
  const found: Arc[] = [];
  for (const means of meansToTry)
    for (const arc of outcomes(from, means))
      if (canGoOn(arc.to) && found.every(({ to }) => to !== arc.to)) found.push(arc);
  return found;
}

/** Whether a compound is in the table, so that something can be done with it. */
function canGoOn(formula: string): boolean {
  try {
    findSubstance(formula);
    return true;
  } catch (error) {
    if (error instanceof ChemistryError) return false;
    throw error;
  }
}
