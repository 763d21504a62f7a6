import { Button, Group, Select, Switch, Text } from '@mantine/core';
import { organicTests, sourceText } from '@stoichos/core/matter/substances';
import {
  costsOf,
  inorganicTests,
  posterior,
  testInSentence,
  testLabel,
} from '@stoichos/core/studies/identify';
import { drawResult, imperfections, reviewRound } from '@stoichos/core/studies/practice';
import type { Model } from '@stoichos/core/studies/identify';
import type { Drawn, RoundReview } from '@stoichos/core/studies/practice';
import { useMemo, useState } from 'react';
import { Chip } from '../../shared/parts/ChipRow';
import { percent } from '../../shared/study/Likelihoods';
import { StudyFrame } from '../../shared/study/StudyFrame';
import { TaskProgress } from '../../shared/parts/TaskProgress';
import { useCandidates } from '../../shared/unknowns/useCandidates';
import { LearnerField } from './LearnerField';
import { useLearner } from './learner';
import { levels } from './levels';
import { PracticeTabs } from './PracticeTabs';
import { RoundFeedback } from './RoundFeedback';
import { Sight } from './Sight';
import classes from './Practice.module.css';

interface Round {
  readonly seed: number;
  readonly truth: string;
}
interface Done extends Drawn {
  readonly test: string;
  /** What the learner wrote, which may be something else than what was to be seen. */
  readonly written: string;
}

/** A virtual bench: an unknown by level, tests with the imperfection of a real bench, an answer, and a look back. */
export function PracticePage() {
  const learner = useLearner();
  const [levelId, setLevelId] = useState(levels[0]?.id ?? '');
  const level = levels.find(({ id }) => id === levelId) ?? levels[0];
  const [round, setRound] = useState<Round>();
  const [done, setDone] = useState<readonly Done[]>([]);
  const [review, setReview] = useState<RoundReview>();
  const candidates = useCandidates(
    useMemo(
      () => ({
        kind: level?.kind ?? 'inorganic',
        own: [],
        listed: level?.kind === 'organic' ? [...level.candidates] : [],
        salts: level?.kind === 'inorganic' ? [...level.candidates] : [],
        classesOut: [],
      }),
      [level],
    ),
  );
  const { model } = candidates;
  const kind = level?.kind ?? 'inorganic';
  const begin = () => {
    if (!model) return;
    const seed = crypto.getRandomValues(new Uint32Array(1))[0] ?? 1;
    setRound({ seed, truth: model.candidates[seed % model.candidates.length] ?? '' });
    setDone([]);
    setReview(undefined);
  };
  const answer = (name: string) => {
    if (!model || !round) return;
    const results = done.map(({ test, written, blank }) => ({
      test,
      outcome: written,
      blank: blank ?? ('none' as const),
    }));
    const found = reviewRound({
      model,
      kind,
      truth: round.truth,
      answer: name,
      results,
      drawn: done.map(({ outcome }) => outcome),
    });
    setReview(found);
    learner.keepRound({
      at: Date.now(),
      level: levelId,
      truth: round.truth,
      right: found.right,
      tests: done.length,
      shortest: found.shorterPath.length,
    });
  };
  const right = learner.rounds.filter((one) => one.right).length;
  return (
    <StudyFrame
      title="Practice"
      settings={{
        label: 'The round',
        children: (
          <>
            <Select
              size="md"
              allowDeselect={false}
              label="Level"
              data={levels.map(({ id, name, kind: of }) => ({
                value: id,
                label: `${name} (${of})`,
              }))}
              value={levelId}
              onChange={(value) => {
                if (!value) return;
                setLevelId(value);
                setRound(undefined);
                setReview(undefined);
                setDone([]);
              }}
            />
            <LearnerField name={learner.name} onChange={learner.setName} />
            <Button mt="md" size="md" fullWidth disabled={!model} onClick={begin}>
              {round ? 'Another unknown' : 'Take an unknown'}
            </Button>
            <Text size="sm" mt="md" data-testid="progress">
              {learner.rounds.length === 0
                ? 'No round yet.'
                : `${right} of ${learner.rounds.length} rounds right.`}
            </Text>
          </>
        ),
      }}
      answer={{
        label: 'The virtual bench',
        children: (
          <>
            <PracticeTabs />
            {candidates.share !== undefined && (
              <TaskProgress
                what="Filling the jars"
                share={candidates.share}
                cancel={candidates.cancel}
              />
            )}
            {!round && (
              <Text mt="sm">
                Take an unknown. Do as few tests as will do, the harmless ones first, each with its
                blank; then say what it is.
              </Text>
            )}
            {model && round && (
              <Bench
                key={round.seed}
                kind={kind}
                model={model}
                round={round}
                done={done}
                ended={review !== undefined}
                onDone={setDone}
              />
            )}
            {model && round && !review && <Answer model={model} onAnswer={answer} />}
            {review && round && <RoundFeedback kind={kind} review={review} truth={round.truth} />}
          </>
        ),
      }}
      reasons={{
        label: 'What to mind',
        children: (
          <>
            <Text fw={600}>What to mind</Text>
            <Text size="sm">
              Tests here are as at a real bench: now and then faint, late or spoilt by the reagent.
              A blank shows what the reagent does by itself; a result that does not go with the rest
              is repeated.
            </Text>
            {model && round && review && (
              <Text size="sm" mt="sm">
                Your results made it {percent(review.probabilityOfTruth)} likely
                {posterior(model, []).length > 0 && ` among ${model.candidates.length}`}.
              </Text>
            )}
            <Text size="sm" className="quiet" mt="sm">
              {sourceText(imperfections.source)}
            </Text>
          </>
        ),
      }}
    />
  );
}

