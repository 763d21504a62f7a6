import { anhydrousFormula, molarMassOf } from '../../../matter/formula/molarMass';
import { parseFormula } from '../../../matter/formula/parseFormula';
import { findSubstance } from '../../../matter/substances/findSubstance';
import { instead, isSolution, nameOf, putting, puttings } from './fault';
import type { Fault, Slip } from './fault';

/** No solution is stronger than the engine takes, mol/L. */
const strongestM = 30;

function timesAsStrong(times: number, commonness: number, words: string): Fault {
  return {
    name: words,
    commonness,
    slips: (plan) =>
      puttings(plan).flatMap(({ at, vessel, portion }): Slip[] => {
        if (!isSolution(portion)) return [];
        const concentrationM = portion.concentrationM * times;
        if (concentrationM > strongestM || concentrationM < 1e-9) return [];
        return [
          {
            fault: `${nameOf(portion)} is ${words} than planned`,
            check: `Work out the weigh-out of ${nameOf(portion)} again, its decimal point first, or make it up anew.`,
            done: instead(plan, at, putting(vessel, { ...portion, concentrationM })),
          },
        ];
      }),
  };
}

/** A slip of the decimal point in making up. */
export const tenTimesWeaker = timesAsStrong(0.1, 0.6, 'ten times weaker');
export const tenTimesStronger = timesAsStrong(10, 0.5, 'ten times stronger');

function timesAsMuch(factors: readonly number[], commonness: number, words: string): Fault {
  return {
    name: words,
    commonness,
    slips: (plan) =>
      puttings(plan).flatMap(({ at, vessel, portion }): Slip[] =>
        factors.flatMap((times): Slip[] => {
          const slip = (changed: typeof portion): Slip => ({
            fault: `${words} of ${nameOf(portion)} was added`,
            check: `Repeat it, measuring ${nameOf(portion)} again.`,
            done: instead(plan, at, putting(vessel, changed)),
          });
          if ('massG' in portion)
            return [slip({ ...portion, massG: Math.min(500, portion.massG * times) })];
          if (!('volumeMl' in portion)) return [];
          const volumeMl = portion.volumeMl * times;
          return volumeMl < 0.05 || volumeMl > 1000 ? [] : [slip({ ...portion, volumeMl })];
        }),
      ),
  };
}

export const farTooLittle = timesAsMuch([0.25, 0.1], 0.7, 'far too little');
export const farTooMuch = timesAsMuch([4, 10], 0.55, 'far too much');

const sameSalt = (one: string, other: string): boolean =>
  anhydrousFormula(parseFormula(one)) === anhydrousFormula(parseFormula(other));

/** Another form of the salt was in the jar than the one planned: a hydrate for the dry salt, or the other way round. */
export const otherForm: Fault = {
  name: 'other form',
  commonness: 0.6,
  slips: (plan) =>
    puttings(plan).flatMap(({ at, vessel, portion }): Slip[] => {
      if ('indicator' in portion || 'gas' in portion || nameOf(portion) === 'water') return [];
      const { substance, form } = findSubstance(portion.substance);
      // A solution is made from what was weighed out, or from what the shelf usually keeps.
      const own =
        form ??
        (isSolution(portion)
          ? (plan.forms?.[substance.formula] ?? substance.forms[0]?.formula)
          : undefined) ??
        substance.formula;
      return substance.forms
        .map(({ formula }) => formula)
        .filter((other) => other !== own && sameSalt(other, own))
        .flatMap((other): Slip[] => {
          const slip = (changed: typeof portion): Slip => ({
            fault: `the jar held ${other}, not ${own}`,
            check: `Read the label of the jar for the form, and what ${own} looks like; calculate the mass again for it.`,
            done: instead(plan, at, putting(vessel, changed)),
          });
          if ('massG' in portion) return [slip({ ...portion, substance: other })];
          if (!isSolution(portion)) return [];
          const concentrationM = (portion.concentrationM * molarMassOf(own)) / molarMassOf(other);
          return [slip({ ...portion, concentrationM })];
        });
    }),
};
