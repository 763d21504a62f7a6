import { incompatibilityClasses } from '../../safety/incompatibility';
import { pureSolids } from '../../matter/substances/data/pureSolids';
import type { Substance } from '../../matter/substances/types';
import type { Attempt } from './attempt';
import { concentratedOf, solidOf, solutionOf, waterOf } from './shelf';
import type { Shelf, Tried } from './shelf';

/** A kind of route: which reagents of a shelf are worth bringing together for a gas. The engine says what comes of each. */
export interface Family {
  readonly name: string;
  /** Gases it is tried for. */
  readonly gases: readonly string[];
  readonly attempts: (shelf: Shelf, gas: string) => readonly Attempt[];
}

/** Amounts in which reagents are tried: enough that a soluble gas is more than its water holds (common practice for a small generator). */
const solidMmol = 20;
const acidMl = 25;
const diluteM = 2;
/** Acid for gases that dissolve well, mol/L. */
const strongerM = 4;
const strongM = 6;
const alkaliM = 4;
/** To where a mixture of liquid is warmed, °C. */
const warmC = 80;
/** To where concentrated sulfuric acid is heated to oxidise, °C. */
const fumingC = 250;

const metals = pureSolids.filter(({ kind }) => kind === 'metal').map(({ formula }) => formula);
/** Metals nobody puts into acid for a gas. */
const notForGas = new Set(['Hg', 'Au', 'Pt', 'Cd']);

const isOf =
  (wanted: ReturnType<typeof incompatibilityClasses>[number]) =>
  ({ formula, state }: Substance): boolean =>
    state !== 'gas' && incompatibilityClasses(formula, 1).includes(wanted);

/** Acids that are used as such; hydrofluoric and perchloric acid, and oxalic acid, whose salts coat what they form on, are not. */
const acidNames = [
  'HCl',
  'H2SO4',
  'HNO3',
  'H3PO4',
  'CH3COOH',
  'HCOOH',
  'H3C6H5O7',
  'H2C4H4O6',
  'NaHSO4',
  'KHSO4',
  'HBr',
];

const acids = (shelf: Shelf): string[] => acidNames.filter((formula) => shelf.has(formula));
const those = (shelf: Shelf, is: (row: Substance) => boolean): string[] =>
  shelf.rows.filter(is).map(({ formula }) => formula);
const onShelf = (shelf: Shelf, formulae: readonly string[]): string[] =>
  formulae.filter((formula) => shelf.has(formula));

function attempt(tried: readonly Tried[], heatedToC?: number): Attempt {
  return {
    reagents: tried.map(({ reagent }) => reagent),
    portions: tried.map(({ portion }) => portion),
    ...(heatedToC !== undefined && { heatedToC }),
  };
}

const pairs = (
  ones: readonly string[],
  others: readonly string[],
  make: (one: string, other: string) => Attempt,
): Attempt[] => ones.flatMap((one) => others.map((other) => make(one, other)));

const carbonateWithAcid: Family = {
  name: 'a carbonate with an acid',
  gases: ['CO2'],
  attempts: (shelf) => [
    ...pairs(those(shelf, isOf('carbonate')), acids(shelf), (salt, acid) =>
      attempt([solidOf(salt, solidMmol), solutionOf(acid, diluteM, acidMl)]),
    ),
    ...those(shelf, isOf('carbonate')).flatMap((salt) =>
      shelf.has('CO2')
        ? [
            {
              reagents: [
                solidOf(salt, solidMmol).reagent,
                { substance: 'CO2', kept: 'CO2', use: 'gas' as const },
                waterOf(acidMl).reagent,
              ],
              portions: [
                solidOf(salt, solidMmol).portion,
                { gas: 'CO2', amountMmol: 1 },
                waterOf(acidMl).portion,
              ],
            },
          ]
        : [],
    ),
  ],
};

const metalsOf = (shelf: Shelf): string[] =>
  onShelf(shelf, metals).filter((metal) => !notForGas.has(metal));

const metalWithAcid: Family = {
  name: 'a metal with an acid',
  gases: ['H2'],
  attempts: (shelf) => [
    ...pairs(metalsOf(shelf), acids(shelf), (metal, acid) =>
      attempt([solidOf(metal, solidMmol / 2), solutionOf(acid, diluteM, acidMl)]),
    ),
    ...pairs(metalsOf(shelf), onShelf(shelf, ['H2SO4']), (metal, acid) =>
      attempt([solidOf(metal, solidMmol / 2), concentratedOf(acid, acidMl)]),
    ),
  ],
};

const metalWithNitricAcid: Family = {
  name: 'a metal with nitric acid',
  gases: ['NO', 'NO2'],
  attempts: (shelf) =>
    metalsOf(shelf).flatMap((metal) =>
      onShelf(shelf, ['HNO3']).flatMap((acid) => [
        attempt([solidOf(metal, solidMmol / 2), solutionOf(acid, strongerM, acidMl)]),
        attempt([solidOf(metal, solidMmol / 2), concentratedOf(acid, acidMl)]),
      ]),
    ),
};

const metalWithAlkali: Family = {
  name: 'a metal with an alkali',
  gases: ['H2'],
  attempts: (shelf) =>
    pairs(onShelf(shelf, ['Al', 'Zn']), onShelf(shelf, ['NaOH', 'KOH']), (metal, alkali) =>
      attempt([solidOf(metal, solidMmol / 2), solutionOf(alkali, alkaliM, acidMl)]),
    ),
};

