import { parseFormula } from '../../src/matter/formula/parseFormula';
import type { Phases } from '../../src/vessel/vessel';

/** Moles of each element, and of charge, in the phases of a vessel, mmol. */
export function atoms(...all: readonly Phases[]): Record<string, number> {
  const total: Record<string, number> = {};
  for (const phases of all)
    for (const amounts of [phases.solution, phases.solids, phases.layer, phases.gas])
      for (const [formula, amount] of Object.entries(amounts)) {
        const { elements, charge } = parseFormula(formula);
        for (const [symbol, n] of Object.entries({ ...elements, charge }))
          total[symbol] = (total[symbol] ?? 0) + n * amount;
      }
  return total;
}

/** The elements, and charge, of which more than a billionth of all there was came or went, with that share. */
export function lostOrMade(
  before: Readonly<Record<string, number>>,
  after: Readonly<Record<string, number>>,
): string[] {
  const size = Math.max(...Object.values(before).map(Math.abs));
  return [...new Set([...Object.keys(before), ...Object.keys(after)])].flatMap((symbol) => {
    const share = Math.abs((after[symbol] ?? 0) - (before[symbol] ?? 0)) / size;
    return share < 1e-9 ? [] : [`${symbol} ${share.toPrecision(2)}`];
  });
}
