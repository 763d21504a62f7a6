import { commonPractice } from '../../matter/substances/source';

/** A judgement of the trade on certain reagents for a gas, which no reaction shows. */
export interface RouteNote {
  /** The gas it is said of; any when left out. */
  readonly gas?: string;
  /** All of these are in the route. */
  readonly reagents: readonly string[];
  /** How the acid is used, where it matters. */
  readonly use?: 'concentrated' | 'solution' | 'heated';
  readonly verdict: 'poor' | 'refused';
  readonly why: string;
  /** What comes is a mixture, whatever the equation says. */
  readonly isMixture?: true;
}

export const routeNotesSource = commonPractice(
  'which gas preparations are taught, and which are not done with a class any more',
);

/** What the trade says of certain routes, whatever the reaction gives. */
export const routeNotes: readonly RouteNote[] = [
  {
    gas: 'H2',
    reagents: ['H2SO4'],
    use: 'concentrated',
    verdict: 'refused',
    why: 'concentrated sulfuric acid holds hardly any hydrogen ions: cold it all but leaves the metal alone, hot it gives sulfur dioxide; dilute it',
  },
  ...['SO2', 'H2S'].map((gas): RouteNote => ({
    gas,
    reagents: ['HNO3'],
    verdict: 'refused',
    why: 'nitric acid oxidises it as it forms',
  })),
  ...['Mg', 'Zn', 'Ca', 'Mn', 'Fe', 'Sn'].flatMap((metal) =>
    ['NO', 'NO2'].map((gas): RouteNote => ({
      gas,
      reagents: [metal, 'HNO3'],
      verdict: 'poor',
      why: 'a metal more reactive than hydrogen takes the acid further down: a mixture with dinitrogen oxide, nitrogen and ammonium; copper does not',
      isMixture: true,
    })),
  ),
  {
    gas: 'SO2',
    reagents: ['Na2S2O3'],
    verdict: 'poor',
    why: 'half of its sulfur settles in the flask as a fine yellow solid',
  },
  {
    reagents: ['(NH4)2Cr2O7'],
    verdict: 'refused',
    why: 'dichromate dust causes cancer and flies about; it is not heated with a class any more',
  },
  {
    reagents: ['NH4NO3'],
    use: 'heated',
    verdict: 'poor',
    why: 'ammonium nitrate can explode when it is heated on, shut in or dirty: the instructor only, a small amount behind a screen',
  },
  {
    reagents: ['KClO3', 'HCl'],
    verdict: 'refused',
    why: 'chlorate with acid gives explosive chlorine dioxide beside chlorine',
  },
  {
    reagents: ['KClO3'],
    use: 'heated',
    verdict: 'poor',
    why: 'chlorate explodes with anything that burns; permanganate or peroxide does the same job',
  },
  {
    reagents: ['KClO4'],
    use: 'heated',
    verdict: 'poor',
    why: 'perchlorate explodes with anything that burns',
  },
  {
    reagents: ['HgO'],
    verdict: 'refused',
    why: 'mercury vapour: it is not heated with a class any more',
  },
  { reagents: ['Hg'], verdict: 'refused', why: 'mercury is kept out of gas preparations' },
  {
    reagents: ['Na2O2'],
    verdict: 'refused',
    why: 'it heats up, spits caustic and sets alight what burns',
  },
  {
    reagents: ['Na'],
    verdict: 'refused',
    why: 'too violent to make a gas with: it runs about and may catch fire',
  },
  {
    reagents: ['K'],
    verdict: 'refused',
    why: 'too violent to make a gas with: it catches fire at once',
  },
  {
    reagents: ['K2Cr2O7', 'HCl'],
    verdict: 'poor',
    why: 'dichromate may cause cancer; manganese dioxide or bleach does the same job',
  },
  {
    reagents: ['KMnO4', 'H2SO4'],
    use: 'concentrated',
    verdict: 'refused',
    why: 'permanganate with concentrated sulfuric acid gives explosive manganese heptoxide',
  },
  {
    reagents: ['Na2S'],
    verdict: 'poor',
    why: 'it gives all its gas at once; a lump of iron sulfide stops when the acid is drawn off',
  },
  {
    reagents: ['(NH4)2S'],
    verdict: 'poor',
    why: 'it gives all its gas at once, and stinks already',
  },
  {
    reagents: ['C16H34'],
    verdict: 'poor',
    why: 'cracking gives a mixture of gases; enough for a test, not for a pure gas',
    isMixture: true,
  },
];
