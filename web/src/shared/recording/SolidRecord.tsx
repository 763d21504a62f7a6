import { colourWords } from '@stoichos/core/seeing/appearance';
import { settlings, solidAmounts, textures } from '@stoichos/core/seeing/observation';
import { Chip, Question } from '../parts/ChipRow';
import { ColourChips } from './ColourChips';
import type { Recorder } from './useRecorder';

export interface PartProps {
  readonly recorder: Recorder;
}

export function Precipitate({ recorder: { of, record } }: PartProps) {
  const precipitate = of('precipitate');
  return (
    <>
      <Question title="Precipitate">
        <ColourChips
          value={precipitate?.colour}
          without={['colourless']}
          onPick={(picked) => record({ kind: 'precipitate', ...precipitate, colour: picked })}
        />
      </Question>
      {precipitate && (
        <>
          <Question title="Its texture">
            {textures.map((texture) => (
              <Chip
                key={texture}
                chosen={precipitate.texture === texture}
                onTap={() => record({ ...precipitate, texture })}
              >
                {texture}
              </Chip>
            ))}
          </Question>
          <Question title="How much, and how it settles">
            {solidAmounts.map((amount) => (
              <Chip
                key={amount}
                chosen={precipitate.amount === amount}
                onTap={() => record({ ...precipitate, amount })}
              >
                {amount}
              </Chip>
            ))}
            {settlings.map((settling) => (
              <Chip
                key={settling}
                chosen={precipitate.settling === settling}
                onTap={() => record({ ...precipitate, settling })}
              >
                {settling}
              </Chip>
            ))}
          </Question>
        </>
      )}
    </>
  );
}

export function Solid({ recorder: { of, record } }: PartProps) {
  const solid = of('solid');
  const deposit = of('deposit');
  const dissolves = of('dissolves');
  return (
    <>
      <Question title="What becomes of it">
        <Chip
          chosen={dissolves !== undefined && dissolves.complete !== false}
          onTap={() => record({ kind: 'dissolves', complete: true })}
        >
          dissolves
        </Chip>
        <Chip
          chosen={dissolves?.complete === false}
          onTap={() => record({ kind: 'dissolves', complete: false })}
        >
          dissolves in part
        </Chip>
        <Chip chosen={solid !== undefined && !solid.colour} onTap={() => record({ kind: 'solid' })}>
          stays
        </Chip>
      </Question>
      <Question title="Colour of the solid now">
        <ColourChips
          value={solid?.colour}
          without={['colourless']}
          onPick={(colour) => record({ kind: 'solid', ...solid, colour })}
        />
      </Question>
      <Question title="Metal that came out">
        <ColourChips
          value={deposit?.colour}
          without={colourWords.filter((word) => !metalColours.includes(word))}
          onPick={(colour) => record({ kind: 'deposit', colour })}
        />
      </Question>
    </>
  );
}

/** Colours in which metals come out of solutions. */
const metalColours: readonly string[] = ['white', 'grey', 'black', 'brown', 'red-brown', 'pink'];
