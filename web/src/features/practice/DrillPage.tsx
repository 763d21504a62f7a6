import { Button, Group, Select, Text } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import { answered, drillKinds, nextQuestion } from '@stoichos/core/studies/practice';
import type { DrillKind, Drill } from '@stoichos/core/studies/practice';
import { useEffect, useState } from 'react';
import { Chip } from '../../shared/parts/ChipRow';
import { Formula } from '../../shared/chemistry/Formula';
import { StudyFrame } from '../../shared/study/StudyFrame';
import { TaskFailure } from '../../shared/parts/TaskFailure';
import { TaskProgress } from '../../shared/parts/TaskProgress';
import { useTask } from '../../data/worker/useTask';
import { LearnerField } from './LearnerField';
import { useLearner } from './learner';
import { PracticeTabs } from './PracticeTabs';
import classes from './Practice.module.css';

const timeNow = (): number => Date.now();

/** The questions of a drill: which is asked, what was answered, what comes next. */
function useDrill() {
  const learner = useLearner();
  const [kind, setKind] = useState<DrillKind>('gasTests');
  const { start, value, share, cancel, failure } = useTask('drills');
  const [askedId, setAskedId] = useState<string>();
  const [given, setGiven] = useState<string>();
  const [now, setNow] = useState(timeNow);
  useEffect(() => {
    void start(kind);
  }, [kind, start]);
  const ids = (value ?? []).map(({ id }) => id);
  const currentId =
    askedId !== undefined && ids.includes(askedId)
      ? askedId
      : nextQuestion(ids, learner.drills, now);
  const drill = value?.find(({ id }) => id === currentId);
  const choose = (choice: string | undefined) => {
    if (!drill || choice === undefined || given !== undefined) return;
    setAskedId(drill.id);
    setGiven(choice);
    learner.keepDrill(
      drill.id,
      answered(learner.drills[drill.id], choice === drill.answer, timeNow()),
    );
  };
  const next = () => {
    const at = timeNow();
    setNow(at);
    setAskedId(nextQuestion(ids, learner.drills, at, currentId));
    setGiven(undefined);
  };
  useHotkeys([
    ...[1, 2, 3, 4].map((key): [string, () => void] => [
      String(key),
      () => choose(drill?.choices[key - 1]),
    ]),
    ['enter', () => given !== undefined && next()],
  ]);
  const known = ids.filter((id) => (learner.drills[id]?.box ?? 0) > 1).length;
  const missed = ids.filter((id) => {
    const one = learner.drills[id];
    return one !== undefined && one.box === 0;
  }).length;
  return {
    kind,
    setKind,
    setAskedId,
    setGiven,
    learner,
    ids,
    known,
    missed,
    share,
    cancel,
    failure,
    drill,
    given,
    choose,
    next,
  };
}

/** Questions by kind; what was missed comes back sooner. Works by keyboard alone. */
export function DrillPage() {
  const {
    kind,
    setKind,
    setAskedId,
    setGiven,
    learner,
    ids,
    known,
    missed,
    share,
    cancel,
    failure,
    drill,
    given,
    choose,
    next,
  } = useDrill();
  return (
    <StudyFrame
      title="Practice"
      settings={{
        label: 'The drill',
        children: (
          <>
            <Select
              label="Drill"
              data={Object.entries(drillKinds).map(([id, label]) => ({ value: id, label }))}
              value={kind}
              onChange={(picked) => {
                if (!picked) return;
                setKind(picked as DrillKind);
                setAskedId(undefined);
                setGiven(undefined);
              }}
            />
            <LearnerField name={learner.name} onChange={learner.setName} />
            <Text size="sm" mt="md" data-testid="progress">
              {ids.length} questions, {known} known, {missed} missed last time.
            </Text>
          </>
        ),
      }}
      answer={{
        label: 'The question',
        children: (
          <>
            <PracticeTabs />
            <TaskProgress what="Making the questions" share={share} cancel={cancel} />
            <TaskFailure failure={failure} />
            {drill && <DrillQuestion drill={drill} given={given} choose={choose} next={next} />}
          </>
        ),
      }}
      reasons={{
        label: 'How it goes',
        children: (
          <Text size="sm">
            Keys 1 to 4 answer, Enter goes on. What was missed comes back within minutes; what was
            known comes back after a day, three days, a week, three weeks.
          </Text>
        ),
      }}
    />
  );
}

interface DrillQuestionProps {
  readonly drill: Drill;
  readonly given: string | undefined;
  readonly choose: (choice: string | undefined) => void;
  readonly next: () => void;
}

/** The question, its answers, and whether it was right. */
function DrillQuestion({ drill, given, choose, next }: DrillQuestionProps) {
  return (
    <>
      <Text size="xl" mt="md" data-testid="question">
        <Formula text={drill.prompt} wrap />
      </Text>
      {drill.swatchHex && (
        <div
          className={classes.swatch}
          style={{ background: drill.swatchHex }}
          role="img"
          aria-label="A colour to name"
        />
      )}
      <Group gap="sm" mt="md" role="group" aria-label="Answers">
        {drill.choices.map((choice, at) => (
          <Chip
            key={choice}
            chosen={given === choice}
            hotkey={String(at + 1)}
            onTap={() => choose(choice)}
          >
            <Formula text={choice} />
          </Chip>
        ))}
      </Group>
      {given !== undefined && (
        <>
          <Text role="status" mt="md" fw={600}>
            {given === drill.answer ? 'Right.' : `No: ${drill.answer}.`}
          </Text>
          <Text>
            <Formula text={drill.why} wrap />
          </Text>
          <Button variant="filled" mt="sm" onClick={next}>
            Next question
          </Button>
        </>
      )}
    </>
  );
}
