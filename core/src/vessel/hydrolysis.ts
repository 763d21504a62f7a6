import type { Equilibrium } from '../solution/equilibrium/equilibrate';
import type { Components } from '../matter/substances/componentsOf';
import { sparinglySoluble } from '../matter/substances/data/sparinglySoluble';
import { commonPractice } from '../matter/substances/source';

export const hydrolysisSource = commonPractice(
  'hot solutions of the salts of magnesium, copper, zinc and their like stay clear and are boiled down to crystals, although equilibrium constants would have up to a twentieth settle as hydroxide',
);
/** Share of a metal that water alone may bring out as its hydroxide before anyone sees it. */
const unseenShare = 0.05;
/** More protons missing than this, mol/L, and a base was put in. */
const baseM = 1e-6;

/** Share of a base that must be ammonia for a basic salt to settle in place of the hydroxide. */
const mostlyAmmonia = 0.9;

const shy = sparinglySoluble.filter((row) => row.needsBase);
const gentle = sparinglySoluble.filter((row) => row.fromWeakBase).map(({ formula }) => formula);

/**
 * Hydroxides that are in an equilibrium by hydrolysis alone: no base was put in, and little of the metal would come out. It
 * hangs on what is there now and not on the way it came about, so that the order of mixing does not matter.
 *
 * @param totalsM what the solution and the solids in it are made of, by component, mol/L.
 */
export function hydrolysedOnly({ solids, pH }: Equilibrium, totalsM: Components): string[] {
  const missing = -(totalsM['H^+'] ?? 0);
  // Each ammonia brings one ammonium and lacks one proton; more lacking is strong alkali.
  const isWeak = missing > baseM && (totalsM['NH4^+'] ?? 0) >= mostlyAmmonia * missing;
  // All of them, for where one is kept out the next would come.
  const basic = !isWeak && solids.some(({ formula }) => gentle.includes(formula)) ? gentle : [];
  return [...basic, ...hydroxidesOnly({ solids, pH }, totalsM)];
}

function hydroxidesOnly(
  { solids, pH }: Pick<Equilibrium, 'solids' | 'pH'>,
  totalsM: Components,
): string[] {
  // A hydroxide counts by its missing protons; the salts of weak acids, such as phosphates, by the pH they make.
  if ((totalsM['H^+'] ?? 0) < -baseM || pH > 7) return [];
  return shy.flatMap(({ formula, ions }) => {
    const found = solids.find((solid) => solid.formula === formula);
    if (!found) return [];
    const metal = Object.keys(ions).find((ion) => ion !== 'OH^-') ?? '';
    return found.amountMolPerL < unseenShare * (totalsM[metal] ?? 0) ? [formula] : [];
  });
}
