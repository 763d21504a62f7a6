import { ChemistryError } from '../../common/errors';
import { anhydrousFormula } from '../../matter/formula/molarMass';
import { parseFormula } from '../../matter/formula/parseFormula';
import {
  electrodeProductsSource,
  meltProducts,
} from '../../matter/substances/data/electrodeProducts';
import { melts } from '../../matter/substances/data/melts';
import { findSubstance } from '../../matter/substances/findSubstance';
import { ionsHeld, ionsOf } from '../../matter/substances/ionsOf';
import type { Source } from '../../matter/substances/source';
import type { Electrode } from '../../matter/substances/types';
import { formatSetTemperature } from '../../common/temperature';

/** One electrode in a melt. */
export interface MeltElectrode {
  readonly product: string;
  readonly state: 'l' | 'g' | 's';
  /** Moles of product for a mole of electrons. */
  readonly perElectron: number;
  readonly halfEquation: string;
  readonly seen?: string;
  readonly test?: string;
}

/** A molten salt that comes apart. */
export interface MeltPrediction {
  readonly formula: string;
  /** Where it melts, °C; undefined when the tables do not say. */
  readonly meltsC?: number;
  readonly dissolvedIn?: string;
  readonly cathode: MeltElectrode;
  readonly anode: MeltElectrode;
  readonly overall: string;
  readonly why: readonly string[];
  readonly sources: readonly Source[];
}

const halogenOf: Readonly<Record<string, string>> = {
  'F^-': 'F2',
  'Cl^-': 'Cl2',
  'Br^-': 'Br2',
  'I^-': 'I2',
};
/** Metals that a melt of their salts gives, with the electrons each ion takes; others are not followed. */
const metals = new Set([
  'Li',
  'Na',
  'K',
  'Mg',
  'Ca',
  'Ba',
  'Sr',
  'Al',
  'Zn',
  'Pb',
  'Sn',
  'Ag',
  'Cd',
  'Cu',
  'Ni',
  'Fe',
  'Mn',
]);
const look = new Map(meltProducts.map((row) => [row.formula, row]));
const e = (n: number) => (n === 1 ? 'e^-' : `${n}e^-`);
const times = (n: number) => (n === 1 ? '' : String(n));

/**
 * What a molten salt, oxide or hydroxide gives: only its own ions are there, so the cation gives its metal and the anion its
 * element, whatever the potentials.
 *
 * @throws ChemistryError `notMelted` when the ions are not of a kind whose melt is followed.
 */
export function predictMelt(text: string, anode: Electrode): MeltPrediction {
  const formula = formulaOf(text);
  const ions = ionsHeld(formula) ?? {};
  const entries = Object.entries(ions).map(([ion, count]) => ({
    ion,
    count,
    charge: parseFormula(ion).charge,
  }));
  const cation = entries.find(({ charge }) => charge > 0);
  const anion = entries.find(({ charge }) => charge < 0);
  const metal = cation && Object.keys(parseFormula(cation.ion).elements)[0];
  const simple =
    cation &&
    metal &&
    cation.ion === `${metal}^${cation.charge === 1 ? '' : cation.charge}+` &&
    metals.has(metal);
  if (!cation || !anion || !simple || entries.length !== 2)
    throw ChemistryError.of(
      'notMelted',
      formula,
      'its ions are not those of a metal and a simple anion',
    );
  const row = melts.find((one) => one.formula === formula);
  const minus: MeltElectrode = {
    product: metal,
    state: 'l',
    perElectron: 1 / cation.charge,
    halfEquation: `${cation.ion}(l) + ${e(cation.charge)} → ${metal}(l)`,
    ...words(metal),
  };
  const plus = anodeOf(anion.ion, formula, anode);
  const n = cation.charge;
  return {
    formula,
    ...(row && { meltsC: row.meltsC }),
    ...(row?.dissolvedIn && { dissolvedIn: row.dissolvedIn }),
    cathode: minus,
    anode: plus,
    overall: overall(formula, metal, cation.count, n, plus),
    why: [
      'In a melt only the ions of the salt carry the current, and only they can be discharged; there is no water to take their place.',
      row
        ? `${formula} melts at ${formatSetTemperature(row.meltsC)}${row.dissolvedIn ? `; in practice it is dissolved in ${row.dissolvedIn}` : ''}.`
        : `The melting point of ${formula} is not in the tables.`,
    ],
    sources: [...(row ? [row.source] : []), electrodeProductsSource],
  };
}

/** A salt by name or formula; a melt need not stand on the shelf. */
function formulaOf(text: string): string {
  try {
    return findSubstance(text).substance.formula;
  } catch (error) {
    const parsed = error instanceof ChemistryError ? readFormula(text) : undefined;
    if (parsed === undefined || !ionsOf(parsed)) throw error;
    return parsed;
  }
}

function readFormula(text: string): string | undefined {
  try {
    return anhydrousFormula(parseFormula(text));
  } catch (error) {
    if (error instanceof ChemistryError) return undefined;
    throw error;
  }
}

function words(formula: string): Pick<MeltElectrode, 'seen' | 'test'> {
  const row = look.get(formula);
  return row ? { seen: row.seen, ...(row.test && { test: row.test }) } : {};
}

function anodeOf(ion: string, formula: string, anode: Electrode): MeltElectrode {
  const halogen = halogenOf[ion];
  if (halogen)
    return {
      product: halogen,
      state: 'g',
      perElectron: 0.5,
      halfEquation: `2${ion}(l) → ${halogen}(g) + 2e^-`,
      ...words(halogen),
    };
  if (ion === 'O^2-')
    return {
      product: 'O2',
      state: 'g',
      perElectron: 0.25,
      halfEquation: '2O^2-(l) → O2(g) + 4e^-',
      seen:
        anode.material === 'graphite'
          ? 'the graphite burns away in it to carbon dioxide'
          : 'colourless gas',
    };
  if (ion === 'OH^-')
    return {
      product: 'O2',
      state: 'g',
      perElectron: 0.25,
      halfEquation: '4OH^-(l) → O2(g) + 2H2O(g) + 4e^-',
      seen: 'colourless gas and steam',
    };
  throw ChemistryError.of(
    'notMelted',
    formula,
    `${ion} comes apart in heat or at plus in ways that are not followed`,
  );
}

function overall(
  formula: string,
  metal: string,
  perFormula: number,
  charge: number,
  plus: MeltElectrode,
): string {
  const electrons = perFormula * charge;
  // Electrons that make one mole of the gas.
  const gasElectrons = 1 / plus.perElectron;
  const common = lcm(electrons, gasElectrons);
  const salts = common / electrons;
  const gas = common / gasElectrons;
  const water = plus.halfEquation.includes('H2O') ? ` + ${times(2 * gas)}H2O(g)` : '';
  return `${times(salts)}${formula}(l) → ${times(salts * perFormula)}${metal}(l) + ${times(gas)}${plus.product}(g)${water}`;
}

function lcm(a: number, b: number): number {
  let [x, y] = [a, b];
  while (y > 0) [x, y] = [y, x % y];
  return (a * b) / x;
}
