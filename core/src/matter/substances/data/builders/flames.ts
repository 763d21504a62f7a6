import { commonPractice, handbook } from '../../source';
import type { ColourPhrase, FlameColour } from '../../types';

const vogel = handbook('Vogel’s Qualitative Inorganic Analysis', 'flame colorations of salts moistened with hydrochloric acid');
/** How much shows, and how one colour outshines another, is told in ranks; nobody tabulates it. */
export const flameRanksSource = commonPractice('which flame colours hide which, and that a trace of sodium is enough to hide all others');

export const flame = (ion: string, colour: ColourPhrase, words: string, strength: number, fromMmol = 0.01): FlameColour => ({ ion, colour, words, strength, fromMmol, source: vogel });
