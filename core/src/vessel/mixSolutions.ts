import { equilibrate } from '../equilibrium/equilibrate';
import type { Equilibrium, Saturation } from '../equilibrium/equilibrate';
import { molarMassOf } from '../formula/molarMass';
import { sparinglySoluble } from '../substances/data/sparinglySoluble';
import { findSubstance } from '../substances/findSubstance';
import type { ColourPhrase, SparinglySoluble, Texture } from '../substances/types';
import type { Container } from './containers';
import { pourTogether } from './ionTotals';
import type { Portion } from './portion';
import { dissolvedReactions } from './rules/dissolvedReactions';
import type { DissolvedReaction } from './rules/dissolvedReactions';
import { electronTransfers } from './rules/electronTransfer';
import { precipitationEquation } from './rules/precipitation';
import type { PrecipitationEquation } from './rules/precipitation';

/** Milligrams of solid per litre: below the first nothing is seen, below the second only a haze (common practice). */
export const visibleMgPerL = { haze: 5, precipitate: 60 } as const;

/** A solid that settles, with the reasons and amounts. */
export interface SettledSolid extends PrecipitationEquation {
  readonly formula: string;
  readonly colour: ColourPhrase;
  readonly texture: Texture;
  readonly amountMmol: number;
  readonly massMg: number;
  /** Which reagent runs out first, by the molecular equation; undefined when they match within 1 %. */
  readonly limiting?: string;
  readonly why: Saturation;
  readonly notes: readonly string[];
}

/** Dissolved ammonia, mol/L, above which it is noticed over an open vessel (common practice). */
const stingingAmmoniaM = 0.02;

/** What happens when two solutions meet: the chemistry, before anyone looks at it. */
export interface Mixture {
  readonly volumeMl: number;
  /** Each solution as it is before mixing. */
  readonly apart: readonly [Equilibrium, Equilibrium];
  /** The mixture with its solids settled and its gas gone. */
  readonly settled: Equilibrium;
  /** Visible solids, most first. */
  readonly solids: readonly SettledSolid[];
  /** Every solid the ions could make, whether it settles or not, nearest to settling first. */
  readonly considered: readonly Saturation[];
  readonly gases: readonly { readonly formula: string; readonly amountMmol: number }[];
  /** What forms and stays in solution. */
  readonly dissolved: readonly DissolvedReaction[];
  readonly warnings: readonly string[];
  /** Reasons why the mixture is outside the model. When there are any, nothing else is claimed. */
  readonly notPredicted: readonly string[];
}

const solidRow = new Map<string, SparinglySoluble>(
  sparinglySoluble.map((row) => [row.formula, row]),
);

/**
 * Pours solution `b` into solution `a` at 25 °C. Which solids settle is decided by ion product against Ksp at
 * equilibrium, never by a list of pairs.
 *
 * @throws ChemistryError for an unknown substance.
 */
export function mixSolutions(a: Portion, b: Portion, container: Container): Mixture {
  const names = [findSubstance(a.substance), findSubstance(b.substance)].map(
    ({ substance }) => substance.formula,
  ) as [string, string];
  const { totalsM, volumeMl } = pourTogether([a, b]);
  const dissolved = equilibrate(totalsM, { allowSolids: false });
  const settled = equilibrate(totalsM);
  const alone = (portion: Portion) =>
    equilibrate(pourTogether([portion]).totalsM, { allowSolids: false });
  const apart = [alone(a), alone(b)] as const;
  const diluted: Record<string, number> = {};
  for (const [index, { species }] of apart.entries())
    for (const [formula, concentration] of Object.entries(species))
      diluted[formula] =
        (diluted[formula] ?? 0) + (concentration * (index === 0 ? a : b).volumeMl) / volumeMl;
  const solids = settled.solids
    .map(({ formula, amountMolPerL }) =>
      describeSolid(formula, amountMolPerL * volumeMl, names, [a, b], dissolved, settled),
    )
    .filter(({ massMg }) => (1000 * massMg) / volumeMl >= visibleMgPerL.haze)
    .sort((one, other) => other.massMg - one.massMg);
  return {
    volumeMl,
    apart,
    settled,
    solids,
    considered: [...dissolved.saturation].sort((one, other) => other.logRatio - one.logRatio),
    gases: settled.gases.map(({ formula, amountMolPerL }) => ({
      formula,
      amountMmol: amountMolPerL * volumeMl,
    })),
    dissolved: dissolvedReactions(settled, diluted, totalsM),
    warnings: [
      ...warningsFor(a, b, settled, solids, volumeMl, container.brimMl),
      ...borderline(dissolved),
    ],
    notPredicted: names[0] === names[1] ? [] : electronTransfers(settled),
  };
}

