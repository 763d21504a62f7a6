import * as z from 'zod';
import { attempt } from '../common/attempt';
import { inField } from '../common/errors';
import { molarMassOf } from '../matter/formula/molarMass';
import { pureSolids } from '../matter/substances/data/pureSolids';
import { findSubstance } from '../matter/substances/findSubstance';
import { act, setUp } from './act';
import type { EventResult } from './eventResult';
import type { AnyPortion } from './portion';
import { combineDry } from './dry/combineDry';
import type { Combination } from './dry/combineDry';
import { tryDry } from './dry/reactDry';
import type { DryFound } from './dry/reactDry';
import type { Reaction } from './reaction';
import { solubilityM } from '../solution/preparation/solubility';

/** Substances to be brought together, by formula or any name, and what is done to them. */
export const reactSchema = z.object({
  reactants: z.array(z.string().min(1).max(100)).min(1).max(6),
  conditions: z
    .object({
      heated: z.boolean().optional(),
      /** Takes acids, bases and peroxide as sold instead of dilute. */
      concentrated: z.boolean().optional(),
      electrodes: z.union([z.boolean(), z.string(), z.array(z.string())]).optional(),
    })
    .optional(),
});
export type ReactRequest = z.input<typeof reactSchema>;

/** What reacts, or why nothing is told. */
export interface ReactionsFound {
  readonly reactions: readonly Reaction[];
  /** What it takes, where dilute and cold does nothing. */
  readonly under?: 'concentrated' | 'hot and concentrated' | Exclude<Combination['by'], 'cold'>;
  /** What does not react, or not on, although one would expect it. */
  readonly stays?: readonly string[];
  readonly none?: string;
}

/** Bench amounts: 10 mL portions; salts at half a mole per litre, acids at two. */
const volumeMl = 10;
const saltM = 0.5;
const acidM = 2;
/** Alkalis on metals, or where concentrated is asked for, mol/L. */
const alkaliM = 4;
const solidMmol = 3;
const gasMmol = 2;
/** Gas led in first, as a share of the scarcest solution. */
const gasShare = 0.6;
const hotC = 90;
/** To where concentrated acid is heated, °C. */
const fumingC = 250;
const pure = new Set(pureSolids.map(({ formula }) => formula));

/**
 * Brings substances together in bench amounts and tells every reaction the engine finds: first with about as much of the
 * last one as of the others, then with an excess of it. Where dilute and cold does nothing and no condition is asked for,
 * the reagents are tried as sold, and then hot.
 *
 * @throws ChemistryError for an unknown substance.
 * @example react({ reactants: ['Zn', 'CuSO4'] }).reactions[0].netIonic // 'Cu^2+(aq) + Zn(s) → Cu(s) + Zn^2+(aq)'
 */
export function react({ reactants, conditions }: ReactRequest): ReactionsFound {
  const { electrodes, heated = false, concentrated = false } = conditions ?? {};
  if (electrodes !== undefined && electrodes !== false)
    return {
      reactions: [],
      none: 'Not predicted: what a current does at electrodes is not part of this verb.',
    };
  if (!concentrated) {
    const [first, ...others] = combineDry(reactants.map(dryFormula));
    if (first)
      return {
        reactions: [first, ...others].map(({ reaction }) => reaction),
        ...(first.by !== 'cold' && { under: first.by }),
      };
  }
  const reagents = reactants.map((text, index) =>
    inField(`reactants.${index}`, (): Reagent => (isWater(text) ? 'water' : findSubstance(text))),
  );
  const kept = reagents.flatMap((one) =>
    one === 'water' || one.substance.stock ? [] : [one.form ?? one.substance.forms[0].formula],
  );
  const isDry = kept.length === reagents.length && (conditions === undefined || heated);
  const dry: DryFound = isDry ? tryDry(kept) : { reactions: [] };
  const tellsDry = dry.reactions.length > 0 || dry.none !== undefined;
  if (heated && tellsDry) return dry;
  const asked = tryOut(reagents, concentrated, heated ? hotC : undefined);
  if (asked.reactions.length === 0 && tellsDry) return { ...dry, under: 'heated' };
  const canBeStronger = reagents.some((one) => one !== 'water' && one.substance.stock);
  if (asked.reactions.length > 0 || conditions !== undefined || !canBeStronger) return asked;
  const strong = tryOut(reagents, true);
  if (strong.reactions.length > 0) return { ...strong, under: 'concentrated' };
  const fuming = tryOut(reagents, true, fumingC);
  return fuming.reactions.length > 0 ? { ...fuming, under: 'hot and concentrated' } : asked;
}

/** The formula a reagent has in the table of dry substances: that of its jar, or as it was written. */
function dryFormula(text: string): string {
  if (isWater(text)) return 'H2O';
  const found = attempt(() => findSubstance(text));
  return 'problem' in found ? text : (found.form ?? found.substance.formula);
}

type Reagent = 'water' | ReturnType<typeof findSubstance>;

