import { Button, Text } from '@mantine/core';
import { costsOf, testLabel } from '@stoichos/core/studies/identify';
import { useMemo } from 'react';
import { PrintButton } from '../../shared/parts/PrintButton';
import { StudyFrame } from '../../shared/study/StudyFrame';
import { TaskFailure } from '../../shared/parts/TaskFailure';
import { TaskProgress } from '../../shared/parts/TaskProgress';
import { useTask } from '../../data/worker/useTask';
import { CandidateName } from '../../shared/unknowns/CandidateName';
import { CandidateSettings } from '../../shared/unknowns/CandidateSettings';
import { SetFile } from './SetFile';
import { UnknownsTabs } from './UnknownsTabs';
import { useCandidates } from '../../shared/unknowns/useCandidates';
import type { UnknownState } from '../../shared/unknowns/unknownState';
import { useUnknownStudy } from '../../shared/unknowns/unknownState';
import classes from '../../shared/unknowns/Unknowns.module.css';
import { withPlaces } from '@stoichos/core/common';
import type { Candidates } from '../../shared/unknowns/useCandidates';
import type { SetCheck } from '@stoichos/core/studies/identify';

/** A set that is searched whole: above it the smallest set of tests is sought among too many pairs. */
const mostChecked = 60;

/** Whether a set of unknowns can be told apart with the tests at hand, and how few tests that takes. */
export function SetPage() {
  const { state, change } = useUnknownStudy();
  const candidates = useCandidates(state);
  return (
    <StudyFrame
      title="Unknowns"
      tools={<PrintButton />}
      settings={{
        label: 'The set',
        children: (
          <>
            <CandidateSettings state={state} change={change} candidates={candidates} />
            <SetFile state={state} change={change} />
          </>
        ),
      }}
      answer={{
        label: 'The check',
        children: <SetAnswer state={state} candidates={candidates} />,
      }}
      reasons={{
        label: 'How it is judged',
        children: (
          <>
            <Text fw={600}>How it is judged</Text>
            <Text size="sm">
              Two unknowns are told apart by a test when they are expected to show different things
              in it more often than not; slow and borderline results count for nothing. Reagents
              that are not at hand, and tests that are too dangerous here, are left out under
              “School and limits”.
            </Text>
          </>
        ),
      }}
    />
  );
}

interface SetAnswerProps {
  readonly state: UnknownState;
  readonly candidates: Candidates;
}

/** Whether the set can be told apart, and by which tests. */
function SetAnswer({ state: { kind, missing, mostHazard }, candidates }: SetAnswerProps) {
  const { model } = candidates;
  const { start, value, share, failure, cancel } = useTask('checkSet');
  const can = useMemo(() => {
    const away = new Set(missing);
    return (model?.tests ?? [])
      .map(({ name }) => name)
      .filter((name) => {
        const costs = costsOf(kind, name);
        return (
          (costs?.hazard ?? 1) <= mostHazard &&
          !costs?.reagents.some((reagent) => away.has(reagent))
        );
      });
  }, [model, kind, missing, mostHazard]);
  const count = model?.candidates.length ?? 0;
  return (
    <>
      <UnknownsTabs />
      <TaskProgress
        what="Calculating what each of them shows"
        share={candidates.share}
        cancel={candidates.cancel}
      />
      {model && (
        <>
          <Text mt="sm">
            {count} unknowns, {can.length} tests that can be done.
          </Text>
          {count > mostChecked && (
            <Text mt="xs" role="alert">
              A set to be issued has up to {mostChecked} unknowns. Choose which, under “Compounds it
              may be”, or take classes out.
            </Text>
          )}
          {count < 2 && <Text mt="xs">A set has at least two unknowns.</Text>}
          <Button
            variant="filled"
            mt="sm"
            className="no-print"
            disabled={count < 2 || count > mostChecked}
            onClick={() => void start(model, can)}
          >
            Check the set
          </Button>
        </>
      )}
      <TaskProgress what="Comparing all pairs" share={share} cancel={cancel} />
      <TaskFailure failure={failure} />
      {value && <SetCheck kind={kind} value={value} />}
    </>
  );
}

/** The pairs that look alike, and the tests that tell the others apart. */
function SetCheck({
  kind,
  value,
}: {
  readonly kind: 'organic' | 'inorganic';
  readonly value: SetCheck;
}) {
  const label = (test: string) => testLabel(kind, test);
  return (
    <div data-testid="set-check">
      <Text fw={600} mt="md">
        {value.inseparable.length === 0
          ? 'Every pair can be told apart.'
          : `${value.inseparable.length} ${value.inseparable.length === 1 ? 'pair' : 'pairs'} that no test tells apart`}
      </Text>
      <ul className={classes.plain}>
        {value.inseparable.slice(0, 30).map(([one, other]) => (
          <li key={`${one} ${other}`}>
            <CandidateName kind={kind} name={one} /> and <CandidateName kind={kind} name={other} />
          </li>
        ))}
      </ul>
      <Text fw={600}>
        {value.smallest.smallest ? 'The smallest set of tests' : 'A small set of tests'} that does
        it: {value.smallest.tests.length}
      </Text>
      <ul className={classes.plain}>
        {value.smallest.tests.map((test) => (
          <li key={test}>{label(test)}</li>
        ))}
      </ul>
      <Text>
        One unknown takes {withPlaces(value.expectedTests, 1)} tests on average, chosen one after
        the other.
      </Text>
    </div>
  );
}
