import { Candidates } from './Candidates';
import { Text } from '@mantine/core';
import { posteriorByClass } from '@stoichos/core/studies/identify';
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
import { useUnknownStudy } from '../../shared/unknowns/unknownState';
import { useFound } from './useFound';

/** What an unknown is: the next test, what was seen beside its blank, and what is left of the candidates. */
export function IdentifyPage() {
  const { state, change } = useUnknownStudy();
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
