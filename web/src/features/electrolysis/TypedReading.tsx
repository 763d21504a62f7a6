import { Button, Group, Switch } from '@mantine/core';
import { useForm } from '@mantine/form';
import { readingSlip } from '@stoichos/core/studies/electrolysis';
import type { LogLine } from '@stoichos/core/studies/electrolysis';
import { useState } from 'react';
import type { Failure } from '../../data/worker/chemistry';
import { Refusal } from '../../shared/parts/Refusal';
import { Amount } from '../../shared/study/Amount';
import classes from '../../shared/study/Study.module.css';
import type { WriteLine } from './useCellRun';
import type { TypedNumber } from '@stoichos/core/common';

const volts = {
  cellV: '',
  cathodeNearV: '',
  cathodeFarV: '',
  anodeNearV: '',
  anodeFarV: '',
} as const;
const emptyLine = { minutes: '', currentA: '', ...volts } as const;
type Line = Record<keyof typeof emptyLine, TypedNumber>;

/** One line by hand. What does not fit the line before is said, and stays as it was typed. */
export function TypedReading({
  log,
  startedAt,
  write,
}: {
  readonly log: readonly LogLine[];
  readonly startedAt: number | null;
  readonly write: WriteLine;
}) {
  const form = useForm<Line>({ initialValues: emptyLine });
  const [problem, setProblem] = useState<Failure>();
  const [half, setHalf] = useState(false);
  const record = ({ minutes, currentA, ...typed }: Line) => {
    const elapsedS = startedAt === null ? undefined : (Date.now() - startedAt) / 1000;
    const timeS = minutes === '' ? elapsedS : minutes * 60;
    const slip = readingSlip({ timeS, currentA, last: log.at(-1), elapsedS });
    const failure =
      slip ??
      write({
        kind: 'reading',
        by: 'hand',
        timeS: Math.round((timeS ?? 0) * 10) / 10,
        currentA: Number(currentA),
        ...Object.fromEntries(Object.entries(typed).filter(([, value]) => value !== '')),
      });
    setProblem(failure);
    if (!failure) form.reset();
  };
  const field = (name: keyof Line, label: string, step: number) => (
    <Amount
      label={label}
      step={step}
      value={form.values[name]}
      onChange={(value) => form.setFieldValue(name, value)}
    />
  );
  return (
    <form
      className="no-print"
      aria-label="A reading by hand"
      onSubmit={(event) => form.onSubmit(record)(event)}
    >
      <div className={classes.entry}>
        {field('minutes', startedAt === null ? 'Minute' : 'Minute, or now', 1)}
        {field('currentA', 'Ammeter, A', 0.01)}
        {field('cellV', 'Cell, V', 0.1)}
        {half && (
          <>
            {field('cathodeNearV', 'Minus near, V', 0.01)}
            {field('cathodeFarV', 'Minus far, V', 0.01)}
            {field('anodeNearV', 'Plus near, V', 0.01)}
            {field('anodeFarV', 'Plus far, V', 0.01)}
          </>
        )}
      </div>
      <Group gap="md">
        <Button variant="filled" type="submit">
          Write the reading
        </Button>
        <Switch
          size="sm"
          label="Half-cells too"
          checked={half}
          onChange={(event) => setHalf(event.currentTarget.checked)}
        />
      </Group>
      <Refusal title="Not written" of={problem} />
    </form>
  );
}
