import { molarMassOf } from '../formula/molarMass';
import { dissolvedGases } from './data/dissolvedGases';
import { sparinglySoluble } from './data/sparinglySoluble';
import type { ShelfRow, Substance } from './types';

/** What a formula is without its water of crystallisation. */
const dry = (formula: string): string => formula.split('·')[0] ?? formula;
const products = new Map(sparinglySoluble.map((row) => [dry(row.formula), row]));
const gases = new Map(dissolvedGases.map((row) => [row.formula, row]));

/**
 * How much of a substance dissolves in 100 g of water at 25 °C, g: as tabulated, else from its solubility product, of its ions alone
 * and without their hydrolysis (an order of magnitude, for salts of weak acids too little), or of a gas from Henry’s constant at 1 atm.
 *
 * @throws Error where none of these is there: every row is checked when the tables are put together.
 */
export function shelfSolubility(
  row: ShelfRow,
): Pick<Substance, 'solubilityGPer100G' | 'solubilityFrom'> {
  if (row.solubilityGPer100G !== undefined) return { solubilityGPer100G: row.solubilityGPer100G };
  const product = products.get(row.formula);
  if (product)
    return {
      solubilityGPer100G: gramsPer100G(row.formula, ofProduct(product)),
      solubilityFrom: 'solubility product',
    };
  const gas = gases.get(row.formula);
  if (!gas) throw new Error(`Nothing says how much ${row.formula} dissolves.`);
  return {
    solubilityGPer100G: gramsPer100G(row.formula, gas.henryMPerAtm),
    solubilityFrom: 'Henry’s constant',
  };
}

const gramsPer100G = (formula: string, molPerL: number): number =>
  (molPerL * molarMassOf(formula)) / 10;

/** Formula units that dissolve, mol/L: Ksp = Π (ν s)^ν. */
function ofProduct({ ions, pKsp }: (typeof sparinglySoluble)[number]): number {
  const counts = Object.values(ions);
  const log = counts.reduce((sum, count) => sum - count * Math.log10(count), -pKsp);
  return 10 ** (log / counts.reduce((sum, count) => sum + count, 0));
}
