import { commonPractice, handbook } from '../source';
import type { GasProperties } from '../types';

const crc = handbook('CRC Handbook of Chemistry and Physics', 'solubility of the gas in water at 25 °C and 1 atm, rounded');
const trade = commonPractice('what the gas does to a splint and to a nose, and what it does to people');

const gas = (formula: string, litSplint: GasProperties['litSplint'], smell: string, hazard: string, solubilityMlPer100Ml?: number): GasProperties => ({ formula, ...(solubilityMlPer100Ml !== undefined && { solubilityMlPer100Ml }), litSplint, smell, hazard, sources: [crc, trade] });

/** The pressures from which one smells it are ten times and more what a trained nose finds (common practice: a class in a room). */
/** Gases with what tells them apart on the bench. */
export const gasProperties: readonly GasProperties[] = [
  gas('H2', 'pops', '', 'explosive with air'),
  { ...gas('O2', 'flares', '', 'feeds fire'), relights: true },
  gas('N2', 'goes out', '', 'suffocates in closed rooms'),
  gas('CO2', 'goes out', '', 'suffocates in closed rooms'),
  gas('CO', 'burns', '', 'toxic and flammable, and has no smell to warn of it'),
  { ...gas('Cl2', 'goes out', 'sharp, as of bleach', 'toxic', 230), smelledFromAtm: 1e-6, bleaches: true },
  gas('Br2', 'goes out', 'sharp', 'toxic; burns skin', 2000),
  { ...gas('SO2', 'goes out', 'choking, as of burnt matches', 'toxic; harms people with asthma', 3900), smelledFromAtm: 2e-6 },
  gas('SO3', 'goes out', 'choking, fuming', 'corrosive', 1e5),
  { ...gas('H2S', 'burns', 'of rotten eggs, until the nose stops noticing it', 'very toxic and flammable'), smelledFromAtm: 1e-6 },
  { ...gas('NH3', 'goes out', 'pungent', 'toxic and corrosive', 70_000), smelledFromAtm: 3e-5 },
  gas('HCl', 'goes out', 'sharp, fuming', 'toxic and corrosive', 45_000),
  gas('HBr', 'goes out', 'sharp, fuming', 'toxic and corrosive', 60_000),
  gas('HNO3', 'goes out', 'sharp, fuming', 'toxic and corrosive', 1e5),
  { ...gas('ClO2', 'goes out', 'sharp, as of bleach', 'explodes; toxic'), colour: 'yellow' },
  { ...gas('CrO2Cl2', 'goes out', 'sharp, fuming', 'toxic, carcinogenic and corrosive', 1e5), colour: 'red-brown' },
  gas('HI', 'goes out', 'sharp, fuming', 'toxic and corrosive', 45_000),
  { ...gas('CH3COOH', 'burns', 'of vinegar', 'corrosive as a vapour over the concentrated acid'), smelledFromAtm: 2e-6 },
  gas('HF', 'goes out', 'sharp', 'very toxic; burns deep', 1e5),
  gas('HCN', 'burns', 'of bitter almonds, which many people cannot smell', 'deadly', 1e5),
  gas('NO', 'goes out', 'sharp once air has turned it brown', 'toxic'),
  { ...gas('NO2', 'goes out', 'sharp', 'toxic; the harm comes hours later', 1000), smelledFromAtm: 1e-6 },
  { ...gas('N2O', 'flares', 'faintly sweet', 'feeds fire; numbs'), relights: true },
  gas('CH4', 'burns', '', 'explosive with air'),
  gas('C2H6', 'burns', '', 'explosive with air'),
  { ...gas('C2H4', 'burns', 'faintly sweet', 'explosive with air'), unsaturated: true },
  { ...gas('C2H2', 'burns', 'of garlic, from impurities', 'explosive with air, and with copper or silver salts'), unsaturated: true },
  gas('C3H8', 'burns', '', 'explosive with air'),
  { ...gas('C3H6', 'burns', 'faintly sweet', 'explosive with air'), unsaturated: true },
  gas('C4H10', 'burns', '', 'explosive with air'),
];
