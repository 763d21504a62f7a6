import { Candidates } from './Candidates';
import { Text } from '@mantine/core';
import {
  conclude,
  contradictions,
  heldBack,
  isPoint,
  nextInOrder,
  posterior,
  posteriorByClass,
  rankTests,
} from '@stoichos/core/studies/identify';
import type { RankedTest, TestLimits, UnknownSchool, Model } from '@stoichos/core/studies/identify';
import { useMemo } from 'react';
import { useSettings } from '../../data/settings/useSettings';
import { PrintButton } from '../../shared/parts/PrintButton';
import { StudyFrame } from '../../shared/study/StudyFrame';
import { TaskFailure } from '../../shared/parts/TaskFailure';
import { TaskProgress } from '../../shared/parts/TaskProgress';
import { CandidateSettings } from '../../shared/unknowns/CandidateSettings';
import { MayBe } from './MayBe';
import { ReasoningFlow } from './ReasoningFlow';
import { UnknownsTabs } from './UnknownsTabs';
import { useCandidates } from '../../shared/unknowns/useCandidates';
import { useUnknownState } from '../../shared/unknowns/unknownState';
import type { UnknownState } from '../../shared/unknowns/unknownState';
import type { UnknownResult } from '@stoichos/core/labday';

/** What the results say so far. */
export function useFound({
  state,
  model,
  results,
  kind,
  school,
}: {
  readonly state: UnknownState;
  readonly model: Model | undefined;
  readonly results: UnknownResult[];
  readonly kind: 'organic' | 'inorganic';
  readonly school: 'solubilityFirst' | 'mostInformative';
}) {
  const limits = useMemo(() => limitsOf(state), [state]);
  const found = useMemo(
    () =>
      model && {
        all: posterior(model, results),
        conclusion: conclude(model, results),
        against: contradictions(model, results),
        ranked: ordered(
          rankTests(model, results, { kind, school, ...limits }),
          state.rankBy,
          school,
        ),
        held: heldBack(model, results, { kind, school, ...limits }),
        fixed: nextInOrder(kind, model, results),
      },
    [model, results, kind, school, limits, state],
  );
  return found;
}

/** What an unknown is: the next test, what was seen beside its blank, and what is left of the candidates. */
export function IdentifyPage() {
  const { state, change } = useUnknownState();
  const settings = useSettings();
  const { kind } = state;
  const school = state.school === 'asSet' ? settings.unknowns : state.school;
  const candidates = useCandidates(state);
  const { model, classOf } = candidates;
  const results = state.results[kind];
  const found = useFound({ state, model, results, kind, school });
  return (
    <StudyFrame
      title={state.label.trim() === '' ? 'Unknowns' : `Unknown ${state.label.trim()}`}
      tools={<PrintButton />}
      settings={{
        label: 'What it may be',
        children: (
          <CandidateSettings state={state} change={change} candidates={candidates} oneJar />
        ),
      }}
      answer={{
        label: 'The next test',
        children: (
          <>
            <UnknownsTabs />
            <TaskProgress
              what="Calculating what each of them shows"
              share={candidates.share}
              cancel={candidates.cancel}
            />
            <TaskFailure failure={candidates.failure} />
            {model?.candidates.length === 0 && (
              <Text role="alert" mt="sm">
                Nothing is left that it could be. Name candidates, or take fewer classes out.
              </Text>
            )}
            {model && found && model.candidates.length > 0 && (
              <Candidates
                state={state}
                kind={kind}
                change={change}
                model={model}
                results={results}
                school={school}
                found={found}
              />
            )}
          </>
        ),
      }}
      reasons={{
        label: 'What is left',
        children: model && found && (
          <>
            <MayBe
              kind={kind}
              all={found.all}
              classes={posteriorByClass(found.all, classOf)}
              conclusion={found.conclusion}
              compounds={candidates.compounds}
              classOf={classOf}
            />
            <ReasoningFlow kind={kind} model={model} results={results} />
          </>
        ),
      }}
    />
  );
}

function limitsOf({ sampleMg, minutes, mostHazard, missing }: UnknownState): TestLimits {
  const away = new Set(missing);
  return {
    ...(sampleMg !== '' && { sampleMg }),
    ...(minutes !== '' && { minutes }),
    mostHazard,
    hasReagent: (reagent) => !away.has(reagent),
  };
}

function ordered(
  tests: RankedTest[],
  rankBy: UnknownState['rankBy'],
  school: UnknownSchool,
): RankedTest[] {
  const worth = (test: RankedTest): number =>
    rankBy === 'perMinute'
      ? test.bitsPerMinute
      : rankBy === 'perHazard'
        ? test.bitsPerHazard
        : rankBy === 'twoAhead'
          ? (test.bitsWithNext ?? test.bits)
          : test.bits;
  const [first, ...rest] = tests;
  const keepsFirst = school === 'solubilityFirst' && first;
  const sorted = (keepsFirst ? rest : tests).toSorted(
    (one, other) =>
      Number(isPoint(one.test)) - Number(isPoint(other.test)) || worth(other) - worth(one),
  );
  return keepsFirst ? [first, ...sorted] : sorted;
}
