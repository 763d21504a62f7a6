import { Button, Group, Switch, Text } from '@mantine/core';
import { quantityUnits } from '@stoichos/core/planning/procedure';
import type { Follow, InstrumentInfo } from '@stoichos/core/labday/bench';
import type { QuantityName } from '@stoichos/core/planning/procedure';
import { IconPlugConnected, IconPlugConnectedX } from '@tabler/icons-react';
import { useState } from 'react';
import { NumberField } from '../parts/NumberField';
import {
  useClearInstrumentMutation,
  usePutToVesselMutation,
  useReadingQuery,
  useTellInstrumentMutation,
} from '../../data/api/api';
import { explainError } from '../../data/api/explainError';
import { sayProblem } from '../parts/sayProblem';
import classes from './Bench.module.css';
import { withPlaces } from '@stoichos/core/common';

interface InstrumentPanelProps {
  readonly instruments: readonly InstrumentInfo[];
  /** Where a simulated one is put. */
  readonly follow: Follow | undefined;
}

const stateWords = {
  ready: 'ready',
  unplugged: 'not plugged in',
  silent: 'does not answer',
  garbled: 'answers nonsense',
} as const;
const pollMs = 1500;

/** The instruments of the bench: what each reads now, whether it answers, what it can be told. */
export function InstrumentPanel({ instruments, follow }: InstrumentPanelProps) {
  if (instruments.length === 0)
    return (
      <Text>
        No instrument is within reach of the server. Readings are typed under Measure; how to
        connect one is told in the documentation.
      </Text>
    );
  return instruments.map((instrument) => (
    <OneInstrument key={instrument.id} instrument={instrument} follow={follow} />
  ));
}

function OneInstrument({
  instrument,
  follow,
}: {
  instrument: InstrumentInfo;
  follow: Follow | undefined;
}) {
  const { id, name, state, detail, quantities, commands, simulated } = instrument;
  const [tell] = useTellInstrumentMutation();
  const Icon = state === 'ready' ? IconPlugConnected : IconPlugConnectedX;
  const say = (work: Promise<unknown>) =>
    void work.catch((error: unknown) => sayProblem(error, `${name}: not done`));
  return (
    <section aria-label={name} className={classes.block}>
      <Group gap="xs" justify="space-between">
        <Group gap="xs">
          <Icon size={22} aria-hidden />
          <Text fw={600}>{name}</Text>
          <Text size="sm" className="quiet">
            {simulated ? 'simulated · ' : ''}
            {stateWords[state]}
          </Text>
        </Group>
        <Group gap="md">
          {quantities.map((quantity) => (
            <Live key={quantity} id={id} quantity={quantity} />
          ))}
        </Group>
      </Group>
      {state !== 'ready' && (
        <Text size="sm" role="alert">
          {detail}. Type the readings meanwhile.
        </Text>
      )}
      <Group gap="xs" mt="xs">
        {commands.map(({ name: command, label, takes }) =>
          takes === 'nothing' ? (
            <Button key={command} onClick={() => say(tell({ id, command }).unwrap())}>
              {label}
            </Button>
          ) : (
            <Setting
              key={command}
              label={label}
              onOff={takes === 'onOff'}
              set={(value) => say(tell({ id, command, value }).unwrap())}
            />
          ),
        )}
        {simulated && <PutTo instrument={instrument} follow={follow} />}
      </Group>
    </section>
  );
}

/** A simulated instrument is told which vessel it is at; a real one is put there by hand. */
export function PutTo({
  instrument,
  follow,
}: {
  instrument: InstrumentInfo;
  follow: Follow | undefined;
}) {
  const { id, kind, name } = instrument;
  const [put] = usePutToVesselMutation();
  const [clear] = useClearInstrumentMutation();
  const say = (work: Promise<unknown>) =>
    void work.catch((error: unknown) => sayProblem(error, `${name}: not done`));
  if (!follow || (kind !== 'balance' && kind !== 'thermometer')) return null;
  return (
    <>
      <Button onClick={() => say(put({ id, follow }).unwrap())}>
        {kind === 'balance' ? `Put ${follow.vessel} on it` : `Put it into ${follow.vessel}`}
      </Button>
      {kind === 'balance' && <Button onClick={() => say(clear(id).unwrap())}>Take it off</Button>}
    </>
  );
}

/** Digits after the point that a display with this last step shows. */
const placesOf = (resolution: number): number => Math.max(0, Math.round(-Math.log10(resolution)));

/** What it reads at this moment. */
export function Live({ id, quantity }: { id: string; quantity: QuantityName }) {
  const { currentData: data, error } = useReadingQuery(
    { id, quantity },
    { pollingInterval: pollMs },
  );
  if (error)
    return (
      <Text size="sm" className={classes.live ?? ''}>
        {explainError(error).code === 'unreachable' ? 'no server' : explainError(error).code}
      </Text>
    );
  return (
    <Text className={classes.live ?? ''} data-testid={`live-${quantity}`}>
      {data
        ? `${withPlaces(data.value, placesOf(data.resolution))} ${quantityUnits[quantity]}`
        : '…'}
      {data && !data.stable && (
        <Text span size="sm" className="quiet">
          {' '}
          moving
        </Text>
      )}
    </Text>
  );
}

function Setting({
  label,
  onOff,
  set,
}: {
  label: string;
  onOff: boolean;
  set: (value: number) => void;
}) {
  const [value, setValue] = useState<string | number>('');
  if (onOff)
    return (
      <Switch
        size="lg"
        label={label}
        onChange={(event) => set(event.currentTarget.checked ? 1 : 0)}
      />
    );
  return (
    <Group gap={6} align="flex-end" wrap="nowrap">
      <NumberField label={label} w={150} hideControls value={value} onChange={setValue} />
      <Button
        disabled={typeof value !== 'number'}
        onClick={() => {
          if (typeof value === 'number') set(value);
        }}
      >
        Set
      </Button>
    </Group>
  );
}