function tryOut(reagents: readonly Reagent[], concentrated: boolean, toC?: number): ReactionsFound {
  const withMetal = reagents.some((one) => one !== 'water' && pure.has(one.substance.formula));
  const portions = enoughGas(reagents.map((one) => portionOf(one, concentrated, withMetal)));
  const isWet = portions.some((portion) => 'volumeMl' in portion);
  const contents: AnyPortion[] = isWet ? portions : [{ substance: 'water', volumeMl }, ...portions];
  // Liquids first, so that a solid or gas meets them all at once.
  const ordered = [...contents].sort((a, b) => Number('volumeMl' in b) - Number('volumeMl' in a));
  const first = setUp({ contents: ordered, container: 'beaker' });
  const together = toC === undefined ? [first] : [first, act(first.vessel, { do: 'heat', toC })];
  const steps = [...together, ...withExcess(together.at(-1) ?? first, contents)];
  const reactions = worthTelling(
    together.flatMap((step) => step.reactions),
    steps.slice(together.length).flatMap((step) => step.reactions),
  );
  const reasons = [...new Set(steps.flatMap(({ notPredicted }) => notPredicted))];
  const stays = [
    ...new Set(
      together
        .flatMap((step) => step.warnings)
        .filter(({ code }) => ['sealed', 'heldBack', 'slow'].includes(code))
        .map(({ message }) => message),
    ),
  ];
  return {
    reactions,
    ...(stays.length > 0 && { stays }),
    ...(reactions.length === 0 && { none: noneBecause(isWet, reasons, stays) }),
  };
}

const isWater = (text: string): boolean =>
  ['water', 'h2o', 'distilled water'].includes(text.trim().toLowerCase());

/** The last substance but water again and again, in excess over the others. */
function withExcess(from: EventResult, contents: readonly AnyPortion[]): EventResult[] {
  const last = contents.at(-1);
  const isWater = last !== undefined && 'substance' in last && last.substance === 'water';
  if (!last || contents.length < 2 || isWater || 'massG' in last) return [];
  const steps: EventResult[] = [];
  for (let more = 0; more < 3; more += 1)
    steps.push(act((steps.at(-1) ?? from).vessel, { do: 'add', portion: last }));
  return steps;
}

/** Share of the largest extent from which a shift of protons or ligands is told; below it is a ripple of the main event. */
const noticeableShare = 0.4;
const ripples = new Set(['acid–base', 'complexation']);

/** Each net ionic equation once: all that go when the substances meet, and what an excess brings besides. */
function worthTelling(meeting: readonly Reaction[], excess: readonly Reaction[]): Reaction[] {
  const largest = Math.max(0, ...[...meeting, ...excess].map(({ extentMmol }) => extentMmol));
  const found: Reaction[] = [];
  for (const one of [...meeting, ...excess]) {
    const isNew = found.every(
      ({ netIonic }) => netIonic !== one.netIonic && netIonic !== reversed(one.netIonic),
    );
    const isRipple =
      one.types.drivingForce.every((force) => ripples.has(force)) &&
      !one.netIonic.includes('(s)') &&
      one.extentMmol < noticeableShare * largest;
    if (isNew && !(found.length > 0 && isRipple)) found.push(one);
  }
  return found;
}

function reversed(equation: string): string {
  return equation.split(' → ').reverse().join(' → ');
}

function noneBecause(isWet: boolean, reasons: readonly string[], stays: readonly string[]): string {
  if (reasons.length > 0) return `Not predicted: ${reasons.join(' ')}`;
  if (!isWet)
    return 'Not predicted: in water they do not react, and no table says that they do when heated dry.';
  if (stays.length > 0) return `No reaction: ${stays.join(' ')}`;
  return 'No reaction: no solid, gas, complex, acid–base pair or electron transfer goes far enough to notice.';
}

/** Gas in an amount that does not swamp what it is led into: the excess comes afterwards. */
function enoughGas(portions: readonly AnyPortion[]): AnyPortion[] {
  const scarcest = Math.min(
    ...portions.map((one) =>
      'concentrationM' in one ? one.concentrationM * one.volumeMl : Infinity,
    ),
  );
  return portions.map((one) =>
    'gas' in one ? { ...one, amountMmol: Math.min(one.amountMmol, gasShare * scarcest) } : one,
  );
}

function portionOf(reagent: Reagent, concentrated: boolean, withMetal: boolean): AnyPortion {
  if (reagent === 'water') return { substance: 'water', volumeMl };
  const { substance, form } = reagent;
  const { formula, state, stock } = substance;
  if (state === 'gas') return { gas: formula, amountMmol: gasMmol };
  if (stock)
    return {
      substance: formula,
      concentrationM: concentrated ? stock.concentrationM : Math.min(acidM, stock.concentrationM),
      volumeMl,
    };
  const limitM = solubilityM(formula).concentrationM;
  if (pure.has(formula) || limitM < 0.02) {
    const kept = form ?? substance.forms[0].formula;
    return { substance: kept, massG: (solidMmol * molarMassOf(kept)) / 1000 };
  }
  const isAlkali = Object.keys(substance.ions).includes('OH^-');
  const wanted = isAlkali && (concentrated || withMetal) ? alkaliM : saltM;
  return { substance: formula, concentrationM: Math.min(wanted, 0.8 * limitM), volumeMl };
}
