import { ActionIcon, Slider } from '@mantine/core';
import { Segments } from '../../shared/parts/Segments';
import { useReducedMotion } from '@mantine/hooks';
import { IconPlayerPause, IconPlayerPlay } from '@tabler/icons-react';
import { useEffect, useState } from 'react';
import classes from './Dish.module.css';

interface PlayerProps {
  readonly frames: number;
  readonly at: number;
  readonly onSeek: (frame: number | ((before: number) => number)) => void;
  /** What time a frame stands for, in words. */
  readonly timeOf: (frame: number) => string;
}

/** Time between frames at ordinary speed, ms. */
const frameMs = 110;
const speeds = { half: 0.5, usual: 1, fast: 3 };

/** Play, pause, speed, and a bar to run through by hand. */
export function Player({ frames, at, onSeek, timeOf }: PlayerProps) {
  const still = useReducedMotion(false, { getInitialValueInEffect: false });
  const [playing, setPlaying] = useState(!still);
  const [speed, setSpeed] = useState<keyof typeof speeds>('usual');
  const isAtEnd = at >= frames - 1;
  const runs = playing && !isAtEnd;
  useEffect(() => {
    if (!runs) return;
    const timer = setInterval(
      () => onSeek((before) => Math.min(frames - 1, before + 1)),
      frameMs / speeds[speed],
    );
    return () => clearInterval(timer);
  }, [runs, frames, speed, onSeek]);
  return (
    <div className={`${classes.player} no-print`}>
      <ActionIcon
        size={48}
        aria-label={runs ? 'Pause' : 'Play'}
        onClick={() => {
          if (isAtEnd) onSeek(0);
          setPlaying(!runs);
        }}
      >
        {runs ? <IconPlayerPause size={22} /> : <IconPlayerPlay size={22} />}
      </ActionIcon>
      <Segments
        label="Speed"
        value={speed}
        onChange={setSpeed}
        of={{ half: '½×', usual: '1×', fast: '3×' }}
      />
      <Slider
        aria-label="Time"
        thumbLabel="Time"
        size="lg"
        min={0}
        max={Math.max(1, frames - 1)}
        step={1}
        label={null}
        value={at}
        thumbProps={{ 'aria-valuetext': timeOf(at) }}
        onChange={(frame) => {
          setPlaying(false);
          onSeek(frame);
        }}
      />
    </div>
  );
}
