import { Button, Group, SegmentedControl, Select, Text, TextInput } from '@mantine/core';
import { formatNumber } from '@stoichos/core/common';
import { departureKinds } from '@stoichos/core/labday/day';
import { amountOf, amountUnit, withAmount } from '@stoichos/core/planning/procedure';
import type { Procedure } from '@stoichos/core/planning/procedure';
import { eventWords } from '@stoichos/core/seeing/rack';
import type { RackEvent } from '@stoichos/core/seeing/rack';
import { useState } from 'react';
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
  const [what, setWhat] = useState<DepartureKind>(puttingsOf(step).length > 0 ? 'amount' : 'time');
  const isCounted = (what === 'amount' || what === 'left out') && puttingsOf(step).length > 0;
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
        onChange={setWhat}
      />
      {isCounted ? (
        <InNumbers key={what} recorder={recorder} step={step} isLeftOut={what === 'left out'} />
      ) : (
        <InWords key={what} recorder={recorder} step={step} what={what} />
      )}
    </section>
  );
}

/** What is put in in a step, with the number of its event. */
function puttingsOf({ events }: Pick<Step, 'events'>) {
  return events.flatMap((event, at) =>
    'vessel' in event && event.action.do === 'add'
      ? [{ at, vessel: event.vessel, portion: event.action.portion, words: eventWords(event) }]
      : [],
  );
}

/** Another amount of something that is put in, or none of it: the expectation of this bench follows. */
function InNumbers({
  recorder,
  step,
  isLeftOut,
}: DepartureProps & { readonly isLeftOut: boolean }) {
  const puttings = puttingsOf(step);
  const [at, setAt] = useState(puttings[0]?.at ?? 0);
  const [amount, setAmount] = useState<number | ''>('');
  const chosen = puttings.find((one) => one.at === at);
  if (!chosen) return null;
  const { vessel, portion, words } = chosen;
  const isWhole = isLeftOut || (amount !== '' && amount > 0);
  const record = () => {
    const done: RackEvent | null =
      isLeftOut || amount === ''
        ? null
        : { vessel, action: { do: 'add', portion: withAmount(portion, amount) } };
    recorder.add({
      kind: 'departure',
      what: isLeftOut ? 'left out' : 'amount',
      planned: words,
      done: done ? eventWords(done) : 'left out',
      instead: { event: at, done },
    });
    setAmount('');
  };
  return (
    <>
      <Group align="flex-end" gap="xs" mt="xs" grow>
        <Select
          label="Planned"
          allowDeselect={false}
          data={puttings.map((one) => ({ value: String(one.at), label: one.words }))}
          value={String(at)}
          onChange={(next) => setAt(Number(next))}
        />
        {!isLeftOut && (
          <NumberField
            label="Done"
            suffix={` ${amountUnit(portion)}`}
            placeholder={`${formatNumber(amountOf(portion))} ${amountUnit(portion)}`}
            min={0}
            decimalScale={4}
            value={amount}
            onChange={(next) => setAmount(typeof next === 'number' ? next : '')}
          />
        )}
      </Group>
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
    </>
  );
}
