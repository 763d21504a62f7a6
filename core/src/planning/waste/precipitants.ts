import { commonPractice } from '../../matter/substances/source';

/** What takes an element out of solution, the usual one first; solutions as they are made for the bench, mol/L. */
export const precipitants: Readonly<
  Record<string, readonly { readonly substance: string; readonly concentrationM: number }[]>
> = {
  Ag: [{ substance: 'NaCl', concentrationM: 1 }],
  Ba: [{ substance: 'Na2SO4', concentrationM: 0.5 }],
  Cd: [
    { substance: 'Na2CO3', concentrationM: 0.5 },
    { substance: 'NaOH', concentrationM: 1 },
  ],
  Co: [{ substance: 'Na2CO3', concentrationM: 0.5 }],
  Cr: [{ substance: 'NaOH', concentrationM: 1 }],
  Cu: [{ substance: 'Na2CO3', concentrationM: 0.5 }],
  Hg: [{ substance: 'Na2S', concentrationM: 0.2 }],
  Ni: [{ substance: 'Na2CO3', concentrationM: 0.5 }],
  Zn: [{ substance: 'Na2CO3', concentrationM: 0.5 }],
  Pb: [
    { substance: 'Na2CO3', concentrationM: 0.5 },
    { substance: 'Na2SO4', concentrationM: 0.5 },
    { substance: 'NaOH', concentrationM: 1 },
  ],
};
export const precipitantsSource = commonPractice(
  'precipitants for recovering a toxic ion; what is left is computed',
);

/** Why an element is not cleared by a precipitant alone. */
export const firstOfAll: Readonly<Record<string, string>> = {
  'CrO4^2-':
    'Chromium(VI) is reduced to chromium(III) with sulfite in acid before anything precipitates it.',
  'HCrO4^-':
    'Chromium(VI) is reduced to chromium(III) with sulfite in acid before anything precipitates it.',
  'Cr2O7^2-':
    'Chromium(VI) is reduced to chromium(III) with sulfite in acid before anything precipitates it.',
};
