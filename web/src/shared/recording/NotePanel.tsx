import { Button, Group, Text, Textarea } from '@mantine/core';
import { longestNote } from '@stoichos/core/labday/day';
import { useState } from 'react';
import type { Recorder } from './useRecorder';

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
