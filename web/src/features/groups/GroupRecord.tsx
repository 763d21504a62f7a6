import { Card } from '../../shared/parts/Card';
import { Button, Group, Tabs, Text, Title } from '@mantine/core';
import type { GroupStep, GroupView } from '@stoichos/core/labday/access';
import { IconArrowBackUp } from '@tabler/icons-react';
import { useState } from 'react';
import bench from '../../shared/recording/Bench.module.css';
import { Chip } from '../../shared/parts/ChipRow';
import { DropCounter } from '../../shared/recording/DropCounter';
import { MeasurePanel } from '../../shared/recording/MeasurePanel';
import { Notes } from '../../shared/recording/NotePanel';
import { RecordLog } from '../../shared/recording/RecordLog';
import { RecordPanel } from '../../shared/recording/RecordPanel';
import { TimerPanel } from '../../shared/recording/TimerPanel';
import { useRecorder } from '../../shared/recording/useRecorder';
import { ObservationLine } from '../../shared/chemistry/ObservationLine';
import { Mark } from '../../shared/parts/Mark';
import classes from './Groups.module.css';
import type { Recorder } from '../../shared/recording/useRecorder';

export type GroupWork = GroupView['works'][number];

export function RecordColumn({
  view,
  work,
  step,
}: {
  view: GroupView;
  work: GroupWork;
  step: GroupStep;
}) {
  const day = { id: view.day.id, entries: view.entries };
  const vessels = step.vessels.length > 0 ? step.vessels : work.vessels.map(({ name }) => name);
  const [vessel, setVessel] = useState(vessels[0] ?? null);
  const at = { workId: work.id, stepId: step.id, groupId: view.group.id };
  const recorder = useRecorder(day, { ...at, vessel, part: 'test' });
  const ofStep = useRecorder(day, { ...at, vessel: null, part: 'test' });
  const expectation = view.expectations.find(
    (one) => one.workId === work.id && one.stepId === step.id && one.vessel === vessel,
  );
  return (
    <Card label="What you see">
      <Group justify="space-between" mb="xs">
        <Title>What you see</Title>
        <Button
          leftSection={<IconArrowBackUp size={18} aria-hidden />}
          disabled={!recorder.canUndo}
          onClick={recorder.undo}
        >
          Undo
        </Button>
      </Group>
      {vessels.length > 1 && (
        <div className={classes.chips} role="group" aria-label="Vessel">
          {vessels.map((name) => (
            <Chip key={name} chosen={name === vessel} onTap={() => setVessel(name)}>
              {name}
            </Chip>
          ))}
        </div>
      )}
      {expectation && (
        <div data-testid="expectation">
          <Text>
            <span className="quiet">Expected:</span>{' '}
            {expectation.expected.length > 0 ? (
              <ObservationLine seen={expectation.expected} />
            ) : (
              `not predicted: ${expectation.notPredicted.join(' ')}`
            )}
          </Text>
          {expectation.agreement && <Mark of={expectation.agreement} />}
        </div>
      )}
      <RecordTabs view={view} step={step} work={work} recorder={recorder} ofStep={ofStep} />
    </Card>
  );
}

interface RecordTabsProps {
  readonly view: GroupView;
  readonly step: GroupStep;
  readonly work: GroupWork;
  readonly recorder: Recorder;
  readonly ofStep: Recorder;
}

/** What a group can record: what it sees, reads, notes, times and watches. */
function RecordTabs({ view, step, work, recorder, ofStep }: RecordTabsProps) {
  const drops = step.measures.filter(({ quantity }) => quantity === 'drops');
  const numbers = step.measures.filter(({ quantity }) => quantity !== 'drops');
  const [tab, setTab] = useState<string | null>(
    drops.length > 0 ? 'drops' : numbers.length > 0 ? 'measure' : 'see',
  );
  return (
    <Tabs value={tab} onChange={setTab} keepMounted={false} classNames={{ tab: bench.tab ?? '' }}>
      <Tabs.List mb="sm">
        <Tabs.Tab value="see">See</Tabs.Tab>
        {drops.length > 0 && <Tabs.Tab value="drops">Drops</Tabs.Tab>}
        <Tabs.Tab value="measure">Measure</Tabs.Tab>
        <Tabs.Tab value="timers">Timers</Tabs.Tab>
        <Tabs.Tab value="own">Our table</Tabs.Tab>
      </Tabs.List>
      <Tabs.Panel value="see">
        <RecordPanel recorder={recorder} asked={[]} />
        <Notes recorder={recorder} />
      </Tabs.Panel>
      <Tabs.Panel value="drops">
        {drops.map((measure) => (
          <DropCounter key={measure.name} recorder={ofStep} measure={measure} />
        ))}
      </Tabs.Panel>
      <Tabs.Panel value="measure">
        <MeasurePanel
          recorder={ofStep}
          dayId={view.day.id}
          measures={numbers}
          instruments={[]}
          follow={undefined}
          zeroOf={() => undefined}
        />
      </Tabs.Panel>
      <Tabs.Panel value="timers">
        <TimerPanel dayId={view.day.id} what={work.name} />
      </Tabs.Panel>
      <Tabs.Panel value="own">
        {work.steps.map(({ id }, index) => (
          <div key={id}>
            <Text fw={600} mt="xs">
              Step {index + 1}
            </Text>
            <RecordLog day={view} at={{ workId: work.id, stepId: id, groupId: view.group.id }} />
          </div>
        ))}
      </Tabs.Panel>
    </Tabs>
  );
}
