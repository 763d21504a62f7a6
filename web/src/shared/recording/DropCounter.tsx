import { Button, Group, Text } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import type { StandingEntry } from '@stoichos/core/labday';
import type { Measure } from '@stoichos/core/planning/procedure';
import { IconArrowBackUp, IconDroplet } from '@tabler/icons-react';
import { useEffect, useState } from 'react';
import classes from './Bench.module.css';
import { ReadingList } from './ReadingList';
import type { Recorder } from './useRecorder';

interface Count {
  readonly drops: number;
  readonly firstColourAt?: number;
  readonly lastingColourAt?: number;
}

const none: Count = { drops: 0 };
const keyOf = (recorder: Recorder, name: string) =>
  [
    'stoichos.drops',
    recorder.place.workId,
    recorder.place.stepId,
    recorder.place.groupId,
    name,
  ].join(' ');

/** A count that goes on after a reload. */
function useCount(key: string) {
  const [history, setHistory] = useState<readonly Count[]>(() => read(key));
  useEffect(() => {
    try {
      sessionStorage.setItem(key, JSON.stringify(history));
    } catch {
      // Without storage the count stands on the screen alone.
    }
  }, [key, history]);
  return [history, setHistory] as const;
}

function read(key: string): readonly Count[] {
  try {
    const kept: unknown = JSON.parse(sessionStorage.getItem(key) ?? '[]');
    return Array.isArray(kept)
      ? (kept as Count[]).filter(({ drops }) => Number.isInteger(drops))
      : [];
  } catch {
    return [];
  }
}

/** Counts drops with a target that can be hit without looking, or with the space bar; marks the first colour and the one that stays. */
export function DropCounter({ recorder, measure }: { recorder: Recorder; measure: Measure }) {
  const { name } = measure;
  const [history, setHistory] = useCount(keyOf(recorder, name));
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
      <button type="button" className={classes.drop} onClick={one} aria-label={`Drop ${drops + 1}`}>
        <IconDroplet size={40} aria-hidden />
        <span className={classes.dropCount} data-testid="drops">
          {drops}
        </span>
        <span className="quiet">tap for a drop, or space</span>
      </button>
      <Group gap="xs" mt="xs" grow>
        <Button
          size="md"
          variant={firstColourAt === undefined ? 'default' : 'filled'}
          disabled={drops === 0}
          onClick={() => push({ ...count, firstColourAt: drops })}
        >
          {firstColourAt === undefined ? 'First colour' : `First colour: ${firstColourAt}`}
        </Button>
        <Button
          size="md"
          variant={lastingColourAt === undefined ? 'default' : 'filled'}
          disabled={drops === 0}
          onClick={() => push({ ...count, lastingColourAt: drops })}
        >
          {lastingColourAt === undefined ? 'Colour stays' : `Stays: ${lastingColourAt}`}
        </Button>
        <Button
          size="md"
          variant="default"
          disabled={history.length === 0}
          leftSection={<IconArrowBackUp size={18} aria-hidden />}
          onClick={() => setHistory(history.slice(0, -1))}
        >
          Undo drop
        </Button>
      </Group>
      <Button
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
