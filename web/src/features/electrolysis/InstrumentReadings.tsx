import { Alert, Button, Group, Switch, Text } from '@mantine/core';
import { formatDuration } from '@stoichos/core/common';
import type { CellRunWithRecord } from '@stoichos/core/labday/cells';
import type { LogLine } from '@stoichos/core/studies/electrolysis';
import { useState } from 'react';
import {
  useInstrumentsQuery,
  useSimulateCellMutation,
  useTellInstrumentMutation,
} from '../../data/api/api';
import { explainError } from '../../data/api/explainError';
import { NumberField } from '../../shared/parts/NumberField';
import type { WriteLine } from './useCellRun';
import { useRunClock } from './useRunClock';
import { useSupplyReadings } from './useSupplyReadings';

interface InstrumentReadingsProps {
  readonly run: CellRunWithRecord;
  readonly log: readonly LogLine[];
  readonly write: WriteLine;
}

/** The supply and what it reads: its simulation where it is one, its limits, and readings by themselves. */
export function InstrumentReadings({ run, log, write }: InstrumentReadingsProps) {
  const { data: instruments = [] } = useInstrumentsQuery();
  const { clock, set } = useRunClock(run.id);
  const [simulate] = useSimulateCellMutation();
  const [tell] = useTellInstrumentMutation();
  const { setProblem, readOnce, problem, missed } = useSupplyReadings(run, log, write);
  const [volts, setVolts] = useState<number | ''>(12);
  const [amps, setAmps] = useState<number | ''>(run.setup.plannedA);
  const supply = instruments.find(({ kind }) => kind === 'supply');
  if (!supply)
    return (
      <Text>
        No supply is within reach of the server: type the readings above, or see the documentation
        on connecting one.
      </Text>
    );
  const attempt = async (work: () => Promise<unknown>) => {
    try {
      await work();
      setProblem(undefined);
    } catch (error) {
      setProblem(explainError(error));
    }
  };
  const order = (command: string, value: number) =>
    tell({ id: supply.id, command, value }).unwrap();
  const putOnCell = async (speed: number) => {
    await simulate({ runId: run.id, speed }).unwrap();
    set({ speed });
  };
  const switchOn = async () => {
    await order('voltage', Number(volts));
    await order('current', Number(amps));
    await order('output', 1);
    set({ auto: true });
    await readOnce();
  };
  const switchOff = async () => {
    await readOnce();
    await order('output', 0);
    set({ auto: false });
  };
  return (
    <>
      {supply.simulated && (
        <Simulated speed={clock.speed} putOn={(speed) => void attempt(() => putOnCell(speed))} />
      )}
      <Group align="flex-end" gap="sm" mt="sm">
        <NumberField label="Voltage limit, V" w={130} value={volts} onChange={setVolts} />
        <NumberField label="Current limit, A" w={130} value={amps} onChange={setAmps} />
        <Button variant="filled" onClick={() => void attempt(switchOn)}>
          Output on, and read
        </Button>
        <Button onClick={() => void attempt(switchOff)}>Last reading, output off</Button>
      </Group>
      <Switch
        size="sm"
        mt="sm"
        label={`Read by itself every ${formatDuration(run.setup.everyS)}${clock.speed > 1 ? ` of the supply’s clock, which runs ${clock.speed} times` : ''}`}
        checked={clock.auto}
        onChange={(event) => set({ auto: event.currentTarget.checked })}
      />
      {problem && (
        <Alert
          color="red"
          title={`No reading${missed > 1 ? `, ${missed} times` : ''}`}
          role="alert"
          mt="sm"
        >
          {problem.message} {problem.remedy} What was read is kept; reading goes on when it answers.
        </Alert>
      )}
    </>
  );
}

/** A supply that is simulated is put on the cell of this run, and its clock may run faster. */
function Simulated({ speed, putOn }: { speed: number; putOn: (speed: number) => void }) {
  const [times, setTimes] = useState<number | ''>(speed);
  return (
    <Group align="flex-end" gap="sm">
      <NumberField
        label="Times faster"
        w={130}
        min={1}
        max={2000}
        value={times}
        onChange={setTimes}
      />
      <Button onClick={() => putOn(times || 1)}>Put the simulated supply on this cell</Button>
    </Group>
  );
}
