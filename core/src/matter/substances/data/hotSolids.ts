import { shown } from '../shown';
import { handbook } from '../source';
import type { Source } from '../source';
import type { ColourPhrase, HotSolid } from '../types';

const crc = handbook('CRC Handbook of Chemistry and Physics', 'melting and sublimation points');
const text = handbook('Greenwood and Earnshaw, Chemistry of the Elements', 'behaviour on heating');

const melts = (formula: string, atC: number): HotSolid => ({ formula, meltsC: atC, source: crc });
const staysTo = (formula: string, atC: number): HotSolid => ({ formula, staysToC: atC, source: crc });

const boils = (formula: string, atC: number): HotSolid => ({ formula, boilsC: atC, caution: `${formula} vapour catches fire or is toxic: no flame near it, hood, and a condenser for what boils.`, source: crc });

/** Solids and liquids that heat leaves as they are, but for melting, boiling, subliming, or for a colour they have only while hot. */
export const hotSolids: readonly HotSolid[] = [
  melts('NaCl', 801), melts('KCl', 771), melts('NaBr', 747), melts('KBr', 734), melts('NaI', 661), melts('KI', 681), melts('NaF', 996), melts('KF', 858), melts('LiCl', 610),
  melts('CaCl2', 775), melts('SrCl2', 874), melts('BaCl2', 961), melts('ZnCl2', 325), melts('MgCl2', 714), melts('AgCl', 455), melts('AgBr', 430), melts('AgI', 558), melts('PbI2', 410),
  melts('Na2CO3', 856), melts('K2CO3', 899), melts('Li2CO3', 732), melts('Na2SO4', 884), melts('K2SO4', 1069), melts('Li2SO4', 860), melts('K2CrO4', 974), melts('Na2CrO4', 794),
  melts('PbCl2', 501), melts('RbCl', 724), melts('CsCl', 645), melts('PbCrO4', 844), melts('Na2O2', 675), { formula: 'P4O10', sublimesC: 360, source: crc },
  melts('NaOH', 323), melts('KOH', 406), melts('LiOH', 473), melts('Ba(OH)2', 408), melts('NaNO2', 284), melts('KNO2', 438), melts('Na2B4O7', 743), melts('Na2SiO3', 1089),
  melts('Sn', 232), melts('Bi', 271), melts('Cd', 321), melts('Al', 660), melts('Ag', 962), melts('Au', 1064), melts('B(OH)3', 171), melts('C6H5COOH', 122), melts('C17H35COOH', 69),
  { formula: 'C12H22O11', meltsC: 186, whileHot: shown('browns to caramel', 'browns or chars'), source: crc }, { formula: 'C6H12O6', meltsC: 150, whileHot: shown('browns', 'browns or chars'), source: crc },
  { formula: 'S', meltsC: 115, whileHot: shown('an amber liquid that turns dark and thick'), source: crc }, melts('KNO3', 334), melts('NaNO3', 307), melts('AgNO3', 210), melts('KClO3', 356), melts('NH4NO3', 170), melts('K2Cr2O7', 398),
  boils('Hg', 357), boils('CH2Cl2', 40), boils('C6H14', 69), boils('C6H12', 81), boils('C8H18', 126), boils('C16H34', 287),
  { formula: 'Pt', meltsC: 1768, whileHot: shown('glows red, and is the same when it has cooled', 'glows'), source: text },
  { formula: 'ZnO', staysToC: 1900, whileHot: shown('yellow while hot, white again when cold'), source: text },
  { formula: 'SnO2', staysToC: 1600, whileHot: shown('yellow while hot, white again when cold'), source: text },
  { formula: 'PbO', meltsC: 888, whileHot: shown('orange-brown while hot, yellow when cold'), source: text },
  { formula: 'Fe2O3', staysToC: 1300, whileHot: shown('black while hot, red-brown again when cold'), source: text },
  { formula: 'HgS', sublimesC: 580, source: crc }, { formula: 'HgCl2', sublimesC: 300, source: crc }, { formula: 'Hg2Cl2', sublimesC: 383, source: crc },
  { formula: 'I2', sublimesC: 60, whileHot: shown('violet vapour', 'turns to vapour'), source: crc },
  { formula: 'NH4Cl', sublimesC: 338, whileHot: shown('white smoke; it comes apart into ammonia and hydrogen chloride, which meet again where it is cooler'), source: crc },
  { formula: 'NH4Br', sublimesC: 396, whileHot: shown('white smoke'), source: crc }, { formula: 'NH4I', sublimesC: 405, whileHot: shown('white smoke, violet from a little iodine'), source: crc },
  staysTo('CaO', 2800), staysTo('MgO', 2800), staysTo('BaO', 1900), staysTo('SrO', 2500), staysTo('Al2O3', 2000), staysTo('SiO2', 1700), staysTo('TiO2', 1800), staysTo('Cr2O3', 2400),
  staysTo('CuO', 1000), staysTo('Cu2O', 1200), staysTo('NiO', 1900), staysTo('CoO', 1800), staysTo('Fe3O4', 1500), staysTo('FeS', 1100), staysTo('ZnS', 1000), staysTo('BaSO4', 1500),
  staysTo('CaSO4', 1200), staysTo('PbSO4', 1000), staysTo('SrSO4', 1500), staysTo('MgSO4', 1100), staysTo('K2MnO4', 500), staysTo('CaF2', 1400), staysTo('AlPO4', 1400), staysTo('Ni', 600), staysTo('Co', 600), staysTo('Cr', 800),
  staysTo('KAl(SO4)2', 700), staysTo('NiSO4', 800), staysTo('CoSO4', 700), staysTo('MnSO4', 800), staysTo('MnO2', 500), staysTo('CuCl', 900), staysTo('Na2HPO4', 200), staysTo('NiCl2', 900), staysTo('CoCl2', 700), staysTo('Na2S2O3', 200),
];

