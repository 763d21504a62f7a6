import { Card } from '../../shared/parts/Card';
import { Group, Text, Title } from '@mantine/core';
import { analyse, classSpread, readAlone, repeatedReadings } from '@stoichos/core/labday/judge';
import { benchesOf } from '@stoichos/core/labday/day';
import type { Bench, LabDay, Work } from '@stoichos/core/labday/day';
import { useState } from 'react';
import { useSettings } from '../../data/settings/useSettings';
import { useLabDay } from '../../data/useLabDay';
import { PrintButton } from '../../shared/parts/PrintButton';
import { PickStrip } from '../../shared/parts/PickStrip';
import { AnalysisView } from './AnalysisView';
import { JudgeTabs } from './JudgeTabs';
import { SpreadView } from './SpreadView';
import { useBench } from './useBench';
import { withFigures, formatNumber } from '@stoichos/core/common';

/** What the numbers say: worked out for each bench with its uncertainty, and over the class. */
export function MeasurementsPage() {
  const day = useLabDay();
  const { works } = useBench(day);
  const measuring = works.filter(
    (work) => work.procedure.analyses.length > 0 || readAlone(day, work).length > 0,
  );
  return (
    <>
      <JudgeTabs dayId={day.id} />
      {measuring.length === 0 && (
        <section className="card">
          <Title>Nothing is measured yet</Title>
          <Text mt="sm">
            What the benches weigh, read or count stands here, and what is worked out of it: plan a
            procedure that measures, or say in the editor what is measured and what to work out.
          </Text>
        </section>
      )}
      {measuring.length > 0 && (
        <Group justify="flex-end" mb="xs">
          <PrintButton />
        </Group>
      )}
      {measuring.map((work) => (
        <WorkResults key={work.id} day={day} work={work} />
      ))}
    </>
  );
}

function WorkResults({ day, work }: { day: LabDay; work: Work }) {
  const habits = useSettings();
  const benches = benchesOf(day, work);
  const begun = (bench: Bench) =>
    analyse(day, work, bench, habits).some(({ state }) => state !== 'open');
  const [chosen, setChosen] = useState<string>();
  const bench =
    benches.find(({ id }) => (id ?? 'all') === chosen) ?? benches.find(begun) ?? benches[0];
  if (!bench) return null;
  return (
    <Card mb="md" label={work.procedure.name}>
      <Title mb="xs">{work.procedure.name}</Title>
      {benches.length > 1 && work.procedure.analyses.length > 0 && (
        <PickStrip
          label="Groups"
          picked={bench.id ?? 'all'}
          onPick={setChosen}
          of={benches.map(({ id, name }) => ({ id: id ?? 'all', shown: name }))}
        />
      )}
      {analyse(day, work, bench, habits).map((result, index) => (
        <AnalysisView key={index} result={result} bench={bench.name} />
      ))}
      <Alone readings={readAlone(day, work)} />
      <Repeats repeats={repeatedReadings(day, work, bench)} />
      <SpreadView spreads={classSpread(day, work, habits)} />
    </Card>
  );
}

/** Readings that go into nothing that is worked out, bench by bench. */
function Alone({ readings }: { readings: ReturnType<typeof readAlone> }) {
  if (readings.length === 0) return null;
  return (
    <>
      <Title order={3} size="h5" mt="md">
        Read, and not worked out
      </Title>
      {readings.map(({ name, unit, byBench }) => (
        <Text key={name}>
          {name}, {unit}:{' '}
          {byBench
            .map(
              ({ bench, values }) =>
                `${bench} ${values.map((value) => formatNumber(value)).join(', ')}`,
            )
            .join('; ')}
        </Text>
      ))}
    </>
  );
}

/** Readings of the same thing, with their mean and what it may be off by. */
function Repeats({ repeats }: { repeats: ReturnType<typeof repeatedReadings> }) {
  if (repeats.length === 0) return null;
  return (
    <>
      <Title order={3} size="h5" mt="md">
        Repeated readings
      </Title>
      {repeats.map(({ name, unit, values, spread }) => (
        <Text key={name}>
          {name}: {values.map((value) => formatNumber(value)).join(', ')} {unit}; mean{' '}
          {withFigures(spread.mean, 4)}
          {spread.confidence95 !== undefined && ` ± ${withFigures(spread.confidence95, 2)} (95 %)`}
          {spread.oddOnes.length > 0 &&
            `; stands out: ${spread.oddOnes.map((at) => formatNumber(values[at] ?? 0)).join(', ')}`}
        </Text>
      ))}
    </>
  );
}
