import type { Electrode } from '../../matter/substances/types';
import type { Components } from '../../matter/substances/componentsOf';
import { commonPractice } from '../../matter/substances/source';
import type { ElectrodeSide } from './electrodeSetting';
import { dissolvedTotalM } from './transport';

export const ruleOfThumbSource = commonPractice(
  'minus: the metal if it is less reactive than hydrogen, otherwise hydrogen; plus: a metal electrode dissolves, otherwise the halogen if a halide is there concentrated enough, otherwise oxygen',
);

/** What the rule of thumb says of one electrode. */
export interface RuleSays {
  /** Formula of the product. */
  readonly product: string;
  /** The couple of the table of potentials it stands for. */
  readonly half: string;
  readonly because: string;
}

/** Metals below hydrogen in the reactivity series, the least reactive first. */
const belowHydrogen = [
  ['Ag^+', 'Ag', 'Ag^+(aq) + e^- → Ag(s)'],
  ['Hg^2+', 'Hg', 'Hg^2+(aq) + 2e^- → Hg(s)'],
  ['Cu^2+', 'Cu', 'Cu^2+(aq) + 2e^- → Cu(s)'],
] as const;
const halogens = [
  ['I^-', 'I2', 'I2(aq) + 2e^- → 2I^-(aq)', 0.01],
  ['Br^-', 'Br2', 'Br2(aq) + 2e^- → 2Br^-(aq)', 0.05],
  ['Cl^-', 'Cl2', 'Cl2(aq) + 2e^- → 2Cl^-(aq)', 0.5],
] as const;
/** Less of a metal ion than this, mol/L, the rule does not look at. */
const leastM = 1e-3;

/** The school’s rule of thumb for a solution, which knows neither concentration nor overpotential beyond “concentrated enough”. */
export function ruleOfThumb(
  side: ElectrodeSide,
  electrode: Electrode,
  species: Components,
): RuleSays {
  if (side === 'cathode') {
    const found = belowHydrogen.find(([ion]) => dissolvedTotalM(ion, species) >= leastM);
    return found
      ? { product: found[1], half: found[2], because: `${found[1]} is less reactive than hydrogen` }
      : {
          product: 'H2',
          half: '2H^+(aq) + 2e^- → H2(g)',
          because: 'every metal there is more reactive than hydrogen',
        };
  }
  const own = electrode.dissolvesBy[0];
  if (!electrode.inert && own)
    return {
      product: own.split('(')[0] ?? '',
      half: own,
      because: `the ${electrode.material} electrode is active and dissolves`,
    };
  const halide = halogens.find(([ion, , , from]) => (species[ion] ?? 0) >= from);
  return halide
    ? { product: halide[1], half: halide[2], because: `a halide is there, concentrated enough` }
    : {
        product: 'O2',
        half: 'O2(g) + 4H^+(aq) + 4e^- → 2H2O(l)',
        because: 'no halide is there in a high enough concentration',
      };
}
