import type { Sight } from '../../matter/substances/types';

export type { Sight };

/** What else is seen of heat, flame and water, by the word for it. */
export const sights = [
  'melts',
  'boils',
  'turns to vapour',
  'settles again where it is cooler',
  'burns',
  'glows',
  'browns or chars',
  'drops of water form',
  'freezes',
  'floats',
  'sinks',
  'changes colour on the way',
  'comes and goes',
  'takes up the water and warms',
] as const satisfies readonly Sight[];

/** How each is spoken of, by people and in the tables of the engine. */
const spokenOf: Readonly<Record<Sight, RegExp>> = {
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
  'comes and goes':
    /comes and goes|forms and goes|gone on shaking|goes on shaking|the rest of what is poured dissolves it/,
  'takes up the water and warms': /takes up the water/,
};

/** The sights that words speak of: reads what people write and what has no code of its own. */
export function readSights(text: string): Sight[] {
  return sights.filter((word) => text === word || spokenOf[word].test(text));
}

/** The sights of an observation: by its own codes, or read from its words where it has none. */
export const sightsOf = ({
  result,
  shows,
}: {
  result: string;
  shows?: readonly Sight[] | undefined;
}): readonly Sight[] => shows ?? readSights(result);
