import { Button, Select, Text } from '@mantine/core';
import { posterior } from '@stoichos/core/studies/identify';
import { imperfections, reviewRound } from '@stoichos/core/studies/practice';
import type { RoundReview } from '@stoichos/core/studies/practice';
import { useMemo, useState } from 'react';
import { percent } from '../../shared/study/Likelihoods';
import { StudyFrame } from '../../shared/study/StudyFrame';
import { TaskProgress } from '../../shared/parts/TaskProgress';
import { useCandidates } from '../../shared/unknowns/useCandidates';
import { LearnerField } from './LearnerField';
import { useLearner } from './learner';
import { levels } from './levels';
import { PracticeTabs } from './PracticeTabs';
import { RoundFeedback } from './RoundFeedback';
import { Bench, Answer } from './PracticeBench';
import type { Round, Done } from './PracticeBench';
import { Cited } from '../../shared/parts/Cited';

/** The round at the virtual bench: its level and jar, what was done with it, and the look back. */
function usePractice() {
  const learner = useLearner();
  const [levelId, setLevelId] = useState(levels[0]?.id ?? '');
  const level = levels.find(({ id }) => id === levelId) ?? levels[0];
  const kind = level?.kind ?? 'inorganic';
  const [round, setRound] = useState<Round>();
  const [done, setDone] = useState<readonly Done[]>([]);
  const [review, setReview] = useState<RoundReview>();
  const candidates = useCandidates(
    useMemo(
      () => ({
        kind,
        own: [],
        listed: kind === 'organic' ? [...(level?.candidates ?? [])] : [],
        salts: kind === 'inorganic' ? [...(level?.candidates ?? [])] : [],
        classesOut: [],
      }),
      [kind, level],
    ),
  );
  const { model } = candidates;
  const lay = (next: Round | undefined) => {
    setRound(next);
    setDone([]);
    setReview(undefined);
  };
  return {
    learner,
    levelId,
    kind,
    round,
    done,
    setDone,
    review,
    candidates,
    model,
    choose: (id: string) => {
      setLevelId(id);
      lay(undefined);
    },
    begin: () => {
      if (!model) return;
      const seed = crypto.getRandomValues(new Uint32Array(1))[0] ?? 1;
      lay({ seed, truth: model.candidates[seed % model.candidates.length] ?? '' });
    },
    answer: (name: string) => {
      if (!model || !round) return;
      const found = reviewRound({
        model,
        kind,
        truth: round.truth,
        answer: name,
        results: done.map(({ test, written, blank }) => ({
          test,
          outcome: written,
          blank: blank ?? ('none' as const),
        })),
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
    },
  };
}

type Practice = ReturnType<typeof usePractice>;

/** A virtual bench: an unknown by level, tests with the imperfection of a real bench, an answer, and a look back. */
export function PracticePage() {
  const practice = usePractice();
  const { model, round, review } = practice;
  return (
    <StudyFrame
      title="Practice"
      settings={{ label: 'The round', children: <LevelSettings {...practice} /> }}
      answer={{ label: 'The virtual bench', children: <RoundAnswer {...practice} /> }}
      reasons={{
        label: 'Cautions',
        children: (
          <>
            <Text fw={600}>Cautions</Text>
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
              <Cited source={imperfections.source} />
            </Text>
          </>
        ),
      }}
    />
  );
}

/** The bench of the round, or how to begin one. */
function RoundAnswer({ kind, candidates, model, round, done, setDone, review, answer }: Practice) {
  return (
    <>
      <PracticeTabs />
      <TaskProgress what="Filling the jars" share={candidates.share} cancel={candidates.cancel} />
      {!round && (
        <Text mt="sm">
          Take an unknown. Do as few tests as will do, the harmless ones first, each with its blank;
          then say what it is.
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
  );
}

/** The level, and how the rounds went. */
function LevelSettings({ levelId, model, round, learner, choose, begin }: Practice) {
  const right = learner.rounds.filter((one) => one.right).length;
  return (
    <>
      <Select
        label="Level"
        data={levels.map(({ id, name, kind: of }) => ({
          value: id,
          label: `${name} (${of})`,
        }))}
        value={levelId}
        onChange={(value) => value && choose(value)}
      />
      <LearnerField name={learner.name} onChange={learner.setName} />
      <Button variant="filled" mt="md" fullWidth disabled={!model} onClick={begin}>
        {round ? 'Another unknown' : 'Take an unknown'}
      </Button>
      <Text size="sm" mt="md" data-testid="progress">
        {learner.rounds.length === 0
          ? 'No round yet.'
          : `${right} of ${learner.rounds.length} rounds right.`}
      </Text>
    </>
  );
}
