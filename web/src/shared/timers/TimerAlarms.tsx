import { Button, Group, Text } from '@mantine/core';
import { IconBell } from '@tabler/icons-react';
import { useEffect } from 'react';
import { useAppDispatch, useAppSelector } from '../../data/store';
import classes from './Timers.module.css';
import { ring } from '../../data/timers/sound';
import { ringsBy, timersSlice } from '../../data/timers/timersSlice';
import type { Timer } from '../../data/timers/timersSlice';
import { useNow } from '../../data/timers/useNow';

const { rang, silenced, ended } = timersSlice.actions;

/** Rings what is due, on every page, and says so until somebody has heard it. */
export function TimerAlarms() {
  const timers = useAppSelector((state) => state.timers);
  const dispatch = useAppDispatch();
  const now = useNow(timers.length > 0 ? 500 : 5000);
  useEffect(() => {
    for (const timer of timers) {
      const times = ringsBy(timer, now);
      if (times <= timer.rung || timer.stopped) continue;
      ring(timer.kind === 'countdown' ? 4 : 2);
      dispatch(rang({ id: timer.id, times }));
    }
  }, [timers, now, dispatch]);
  const loud = timers.filter((timer) => timer.kind === 'countdown' && ringsBy(timer, now) > 0);
  if (loud.length === 0) return null;
  return (
    <div className={`${classes.alarms} no-print`} role="alert">
      {loud.map((timer: Timer) => (
        <Group key={timer.id} gap="sm" className={classes.alarm ?? ''} wrap="nowrap">
          <IconBell size={28} aria-hidden />
          <Text fw={700} size="lg">
            {timer.name}: time is up
          </Text>
          <Button
            onClick={() =>
              dispatch(timer.kind === 'countdown' ? ended(timer.id) : silenced(timer.id))
            }
          >
            Heard
          </Button>
        </Group>
      ))}
    </div>
  );
}
