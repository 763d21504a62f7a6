import * as z from 'zod';
import { inField } from '../errors';
import { molarMassOf } from '../formula/molarMass';
import { pureSolids } from '../substances/data/pureSolids';
import { findSubstance } from '../substances/findSubstance';
import { act, setUp } from './act';
import type { Step } from './act';
import type { AnyPortion } from './portion';
import type { Reaction } from './reaction';
import { solubilityM } from './warnings';

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
  readonly none?: string;
}

/** Bench amounts: 10 mL portions; salts at half a mole per litre, acids and alkalis at two. */
const volumeMl = 10;
const saltM = 0.5;
const acidM = 2;
const solidMmol = 3;
const gasMmol = 8;
const hotC = 90;
const pure = new Set(pureSolids.map(({ formula }) => formula));

/**
 * Brings substances together in bench amounts and tells every reaction the engine finds: first with about as much of the
 * last one as of the others, then with an excess of it.
 *
 * @throws ChemistryError for an unknown substance.
 * @example react({ reactants: ['Zn', 'CuSO4'] }).reactions[0].netIonic // 'Zn(s) + Cu^2+(aq) → Zn^2+(aq) + Cu(s)'
 */
export function react({ reactants, conditions = {} }: ReactRequest): ReactionsFound {
  if (conditions.electrodes !== undefined && conditions.electrodes !== false)
    return {
      reactions: [],
      none: 'Not predicted: what a current does at electrodes is not part of this verb.',
    };
  const portions = reactants.map((text, index) =>
    inField(`reactants.${index}`, () => portionOf(text, conditions.concentrated ?? false)),
  );
  const wet = portions.some((portion) => 'volumeMl' in portion);
  const contents: AnyPortion[] = wet ? portions : [{ substance: 'water', volumeMl }, ...portions];
  // Liquids first, so that a solid or gas meets them all at once.
  const ordered = [...contents].sort((a, b) => Number('volumeMl' in b) - Number('volumeMl' in a));
  const start = setUp({ contents: ordered, container: 'beaker' });
  const steps: Step[] = [start];
  const last = contents.at(-1);
  const vessel = () => (steps.at(-1) ?? start).vessel;
  if (conditions.heated) steps.push(act(vessel(), { do: 'heat', toC: hotC }));
  if (last && contents.length > 1 && !('massG' in last))
    for (let more = 0; more < 3; more += 1) steps.push(act(vessel(), { do: 'add', portion: last }));
  const reactions = distinct(steps.flatMap((step) => step.reactions));
  if (reactions.length > 0) return { reactions };
  const reasons = [...new Set(steps.flatMap(({ notPredicted }) => notPredicted))];
  return {
    reactions,
    none:
      reasons.length > 0
        ? `Not predicted: ${reasons.join(' ')}`
        : 'No reaction: no solid, gas, complex, acid–base pair or electron transfer goes far enough to notice.',
  };
}

function portionOf(text: string, concentrated: boolean): AnyPortion {
  if (['water', 'h2o'].includes(text.trim().toLowerCase())) return { substance: 'water', volumeMl };
  const { substance, form } = findSubstance(text);
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
  const wanted = concentrated && isAlkali ? 5 : saltM;
  return { substance: formula, concentrationM: Math.min(wanted, 0.8 * limitM), volumeMl };
}

/** Each net ionic equation once, the first time it is met. */
function distinct(reactions: readonly Reaction[]): Reaction[] {
  return reactions.filter(
    ({ netIonic }, at) => reactions.findIndex((one) => one.netIonic === netIonic) === at,
  );
}
