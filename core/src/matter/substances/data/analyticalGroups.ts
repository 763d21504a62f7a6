import { handbook } from '../source';
import type { AnalyticalGroup } from '../types';

export const analyticalGroupsSource = handbook('Vogel’s Qualitative Inorganic Analysis', 'the separation of cations into groups');

/** The classical groups in their order; the order is the separation: each reagent would bring down the groups before it too. */
export const analyticalGroups: readonly AnalyticalGroup[] = [
  { label: 'Group I', reagent: 'dilute hydrochloric acid, cold', doings: [{ add: 'HCl', concentrationM: 2, volumeMl: 2 }], cations: ['Ag^+', 'Pb^2+', 'Hg2^2+'], confirm: 'Hot water dissolves lead chloride: chromate turns it yellow. Ammonia dissolves silver chloride; nitric acid brings it back.' },
  { label: 'Group II', reagent: 'hydrogen sulfide in the acid solution', doings: [{ bubble: 'H2S', amountMmol: 3 }], cations: ['Cu^2+', 'Pb^2+', 'Cd^2+', 'Bi^3+', 'Hg^2+', 'Sn^2+'], confirm: 'Black sulfides dissolve in hot nitric acid: ammonia in excess turns copper deep blue. Yellow is cadmium or tin(IV).', caution: 'Hydrogen sulfide is very toxic: hood, smallest scale; thioacetamide is toxic too. Only where the local rules allow it.' },
  { label: 'Group III', reagent: 'hydrogen sulfide boiled off, iron oxidised with hydrogen peroxide, then ammonium chloride and ammonia', doings: [{ evaporateToMl: 6 }, { add: 'H2O2', concentrationM: 0.9, volumeMl: 1 }, { evaporateToMl: 6 }, { add: 'NH4Cl', concentrationM: 5, volumeMl: 5 }, { add: 'NH3', concentrationM: 6, volumeMl: 1.6 }], cations: ['Fe^3+', 'Al^3+', 'Cr^3+'], confirm: 'Sodium hydroxide in excess dissolves aluminium and chromium, iron stays: thiocyanate in acid turns it deep red.' },
  { label: 'Group IV', reagent: 'hydrogen sulfide in the ammonia solution', doings: [{ bubble: 'H2S', amountMmol: 2 }], cations: ['Zn^2+', 'Mn^2+', 'Ni^2+', 'Co^2+'], confirm: 'White is zinc, flesh-coloured manganese, black nickel or cobalt: dimethylglyoxime turns nickel red, thiocyanate in propanone cobalt blue.', caution: 'Hydrogen sulfide again: hood.' },
  { label: 'Group V', reagent: 'ammonium carbonate', doings: [{ evaporateToMl: 8 }, { add: '(NH4)2CO3', concentrationM: 0.3, volumeMl: 3 }], cations: ['Ca^2+', 'Sr^2+', 'Ba^2+'], confirm: 'Dissolved in ethanoic acid: chromate takes barium, the flame tells strontium (crimson) from calcium (brick red).' },
];
