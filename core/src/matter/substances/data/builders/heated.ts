import { commonPractice, handbook } from '../../source';
import type { Shown, ThermalChange } from '../../types';

const crc = handbook('CRC Handbook of Chemistry and Physics', 'physical constants of inorganic and organic compounds: temperatures at which water is lost, or at which the compound decomposes, sublimes or catches fire');
const text = handbook('Greenwood and Earnshaw, Chemistry of the Elements', 'reaction on heating');

/** A stage in which crystal water goes, and which water turns back. */
export const hydrate = (equation: string, atC: number, shows?: Shown): ThermalChange => ({ equation, atC, rewets: true, ...(shows && { shows }), source: crc });
export const decomposes = (equation: string, atC: number, shows?: Shown): ThermalChange => ({ equation, atC, ...(shows && { shows }), source: crc });
export const together = (equation: string, atC: number, shows: Shown): ThermalChange => ({ equation, atC, shows, source: text });

/** Of a reaction on heating, which a handbook describes without its temperature. */
export const benchTemperature = commonPractice('the temperature at which the bench sees it run, rounded');

/** Where rows of this kind come from, where that is not the usual work. */
export const heatedFrom = { text };
