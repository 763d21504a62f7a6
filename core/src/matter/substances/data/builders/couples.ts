import { commonPractice, handbook } from '../../source';
import type { RedoxCouple } from '../../types';

const crc = handbook('CRC Handbook of Chemistry and Physics', 'electrochemical series, standard reduction potentials at 25 °C');
const bard = handbook('Bard, Parsons and Jordan, Standard Potentials in Aqueous Solution', 'standard potential at 25 °C');
const latimer = handbook('Latimer, The Oxidation States of the Elements and Their Potentials', 'standard potential at 25 °C; other tables give −0.03 to −0.07 V');
/** No measurement: what the other tables come to. */
const closed = commonPractice('calculated from the solubility products, acid constants and potentials of these tables, so that the cycle closes');
export const half = (text: string, standardPotentialV: number, source: RedoxCouple['source'] = crc): RedoxCouple => ({ half: text, standardPotentialV, source });

/** Where rows of this kind come from, where that is not the usual work. */
export const couplesFrom = { bard, latimer, closed };