function describeSolid(
  formula: string,
  amountMmol: number,
  names: readonly [string, string],
  portions: readonly [Portion, Portion],
  dissolved: Equilibrium,
  settled: Equilibrium,
): SettledSolid {
  const row = solidRow.get(formula);
  const why = dissolved.saturation.find(({ solid }) => solid.formula === formula);
  if (!row || !why) throw new Error(`No row for the solid ${formula} that settled.`);
  const equation = precipitationEquation(formula, ...names, settled);
  const limiting = limitingReagent(equation.perMoleOfSolid, names, portions);
  return {
    ...equation,
    formula,
    colour: row.colour,
    texture: row.texture,
    amountMmol,
    massMg: amountMmol * molarMassOf(formula),
    ...(limiting && { limiting }),
    why,
    notes: [
      ...(row.darkensInLight ? ['darkens in light: keep a dark control'] : []),
      ...(row.inAir ? [row.inAir] : []),
    ],
  };
}

function limitingReagent(
  perMole: readonly [number, number] | undefined,
  names: readonly [string, string],
  portions: readonly [Portion, Portion],
): string | undefined {
  if (!perMole || perMole.some((needed) => needed === 0)) return undefined;
  const reach = portions.map(
    ({ concentrationM, volumeMl }, index) => (concentrationM * volumeMl) / (perMole[index] ?? 1),
  );
  const [first = 0, second = 0] = reach;
  if (Math.abs(first - second) <= 0.01 * Math.max(first, second)) return undefined;
  return first < second ? names[0] : names[1];
}

function warningsFor(
  a: Portion,
  b: Portion,
  settled: Equilibrium,
  solids: readonly SettledSolid[],
  volumeMl: number,
  brimMl: number,
): string[] {
  const warnings: string[] = [];
  if (settled.approximate)
    warnings.push(
      `Ionic strength is ${settled.ionicStrength.toFixed(2)} mol/L; above 0.5 the amounts are approximate.`,
    );
  if (volumeMl > brimMl)
    warnings.push(
      `${volumeMl.toFixed(1)} mL is more than the vessel holds (${brimMl} mL to the brim).`,
    );
  for (const portion of [a, b]) {
    const limit = solubilityM(portion.substance);
    if (portion.concentrationM > limit.concentrationM)
      warnings.push(
        `${limit.formula} at ${portion.concentrationM} M is above its solubility, about ${limit.concentrationM.toPrecision(2)} M.`,
      );
  }
  if ((settled.species.NH3 ?? 0) > stingingAmmoniaM)
    warnings.push(
      'Ammonia is set free and stings: work in the hood or with good ventilation, and do not smell at the vessel.',
    );
  const passing = passingSolid(a, b, solids);
  if (passing)
    warnings.push(
      solids.length === 0
        ? `${passing} settles while solution B goes in and has redissolved once all of it is there.`
        : `${passing} settles first and has changed into ${solids.map(({ formula }) => formula).join(' and ')} once all of B is there.`,
    );
  const massMgPerL = (1000 * solids.reduce((sum, { massMg }) => sum + massMg, 0)) / volumeMl;
  if (solids.length > 0 && massMgPerL < visibleMgPerL.precipitate)
    warnings.push('There is only a little solid: expect a haze, best seen against black.');
  return warnings;
}

/** log10 of the ratio of ion product to Ksp within which constants and activities do not settle the outcome. */
const undecidedRatio = 0.5;

/** Solids so near to saturation that the prediction may go either way. */
function borderline({ saturation }: Equilibrium): string[] {
  return saturation
    .filter(({ logRatio }) => Math.abs(logRatio) < undecidedRatio)
    .map(
      ({ solid, logRatio }) =>
        `${solid.formula} is close to saturation (ion product ${(10 ** logRatio).toPrecision(2)} times Ksp): it may settle late, or not, whatever is predicted.`,
    );
}

/** The approximate solubility of a shelf substance at 20–25 °C, mol per litre of solution (density taken as 1.0). */
export function solubilityM(substance: string): { formula: string; concentrationM: number } {
  const { substance: row } = findSubstance(substance);
  const grams = row.solubilityGPer100G;
  return {
    formula: row.formula,
    concentrationM: (1000 * grams) / (100 + grams) / molarMassOf(row.formula),
  };
}

/** A solid that is there after part of B and gone again after all of it, as amphoteric hydroxides do. */
function passingSolid(a: Portion, b: Portion, final: readonly SettledSolid[]): string | undefined {
  for (const fraction of [0.1, 0.25, 0.5, 0.75]) {
    const part = pourTogether([a, { ...b, volumeMl: b.volumeMl * fraction }]);
    for (const { formula, amountMolPerL } of equilibrate(part.totalsM).solids) {
      const visible = amountMolPerL * molarMassOf(formula) * 1000 >= visibleMgPerL.precipitate;
      if (visible && !final.some((solid) => solid.formula === formula)) return formula;
    }
  }
  return undefined;
}
