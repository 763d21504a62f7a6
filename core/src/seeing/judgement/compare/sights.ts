import { all, nothing } from './item';
import type { Question } from './item';

/** What else is seen of heat, flame and water, by the word for it, and how it is told by the engine. */
export const sightWords = {
  melts: /melt/,
  boils: /boil/,
  'turns to vapour': /sublime|vapour/,
  'settles again where it is cooler': /settles again|condens/,
  burns: /burn|catches fire|flame|ignite/,
  glows: /glow|bright light/,
  'browns or chars': /char|caramel|browns/,
  'drops of water form': /drops of water|mists over/,
  freezes: /freez|frost/,
  floats: /float/,
  sinks: /sinks/,
  'changes colour on the way': /→/,
  'takes up the water and warms': /takes up the water/,
} as const;
export type SightWord = keyof typeof sightWords;
const sightEntries = Object.entries(sightWords) as [SightWord, RegExp][];

/** The sights a text speaks of. */
export function sightsIn(text: string): SightWord[] {
  return sightEntries
    .filter(([word, pattern]) => text === word || pattern.test(text))
    .map(([word]) => word);
}

/** Sights for which there is a word: each expected one is looked for among those recorded. */
export const sights: Question = (expected, seen) => {
  const words = (list: typeof expected) => [
    ...new Set(all(list, 'sight').flatMap(({ result }) => sightsIn(result))),
  ];
  const got = words(seen);
  const anySight = all(seen, 'sight').length > 0 || nothing(seen);
  return words(expected).map((word) => ({
    item: 'sight',
    expected: word,
    ...(anySight && { seen: got.includes(word) ? word : `not seen to be so` }),
    outcome: got.includes(word)
      ? 'agrees'
      : nothing(seen)
        ? 'differs'
        : anySight
          ? 'near'
          : 'missing',
    decides: false,
  }));
};
