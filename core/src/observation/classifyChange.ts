import { phraseDistance } from '../appearance/colourWords';
import type { Observation } from './observation';

/** Whether what was seen speaks for a chemical change, and on what evidence. */
export interface ChangeVerdict {
  readonly change: 'chemical' | 'physical' | 'undecided';
  readonly evidence: readonly string[];
  readonly against: readonly string[];
  /** 0 to 1; how strongly the evidence speaks. No single sign is proof (common practice). */
  readonly confidence: number;
}

/** How strongly each sign speaks for a chemical change when two solutions are mixed (common practice). */
const weight = { precipitate: 0.8, gas: 0.7, colour: 0.6 } as const;
/** OKLab distance above which a colour change is more than dilution by the other solution. */
const beyondDilution = 0.12;

/**
 * Weighs the evidence of chemical change in what was seen on mixing: precipitate, gas, colour change.
 * A colour that only becomes paler is what dilution does, and counts against.
 */
export function classifyChange(seen: readonly Observation[]): ChangeVerdict {
  const evidence: string[] = [];
  const against: string[] = [];
  let doubt = 1;
  for (const one of seen) {
    if (one.kind === 'precipitate') {
      evidence.push('a solid formed from two clear solutions');
      doubt *= 1 - weight.precipitate;
    } else if (one.kind === 'deposit') {
      evidence.push('a metal came out of a solution');
      doubt *= 1 - weight.precipitate;
    } else if (one.kind === 'gas') {
      evidence.push('a gas came off without heating');
      doubt *= 1 - weight.gas;
    } else if (one.kind === 'colour' && one.from && one.to && one.from !== one.to) {
      if (isPaler(one.from, one.to))
        against.push('the colour only became paler, as dilution makes it');
      else if (phraseDistance(one.from, one.to) > beyondDilution) {
        evidence.push(`the colour changed from ${one.from} to ${one.to}`);
        doubt *= 1 - weight.colour;
      }
    } else if (one.kind === 'noChange') against.push('nothing was seen to happen');
  }
  if (evidence.length > 0) return { change: 'chemical', evidence, against, confidence: 1 - doubt };
  const watched = seen.some(({ kind }) => kind === 'noChange' || kind === 'noPrecipitate');
  return watched
    ? {
        change: 'physical',
        evidence,
        against: [
          ...against,
          'mixing alone needs no new substance; a reaction without a sign is still possible',
        ],
        confidence: 0.6,
      }
    : { change: 'undecided', evidence, against, confidence: 0 };
}

function isPaler(from: string, to: string): boolean {
  const hue = (phrase: string) => phrase.split(' ').at(-1);
  if (to === 'colourless') return from.startsWith('pale ');
  return hue(from) === hue(to) && (to.startsWith('pale ') || from.startsWith('deep '));
}
