import { Alert, Button, Group, Switch } from '@mantine/core';
import type { LogLine } from '@stoichos/core/studies/electrolysis';
import { useState } from 'react';
import { Amount } from '../../shared/study/Amount';
import { asTime } from '../../shared/study/asAmount';
import classes from '../../shared/study/Study.module.css';
import type { Failure } from '../../data/worker/chemistry';
import type { WriteLine } from './useCellRun';
import { atMostPlaces, formatNumber } from '@stoichos/core/common';
import type { Dispatch, SetStateAction } from 'react';

const emptyLine = {
  minutes: '',
  currentA: '',
  cellV: '',
  cathodeNearV: '',
  cathodeFarV: '',
  anodeNearV: '',
  anodeFarV: '',
} as const;
type Typed = Record<keyof typeof emptyLine, number | ''>;

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
  const [typed, setTyped] = useState<Typed>(emptyLine);
  const [problem, setProblem] = useState<Failure>();
  const [half, setHalf] = useState(false);
  const record = () => {
    const last = log.at(-1);
    const elapsedS = startedAt === null ? undefined : (Date.now() - startedAt) / 1000;
    const timeS = typed.minutes === '' ? elapsedS : typed.minutes * 60;
    const wrong = slipIn(timeS, typed.currentA, last, elapsedS);
    if (wrong) {
      setProblem(wrong);
      return;
    }
    const given = (name: keyof Typed) => (typed[name] === '' ? {} : { [name]: typed[name] });
    const failure = write({
      kind: 'reading',
      by: 'hand',
      timeS: Math.round((timeS ?? 0) * 10) / 10,
      currentA: Number(typed.currentA),
      ...given('cellV'),
      ...given('cathodeNearV'),
      ...given('cathodeFarV'),
      ...given('anodeNearV'),
      ...given('anodeFarV'),
    });
    setProblem(failure);
    if (!failure) setTyped(emptyLine);
  };
  return (
    <form
      className="no-print"
      aria-label="A reading by hand"
      onSubmit={(event) => {
        event.preventDefault();
        record();
      }}
    >
      <ReadingFields
        typed={typed}
        setTyped={setTyped}
        startedAt={startedAt}
        half={half}
        setHalf={setHalf}
      />
      {problem && (
        <Alert variant="outline" color="red" title="Not written" role="alert" mt="sm">
          {problem.message} {problem.remedy}
        </Alert>
      )}
    </form>
  );
}

interface ReadingFieldsProps {
  readonly typed: Typed;
  readonly setTyped: Dispatch<SetStateAction<Typed>>;
  readonly startedAt: number | null;
  readonly half: boolean;
  readonly setHalf: (next: boolean) => void;
}

/** What was read off the meters, and the half-cells where they were read too. */
function ReadingFields({ typed, setTyped, startedAt, half, setHalf }: ReadingFieldsProps) {
  const field = (name: keyof Typed, label: string, step: number) => (
    <Amount
      label={label}
      step={step}
      value={typed[name]}
      onChange={(value) => setTyped((before) => ({ ...before, [name]: value }))}
    />
  );
  return (
    <>
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
        <Button type="submit">Write the reading</Button>
        <Switch
          size="sm"
          label="Half-cells too"
          checked={half}
          onChange={(event) => setHalf(event.currentTarget.checked)}
        />
      </Group>
    </>
  );
}

/** How far a typed time may lie from the clock before it is asked about. */
const clockFactor = 20;

function slipIn(
  timeS: number | undefined,
  currentA: number | '',
  last: LogLine | undefined,
  elapsedS: number | undefined,
): Failure | undefined {
  if (timeS === undefined)
    return {
      message: 'There is no time.',
      remedy: 'Type the minute since switching on, or start the clock.',
    };
  if (currentA === '')
    return { message: 'There is no current.', remedy: 'Type what the ammeter shows, in A.' };
  if (currentA < 0)
    return {
      message: `The ammeter shows ${formatNumber(currentA)} A: a minus there means that its leads, or those of the cell, are swapped.`,
      remedy: 'Switch off, look at the marks on the leads; type the current without the minus.',
    };
  if (last && timeS <= last.timeS)
    return {
      message: `Minute ${atMostPlaces(timeS / 60, 2)} is not later than the last line, at minute ${atMostPlaces(last.timeS / 60, 2)}.`,
      remedy:
        'Times count from switching on and rise; take the last line back if that one is wrong.',
    };
  if (elapsedS !== undefined && elapsedS > 30 && timeS > clockFactor * elapsedS)
    return {
      message: `Minute ${atMostPlaces(timeS / 60, 1)} is far ahead of the clock, which shows ${asTime(elapsedS)}.`,
      remedy: `The field takes minutes: ${atMostPlaces(timeS / 3600, 2)} min if seconds were typed.`,
    };
  return undefined;
}
