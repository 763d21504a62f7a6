import { Alert, Button, Group, Switch, Text } from '@mantine/core';
import { useInterval } from '@mantine/hooks';
import type { CellRunWithRecord, InstrumentInfo } from '@stoichos/core/labday';
import type { LogLine } from '@stoichos/core/studies/electrolysis';
import { useEffect, useRef, useState } from 'react';
import {
  useCellReadingMutation,
  useInstrumentsQuery,
  useSimulateCellMutation,
  useTellInstrumentMutation,
} from '../../data/api/api';
import { explainError } from '../../data/api/explainError';
import { NumberField } from '../../shared/parts/NumberField';
import { asTime } from '../../shared/study/asAmount';
import type { Failure } from '../../data/worker/chemistry';
import type { WriteLine } from './useCellRun';

interface InstrumentReadingsProps {
  readonly run: CellRunWithRecord;
  readonly log: readonly LogLine[];
  readonly write: WriteLine;
  readonly auto: boolean;
  readonly speed: number;
  readonly offsetS: number;
  readonly startedAt: number | null;
  readonly set: (part: { auto?: boolean; speed?: number; offsetS?: number }) => void;
}

/** The readings of the instruments, one at a time, as often as is asked. */
function useSupplyReadings(instruments: InstrumentInfo[], props: InstrumentReadingsProps) {
  const { offsetS, log, run, startedAt, set, write, speed, auto } = props;
  const [read] = useCellReadingMutation();
  const [problem, setProblem] = useState<Failure>();
  const [missed, setMissed] = useState(0);
  const supply = instruments.find(({ kind }) => kind === 'supply');
  const reading = useRef(false);
  const offset = useRef(offsetS);
  const lastS = log.at(-1)?.timeS ?? -1;
  const readOnce = async () => {
    if (reading.current) return;
    reading.current = true;
    try {
      const line = await read(run.id).unwrap();
      const ownS = startedAt === null ? 0 : (Date.now() - startedAt) / 1000;
      if (line.timeS !== undefined && offset.current + line.timeS < lastS - 1) {
        // Its output was off in between: the log goes on where it stood.
        offset.current = lastS;
        set({ offsetS: lastS });
      }
      const timeS = line.timeS === undefined ? ownS : offset.current + line.timeS;
      // The clock of the supply stands while it is off: the same moment twice is one line.
      if (timeS > lastS)
        write({ ...line, kind: 'reading', by: 'instruments', timeS: Math.round(timeS * 10) / 10 });
      setProblem(undefined);
    } catch (error) {
      setMissed((before) => before + 1);
      setProblem(explainError(error));
    } finally {
      reading.current = false;
    }
  };
  const { start, stop } = useInterval(
    () => void readOnce(),
    Math.max(400, (1000 * run.setup.everyS) / speed),
  );
  useEffect(() => {
    if (auto) start();
    else stop();
    return stop;
  }, [auto, start, stop]);
  return { supply, setProblem, readOnce, problem, missed };
}

/** Readings by themselves, at the interval; a reading that fails is told and not made up for. */
export function InstrumentReadings(props: InstrumentReadingsProps) {
  const { run, auto, speed, set } = props;
  const { data: instruments = [] } = useInstrumentsQuery();
  const [simulate] = useSimulateCellMutation();
  const [tell] = useTellInstrumentMutation();
  const { supply, setProblem, readOnce, problem, missed } = useSupplyReadings(instruments, props);
  if (!supply)
    return (
      <Text>
        No supply is within reach of the server: type the readings above, or see the documentation
        on connecting one.
      </Text>
    );
  const say = (work: Promise<unknown>) =>
    void work
      .then(() => setProblem(undefined))
      .catch((error: unknown) => setProblem(explainError(error)));
  return (
    <>
      {supply.simulated && (
        <ReadingPace run={run} speed={speed} set={set} say={say} simulate={simulate} />
      )}
      <SupplyOrders run={run} set={set} readOnce={readOnce} supply={supply} tell={tell} say={say} />
      <Switch
        size="sm"
        mt="sm"
        label={`Read by itself every ${asTime(run.setup.everyS)}${speed > 1 ? ` of the supply’s clock, which runs ${speed} times` : ''}`}
        checked={auto}
        onChange={(event) => set({ auto: event.currentTarget.checked })}
      />
      {problem && (
        <Alert
          variant="outline"
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

interface SupplyOrdersProps {
  readonly run: CellRunWithRecord;
  readonly set: InstrumentReadingsProps['set'];
  readonly readOnce: () => Promise<void>;
  readonly supply: InstrumentInfo;
  readonly tell: ReturnType<typeof useTellInstrumentMutation>[0];
  readonly say: (work: Promise<unknown>) => undefined;
}

/** Setting the supply, and a reading at once. */
function SupplyOrders({ run, set, readOnce, supply, tell, say }: SupplyOrdersProps) {
  const [volts, setVolts] = useState<number | string>(12);
  const [amps, setAmps] = useState<number | string>(run.setup.plannedA);
  const order = (command: string, value: number) =>
    tell({ id: supply.id, command, value }).unwrap();
  return (
    <Group align="flex-end" gap="sm" mt="sm">
      <NumberField label="Voltage limit, V" w={130} value={volts} onChange={setVolts} />
      <NumberField label="Current limit, A" w={130} value={amps} onChange={setAmps} />
      <Button
        onClick={() =>
          say(
            order('voltage', Number(volts))
              .then(() => order('current', Number(amps)))
              .then(() => order('output', 1))
              .then(() => {
                set({ auto: true });
                return readOnce();
              }),
          )
        }
      >
        Output on, and read
      </Button>
      <Button
        variant="default"
        onClick={() =>
          say(
            readOnce()
              .then(() => order('output', 0))
              .then(() => set({ auto: false })),
          )
        }
      >
        Last reading, output off
      </Button>
    </Group>
  );
}

interface ReadingPaceProps {
  readonly run: CellRunWithRecord;
  readonly speed: number;
  readonly set: InstrumentReadingsProps['set'];
  readonly say: (work: Promise<unknown>) => undefined;
  readonly simulate: ReturnType<typeof useSimulateCellMutation>[0];
}

/** How often the instruments are read. */
function ReadingPace({ run, speed, set, say, simulate }: ReadingPaceProps) {
  const [wantedSpeed, setWantedSpeed] = useState<number | string>(speed);
  return (
    <Group align="flex-end" gap="sm">
      <NumberField
        label="Times faster"
        w={130}
        min={1}
        max={2000}
        value={wantedSpeed}
        onChange={setWantedSpeed}
      />
      <Button
        variant="default"
        onClick={() => {
          const times = Number(wantedSpeed) || 1;
          say(
            simulate({ runId: run.id, speed: times })
              .unwrap()
              .then(() => set({ speed: times })),
          );
        }}
      >
        Put the simulated supply on this cell
      </Button>
    </Group>
  );
}
