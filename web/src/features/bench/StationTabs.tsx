import { Tabs, Text } from '@mantine/core';
import { parts } from '@stoichos/core/labday/day';
import type { Part } from '@stoichos/core/labday/day';
import { useState } from 'react';
import { useInstrumentsQuery } from '../../data/api/api';
import { Chip } from '../../shared/parts/ChipRow';
import classes from '../../shared/recording/Bench.module.css';
import { DropCounter } from '../../shared/recording/DropCounter';
import { InstrumentPanel } from '../../shared/recording/InstrumentPanel';
import { MeasurePanel } from '../../shared/recording/MeasurePanel';
import { Departures } from '../../shared/recording/Departures';
import { Notes } from '../../shared/recording/NotePanel';
import { RecordLog } from '../../shared/recording/RecordLog';
import { RecordPanel } from '../../shared/recording/RecordPanel';
import { TimerPanel } from '../../shared/recording/TimerPanel';
import type { StationProps } from './stationProps';
import type { StationState } from './useStation';

const instrumentsPollMs = 5000;
const partWords: Readonly<Record<Part, string>> = {
  test: 'test',
  blank: 'blank',
  control: 'control',
};

/** Everything there is to record with at a step. */
export function StationTabs({ here, ...props }: StationProps & { readonly here: StationState }) {
  const { day, work, step, bench, progress } = props;
  const { ofStep, follow, at, own } = here;
  const { data: instruments = [] } = useInstrumentsQuery(undefined, {
    pollingInterval: instrumentsPollMs,
  });
  const drops = step.measures.filter(({ quantity }) => quantity === 'drops');
  const numbers = step.measures.filter(({ quantity }) => quantity !== 'drops');
  const [tab, setTab] = useState<string | null>(
    drops.length > 0 ? 'drops' : numbers.length > 0 ? 'measure' : 'see',
  );
  const begun = own?.begunAt === undefined ? undefined : Date.parse(own.begunAt);
  return (
    <Tabs value={tab} onChange={setTab} keepMounted={false} classNames={{ tab: classes.tab ?? '' }}>
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
        <WhatIsSeen here={here} />
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
        <Departures recorder={ofStep} step={step} />
      </Tabs.Panel>
      <Tabs.Panel value="log">
        <RecordLog day={day} at={at} />
      </Tabs.Panel>
    </Tabs>
  );
}

function WhatIsSeen({ here }: { readonly here: StationState }) {
  const { station, judgement, part, setPart, recorder } = here;
  const seen =
    part === 'test' ? judgement?.seen : part === 'blank' ? judgement?.blank : judgement?.control;
  return (
    <>
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
    </>
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
