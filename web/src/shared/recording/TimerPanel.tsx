import { Button, Group, SegmentedControl, Text, TextInput } from '@mantine/core';
import { IconX } from '@tabler/icons-react';
import { useState } from 'react';
import { NumberField } from '../parts/NumberField';
import { useAppDispatch, useAppSelector } from '../../data/store';
import { clock, elapsedS, leftS, ringsBy, timersSlice } from '../../data/timers/timersSlice';
import type { Timer } from '../../data/timers/timersSlice';
import timerClasses from '../timers/Timers.module.css';
import { useNow } from '../../data/timers/useNow';
import classes from './Bench.module.css';
import { formatNumber } from '@stoichos/core/common';

const { started, ended } = timersSlice.actions;
const kinds = [
  { value: 'countdown', label: 'Count down' },
  { value: 'reminder', label: 'Remind me' },
  { value: 'stopwatch', label: 'Stopwatch' },
] as const;
const quick = [0.5, 1, 2, 3, 5, 8, 10] as const;

function timerFrom(dayId: string, name: string, kind: Timer['kind'], minutes: number): Timer {
  return {
    id: crypto.randomUUID(),
    dayId,
    name: name.slice(0, 80),
    kind,
    startedAt: Date.now(),
    seconds: Math.max(1, Math.round(60 * minutes)),
    rung: 0,
    stopped: false,
  };
}

/** Clocks with names: counting down, reminding again and again, or just running. */
export function TimerPanel({ dayId, what }: { dayId: string; what: string }) {
  const [kind, setKind] = useState<Timer['kind']>('countdown');
  const [name, setName] = useState('');
  const [minutes, setMinutes] = useState<string | number>(5);
  const dispatch = useAppDispatch();
  const start = (length: number) =>
    dispatch(started(timerFrom(dayId, name.trim() || what, kind, length)));
  return (
    <section aria-label="Timers" className={classes.block}>
      <TimerList dayId={dayId} />
      <SegmentedControl
        aria-label="Kind of timer"
        fullWidth
        mt="sm"
        data={[...kinds]}
        value={kind}
        onChange={(picked) =>
          setKind(kinds.find(({ value }) => value === picked)?.value ?? 'countdown')
        }
      />
      <TextInput
        label="Name"
        placeholder={what}
        mt="xs"
        maxLength={80}
        value={name}
        onChange={(event) => setName(event.currentTarget.value)}
      />
      {kind === 'stopwatch' ? (
        <Button variant="filled" size="lg" mt="xs" fullWidth onClick={() => start(1)}>
          Start
        </Button>
      ) : (
        <Group gap="xs" mt="xs" align="flex-end">
          {quick.map((length) => (
            <Button key={length} onClick={() => start(length)}>
              {length < 1 ? `${formatNumber(60 * length)} s` : `${formatNumber(length)} min`}
            </Button>
          ))}
          <NumberField
            label={kind === 'reminder' ? 'Every, min' : 'Minutes'}
            w={100}
            min={0.1}
            max={600}
            hideControls
            value={minutes}
            onChange={setMinutes}
          />
          <Button
            variant="filled"
            disabled={typeof minutes !== 'number' || minutes <= 0}
            onClick={() => {
              if (typeof minutes === 'number') start(minutes);
            }}
          >
            Start
          </Button>
        </Group>
      )}
    </section>
  );
}

/** The clocks that run for a day. */
export function TimerList({ dayId }: { dayId: string }) {
  const timers = useAppSelector((state) => state.timers).filter((one) => one.dayId === dayId);
  const dispatch = useAppDispatch();
  const now = useNow();
  if (timers.length === 0) return null;
  return (
    <ul className={timerClasses.list} aria-label="Running timers">
      {timers.map((timer) => {
        const up = timer.kind === 'countdown' && ringsBy(timer, now) > 0;
        return (
          <li key={timer.id} className={timerClasses.timer}>
            <span className={timerClasses.time} data-up={up}>
              {clock(timer.kind === 'stopwatch' ? elapsedS(timer, now) : leftS(timer, now))}
            </span>
            <Text flex={1} lineClamp={2}>
              {timer.name}
              <Text span size="sm" className="quiet">
                {timer.kind === 'reminder'
                  ? ` · every ${clock(timer.seconds)}, rung ${timer.rung} times`
                  : up
                    ? ' · time is up'
                    : ''}
              </Text>
            </Text>
            <Button
              leftSection={<IconX size={18} aria-hidden />}
              onClick={() => dispatch(ended(timer.id))}
            >
              End
            </Button>
          </li>
        );
      })}
    </ul>
  );
}
