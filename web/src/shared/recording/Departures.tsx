import { Button, Select, Text, TextInput } from '@mantine/core';
import { formatNumber, fromCelsius, toCelsius } from '@stoichos/core/common';
import { departureKinds } from '@stoichos/core/labday/day';
import { numberOf } from '@stoichos/core/planning/procedure';
import type { EventNumber, Procedure } from '@stoichos/core/planning/procedure';
import { eventWords } from '@stoichos/core/seeing/rack';
import { useState } from 'react';
import { useSettings } from '../../data/settings/useSettings';
import { Chip, Question } from '../parts/ChipRow';
import { NumberField } from '../parts/NumberField';
import classes from './Bench.module.css';
import type { Recorder } from './useRecorder';

type Step = Procedure['steps'][number];
type DepartureKind = (typeof departureKinds)[number];
interface DepartureProps {
  readonly recorder: Recorder;
  readonly step: Step;
}

/** What was done otherwise than it is written down: planned beside done. What is said in numbers changes what is expected. */
export function Departures({ recorder, step }: DepartureProps) {
  const [what, setWhat] = useState<DepartureKind>(
    numbersOf(step, 'amount').length > 0 ? 'amount' : 'time',
  );
  const numbers = numbersOf(step, what);
  return (
    <section aria-label="Departures from the procedure" className={classes.block}>
      {recorder.all('departure').map((one, index) => (
        <Text key={index} size="sm">
          {one.what}: {one.planned} → {one.done}
        </Text>
      ))}
      <Question title="What was done otherwise">
        {departureKinds.map((kind) => (
          <Chip key={kind} chosen={kind === what} onTap={() => setWhat(kind)}>
            {kind}
          </Chip>
        ))}
      </Question>
      {numbers.length > 0 ? (
        <InNumbers key={what} recorder={recorder} what={what} numbers={numbers} />
      ) : (
        <InWords key={what} recorder={recorder} step={step} what={what} />
      )}
    </section>
  );
}

interface PlannedNumber extends EventNumber {
  /** The number of its event in the step. */
  readonly at: number;
  readonly words: string;
}

/** The numbers of a step that may have been others; what is left out is told by its amount. */
function numbersOf({ events }: Pick<Step, 'events'>, what: DepartureKind): PlannedNumber[] {
  const of = what === 'left out' ? 'amount' : what;
  if (of !== 'amount' && of !== 'temperature' && of !== 'time') return [];
  return events.flatMap((event, at) => {
    const number = numberOf(event, of);
    return number ? [{ ...number, at, words: eventWords(event) }] : [];
  });
}

interface InNumbersProps {
  readonly recorder: Recorder;
  readonly what: DepartureKind;
  readonly numbers: readonly PlannedNumber[];
}

/** Another amount, temperature or time, or nothing of it at all: the expectation of this bench follows. */
function InNumbers({ recorder, what, numbers }: InNumbersProps) {
  const { temperature: scale } = useSettings();
  const [at, setAt] = useState(numbers[0]?.at ?? 0);
  const [typed, setTyped] = useState<number | ''>('');
  const chosen = numbers.find((one) => one.at === at);
  if (!chosen) return null;
  const isLeftOut = what === 'left out';
  const isWarmth = chosen.unit === '°C';
  const unit = isWarmth ? scale : chosen.unit;
  const shown = isWarmth ? fromCelsius(chosen.value, scale) : chosen.value;
  const isWhole = isLeftOut || (typed !== '' && (isWarmth || typed > 0));
  const record = () => {
    const done =
      isLeftOut || typed === '' ? null : chosen.with(isWarmth ? toCelsius(typed, scale) : typed);
    recorder.add({
      kind: 'departure',
      what,
      planned: chosen.words,
      done: done ? eventWords(done) : 'left out',
      instead: { event: at, done },
    });
    setTyped('');
  };
  return (
    <>
      <div className={classes.fields}>
        <Select
          label="Planned"
          allowDeselect={false}
          data={numbers.map((one) => ({ value: String(one.at), label: one.words }))}
          value={String(at)}
          onChange={(next) => setAt(Number(next))}
        />
        {!isLeftOut && (
          <NumberField
            label="Done"
            suffix={` ${unit}`}
            placeholder={`${formatNumber(shown)} ${unit}`}
            {...(!isWarmth && { min: 0 })}
            decimalScale={4}
            value={typed}
            onChange={(next) => setTyped(typeof next === 'number' ? next : '')}
          />
        )}
      </div>
      <Button mt="xs" disabled={!isWhole} onClick={record}>
        Record the departure
      </Button>
    </>
  );
}

/** A departure that only words tell: it stands in the record and changes no expectation. */
function InWords({ recorder, step, what }: DepartureProps & { readonly what: DepartureKind }) {
  const minutes = `${formatNumber(step.minutes)} min`;
  const [planned, setPlanned] = useState(what === 'time' ? minutes : '');
  const [done, setDone] = useState('');
  const isWhole = planned.trim() !== '' && done.trim() !== '';
  return (
    <>
      <div className={classes.fields}>
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
      </div>
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
    </>
  );
}
