import { ChemistryError } from '../../common/errors';
import { gasProperties } from '../../matter/substances/data/gasProperties';
import { findSubstance } from '../../matter/substances/findSubstance';
import { gasPropertiesOf } from '../../matter/substances/gas';
import { nameIn } from '../../matter/substances/naming';

/** Names under which a gas is asked for that the shelf keeps for its solution, or as the element. */
const alsoCalled: Readonly<Record<string, string>> = {
  'hydrogen chloride': 'HCl',
  'hydrogen bromide': 'HBr',
  'hydrogen cyanide': 'HCN',
  'sulfur trioxide': 'SO3',
  laughing: 'N2O',
  'laughing gas': 'N2O',
  'nitrous oxide': 'N2O',
  'nitric oxide': 'NO',
  ethylene: 'C2H4',
  acetylene: 'C2H2',
  'carbonic acid gas': 'CO2',
};

/**
 * The formula of a gas, from its formula or any of its names.
 *
 * @throws ChemistryError `unknownGas` where it is not among the gases of the bench.
 * @example findGas('carbon dioxide') // 'CO2'
 */
export function findGas(text: string): string {
  const wanted = text.trim();
  const formula = alsoCalled[wanted.toLowerCase()] ?? formulaOf(wanted);
  if (formula !== undefined && gasPropertiesOf(formula)) return formula;
  throw ChemistryError.of(
    'unknownGas',
    text,
    gasProperties.map((row) => row.formula).join(', '),
  ).in('gas');
}

function formulaOf(text: string): string | undefined {
  if (gasPropertiesOf(text)) return text;
  try {
    return findSubstance(text).substance.formula;
  } catch (error) {
    // What is on no shelf may still be no gas at all; the caller says which gases there are.
    if (error instanceof ChemistryError) return undefined;
    throw error;
  }
}

const gasNames: Readonly<Record<string, string>> = {
  HCl: 'hydrogen chloride',
  HBr: 'hydrogen bromide',
  HI: 'hydrogen iodide',
  HF: 'hydrogen fluoride',
  HCN: 'hydrogen cyanide',
  SO3: 'sulfur trioxide',
  NH3: 'ammonia',
};

/** What a gas is called; the acid of the same formula is its solution. */
export function gasName(formula: string): string {
  return gasNames[formula] ?? nameIn('stock', formula);
}
