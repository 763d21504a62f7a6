import { balance } from '../../matter/equation/balance';
import { sidesOf } from '../../matter/equation/sides';
import { molarMassOf } from '../../matter/formula/molarMass';
import { parseFormula } from '../../matter/formula/parseFormula';
import { gasPropertiesOf } from '../../matter/substances/gas';
import { act, setUp } from '../act';
import { dryDanger } from './dryDanger';
import type { AnyPortion } from '../portion';
import { isOfGas } from '../pour';
import { tabulated } from '../reaction';
import type { Reaction } from '../reaction';
import { thermalRows } from './thermalRows';

/** What is found of dry substances, or why nothing is told. */
export interface DryFound {
  readonly reactions: readonly Reaction[];
  readonly none?: string;
}

/** Bench amounts of a solid and a gas, mmol. */
const solidMmol = 3;
const gasMmol = 2;
/** Temperatures at which dry solids are tried, °C: a good burner, then a furnace. */
const dryHeatsC = [850, 1400];

/**
 * What dry heat, or burning in air, does to reagents of which none is a solution: every stage of one substance alone, or the
 * reaction in which all of several take part.
 *
 * @param names formulae of dry substances in the forms they are kept in.
 */
export function tryDry(names: readonly string[]): DryFound {
  const others = names.filter((name) => name !== 'O2');
  const burning =
    others.length === 1 && names.length === 2 ? burningEquation(others[0]) : undefined;
  if (burning) {
    const why = [{ text: 'a flame sets it going in air or oxygen' }];
    const about = others[0] ?? '';
    return { reactions: [tabulated(burning, { about, extentMmol: gasMmol, why })] };
  }
  if (others.every(isOfGas))
    return { reactions: [], none: 'Not predicted: no table tells what these gases do together.' };
  const contents = others.map((name): AnyPortion =>
    isOfGas(name)
      ? { gas: name, amountMmol: 3 * solidMmol }
      : { substance: name, massG: (solidMmol * molarMassOf(name)) / 1000 },
  );
  const { vessel } = setUp({ contents, container: 'crucible' });
  const danger = dryDanger(vessel.phases.solids);
  if (danger) return { reactions: [], none: `Not predicted: ${danger.warning.message}` };
  if (vessel.volumeMl > 0) return { reactions: [] };
  for (const toC of dryHeatsC) {
    const { reactions } = act(vessel, { do: 'heat', toC });
    const found = reactions.filter(({ equation }) => takesAll(equation, names));
    if (found.length > 0) return { reactions: found };
  }
  return { reactions: [] };
}

/** Whether an equation of the tables uses all of several reagents, a catalyst among them; any stage will do for one alone. */
function takesAll(equation: string, names: readonly string[]): boolean {
  if (names.length === 1) return !('O2' in sidesOf(equation).used);
  const rows = thermalRows().filter((row) => row.equation === equation);
  return rows.some(({ used, catalyst = [] }) =>
    names.every((name) => name in used || catalyst.includes(name)),
  );
}

/** Complete combustion of a flammable gas: carbon to its dioxide, hydrogen to water, sulfur to its dioxide. */
function burningEquation(formula = ''): string | undefined {
  const outcome = gasPropertiesOf(formula)?.litSplint;
  const { elements } = parseFormula(formula);
  const products = Object.entries({ C: 'CO2(g)', H: 'H2O(g)', S: 'SO2(g)' }).flatMap(
    ([element, product]) => (element in elements ? [product] : []),
  );
  const known = Object.keys(elements).every((element) => ['C', 'H', 'S', 'O'].includes(element));
  if (!known || (outcome !== 'pops' && outcome !== 'burns')) return undefined;
  return balance(`${formula}(g) + O2(g) → ${products.join(' + ')}`).equation;
}
