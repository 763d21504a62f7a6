import { handbook } from '../../matter/substances/source';
import { halfReactions, readHalf } from '../halfReaction';
import type { HalfReaction } from '../halfReaction';

/** Iron straight to iron(III), as at the potential of oxygen; beside iron(II) it would tell the engine nothing new. */
export const ironToThree = readHalf({
  half: 'Fe^3+(aq) + 3e^- → Fe(s)',
  standardPotentialV: -0.037,
  source: handbook(
    'CRC Handbook of Chemistry and Physics',
    'electrochemical series, standard reduction potentials at 25 °C',
  ),
});
/**
 * Chromium straight to chromate, as it leaves stainless steel at the potential of oxygen (transpassive): the mean of the steps to
 * chromium(III), −0.744 V, and on to chromate, 1.50 V.
 */
const chromiumToChromate = readHalf({
  half: 'CrO4^2-(aq) + 8H^+(aq) + 6e^- → Cr(s) + 4H2O(l)',
  standardPotentialV: 0.38,
  source: handbook(
    'CRC Handbook of Chemistry and Physics',
    'electrochemical series, standard reduction potentials at 25 °C; combined from two steps',
  ),
});
const halfByText = new Map(
  [...halfReactions, ironToThree, chromiumToChromate].map((half) => [half.couple.half, half]),
);
/** A half-reaction of the table of potentials by its text. */
export function halfOf(text: string): HalfReaction {
  const half = halfByText.get(text);
  if (!half) throw new Error(`No couple “${text}”.`);
  return half;
}

export const hydrogen = halfOf('2H^+(aq) + 2e^- → H2(g)');
export const oxygen = halfOf('O2(g) + 4H^+(aq) + 4e^- → 2H2O(l)');
export const chlorine = halfOf('Cl2(aq) + 2e^- → 2Cl^-(aq)');
export const bromine = halfOf('Br2(aq) + 2e^- → 2Br^-(aq)');
/** Metals of a stainless hook as they leave it. */
export const stainlessHalves = [
  { half: ironToThree, metal: 'Fe' },
  { half: chromiumToChromate, metal: 'Cr' },
  { half: halfOf('Ni^2+(aq) + 2e^- → Ni(s)'), metal: 'Ni' },
] as const;
