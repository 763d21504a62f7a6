import { Button, Group, Text, Textarea } from '@mantine/core';
import { clarities, longestNote, notesOf, textures, vigours } from '@stoichos/core';
import type { BenchRecord } from '@stoichos/core';
import { useState } from 'react';
import { Chip, Question } from './ChipRow';
import { ColourChips } from './ColourChips';
import type { Recorder } from './useRecorder';

const clarityKeys = { clear: 'C', cloudy: 'L', opaque: 'O' } as const;

/** Everything that can be recorded for a test, one tap each. */
export function RecordPanel({ recorder }: { recorder: Recorder }) {
  const { of, record } = recorder;
  const colour = of('colour');
  const precipitate = of('precipitate');
  const gas = of('gas');
  const setColour = (part: Partial<Extract<BenchRecord, { kind: 'colour' }>>) =>
    record({ kind: 'colour', ...colour, ...part });
  return (
    <>
      <Question title="At a glance">
        <Chip
          chosen={of('noChange') !== undefined}
          hotkey="N"
          onTap={() => record({ kind: 'noChange' })}
        >
          nothing happened
        </Chip>
        <Chip
          chosen={of('noPrecipitate') !== undefined}
          hotkey="P"
          onTap={() => record({ kind: 'noPrecipitate' })}
        >
          no precipitate
        </Chip>
        {clarities.map((clarity) => (
          <Chip
            key={clarity}
            chosen={of('clarity')?.to === clarity}
            hotkey={clarityKeys[clarity]}
            onTap={() => record({ kind: 'clarity', to: clarity })}
          >
            {clarity}
          </Chip>
        ))}
        <Chip
          chosen={gas !== undefined && !gas.vigour}
          hotkey="G"
          onTap={() => record({ kind: 'gas' })}
        >
          bubbles
        </Chip>
        {gas &&
          vigours.map((vigour) => (
            <Chip
              key={vigour}
              chosen={gas.vigour === vigour}
              onTap={() => record({ kind: 'gas', vigour })}
            >
              {vigour}
            </Chip>
          ))}
      </Question>
      <Question title="Precipitate">
        <ColourChips
          value={precipitate?.colour}
          without={['colourless']}
          onPick={(picked) => record({ kind: 'precipitate', ...precipitate, colour: picked })}
        />
      </Question>
      {precipitate && (
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
      )}
      <Question title="Liquid after mixing">
        <ColourChips
          value={colour?.to}
          without={['white', 'cream']}
          onPick={(to) => setColour({ to })}
        />
      </Question>
      <details>
        <summary style={{ minHeight: 44, cursor: 'pointer', fontWeight: 600 }}>
          Liquid A before mixing{colour?.from ? `: ${colour.from}` : ''}
        </summary>
        <Question title="">
          <ColourChips
            value={colour?.from}
            without={['white', 'cream']}
            onPick={(from) => setColour({ from })}
          />
        </Question>
      </details>
      <Notes recorder={recorder} />
    </>
  );
}

function Notes({ recorder }: { recorder: Recorder }) {
  const [text, setText] = useState('');
  const tooLong = text.length > longestNote;
  const notes = notesOf(recorder.standing);
  const add = () => {
    recorder.note(text.trim());
    setText('');
  };
  return (
    <div>
      {notes.map((note, index) => (
        <Text key={index} size="sm" style={{ whiteSpace: 'pre-wrap', overflowWrap: 'anywhere' }}>
          “{note}”
        </Text>
      ))}
      <Group align="flex-end" gap="xs" mt={6}>
        <Textarea
          label="Note"
          placeholder="Anything else, in your words"
          autosize
          minRows={1}
          maxRows={5}
          size="md"
          flex={1}
          value={text}
          error={
            tooLong
              ? `${text.length} characters; at most ${longestNote}. Shorten it, or make two notes.`
              : undefined
          }
          onChange={(event) => setText(event.currentTarget.value)}
        />
        <Button size="md" variant="default" disabled={text.trim() === '' || tooLong} onClick={add}>
          Add note
        </Button>
      </Group>
    </div>
  );
}
