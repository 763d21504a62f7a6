import { Button, Group, Tabs, Text, Title } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import { judgeStation, parts, stationsOf } from '@stoichos/core/labday';
import { putIn } from '@stoichos/core/planning/procedure';
import type { Part } from '@stoichos/core/labday';
import { IconArrowBackUp, IconArrowRight } from '@tabler/icons-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { useInstrumentsQuery } from '../../data/api/api';
import { NotPredicted } from '../../shared/chemistry/NotPredicted';
import { StationPair } from '../../shared/glassware/StationPair';
import { Mark } from '../../shared/parts/Mark';
import classes from '../../shared/recording/Bench.module.css';
import { Causes } from '../../shared/recording/Causes';
import { Chip } from '../../shared/parts/ChipRow';
import { DropCounter } from '../../shared/recording/DropCounter';
import { InstrumentPanel } from '../../shared/recording/InstrumentPanel';
import { MeasurePanel } from '../../shared/recording/MeasurePanel';
import { Departures, Notes } from '../../shared/recording/NotePanel';
import { RecordLog } from '../../shared/recording/RecordLog';
import { RecordPanel } from '../../shared/recording/RecordPanel';
import { StepCard } from './StepCard';
import { StepCautions } from './StepCautions';
import type { StationProps } from './stationProps';
import { TimerPanel } from '../../shared/recording/TimerPanel';
import { Meanwhile } from './Meanwhile';
import { useRecorder } from '../../shared/recording/useRecorder';
import { useShowOnWall } from './wall';

const instrumentsPollMs = 5000;
const partWords: Readonly<Record<Part, string>> = {
  test: 'test',
  blank: 'blank',
  control: 'control',
};

