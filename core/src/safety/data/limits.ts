import { commonPractice, handbook } from '../../matter/substances/source';
import type { Source } from '../../matter/substances/source';
import type { HazardCode } from '../statements';

const annexVI = handbook(
  'EU CLP Regulation 1272/2008, Annex VI, Table 3',
  'specific concentration limits, per cent by mass',
);
const orange = handbook(
  'UN Recommendations on the Transport of Dangerous Goods, Dangerous Goods List',
  'strength from which the solution is carried as a flammable liquid or an oxidiser',
);
const flashPoints = handbook(
  'CRC Handbook of Chemistry and Physics and suppliers’ data sheets',
  'flash points of ethanol and of propanone in water, against 23 °C and 60 °C (CLP Annex I, 2.6)',
);

/** From how many per cent by mass on a solution of a substance carries a statement. */
export interface SpecificLimits {
  readonly from: Readonly<Partial<Record<HazardCode, number>>>;
  readonly source: Source;
}

const listed = (from: SpecificLimits['from'], source = annexVI): SpecificLimits => ({
  from,
  source,
});
const nickel = listed({ H372: 1, H373: 0.1, H315: 20, H317: 0.01 });
const cobalt = listed({ H350i: 0.01 });
const cadmium = listed({ H350: 0.01, H372: 7, H373: 0.1 });
const lead = listed({ H361f: 2.5, H373: 0.5 });
const alkali = listed({ H314: 2, H315: 0.5, H319: 0.5 });

/**
 * Limits that a substance has of its own, which go before the general ones. A statement that a substance only has when it is
 * diluted, as “irritates the skin” of an acid, stands here too.
 */
export const specificLimits: Readonly<Record<string, readonly SpecificLimits[]>> = {
  HCl: [listed({ H314: 25, H315: 10, H319: 10, H335: 10 })],
  HBr: [listed({ H314: 40, H315: 10, H319: 10, H335: 10 })],
  HI: [listed({ H314: 25, H315: 10, H319: 10, H335: 10 })],
  HF: [listed({ H314: 1, H319: 0.1 })],
  HNO3: [listed({ H314: 5, H272: 65 })],
  H2SO4: [listed({ H314: 15, H315: 5, H319: 5 })],
  H3PO4: [listed({ H314: 25, H315: 10, H319: 10 })],
  HClO4: [listed({ H314: 10, H315: 1, H319: 1, H271: 50 })],
  CH3COOH: [listed({ H314: 25, H315: 10, H319: 10 }), listed({ H226: 80 }, orange)],
  HCOOH: [listed({ H314: 10, H315: 2, H319: 2 }), listed({ H226: 85 }, orange)],
  NH3: [listed({ H335: 5 })],
  H2O2: [listed({ H271: 70, H272: 50, H314: 50, H315: 35, H318: 8, H319: 5, H335: 35 })],
  NaOH: [alkali],
  KOH: [alkali],
  NaClO: [listed({ EUH031: 5 })],
  C6H5OH: [listed({ H314: 3, H315: 1, H319: 1 })],
  C2H5OH: [listed({ H319: 50 }), listed({ H225: 60, H226: 6 }, flashPoints)],
  C3H6O: [listed({ H225: 8, H226: 2.5 }, flashPoints)],
  NiCl2: [nickel],
  NiSO4: [nickel],
  'Ni(NO3)2': [nickel],
  CoCl2: [cobalt],
  CoSO4: [cobalt],
  'Co(NO3)2': [cobalt],
  CdCl2: [cadmium],
  CdSO4: [cadmium],
  'Cd(NO3)2': [cadmium],
  'Pb(NO3)2': [lead],
  'Pb(CH3COO)2': [lead],
  Na2CrO4: [listed({ H317: 0.2, H334: 0.2 })],
  K2CrO4: [listed({ H317: 0.5 })],
  Na2Cr2O7: [listed({ H317: 0.2, H334: 0.2, H335: 5 })],
  K2Cr2O7: [listed({ H335: 5 })],
  '(NH4)2Cr2O7': [listed({ H317: 0.2, H334: 0.2, H335: 5 })],
};

/** How much more than its share a substance weighs in what harms waters. */
export interface MFactors {
  readonly acute: number;
  readonly chronic: number;
  readonly source: Source;
}

const inAnnex = handbook('EU CLP Regulation 1272/2008, Annex VI, Table 3', 'M-factors');
const bySuppliers = handbook(
  'suppliers’ safety data sheets',
  'M-factors of their own classification',
);
const m = (acute: number, chronic: number, source = bySuppliers): MFactors => ({
  acute,
  chronic,
  source,
});

