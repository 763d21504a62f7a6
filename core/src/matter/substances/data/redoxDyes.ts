import { commonPractice, handbook } from '../source';
import type { RedoxDye } from '../types';

const bishop = handbook('Bishop, Indicators', 'redox dyes: the forms, and how many electrons each takes up');
const bottle = commonPractice(
  'a bottle with about 2 g of glucose and 2 g of alkali in 100 mL loses its colour in about a minute and twice as fast for every 10 °C; speeds are good to a factor of three either way',
);

/**
 * Dyes that glucose in alkali reduces and air oxidises again, with the speed of each stage: v = k [dye] [glucose] [OH⁻],
 * k at 25 °C in L² mol⁻² s⁻¹.
 */
export const redoxDyes = [
  {
    name: 'methylene blue', salt: 'C16H18ClN3S', molPerDrop: 1.56e-7,
    stages: [
      {
        oxidised: 'C16H18N3S^+', reduced: 'C16H19N3S', perM2PerS: 5,
        reduction: 'C16H18N3S^+(aq) + C6H12O6(aq) + 2 OH^-(aq) → C16H19N3S(aq) + C6H11O7^-(aq) + H2O(l)',
        oxidation: '2 C16H19N3S(aq) + O2(g) → 2 C16H18N3S^+(aq) + 2 OH^-(aq)',
      },
    ],
    sources: [bishop, bottle],
  },
  {
    name: 'indigo carmine', salt: 'C16H8N2Na2O8S2', molPerDrop: 1.07e-6,
    stages: [
      {
        oxidised: 'C16H8N2O8S2^2-', reduced: 'C16H8N2O8S2^3-', perM2PerS: 5,
        reduction: '2 C16H8N2O8S2^2-(aq) + C6H12O6(aq) + 3 OH^-(aq) → 2 C16H8N2O8S2^3-(aq) + C6H11O7^-(aq) + 2 H2O(l)',
        oxidation: '4 C16H8N2O8S2^3-(aq) + O2(g) + 2 H2O(l) → 4 C16H8N2O8S2^2-(aq) + 4 OH^-(aq)',
      },
      {
        oxidised: 'C16H8N2O8S2^3-', reduced: 'C16H10N2O8S2^2-', perM2PerS: 1.2,
        reduction: '2 C16H8N2O8S2^3-(aq) + C6H12O6(aq) + 2 H2O(l) → 2 C16H10N2O8S2^2-(aq) + C6H11O7^-(aq) + OH^-(aq)',
        oxidation: '4 C16H10N2O8S2^2-(aq) + O2(g) + 4 OH^-(aq) → 4 C16H8N2O8S2^3-(aq) + 6 H2O(l)',
      },
    ],
    sources: [bishop, bottle],
  },
] as const satisfies readonly RedoxDye[];

/** What goes on while oxygen is dissolved: the dye carries the electrons and stays as it is. */
export const bottleReaction = '2 C6H12O6(aq) + O2(aq) + 2 OH^-(aq) → 2 C6H11O7^-(aq) + 2 H2O(l)';
/** Activation energy of the reduction, kJ/mol: about twice as fast for every 10 °C. */
export const reductionActivation = { kJPerMol: 53, source: bottle } as const;
