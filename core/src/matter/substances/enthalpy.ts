import { componentsOfSolid } from './componentsOf';
import { formationEnthalpies } from './data/formationEnthalpies';
import type { SparinglySoluble } from './types';

const tabulated = new Map(
  formationEnthalpies.map(({ formula, state, kJPerMol }) => [`${formula}(${state})`, kJPerMol]),
);

/** A standard enthalpy of formation, kJ/mol; undefined where none is tabulated. */
export function formationEnthalpy(
  formula: string,
  state: 's' | 'l' | 'g' | 'aq',
): number | undefined {
  return tabulated.get(`${formula}(${state})`);
}

/**
 * Enthalpy of dissolving a hardly soluble solid into the ions of its row, kJ/mol: as its row has it, or from enthalpies of
 * formation (Hess’s law); undefined when one of them is missing.
 */
export function dissolutionEnthalpy({
  formula,
  ions,
  dissolutionKJPerMol,
}: SparinglySoluble): number | undefined {
  if (dissolutionKJPerMol !== undefined) return dissolutionKJPerMol;
  const solid = formationEnthalpy(formula, 's');
  const water = formationEnthalpy('H2O', 'l') ?? 0;
  if (solid === undefined) return undefined;
  let sum = -solid;
  for (const [ion, count] of Object.entries(ions)) {
    const value = formationEnthalpy(ion, 'aq');
    if (value === undefined) return undefined;
    sum += count * value;
  }
  // Crystal water is set free; an oxide takes water up to make its hydroxide ions.
  return sum + waterSetFree(formula, ions) * water;
}

function waterSetFree(formula: string, ions: Readonly<Record<string, number>>): number {
  const whole = componentsOfSolid(formula)?.H2O ?? 0;
  const fromIons = Object.entries(ions).reduce(
    (sum, [ion, count]) => sum + count * (ion === 'OH^-' ? 1 : 0),
    0,
  );
  return whole - fromIons;
}
