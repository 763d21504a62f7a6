import { Alert, Button, Group, Switch, Text } from '@mantine/core';
import { useInterval } from '@mantine/hooks';
import type { CellRunWithRecord, LogLine } from '@stoichos/core';
import { useEffect, useRef, useState } from 'react';
import * as z from 'zod';
import { NumberField } from '../parts/NumberField';
import {
  useCellReadingMutation,
  useInstrumentsQuery,
  useSimulateCellMutation,
  useTellInstrumentMutation,
} from '../api/api';
import { explainError } from '../api/explainError';
import { Fold } from '../parts/Fold';
import { useKept } from '../study/useKept';
import { ring } from '../timers/sound';
import { useNow } from '../timers/useNow';
import type { Failure } from '../worker/chemistry.worker';
import { Amount } from '../study/Amount';
import { asTime } from '../study/asAmount';
import classes from '../study/Study.module.css';
import type { WriteLine } from './useCellRun';

interface LogPanelProps {
  readonly run: CellRunWithRecord;
  readonly log: readonly LogLine[];
  readonly write: WriteLine;
}

/** What this browser remembers of a run besides its record: when its clock was started, and how it is read. */
const clockSchema = z.object({
  startedAt: z.number().nullable(),
  auto: z.boolean(),
  speed: z.number(),
  /** Time on record when the supply’s clock began anew, s: it counts from 0 each time its output goes on. */
  offsetS: z.number().default(0),
});

/** Readings: by hand with a clock and a reminder, or from the instruments by themselves. */
export function LogPanel({ run, log, write }: LogPanelProps) {
  const [clock, setClock] = useKept(`stoichos.cell.${run.id}`, clockSchema, {
    startedAt: null,
    auto: false,
    speed: 1,
    offsetS: 0,
  });
  const { everyS } = run.setup;
  const last = log.at(-1);
  return (
    <>
      <Due
        startedAt={clock.startedAt}
        everyS={everyS}
        lastS={last?.timeS}
        auto={clock.auto}
        start={() => setClock((before) => ({ ...before, startedAt: Date.now() }))}
      />
      <TypedReading log={log} startedAt={clock.startedAt} write={write} />
      <div className="no-print">
        <Fold title="Supply and multimeter" open={clock.auto}>
          <FromInstruments
            run={run}
            log={log}
            write={write}
            auto={clock.auto}
            speed={clock.speed}
            offsetS={clock.offsetS}
            startedAt={clock.startedAt}
            set={(part) => setClock((before) => ({ ...before, ...part }))}
          />
        </Fold>
      </div>
    </>
  );
}

/** The clock, and when the next reading is due. */
function Due({
  startedAt,
  everyS,
  lastS,
  auto,
  start,
}: {
  readonly startedAt: number | null;
  readonly everyS: number;
  readonly lastS: number | undefined;
  readonly auto: boolean;
  readonly start: () => void;
}) {
  const now = useNow(1000);
  const elapsedS = startedAt === null ? undefined : (now - startedAt) / 1000;
  const dueS = lastS === undefined ? 0 : lastS + everyS;
  const isDue = elapsedS !== undefined && !auto && elapsedS >= dueS;
  const rung = useRef(-1);
  useEffect(() => {
    if (isDue && rung.current !== dueS) {
      rung.current = dueS;
      ring(1);
    }
  }, [isDue, dueS]);
  if (auto) return null;
  return (
    <Group
      justify="space-between"
      className={`${classes.due} no-print`}
      {...(isDue && { 'data-due': '' })}
    >
      {elapsedS === undefined ? (
        <>
          <Text>Start the clock together with the switch.</Text>
          <Button size="md" onClick={start}>
            Switched on: start the clock
          </Button>
        </>
      ) : (
        <>
          <div>
            <span className="quiet">On for</span>{' '}
            <span className={classes.big}>{asTime(elapsedS)}</span>
          </div>
          <Text role={isDue ? 'alert' : undefined} fw={isDue ? 600 : 400}>
            {isDue ? 'Read now' : `Next reading in ${asTime(dueS - elapsedS)}`}
          </Text>
        </>
      )}
    </Group>
  );
}

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
function TypedReading({
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
  const field = (name: keyof Typed, label: string, step: number) => (
    <Amount
      label={label}
      step={step}
      value={typed[name]}
      onChange={(value) => setTyped((before) => ({ ...before, [name]: value }))}
    />
  );
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
        <Button type="submit" size="md">
          Write the reading
        </Button>
        <Switch
          label="Half-cells too"
          checked={half}
          onChange={(event) => setHalf(event.currentTarget.checked)}
        />
      </Group>
      {problem && (
        <Alert variant="outline" color="red" title="Not written" role="alert" mt="sm">
          {problem.message} {problem.remedy}
        </Alert>
      )}
    </form>
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
      message: `The ammeter shows ${currentA} A: a minus there means that its leads, or those of the cell, are swapped.`,
      remedy: 'Switch off, look at the marks on the leads; type the current without the minus.',
    };
  if (last && timeS <= last.timeS)
    return {
      message: `Minute ${Number((timeS / 60).toFixed(2))} is not later than the last line, at minute ${Number((last.timeS / 60).toFixed(2))}.`,
      remedy:
        'Times count from switching on and rise; take the last line back if that one is wrong.',
    };
  if (elapsedS !== undefined && elapsedS > 30 && timeS > clockFactor * elapsedS)
    return {
      message: `Minute ${Number((timeS / 60).toFixed(1))} is far ahead of the clock, which shows ${asTime(elapsedS)}.`,
      remedy: `The field takes minutes: ${Number((timeS / 3600).toFixed(2))} min if seconds were typed.`,
    };
  return undefined;
}

/** Readings by themselves, at the interval; a reading that fails is told and not made up for. */
function FromInstruments({
  run,
  log,
  write,
  auto,
  speed,
  offsetS,
  startedAt,
  set,
}: LogPanelProps & {
  readonly auto: boolean;
  readonly speed: number;
  readonly offsetS: number;
  readonly startedAt: number | null;
  readonly set: (part: { auto?: boolean; speed?: number; offsetS?: number }) => void;
}) {
  const { data: instruments = [] } = useInstrumentsQuery();
  const [simulate] = useSimulateCellMutation();
  const [tell] = useTellInstrumentMutation();
  const [read] = useCellReadingMutation();
  const [volts, setVolts] = useState<number | string>(12);
  const [amps, setAmps] = useState<number | string>(run.setup.plannedA);
  const [wantedSpeed, setWantedSpeed] = useState<number | string>(speed);
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
  const order = (command: string, value: number) =>
    tell({ id: supply.id, command, value }).unwrap();
  return (
    <>
      {supply.simulated && (
        <Group align="flex-end" gap="sm">
          <NumberField
            label="Times faster"
            size="md"
            w={130}
            min={1}
            max={2000}
            value={wantedSpeed}
            onChange={setWantedSpeed}
          />
          <Button
            size="md"
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
      )}
      <Group align="flex-end" gap="sm" mt="sm">
        <NumberField label="Voltage limit, V" size="md" w={130} value={volts} onChange={setVolts} />
        <NumberField label="Current limit, A" size="md" w={130} value={amps} onChange={setAmps} />
        <Button
          size="md"
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
          size="md"
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
      <Switch
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
