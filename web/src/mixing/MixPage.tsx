import { ActionIcon, Alert, Button, Group, List, Tabs, Text, Title, Tooltip } from '@mantine/core';
import { useDisclosure, useHotkeys } from '@mantine/hooks';
import { describeObservation, heldIn } from '@stoichos/core';
import type { KeptRun, Rack, RackEvent, RackOutcome, ToldStep } from '@stoichos/core';
import { IconArrowBackUp, IconArrowForwardUp } from '@tabler/icons-react';
import { useMemo, useState } from 'react';
import { useAppDispatch } from '../app/store';
import { Formula } from '../chemistry/Formula';
import { NotPredicted } from '../chemistry/NotPredicted';
import { AddPanel } from './AddPanel';
import { CompareView } from './CompareView';
import type { CoursePoint } from './CourseChart';
import { DoPanel, TestPanel } from './DoPanel';
import classes from './MixPage.module.css';
import { KeptRuns } from './KeptRuns';
import { RackView } from './RackView';
import { WhyPanel } from './WhyPanel';
import { eventWords } from './eventWords';
import { chosen, cleared, copied, opened, redone, undone, vesselAdded } from './rackSlice';
import { useRack } from './useRack';

/** The study “Mix anything”: fill a vessel, act on it step by step, and read what is seen and why. */
export function MixPage() {
  const dispatch = useAppDispatch();
  const { history, outcome, attempt, refusal } = useRack();
  const { present: rack, past, future } = history;
  useHotkeys([
    ['mod+Z', () => dispatch(undone())],
    ['mod+shift+Z', () => dispatch(redone())],
  ]);
  const steps = rack.events.map((event, index) => ({ event, told: outcome.steps[index]?.told }));
  const now = outcome.now[history.chosen];
  const course = useMemo(
    () => courseOf(rack, outcome, history.chosen),
    [rack, outcome, history.chosen],
  );
  const [isKeptShown, keptShown] = useDisclosure(false);
  const [beside, setBeside] = useState<KeptRun>();
  const last = steps.findLast(({ event }) => vesselOf(event) === history.chosen);
  return (
    <>
      <Group justify="space-between" my="md">
        <Title order={1}>Mix anything</Title>
        <Group gap="xs">
          <Tooltip label="Undo, Ctrl Z">
            <ActionIcon
              variant="default"
              size={44}
              aria-label="Undo"
              disabled={past.length === 0}
              onClick={() => dispatch(undone())}
            >
              <IconArrowBackUp size={20} />
            </ActionIcon>
          </Tooltip>
          <Tooltip label="Redo, Ctrl Shift Z">
            <ActionIcon
              variant="default"
              size={44}
              aria-label="Redo"
              disabled={future.length === 0}
              onClick={() => dispatch(redone())}
            >
              <IconArrowForwardUp size={20} />
            </ActionIcon>
          </Tooltip>
          <Button variant="default" size="md" onClick={keptShown.open}>
            Keep or compare
          </Button>
          <Button
            variant="default"
            size="md"
            disabled={rack.events.length === 0 && rack.vessels.length === 1}
            onClick={() => dispatch(cleared())}
          >
            Start afresh
          </Button>
        </Group>
      </Group>
      <div className={classes.columns}>
        <section className="card" aria-label={`What is done to vessel ${history.chosen}`}>
          <Tabs defaultValue="add" keepMounted={false}>
            <Tabs.List grow mb="md">
              <Tabs.Tab value="add">Add</Tabs.Tab>
              <Tabs.Tab value="do">Do</Tabs.Tab>
              <Tabs.Tab value="test">Test</Tabs.Tab>
            </Tabs.List>
            <Tabs.Panel value="add">
              <AddPanel
                vessel={history.chosen}
                there={now ? heldIn(now.state) : []}
                onAdd={(portion) =>
                  attempt({ vessel: history.chosen, action: { do: 'add', portion } })
                }
              />
            </Tabs.Panel>
            <Tabs.Panel value="do">
              <DoPanel rack={rack} vessel={history.chosen} attempt={attempt} />
            </Tabs.Panel>
            <Tabs.Panel value="test">
              <TestPanel vessel={history.chosen} attempt={attempt} />
            </Tabs.Panel>
          </Tabs>
        </section>
        <section className="card" aria-label="Vessels and what is seen">
          <RackView
            rack={rack}
            outcome={outcome}
            chosen={history.chosen}
            onChoose={(name) => dispatch(chosen(name))}
            onNew={(kind) => dispatch(vesselAdded(kind))}
            onCopy={(kind) => dispatch(copied(kind))}
          />
          {refusal && (
            <Alert variant="outline" color="red" mt="md" title="Not done" role="alert">
              {refusal.message} {refusal.remedy}
            </Alert>
          )}
          <div aria-live="polite">
            {last?.told ? (
              <LastStep event={last.event} told={last.told} />
            ) : (
              <Text className="quiet" mt="md">
                Vessel {history.chosen} is empty. Search for a reagent and add it; what is seen
                appears here.
              </Text>
            )}
          </div>
          {steps.length > 1 && <Notes steps={steps} />}
        </section>
        <section className={`card ${classes.reasons}`} aria-label="Why">
          <WhyPanel told={last?.told} test={last && testIn(last.event)} course={course} />
        </section>
      </div>
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

const vesselOf = (event: RackEvent): string => ('pour' in event ? event.into : event.vessel);

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

/** What the last thing done to the chosen vessel showed. */
function LastStep({ event, told }: { event: RackEvent; told: ToldStep }) {
  const { observations, warnings, notPredicted, state } = told;
  return (
    <>
      <Title order={2} size="h4" mt="md" mb={4}>
        <Formula text={eventWords(event)} wrap />
      </Title>
      {notPredicted.length > 0 ? (
        <NotPredicted reasons={notPredicted} />
      ) : (
        <List size="md" spacing={4} data-testid="seen">
          {observations.map((one) => (
            <List.Item key={describeObservation(one)}>
              <Formula text={describeObservation(one)} wrap />
            </List.Item>
          ))}
        </List>
      )}
      <Text className="quiet" size="sm" mt="xs" data-testid="state">
        {[
          state.volumeMl > 0 ? `${state.volumeMl.toFixed(1)} mL` : 'no liquid',
          ...(state.pH === undefined ? [] : [`pH ${state.pH.toFixed(1)}`]),
          `${state.temperatureC.toFixed(1)} °C`,
          ...state.solids.map(
            ({ formula, massG, colour }) => `${grams(massG)} ${colour} ${formula}`,
          ),
        ].map((part, index) => (
          <span key={part}>
            {index > 0 && ' · '}
            <Formula text={part} wrap />
          </span>
        ))}
      </Text>
      {warnings.length > 0 && (
        <Alert variant="outline" color="gray" mt="sm" title="Mind" role="note">
          {warnings.map(({ code, message }) => (
            <Text key={`${code} ${message}`} size="sm">
              <Formula text={message} wrap />
            </Text>
          ))}
        </Alert>
      )}
    </>
  );
}

const grams = (massG: number): string =>
  massG < 0.1 ? `${(1000 * massG).toPrecision(2)} mg` : `${massG.toPrecision(3)} g`;

/** Everything done so far with what it showed, newest first. */
function Notes({
  steps,
}: {
  steps: readonly { readonly event: RackEvent; readonly told: ToldStep | undefined }[];
}) {
  return (
    <>
      <Title order={2} size="h4" mt="lg" mb="xs">
        Bench notes
      </Title>
      <ol className={classes.notes} reversed data-testid="notes">
        {steps
          .map(({ event, told }, index) => (
            <li key={index}>
              <Formula text={eventWords(event)} wrap />
              <Text size="sm" className="quiet">
                <Formula
                  text={(told?.observations ?? []).map(describeObservation).join('; ')}
                  wrap
                />
              </Text>
            </li>
          ))
          .reverse()}
      </ol>
    </>
  );
}
