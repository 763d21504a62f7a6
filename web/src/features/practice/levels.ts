import { issuedSalts } from '@stoichos/core/matter/substances';
import { pairsOfIons } from '@stoichos/core/studies/identify';
import type { UnknownState } from '../../shared/unknowns/unknownState';

/** What a level draws its unknown from. */
export interface Level {
  readonly id: string;
  readonly name: string;
  readonly kind: UnknownState['kind'];
  /** Candidates by name; all that are listed where it is empty. */
  readonly candidates: readonly string[];
}

/** Levels from a first lesson to a term’s end (common practice). */
export const levels: readonly Level[] = [
  {
    id: 'salts1',
    name: '1 · Six salts',
    kind: 'inorganic',
    candidates: ['NaCl', 'NH4Cl', 'Na2CO3', 'CuSO4', 'FeCl3', 'CaCl2'],
  },
  {
    id: 'organic1',
    name: '1 · Ten liquids',
    kind: 'organic',
    candidates: [
      'ethanol',
      'propan-2-ol',
      '2-methylpropan-2-ol',
      'propanone',
      'pentan-3-one',
      'butanal',
      'ethanoic acid',
      'ethyl ethanoate',
      'cyclohexene',
      'hexane',
    ],
  },
  { id: 'salts2', name: '2 · Fifty salts', kind: 'inorganic', candidates: issuedSalts.formulae },
  { id: 'organic2', name: '2 · All that is listed', kind: 'organic', candidates: [] },
  {
    id: 'mixtures',
    name: '3 · Two cations together',
    kind: 'inorganic',
    candidates: pairsOfIons([
      'Ag^+',
      'Pb^2+',
      'Cu^2+',
      'Fe^3+',
      'Al^3+',
      'Zn^2+',
      'Ba^2+',
      'NH4^+',
    ]),
  },
];
