import { Button, Group, Text, UnstyledButton } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import type { StandingEntry } from '@stoichos/core/labday/day';
import type { Measure } from '@stoichos/core/planning/procedure';
import { IconArrowBackUp, IconDroplet } from '@tabler/icons-react';
import * as z from 'zod';
import { useKept } from '../../data/kept/useKept';
import classes from './Bench.module.css';
import { ReadingList } from './ReadingList';
import type { Recorder } from './useRecorder';

const countSchema = z.object({
  drops: z.number().int().min(0),
  firstColourAt: z.number().optional(),
  lastingColourAt: z.number().optional(),
});
type Count = z.infer<typeof countSchema>;

const none: Count = { drops: 0 };
const keyOf = (recorder: Recorder, name: string) =>
  [
    'stoichos.drops',
    recorder.place.workId,
    recorder.place.stepId,
    recorder.place.groupId,
    name,
  ].join(' ');

/** Counts drops with a target that can be hit without looking, or with the space bar; marks the first colour and the one that stays. */
export function DropCounter({ recorder, measure }: { recorder: Recorder; measure: Measure }) {
  const { name } = measure;
  // A count goes on after a reload, and ends with the window.
  const [history, setHistory] = useKept(keyOf(recorder, name), z.array(countSchema), [], 'session');
  const count = history.at(-1) ?? none;
  const push = (next: Count) => setHistory([...history, next]);
  const one = () => push({ ...count, drops: count.drops + 1 });
  useHotkeys([['Space', one]], ['INPUT', 'TEXTAREA', 'SELECT']);
  const { drops, firstColourAt, lastingColourAt } = count;
  const readings = recorder.standing.filter(
    (entry): entry is StandingEntry =>
      entry.record.kind === 'measurement' && entry.record.name === name,
  );
  return (
    <section aria-label={name} className={classes.block}>
      <Text fw={600}>{name}</Text>
      <UnstyledButton className={classes.drop} onClick={one} aria-label={`Drop ${drops + 1}`}>
        <IconDroplet size={40} aria-hidden />
        <span className={classes.dropCount} data-testid="drops">
          {drops}
        </span>
        <span className="quiet">tap for a drop, or space</span>
      </UnstyledButton>
      <Group gap="xs" mt="xs" grow>
        <Button
          variant={firstColourAt === undefined ? 'default' : 'filled'}
          disabled={drops === 0}
          onClick={() => push({ ...count, firstColourAt: drops })}
        >
          {firstColourAt === undefined ? 'First colour' : `First colour: ${firstColourAt}`}
        </Button>
        <Button
          variant={lastingColourAt === undefined ? 'default' : 'filled'}
          disabled={drops === 0}
          onClick={() => push({ ...count, lastingColourAt: drops })}
        >
          {lastingColourAt === undefined ? 'Colour stays' : `Stays: ${lastingColourAt}`}
        </Button>
        <Button
          disabled={history.length === 0}
          leftSection={<IconArrowBackUp size={18} aria-hidden />}
          onClick={() => setHistory(history.slice(0, -1))}
        >
          Undo drop
        </Button>
      </Group>
      <Button
        variant="filled"
        size="lg"
        mt="xs"
        fullWidth
        disabled={drops === 0}
        onClick={() => {
          recorder.add({
            kind: 'measurement',
            name,
            quantity: 'drops',
            value: lastingColourAt ?? drops,
            ...(firstColourAt !== undefined && { firstColourAt }),
            ...(lastingColourAt !== undefined && { lastingColourAt }),
          });
          setHistory([]);
        }}
      >
        Record {lastingColourAt ?? drops} drops
      </Button>
      <ReadingList readings={readings} withdraw={recorder.withdraw} />
    </section>
  );
}
