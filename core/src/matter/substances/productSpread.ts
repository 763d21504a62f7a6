import { compared } from './data/compared';
import { keptBecause } from './data/keptBecause';
import type { SparinglySoluble } from './types';

const keptForAReason = new Set(
  keptBecause.flatMap(({ table, of }) => (table === 'sparinglySoluble' ? of : [])),
);

/**
 * The least and the greatest pKsp that the open works and the table have for a solid. Undefined where no work has it, or where the
 * works mean another form of it, as an aged hydroxide, and the value is kept for that reason.
 */
export function productSpread({
  formula,
  pKsp,
}: Pick<SparinglySoluble, 'formula' | 'pKsp'>): readonly [least: number, most: number] | undefined {
  const found = compared.sparinglySoluble?.[formula];
  if (!found || keptForAReason.has(formula)) return undefined;
  const all = [pKsp, ...Object.values(found).map((logK) => -logK)];
  return [Math.min(...all), Math.max(...all)];
}
