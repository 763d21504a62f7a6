import { Group } from '@mantine/core';
import {
  colourDepths,
  colourPhrase,
  colourWords,
  plainWords,
  readPhrase,
} from '@stoichos/core/seeing/appearance';
import type { ColourPhrase, ColourWord } from '@stoichos/core/matter/substances';
import { Swatch } from '../chemistry/Swatch';
import { Chip } from '../parts/ChipRow';

interface ColourChipsProps {
  readonly value: ColourPhrase | undefined;
  /** Words that make no sense here, such as colourless for a solid. */
  readonly without?: readonly ColourWord[];
  readonly onPick: (colour: ColourPhrase) => void;
}

/** The hue words as chips, and once one is chosen, how pale or deep it is. */
export function ColourChips({ value, without = [], onPick }: ColourChipsProps) {
  const chosen = value && readPhrase(value);
  const takesDepth = chosen && !plainWords.includes(chosen.word);
  return (
    <>
      {colourWords
        .filter((word) => !without.includes(word))
        .map((word) => (
          <Chip key={word} chosen={chosen?.word === word} onTap={() => onPick(word)}>
            <Swatch colour={word} />
            {word}
          </Chip>
        ))}
      {takesDepth && (
        <Group role="group" aria-label={`How ${chosen.word}`} gap="0.35rem" w="100%">
          {colourDepths.map((depth) => {
            const phrase = colourPhrase(chosen.word, depth);
            return (
              <Chip
                key={depth}
                chosen={chosen.depth === depth}
                onTap={() => onPick(chosen.depth === depth ? chosen.word : phrase)}
              >
                <Swatch colour={phrase} />
                {phrase}
              </Chip>
            );
          })}
        </Group>
      )}
    </>
  );
}