function Bench({
  kind,
  model,
  round,
  done,
  ended,
  onDone,
}: {
  kind: 'organic' | 'inorganic';
  model: Model;
  round: Round;
  done: readonly Done[];
  ended: boolean;
  onDone: (done: readonly Done[]) => void;
}) {
  const [withBlank, setWithBlank] = useState(true);
  const [open, setOpen] = useState<Drawn & { readonly test: string }>();
  const tests = (kind === 'organic' ? organicTests : inorganicTests).filter(({ name }) =>
    model.tests.some((one) => one.name === name),
  );
  const doTest = (test: string) => {
    const repeat = done.filter((one) => one.test === test).length;
    const drawn = drawResult({
      model,
      truth: round.truth,
      test,
      seed: round.seed,
      repeat,
      withBlank,
    });
    setOpen(drawn ? { ...drawn, test } : { test, outcome: '' });
  };
  const write = (written: string) => {
    if (open) onDone([...done, { ...open, written }]);
    setOpen(undefined);
  };
  return (
    <>
      {done.length > 0 && (
        <ol className={classes.notes} data-testid="notes">
          {done.map(({ test, written, blank }, at) => (
            <li key={at}>
              {testLabel(kind, test)}: <strong>{written}</strong>{' '}
              <span className="quiet">
                {blank === 'same'
                  ? '(the blank too)'
                  : blank === 'clean'
                    ? '(blank as it should)'
                    : '(no blank)'}
              </span>
            </li>
          ))}
        </ol>
      )}
      {open && (
        <section className={classes.seen} aria-label="What is to be seen">
          {open.outcome === '' ? (
            <>
              <Text role="status">
                Not predicted: what this jar shows in {testInSentence(kind, open.test)} is outside
                the model. Choose another test.
              </Text>
              <Button size="md" mt="xs" variant="default" onClick={() => setOpen(undefined)}>
                Go on
              </Button>
            </>
          ) : (
            <>
              <Sight kind={kind} model={model} truth={round.truth} seen={open} />
              <Text size="sm" mt="xs">
                Write down what you take it for:
              </Text>
              <Group gap={6} mt={4} role="group" aria-label="Write down">
                {(model.tests.find(({ name }) => name === open.test)?.outcomes ?? []).map((one) => (
                  <Chip key={one} chosen={false} onTap={() => write(one)}>
                    {one}
                  </Chip>
                ))}
                <Chip chosen={false} onTap={() => write('unsure')}>
                  unsure
                </Chip>
              </Group>
            </>
          )}
        </section>
      )}
      {!open && !ended && (
        <>
          <Switch
            mt="sm"
            size="md"
            label="With a blank"
            checked={withBlank}
            onChange={(event) => setWithBlank(event.currentTarget.checked)}
          />
          <Group gap={6} mt="xs" role="group" aria-label="Tests">
            {tests.map(({ name, label }) => (
              <Chip
                key={name}
                chosen={done.some((one) => one.test === name)}
                onTap={() => doTest(name)}
              >
                {label}
                {(costsOf(kind, name)?.hazard ?? 1) > 2 && (
                  <span aria-label="needs hood, flame or more care"> ▲</span>
                )}
              </Chip>
            ))}
          </Group>
        </>
      )}
    </>
  );
}

function Answer({ model, onAnswer }: { model: Model; onAnswer: (name: string) => void }) {
  const [name, setName] = useState<string | null>(null);
  return (
    <Group align="end" mt="md" className={classes.answer}>
      <Select
        size="md"
        searchable
        label="It is"
        data={[...model.candidates]}
        value={name}
        onChange={setName}
        limit={60}
        style={{ flex: 1 }}
      />
      <Button size="md" disabled={name === null} onClick={() => name !== null && onAnswer(name)}>
        Answer
      </Button>
    </Group>
  );
}
