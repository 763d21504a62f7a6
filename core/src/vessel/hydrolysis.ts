import type { Equilibrium } from '../solution/equilibrium/equilibrate';
import type { Components } from '../matter/substances/componentsOf';
import { sparinglySoluble } from '../matter/substances/data/sparinglySoluble';
import type { SparinglySoluble } from '../matter/substances/types';
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
const basicSalts = sparinglySoluble.filter((row) => row.fromWeakBase);
const gentle = basicSalts.map(({ formula }) => formula);
const metalsOfThem = new Set(basicSalts.map(metalOf));
/** So much strong alkali to each metal ion, and no more, makes a basic salt too: the first drops (common practice). */
const firstDrops = [0.01, 0.5] as const;
/** Solids put in as such, which are no base that falls into a solution. */
const putIn = new Set(sparinglySoluble.filter((row) => row.asAdded).map(({ formula }) => formula));

/**
 * Hydroxides that are in an equilibrium by hydrolysis alone: no base was put in, and little of the metal would come out. It
 * hangs on what is there now and not on the way it came about, so that the order of mixing does not matter.
 *
 * @param totalsM what the solution and the solids in it are made of, by component, mol/L.
 * @param added solids that lay in it.
 */
export function hydrolysedOnly(
  { solids, pH }: Equilibrium,
  totalsM: Components,
  added: readonly string[] = [],
): string[] {
  const missing = -(totalsM['H^+'] ?? 0);
  // Each ammonia brings one ammonium and lacks one proton; more lacking is strong alkali.
  const isWeak = missing > baseM && (totalsM['NH4^+'] ?? 0) >= mostlyAmmonia * missing;
  const isScarce =
    missing > baseM &&
    !added.some((formula) => putIn.has(formula)) &&
    [...metalsOfThem].some((metal) => {
      const share = missing / (totalsM[metal] ?? 0);
      return share > firstDrops[0] && share < firstDrops[1];
    });
  // All of them, for where one is kept out the next would come.
  const basic =
    !isWeak && !isScarce && solids.some(({ formula }) => gentle.includes(formula)) ? gentle : [];
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
    return found.amountMolPerL < unseenShare * (totalsM[metalOf({ ions })] ?? 0) ? [formula] : [];
  });
}

/** The metal ion of a hydroxide or basic salt. */
function metalOf({ ions }: Pick<SparinglySoluble, 'ions'>): string {
  return Object.keys(ions).find((ion) => ion !== 'OH^-') ?? '';
}
