import { Alert, Tabs, Text, UnstyledButton } from '@mantine/core';
import { useDisclosure, useHotkeys } from '@mantine/hooks';
import { heldIn } from '@stoichos/core/safety';
import { describeObservation } from '@stoichos/core/seeing/observation';
import { eventWords, vesselsOf } from '@stoichos/core/seeing/rack';
import type { KeptRun } from '@stoichos/core/labday/day';
import type { Rack, RackEvent, RackOutcome, ToldStep } from '@stoichos/core/seeing/rack';
import { IconArrowDown } from '@tabler/icons-react';
import { useMemo, useRef, useState } from 'react';
import { Formula } from '../../shared/chemistry/Formula';
import { StudyFrame } from '../../shared/study/StudyFrame';
import { AddPanel } from '../../shared/reagents/AddPanel';
import { BenchNotes } from './BenchNotes';
import { CompareView } from './CompareView';
import type { CoursePoint } from './CourseChart';
import { DoPanel, TestPanel } from '../../shared/reagents/DoPanel';
import classes from './MixPage.module.css';
import { KeptRuns } from './KeptRuns';
import { LastStep } from './LastStep';
import { RackView } from './RackView';
import { WhyPanel } from './WhyPanel';
import { opened, redone, undone } from '../../data/rack/rackSlice';
import { useRack } from './useRack';
import type { RackStudy } from './useRack';
import { RackTools } from './RackTools';

/** The study “Mix anything”: fill a vessel, act on it step by step, and read what is seen and why. */
export function MixPage() {
  const study = useRack();
  const { history, rack, outcome, refusal, dispatch } = study;
  useHotkeys([
    ['mod+Z', () => dispatch(undone())],
    ['mod+shift+Z', () => dispatch(redone())],
  ]);
  const steps = rack.events.map((event, index) => ({ event, told: outcome.steps[index]?.told }));
  const course = useMemo(
    () => courseOf(rack, outcome, history.chosen),
    [rack, outcome, history.chosen],
  );
  const vessels = useRef<HTMLElement>(null);
  const [isKeptShown, keptShown] = useDisclosure(false);
  const [beside, setBeside] = useState<KeptRun>();
  const last = steps.findLast(({ event }) => vesselOf(event) === history.chosen);
  const brief = refusal
    ? `Not done. ${refusal.message} ${refusal.remedy}`
    : last?.told && briefly(last.event, last.told);
  return (
    <>
      <StudyFrame
        title="Mix anything"
        tools={<RackTools {...study} showKept={keptShown.open} />}
        settings={{
          label: `What is done to vessel ${history.chosen}`,
          children: <DoTabs {...study} />,
        }}
        answerRef={vessels}
        answer={{
          label: 'Vessels and what is seen',
          children: <RackAnswer {...study} steps={steps} last={last} />,
        }}
        reasons={{
          label: 'Why',
          children: (
            <WhyPanel told={last?.told} test={last && testIn(last.event)} course={course} />
          ),
        }}
      />
      {brief && (
        <UnstyledButton
          className={classes.seenBar}
          onClick={() => vessels.current?.scrollIntoView({ block: 'start' })}
        >
          <Formula text={brief} wrap />
          <IconArrowDown size={20} aria-hidden />
        </UnstyledButton>
      )}
      {beside && <CompareView rack={rack} kept={beside} onClose={() => setBeside(undefined)} />}
      <KeptRuns
        rack={rack}
        opened={isKeptShown}
        onClose={keptShown.close}
        onOpen={(kept) => dispatch(opened(kept))}
        onCompare={setBeside}
      />
    </>
  );
}

interface Done {
  readonly event: RackEvent;
  /** Undefined until it is calculated. */
  readonly told: ToldStep | undefined;
}

/** The vessels, what the last step showed, and the notes. */
function RackAnswer({
  steps,
  last,
  ...study
}: RackStudy & { readonly steps: readonly Done[]; readonly last: Done | undefined }) {
  const { refusal, history } = study;
  return (
    <>
      <RackView {...study} />
      {refusal && (
        <Alert color="red" mt="md" title="Not done" role="alert">
          {refusal.message} {refusal.remedy}
        </Alert>
      )}
      <div aria-live="polite">
        {last?.told && <LastStep event={last.event} told={last.told} />}
        {!last && (
          <Text className="quiet" mt="md">
            Vessel {history.chosen} is empty. Search for a reagent and add it; what is seen appears
            here.
          </Text>
        )}
      </div>
      {steps.length > 1 && <BenchNotes steps={steps} />}
    </>
  );
}

/** What can be done to the chosen vessel. */
function DoTabs({ history: { chosen: vessel }, rack, outcome, attempt }: RackStudy) {
  const now = outcome.now[vessel];
  return (
    <Tabs defaultValue="add" keepMounted={false}>
      <Tabs.List grow mb="md">
        <Tabs.Tab value="add">Add</Tabs.Tab>
        <Tabs.Tab value="do">Do</Tabs.Tab>
        <Tabs.Tab value="test">Test</Tabs.Tab>
      </Tabs.List>
      <Tabs.Panel value="add">
        <AddPanel
          vessel={vessel}
          there={now ? heldIn(now.state) : []}
          onAdd={(portion) => attempt({ vessel, action: { do: 'add', portion } })}
        />
      </Tabs.Panel>
      <Tabs.Panel value="do">
        <DoPanel vessels={rack.vessels.map(({ name }) => name)} vessel={vessel} attempt={attempt} />
      </Tabs.Panel>
      <Tabs.Panel value="test">
        <TestPanel vessel={vessel} attempt={attempt} />
      </Tabs.Panel>
    </Tabs>
  );
}

const vesselOf = (event: RackEvent): string => vesselsOf(event).at(-1) ?? '';

/** The last step in a line, for a screen on which what is seen stands below what one taps. */
function briefly(event: RackEvent, { observations, notPredicted }: ToldStep): string {
  const seen =
    notPredicted.length > 0 ? 'not predicted' : observations.map(describeObservation).join('; ');
  return testIn(event) ? `${vesselOf(event)}: ${seen}` : `${eventWords(event)}: ${seen}`;
}

/** The chosen vessel after each thing that was done to it. */
function courseOf({ events }: Rack, { steps }: RackOutcome, vessel: string): CoursePoint[] {
  return events
    .flatMap((event, index) => {
      const state = steps[index]?.told.state;
      if (!state || vesselOf(event) !== vessel) return [];
      const { pH, temperatureC } = state;
      return [{ what: eventWords(event), temperatureC, ...(pH !== undefined && { pH }) }];
    })
    .map((point, index) => ({ step: index + 1, ...point }));
}

const testIn = (event: RackEvent): string | undefined =>
  'action' in event && event.action.do === 'test' ? event.action.test : undefined;
