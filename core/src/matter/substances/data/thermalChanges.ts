import type { ThermalChange } from '../types';
import { elements } from './elements';

/** What heat does to substances, in the order in which a rising temperature brings it on; temperatures are those at which the bench sees it run, °C. */
export const thermalChanges: readonly ThermalChange[] = elements.flatMap(({ heated = [] }) => heated);
