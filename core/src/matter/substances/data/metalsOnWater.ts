import { commonPractice, handbook } from '../source';
import type { MetalOnWater } from '../types';

const crc = handbook('CRC Handbook of Chemistry and Physics', 'density and melting point of the element');
const trade = commonPractice('what the metal does on water, and how much of it is shown to a class');

/** Metals that react with cold water, by what is seen and how much is too much. */
export const metalsOnWater: readonly MetalOnWater[] = [
  { formula: 'Li', densityGPerMl: 0.53, meltsC: 180.5, pace: 'fizzes steadily', vigour: 'steady', mostG: 0.1, sources: [crc, trade] },
  { formula: 'Na', densityGPerMl: 0.97, meltsC: 97.8, pace: 'fizzes fast and runs about; held still it catches fire with a yellow flame', vigour: 'vigorous', mostG: 0.05, sources: [crc, trade] },
  { formula: 'K', densityGPerMl: 0.86, meltsC: 63.5, pace: 'catches fire at once with a lilac flame and ends with a crack', vigour: 'vigorous', burns: true, mostG: 0.03, sources: [crc, trade] },
  { formula: 'Ca', densityGPerMl: 1.55, meltsC: 842, pace: 'fizzes, and the liquid turns milky', vigour: 'steady', mostG: 0.5, sources: [crc, trade] },
];
