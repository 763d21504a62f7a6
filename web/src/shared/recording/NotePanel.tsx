import { Button, Group, SegmentedControl, Text, TextInput, Textarea } from '@mantine/core';
import { departureKinds, longestNote } from '@stoichos/core/labday/day';
import { useState } from 'react';
import classes from './Bench.module.css';
import type { Recorder } from './useRecorder';
import { formatNumber } from '@stoichos/core/common';

/** Notes in one’s own words. */
export function Notes({ recorder }: { recorder: Recorder }) {
  const [text, setText] = useState('');
  const tooLong = text.length > longestNote;
  const notes = recorder.all('note');
  const add = () => {
    recorder.add({ kind: 'note', text: text.trim() });
    setText('');
  };
  return (
    <div>
      {notes.map((note, index) => (
        <Text key={index} size="sm" style={{ whiteSpace: 'pre-wrap', overflowWrap: 'anywhere' }}>
          “{note.text}”
        </Text>
      ))}
      <Group align="flex-end" gap="xs" mt={6}>
        <Textarea
          label="Note"
          placeholder="Anything else, in your words"
          autosize
          minRows={1}
          maxRows={5}
          flex={1}
          value={text}
          error={
            tooLong
              ? `${text.length} characters; at most ${longestNote}. Shorten it, or make two notes.`
              : undefined
          }
          onChange={(event) => setText(event.currentTarget.value)}
        />
        <Button disabled={text.trim() === '' || tooLong} onClick={add}>
          Add note
        </Button>
      </Group>
    </div>
  );
}

/** What was done otherwise than it is written down: planned beside done. */
export function Departures({ recorder, minutes }: { recorder: Recorder; minutes: number }) {
  const [what, setWhat] = useState<(typeof departureKinds)[number]>('time');
  const [planned, setPlanned] = useState(`${formatNumber(minutes)} min`);
  const [done, setDone] = useState('');
  const isWhole = planned.trim() !== '' && done.trim() !== '';
  return (
    <section aria-label="Departures from the procedure" className={classes.block}>
      {recorder.all('departure').map((one, index) => (
        <Text key={index} size="sm">
          {one.what}: {one.planned} → {one.done}
        </Text>
      ))}
      <SegmentedControl
        aria-label="What was done otherwise"
        data={[...departureKinds]}
        value={what}
        fullWidth
        onChange={(value) => {
          setWhat(value);
          setPlanned(value === 'time' ? `${formatNumber(minutes)} min` : '');
        }}
      />
      <Group align="flex-end" gap="xs" mt="xs" grow>
        <TextInput
          label="Planned"
          maxLength={160}
          value={planned}
          onChange={(event) => setPlanned(event.currentTarget.value)}
        />
        <TextInput
          label="Done"
          placeholder={what === 'time' ? '8 min' : ''}
          maxLength={160}
          value={done}
          onChange={(event) => setDone(event.currentTarget.value)}
        />
      </Group>
      <Button
        mt="xs"
        disabled={!isWhole}
        onClick={() => {
          recorder.add({ kind: 'departure', what, planned: planned.trim(), done: done.trim() });
          setDone('');
        }}
      >
        Record the departure
      </Button>
    </section>
  );
}