/** One step at one bench: what to do, expected beside seen, and everything there is to record with. */
export function Station(props: StationProps) {
  const { day, work, step, bench, progress, nextBench, go } = props;
  const stations = stationsOf(work, step);
  const [vessel, setVessel] = useState(stations[0]?.vessel);
  const [part, setPart] = useState<Part>('test');
  const station = stations.find((one) => one.vessel === vessel);
  const at = { workId: work.id, stepId: step.id, groupId: bench.id };
  useShowOnWall({ dayId: day.id, ...at });
  const recorder = useRecorder(day, { ...at, vessel: vessel ?? null, part });
  const ofStep = useRecorder(day, { ...at, vessel: null, part: 'test' });
  const judgement = station && judgeStation(day, work, step, station, bench);
  const { data: instruments = [] } = useInstrumentsQuery(undefined, {
    pollingInterval: instrumentsPollMs,
  });
  const own = progress.steps.find((one) => one.work.id === work.id && one.step.id === step.id);
  const drops = step.measures.filter(({ quantity }) => quantity === 'drops');
  const numbers = step.measures.filter(({ quantity }) => quantity !== 'drops');
  const [tab, setTab] = useState<string | null>(
    drops.length > 0 ? 'drops' : numbers.length > 0 ? 'measure' : 'see',
  );
  const flat = progress.steps;
  const move = (by: number) => {
    const here = flat.findIndex((one) => one.work.id === work.id && one.step.id === step.id);
    const ordered = [...flat].sort((a, b) => a.work.number - b.work.number);
    const index = ordered.findIndex((one) => one === flat[here]) + by;
    const other = ordered[index];
    if (other) go({ work: other.work.id, step: other.step.id });
  };
  useHotkeys([
    ['n', () => recorder.record({ kind: 'noChange' })],
    ['p', () => recorder.record({ kind: 'noPrecipitate' })],
    ['c', () => recorder.record({ kind: 'clarity', to: 'clear' })],
    ['l', () => recorder.record({ kind: 'clarity', to: 'cloudy' })],
    ['o', () => recorder.record({ kind: 'clarity', to: 'opaque' })],
    ['g', () => recorder.record({ kind: 'gas' })],
    ['z', recorder.undo],
    ['ArrowLeft', () => move(-1)],
    ['ArrowRight', () => move(1)],
  ]);
  const seen =
    part === 'test' ? judgement?.seen : part === 'blank' ? judgement?.blank : judgement?.control;
  const begun = own?.begunAt === undefined ? undefined : Date.parse(own.begunAt);
  const someVessel = vessel ?? work.procedure.vessels[0]?.name;
  const follow =
    someVessel === undefined ? undefined : { dayId: day.id, ...at, vessel: someVessel };
  return (
    <div className={classes.columns}>
      <section className={`card ${classes.view}`} aria-label="Expected and seen">
        <StepCard {...props} recorder={ofStep} own={own} />
        {stations.length > 1 && (
          <div className={classes.chips} role="group" aria-label="Vessel">
            {stations.map((one) => (
              <Chip
                key={one.vessel}
                chosen={one.vessel === vessel}
                onTap={() => setVessel(one.vessel)}
              >
                {one.vessel}
              </Chip>
            ))}
          </div>
        )}
        {station && judgement && (
          <div className={classes.pair}>
            <StationPair judgement={judgement} height={190} />
            {judgement.blank.length > 0 && (
              <Text size="sm" ta="center" mt={4}>
                Blank recorded beside it.
              </Text>
            )}
            <Group justify="center" mt="sm" aria-live="polite">
              {judgement.comparison ? (
                judgement.seen.length > 0 && <Mark of={judgement.comparison.agreement} large />
              ) : (
                <Mark of="notPredicted" large />
              )}
            </Group>
            {station.notPredicted.length > 0 && <NotPredicted reasons={station.notPredicted} />}
            <Causes judgement={judgement} />
          </div>
        )}
        {step.caution && <StepCautions substances={putIn(step)} />}
        {step.record.length > 0 && (
          <Text size="sm" className="quiet" mt="xs">
            Write down: {step.record.join('; ')}
          </Text>
        )}
        <Meanwhile day={day} progress={progress} here={own} go={go} />
      </section>
      <section className="card" aria-label={`What ${bench.name} sees`}>
        <Group justify="space-between" mb="xs" wrap="nowrap">
          <Title order={2} size="h4">
            What {bench.name} sees
          </Title>
          <Button
            size="md"
            variant="default"
            leftSection={<IconArrowBackUp size={18} aria-hidden />}
            disabled={!recorder.canUndo}
            onClick={recorder.undo}
          >
            Undo
          </Button>
        </Group>
        <Tabs
          value={tab}
          onChange={setTab}
          keepMounted={false}
          classNames={{ tab: classes.tab ?? '' }}
        >
          <Tabs.List mb="sm">
            <Tabs.Tab value="see">See</Tabs.Tab>
            {drops.length > 0 && <Tabs.Tab value="drops">Drops</Tabs.Tab>}
            <Tabs.Tab value="measure">Measure</Tabs.Tab>
            <Tabs.Tab value="instruments">Instruments</Tabs.Tab>
            <Tabs.Tab value="timers">Timers</Tabs.Tab>
            <Tabs.Tab value="departures">Departures</Tabs.Tab>
            <Tabs.Tab value="log">Log</Tabs.Tab>
          </Tabs.List>
          <Tabs.Panel value="see">
            <div className={classes.chosen} role="group" aria-label="Recorded for">
              {parts.map((one) => (
                <Chip key={one} chosen={part === one} onTap={() => setPart(one)}>
                  {partWords[one]}
                </Chip>
              ))}
            </div>
            <RecordPanel
              key={part}
              recorder={recorder}
              asked={station?.expected.map(({ kind }) => kind) ?? []}
            />
            <Notes recorder={recorder} />
            {part !== 'test' && seen?.length === 0 && (
              <Text size="sm" className="quiet" mt="xs">
                What you tap now is recorded for the {partWords[part]}.
              </Text>
            )}
          </Tabs.Panel>
          <Tabs.Panel value="drops">
            {drops.map((measure) => (
              <DropCounter key={measure.name} recorder={ofStep} measure={measure} />
            ))}
          </Tabs.Panel>
          <Tabs.Panel value="measure">
            <MeasurePanel
              recorder={ofStep}
              dayId={day.id}
              measures={numbers}
              instruments={instruments}
              follow={follow}
              zeroOf={(name) => clockOf(progress, work.id, name) ?? begun}
            />
          </Tabs.Panel>
          <Tabs.Panel value="instruments">
            <InstrumentPanel instruments={instruments} follow={follow} />
          </Tabs.Panel>
          <Tabs.Panel value="timers">
            <TimerPanel dayId={day.id} what={`${bench.name}: ${work.procedure.name}`} />
          </Tabs.Panel>
          <Tabs.Panel value="departures">
            <Departures recorder={ofStep} minutes={step.minutes} />
          </Tabs.Panel>
          <Tabs.Panel value="log">
            <RecordLog day={day} at={at} />
          </Tabs.Panel>
        </Tabs>
        <Group mt="md" justify="flex-end">
          {nextBench && (
            <Button
              size="md"
              variant="default"
              onClick={() => go({ group: nextBench.id, work: work.id, step: step.id })}
            >
              Next: {nextBench.name}
            </Button>
          )}
          <Button
            component={Link}
            to={`/days/${day.id}/judge?work=${work.id}&group=${bench.id ?? 'all'}&step=${step.id}${vessel ? `&vessel=${encodeURIComponent(vessel)}` : ''}`}
            size="md"
            variant="default"
            rightSection={<IconArrowRight size={18} aria-hidden />}
          >
            Judge it
          </Button>
        </Group>
      </section>
    </div>
  );
}

/** When the first step that takes a measurement was begun, ms: a log over several steps has one clock. */
function clockOf(
  { steps }: StationProps['progress'],
  workId: string,
  name: string,
): number | undefined {
  const begun = steps.flatMap(({ work, step, begunAt }) =>
    work.id === workId && begunAt && step.measures.some((one) => one.name === name)
      ? [Date.parse(begunAt)]
      : [],
  );
  return begun.length === 0 ? undefined : Math.min(...begun);
}
