import { commonPractice, handbook } from '../source';
import type { GasProperties } from '../types';

const crc = handbook('CRC Handbook of Chemistry and Physics', 'solubility of the gas in water at 25 °C and 1 atm, rounded');
const trade = commonPractice('what the gas does to a splint and to a nose, and what it does to people');

const gas = (formula: string, solubilityMlPer100Ml: number, litSplint: GasProperties['litSplint'], smell: string, hazard: string): GasProperties => ({ formula, solubilityMlPer100Ml, litSplint, smell, hazard, sources: [crc, trade] });

/** Gases with what tells them apart on the bench. */
export const gasProperties: readonly GasProperties[] = [
  gas('H2', 1.9, 'pops', '', 'explosive with air'),
  { ...gas('O2', 3.2, 'flares', '', 'feeds fire'), relights: true },
  gas('N2', 1.6, 'goes out', '', 'suffocates in closed rooms'),
  gas('CO2', 83, 'goes out', '', 'suffocates in closed rooms'),
  gas('CO', 2.4, 'burns', '', 'toxic and flammable, and has no smell to warn of it'),
  { ...gas('Cl2', 230, 'goes out', 'sharp, as of bleach', 'toxic'), bleaches: true },
  gas('Br2', 2000, 'goes out', 'sharp', 'toxic; burns skin'),
  gas('SO2', 3900, 'goes out', 'choking, as of burnt matches', 'toxic; harms people with asthma'),
  gas('SO3', 1e5, 'goes out', 'choking, fuming', 'corrosive'),
  gas('H2S', 250, 'burns', 'of rotten eggs, until the nose stops noticing it', 'very toxic and flammable'),
  gas('NH3', 70_000, 'goes out', 'pungent', 'toxic and corrosive'),
  gas('HCl', 45_000, 'goes out', 'sharp, fuming', 'toxic and corrosive'),
  gas('HBr', 60_000, 'goes out', 'sharp, fuming', 'toxic and corrosive'),
  gas('HI', 45_000, 'goes out', 'sharp, fuming', 'toxic and corrosive'),
  gas('HF', 1e5, 'goes out', 'sharp', 'very toxic; burns deep'),
  gas('HCN', 1e5, 'burns', 'of bitter almonds, which many people cannot smell', 'deadly'),
  gas('NO', 4.6, 'goes out', 'sharp once air has turned it brown', 'toxic'),
  gas('NO2', 1000, 'goes out', 'sharp', 'toxic; the harm comes hours later'),
  { ...gas('N2O', 59, 'flares', 'faintly sweet', 'feeds fire; numbs'), relights: true },
  gas('CH4', 3.3, 'burns', '', 'explosive with air'),
  gas('C2H6', 4.5, 'burns', '', 'explosive with air'),
  { ...gas('C2H4', 12, 'burns', 'faintly sweet', 'explosive with air'), unsaturated: true },
  { ...gas('C2H2', 93, 'burns', 'of garlic, from impurities', 'explosive with air, and with copper or silver salts'), unsaturated: true },
  gas('C3H8', 6.5, 'burns', '', 'explosive with air'),
  { ...gas('C3H6', 17, 'burns', 'faintly sweet', 'explosive with air'), unsaturated: true },
  gas('C4H10', 6.1, 'burns', '', 'explosive with air'),
];
