import { gasConstant, kelvin } from '../../solution/equilibrium/temperature';
import { redoxDyes, reductionActivation } from '../../matter/substances/data/redoxDyes';
import { sourceText } from '../../matter/substances/source';
import type { DyeStage, RedoxDye } from '../../matter/substances/types';
import { sidesOf } from '../../matter/equation/sides';
import { addAmounts } from '../amounts';
import type { Amounts } from '../amounts';
import { tabulated } from '../reaction';
import type { Reaction } from '../reaction';
import { componentsIn } from '../vessel';
import type { Vessel } from '../vessel';

/** A dye in a vessel: how much of each form there is, mmol, from the oxidised one to the most reduced. */
export interface DyeState {
  readonly dye: RedoxDye;
  readonly forms: readonly number[];
}

/** Dye below this is not seen, mmol. */
const seenMmol = 1e-7;

/** The redox dyes in a vessel. */
export function dyesIn({ phases }: Vessel): DyeState[] {
  const parts = componentsIn(phases.solution, 'solution');
  return (redoxDyes as readonly RedoxDye[]).flatMap((dye) => {
    const names = [dye.stages[0]?.oxidised ?? '', ...dye.stages.map(({ reduced }) => reduced)];
    const forms = names.map((name) => Math.max(0, parts[name] ?? 0));
    return forms.reduce((sum, n) => sum + n, 0) > seenMmol ? [{ dye, forms }] : [];
  });
}

/** How many electrons each molecule takes up in a stage: two for each glucose of its equation. */
export function electronsOf({ reduction, oxidised }: DyeStage): number {
  const { used } = sidesOf(reduction);
  return (2 * (used.C6H12O6 ?? 0)) / (used[oxidised] ?? 1);
}

/** Speed constant of a stage with the glucose and alkali there are, per second (Arrhenius from 25 °C). */
export function perSecond(
  { perM2PerS }: DyeStage,
  glucoseM: number,
  hydroxideM: number,
  temperatureC: number,
): number {
  const hotter = 1 / kelvin(25) - 1 / kelvin(temperatureC);
  const warmth = Math.exp(((1000 * reductionActivation.kJPerMol) / gasConstant) * hotter);
  return perM2PerS * warmth * glucoseM * hydroxideM;
}

/** A vessel in which an equation of the tables ran, mmol; gas on its left comes out of the air. */
export function ran(vessel: Vessel, equation: string, extentMmol: number): Vessel {
  const { used, made } = sidesOf(equation);
  const liquid = (side: Amounts) =>
    Object.fromEntries(Object.entries(side).filter(([formula]) => formula !== 'O2'));
  const left = addAmounts(vessel.phases.solution, liquid(used), -extentMmol);
  const solution = addAmounts(left, liquid(made), extentMmol);
  return { ...vessel, phases: { ...vessel.phases, solution } };
}

/** An equation of the dye tables as a reaction. */
export function dyeReaction(
  equation: string,
  about: string,
  extentMmol: number,
  dye: RedoxDye,
): Reaction {
  const [forms, speeds] = dye.sources;
  const reaction = tabulated(equation, {
    about,
    extentMmol,
    why: [
      {
        text: `${dye.name} takes up electrons from glucose in alkali and gives them to oxygen`,
        source: sourceText(forms),
      },
      {
        text: 'how long it takes follows the glucose, the alkali and the warmth',
        source: sourceText(speeds),
      },
    ],
  });
  // The mean oxidation number of carbon in a dye tells nothing.
  const oxidationChanges = reaction.oxidationChanges.filter(({ element }) => element !== 'C');
  return { ...reaction, oxidationChanges };
}