/** M-factors; a substance that is not here is counted with {@link assumedM}, and its label says so. */
export const mFactors: Readonly<Record<string, MFactors>> = {
  AgNO3: m(1000, 100),
  AgClO4: m(1000, 100),
  CuSO4: m(10, 1, inAnnex),
  'Cu(NO3)2': m(10, 1),
  CuCl2: m(10, 1),
  CuBr2: m(10, 1),
  'Cu(CH3COO)2': m(10, 1),
  ZnCl2: m(1, 1),
  ZnSO4: m(1, 1),
  ZnBr2: m(1, 1),
  'Zn(NO3)2': m(1, 1),
  CoCl2: m(10, 10, inAnnex),
  CoSO4: m(10, 10, inAnnex),
  'Co(NO3)2': m(10, 10, inAnnex),
  NiCl2: m(1, 1, inAnnex),
  NiSO4: m(1, 1, inAnnex),
  'Ni(NO3)2': m(1, 1, inAnnex),
  'Pb(NO3)2': m(10, 10),
  'Pb(CH3COO)2': m(10, 10),
  K2CrO4: m(10, 10),
  Na2CrO4: m(10, 10),
  K2Cr2O7: m(10, 10),
  Na2Cr2O7: m(10, 10),
  '(NH4)2Cr2O7': m(10, 10),
  KMnO4: m(10, 10),
  HgCl2: m(100, 100),
  NaClO: m(10, 1, inAnnex),
  'Ca(ClO)2': m(10, 1, inAnnex),
  NH3: m(1, 1),
  NaNO2: m(1, 1),
  KNO2: m(1, 1),
  NaI: m(1, 1),
  I2: m(1, 1),
  Na2S: m(1, 1),
  '(NH4)2S': m(1, 1),
  Br2: m(1, 1),
};
/** On the safe side: metals that harm waters most have more, most other substances have 1. */
export const assumedM = 10;

/** Routes by which a substance is taken up. */
export type Route = 'oral' | 'dermal' | 'vapour' | 'mist';

/** Acute toxicity estimates, mg/kg by mouth and skin and mg/L breathed in, where the statement alone does not say the category. */
export const toxicityEstimates: Readonly<
  Record<string, Readonly<Partial<Record<Route, number>>> & { readonly source: Source }>
> = {
  HNO3: {
    vapour: 2.65,
    source: handbook('EU CLP Regulation 1272/2008, Annex VI, Table 3', 'acute toxicity estimate'),
  },
  HCOOH: { oral: 730, vapour: 7.4, source: bySuppliers },
  HgCl2: { oral: 5, source: inAnnex },
  'Hg(NO3)2': { oral: 5, dermal: 5, mist: 0.05, source: inAnnex },
  'Hg2(NO3)2': { oral: 5, dermal: 5, mist: 0.05, source: inAnnex },
  NaCN: { oral: 5, dermal: 5, mist: 0.05, source: inAnnex },
  KCN: { oral: 5, dermal: 5, mist: 0.05, source: inAnnex },
  NaN3: { oral: 5, dermal: 5, mist: 0.05, source: inAnnex },
  HF: { oral: 5, dermal: 5, vapour: 0.5, source: inAnnex },
  Br2: { vapour: 0.5, source: inAnnex },
  CdCl2: { oral: 100, mist: 0.05, source: inAnnex },
  CdSO4: { oral: 100, mist: 0.05, source: inAnnex },
  K2Cr2O7: { mist: 0.05, source: inAnnex },
  Na2Cr2O7: { mist: 0.05, source: inAnnex },
  '(NH4)2Cr2O7': { mist: 0.05, source: inAnnex },
  Na2CrO4: { mist: 0.05, source: inAnnex },
};

/** Substances whose vapour is breathed in; of the others it is the mist of a spray. */
export const volatile: ReadonlySet<string> = new Set(['HNO3', 'HF', 'HCOOH', 'Br2', 'CH3COOH']);

/** Strong acids and alkalis without limits of their own, for which adding up shares does not do (CLP Annex I, 3.2.3.3.4). */
export const extremePH: ReadonlySet<string> = new Set([
  ...['LiOH', 'Ba(OH)2', 'Sr(OH)2', 'Na2S', 'Na2SiO3', 'Na3PO4', 'K3PO4', 'Na2O2', 'Ca(OH)2'],
  ...['KHSO4', 'NaHSO4', 'HIO3', 'TiOSO4', 'SnCl4', 'H2C2O4', 'CaO', 'BaO', 'P4O10'],
]);

const annexII = handbook(
  'EU CLP Regulation 1272/2008, Annex VI, Table 3',
  'supplemental statements',
);

/** What acids set free from a substance, as a statement of the European rules. */
export const withAcids: Readonly<Record<string, 'EUH031' | 'EUH032'>> = {
  NaClO: 'EUH031',
  'Ca(ClO)2': 'EUH031',
  Na2S: 'EUH031',
  '(NH4)2S': 'EUH031',
  NaHSO3: 'EUH031',
  Na2S2O5: 'EUH031',
  Na2SO3: 'EUH031',
  NaCN: 'EUH032',
  KCN: 'EUH032',
  NaN3: 'EUH032',
  NaF: 'EUH032',
  NaSCN: 'EUH032',
  KSCN: 'EUH032',
  NH4SCN: 'EUH032',
  'K4Fe(CN)6': 'EUH032',
  'K3Fe(CN)6': 'EUH032',
};
export const withAcidsSource = annexII;
export const assumedMSource = commonPractice('an M-factor of 10 where none is known to us');
