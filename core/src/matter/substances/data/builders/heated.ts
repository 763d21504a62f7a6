import { handbook } from '../../source';
import type { Shown, ThermalChange } from '../../types';

const crc = handbook('CRC Handbook of Chemistry and Physics', 'physical constants of inorganic and organic compounds: temperatures at which water is lost, or at which the compound decomposes, sublimes or catches fire');
const text = handbook('Greenwood and Earnshaw, Chemistry of the Elements', 'reaction on heating; the temperature is that of the bench, rounded');

/** A stage in which crystal water goes, and which water turns back. */
export const hydrate = (equation: string, atC: number, shows?: Shown): ThermalChange => ({ equation, atC, rewets: true, ...(shows && { shows }), source: crc });
export const decomposes = (equation: string, atC: number, shows?: Shown): ThermalChange => ({ equation, atC, ...(shows && { shows }), source: crc });
export const together = (equation: string, atC: number, shows: Shown): ThermalChange => ({ equation, atC, shows, source: text });

export const heatedFrom = { crc, text };