const solidWithWater: Family = {
  name: 'a solid with water',
  gases: ['H2', 'C2H2'],
  attempts: (shelf, gas) =>
    onShelf(shelf, gas === 'C2H2' ? ['CaC2'] : ['Li', 'Na', 'K', 'Ca', 'Mg', 'Fe', 'CaH2']).map(
      (solid) => attempt([solidOf(solid, solidMmol / 2), waterOf(acidMl)]),
    ),
};

const peroxide: Family = {
  name: 'hydrogen peroxide with a catalyst',
  gases: ['O2'],
  attempts: (shelf) =>
    pairs(onShelf(shelf, ['H2O2']), onShelf(shelf, ['MnO2', 'PbO2', 'SiO2']), (one, catalyst) => {
      const { reagent, portion } = solidOf(catalyst, 1);
      const liquid = solutionOf(one, diluteM, acidMl);
      return {
        reagents: [liquid.reagent, { ...reagent, role: 'catalyst' }],
        portions: [portion, liquid.portion],
      };
    }),
};

const ammoniumWithAlkali: Family = {
  name: 'an ammonium salt with an alkali',
  gases: ['NH3'],
  attempts: (shelf) => [
    ...pairs(
      those(shelf, ({ ions }) => 'NH4^+' in ions),
      onShelf(shelf, ['NaOH', 'KOH']),
      (salt, alkali) => attempt([solidOf(salt, 40), solutionOf(alkali, 8, 10)], warmC),
    ),
    ...onShelf(shelf, ['NH3']).map((ammonia) => attempt([concentratedOf(ammonia, 10)], 60)),
  ],
};

const sulfiteWithAcid: Family = {
  name: 'a sulfite or thiosulfate with an acid',
  gases: ['SO2'],
  attempts: (shelf) =>
    pairs(
      those(shelf, isOf('sulfite')),
      acids(shelf).filter((acid) => acid !== 'HBr'),
      (salt, acid) =>
        // Little water, since the gas dissolves well.
        attempt([
          solidOf(salt, 2 * solidMmol),
          solutionOf(acid, acid === 'H2SO4' ? strongM / 2 : strongM, 15),
        ]),
    ),
};

const hotSulfuric: Family = {
  name: 'a metal with hot concentrated sulfuric acid',
  gases: ['SO2'],
  attempts: (shelf) =>
    pairs(onShelf(shelf, ['Cu', 'Ag', 'C', 'S']), onShelf(shelf, ['H2SO4']), (one, acid) =>
      attempt([solidOf(one, solidMmol / 2), concentratedOf(acid, 10)], fumingC),
    ),
};

const sulfideWithAcid: Family = {
  name: 'a sulfide with an acid',
  gases: ['H2S'],
  attempts: (shelf) =>
    pairs(
      [...new Set([...those(shelf, isOf('sulfide')), ...onShelf(shelf, ['ZnS', 'PbS', 'CuS'])])],
      acids(shelf).filter((acid) => acid !== 'HBr'),
      (salt, acid) => attempt([solidOf(salt, solidMmol / 2), solutionOf(acid, strongerM, acidMl)]),
    ),
};

const oxidiserWithChloride: Family = {
  name: 'an oxidiser with hydrochloric acid',
  gases: ['Cl2'],
  attempts: (shelf) =>
    onShelf(shelf, ['HCl']).flatMap((acid) => [
      ...onShelf(shelf, ['MnO2', 'PbO2', 'KMnO4', 'K2Cr2O7', 'KClO3']).flatMap((oxidiser) => [
        attempt([solidOf(oxidiser, solidMmol / 2), solutionOf(acid, diluteM, acidMl)]),
        attempt([solidOf(oxidiser, solidMmol / 2), concentratedOf(acid, acidMl)]),
      ]),
      ...onShelf(shelf, ['NaClO', 'Ca(ClO)2']).map((bleach) =>
        attempt([
          bleach === 'NaClO' ? solutionOf(bleach, 1, 15) : solidOf(bleach, solidMmol / 2),
          solutionOf(acid, strongerM, acidMl),
        ]),
      ),
    ]),
};

const nitriteWithAcid: Family = {
  name: 'a nitrite with an acid',
  gases: ['NO', 'NO2'],
  attempts: (shelf) => [
    ...pairs(onShelf(shelf, ['NaNO2', 'KNO2']), onShelf(shelf, ['HCl', 'H2SO4']), (salt, acid) =>
      attempt([solidOf(salt, solidMmol / 2), solutionOf(acid, diluteM, acidMl)]),
    ),
    ...pairs(onShelf(shelf, ['NaNO2', 'KNO2']), onShelf(shelf, ['FeSO4']), (salt, iron) =>
      attempt([
        solidOf(salt, solidMmol / 2),
        solidOf(iron, solidMmol / 2),
        solutionOf('H2SO4', diluteM, acidMl),
      ]),
    ).filter(() => shelf.has('H2SO4')),
  ],
};

/** Kinds of route that the engine can follow, in the order in which they are thought of. */
export const families: readonly Family[] = [
  carbonateWithAcid,
  metalWithAcid,
  metalWithNitricAcid,
  metalWithAlkali,
  solidWithWater,
  peroxide,
  ammoniumWithAlkali,
  sulfiteWithAcid,
  hotSulfuric,
  sulfideWithAcid,
  oxidiserWithChloride,
  nitriteWithAcid,
];