/** Hydrates and other solids met only on heating, by their colour. */
export const heatedColours: readonly { formula: string; colour: ColourPhrase; source: Source }[] = [
  { formula: 'CoCl2·6H2O', colour: 'pink', source: text },
  { formula: 'FeCl3·6H2O', colour: 'brown', source: text },
  { formula: 'FeCl3', colour: 'black', source: text },
  { formula: 'CuSO4·3H2O', colour: 'pale blue', source: text },
  { formula: 'CuSO4·H2O', colour: 'pale blue', source: text },
  { formula: 'CuSO4', colour: 'white', source: text },
  { formula: 'CoCl2·2H2O', colour: 'violet', source: text },
  { formula: 'CoCl2', colour: 'blue', source: text },
  { formula: 'NiCl2·2H2O', colour: 'yellow-green', source: text },
  { formula: 'NiCl2', colour: 'yellow', source: text },
  { formula: 'NiSO4·H2O', colour: 'yellow-green', source: text },
  { formula: 'NiSO4', colour: 'yellow', source: text },
  { formula: 'CoSO4·6H2O', colour: 'red', source: text },
  { formula: 'CoSO4·H2O', colour: 'pink', source: text },
  { formula: 'CoSO4', colour: 'pink', source: text },
  { formula: 'FeSO4·4H2O', colour: 'pale green', source: text },
  { formula: 'FeSO4·H2O', colour: 'white', source: text },
  { formula: 'FeSO4', colour: 'white', source: text },
  { formula: 'CuCl2', colour: 'brown', source: text },
  { formula: 'MnSO4', colour: 'white', source: text },
  { formula: 'Cu(NO3)2', colour: 'blue', source: text },
  ...['KAl(SO4)2', 'CaSO4', 'Na2S2O3', 'SrCl2', 'H2C2O4', 'Ba(OH)2', 'Na2B4O7', 'Pb(CH3COO)2', 'K2C2O4', 'Ca(NO3)2', 'Mg(NO3)2', 'Zn(NO3)2', 'CaC2O4', 'MgCO3'].map((formula) => ({ formula, colour: 'white' as const, source: text })),
];
