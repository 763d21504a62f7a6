import { describe, expect, it } from 'vitest';
import { bench, sorted } from './support/bench';

/** What a teacher writes for what goes on, as it stands in Vogel’s Qualitative Inorganic Analysis and in Greenwood and Earnshaw. */
const written: readonly (readonly [start: string, then: string, netIonic: string])[] = [
  [
    'K2Cr2O7 0.04M 2mL + H2SO4 1M 2mL',
    'SO2 0.3mmol',
    'Cr2O7^2-(aq) + 3 SO2(aq) + 2 H^+(aq) → 2 Cr^3+(aq) + 3 SO4^2-(aq) + H2O(l)',
  ],
  [
    'KMnO4 0.01M 2mL + H2SO4 1M 2mL',
    'H2O2 0.1M 2mL',
    '2 MnO4^-(aq) + 5 H2O2(aq) + 6 H^+(aq) → 2 Mn^2+(aq) + 5 O2(g) + 8 H2O(l)',
  ],
  [
    'KMnO4 0.01M 2mL + H2SO4 1M 2mL',
    'FeSO4 0.1M 2mL',
    'MnO4^-(aq) + 5 Fe^2+(aq) + 8 H^+(aq) → Mn^2+(aq) + 5 Fe^3+(aq) + 4 H2O(l)',
  ],
  ['KBr 0.1M 2mL', 'Cl2 0.05M 2mL', 'Cl2(aq) + 2 Br^-(aq) → 2 Cl^-(aq) + Br2(aq)'],
  ['FeSO4 0.1M 2mL', 'Cl2 0.05M 2mL', '2 Fe^2+(aq) + Cl2(aq) → 2 Fe^3+(aq) + 2 Cl^-(aq)'],
  [
    'K4Fe(CN)6 0.1M 2mL',
    'Cl2 0.05M 2mL',
    '2 Fe(CN)6^4-(aq) + Cl2(aq) → 2 Fe(CN)6^3-(aq) + 2 Cl^-(aq)',
  ],
  [
    'Na2S2O3 0.1M 2mL',
    'Cl2 0.05M 1mL',
    'S2O3^2-(aq) + 4 Cl2(aq) + 5 H2O(l) → 2 SO4^2-(aq) + 8 Cl^-(aq) + 10 H^+(aq)',
  ],
  ['NaOH 1M 2mL', 'Cl2 0.05M 2mL', 'Cl2(aq) + 2 OH^-(aq) → Cl^-(aq) + ClO^-(aq) + H2O(l)'],
  [
    'FeCl3 0.1M 2mL + HCl 2M 1mL',
    'SO2 0.2mmol',
    '2 Fe^3+(aq) + SO2(aq) + 2 H2O(l) → 2 Fe^2+(aq) + SO4^2-(aq) + 4 H^+(aq)',
  ],
  ['AgNO3 0.1M 2mL', 'NaCl 0.1M 1mL', 'Ag^+(aq) + Cl^-(aq) → AgCl(s)'],
  ['ZnSO4 0.1M 2mL', 'NaOH 0.1M 2mL', 'Zn^2+(aq) + 2 OH^-(aq) → Zn(OH)2(s)'],
  ['Na2CO3 0.5M 2mL', 'HCl 2M 2mL', 'CO3^2-(aq) + 2 H^+(aq) → CO2(g) + H2O(l)'],
];

describe('the equation that is told first is the one a teacher writes', () => {
  it.each(written)('%s; %s', (start, then, netIonic) => {
    const reactions = bench(start, then).at(-1)?.reactions ?? [];
    expect(reactions.map((one) => sorted(one.netIonic))[0]).toBe(sorted(netIonic));
    // Nothing else but what is a process by itself.
    expect(reactions.length).toBeLessThanOrEqual(2);
  });
});
