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
