import { Button, Text } from '@mantine/core';
import { noneOfThese, testLabel } from '@stoichos/core/studies/identify';
import type { Model, Conclusion } from '@stoichos/core/studies/identify';
import { useState } from 'react';
import { percent } from '../../shared/study/Likelihoods';
import { CandidateName } from '../../shared/unknowns/CandidateName';
import { NextTests } from './NextTests';
import { RecordTable } from './RecordTable';
import { SchoolNote } from './SchoolNote';
import type { KeptResult, UnknownState } from '../../shared/unknowns/unknownState';
import type { UnknownResult } from '@stoichos/core/labday/access';
import type { useFound } from './useFound';

interface CandidatesProps {
  readonly state: UnknownState;
  readonly kind: 'organic' | 'inorganic';
  readonly change: (part: Partial<UnknownState>) => void;
  readonly model: Model;
  readonly results: UnknownResult[];
  readonly school: 'solubilityFirst' | 'mostInformative';
  readonly found: NonNullable<ReturnType<typeof useFound>>;
}

/** How likely each candidate is, what to test next, and the record. */
export function Candidates({
  state,
  kind,
  change,
  model,
  results,
  school,
  found,
}: CandidatesProps) {
  const [again, setAgain] = useState<string>();
  const setResults = (next: readonly KeptResult[]) =>
    change({ results: { ...state.results, [kind]: [...next] } });
  return (
    <>
      <Text role="status" fw={600} size="lg" mt="sm" data-testid="conclusion">
        <CandidateName
          kind={kind}
          name={concluded(found.conclusion, results.length, model.candidates.length)}
        />
      </Text>
      {found.against.map(({ test, outcome, expected, likelyWrong }, at) => (
        <Text key={at} role="alert" size="sm" mt="xs">
          {testLabel(kind, test)} showed “{outcome}”, where “{expected}” is expected of what the
          rest points to. That it is wrong is {percent(likelyWrong)} likely: repeat it with more
          sample and a fresh blank before believing it.{' '}
          <Button size="compact-md" className="no-print" onClick={() => setAgain(test)}>
            Repeat it
          </Button>
        </Text>
      ))}
      <SchoolNote
        kind={kind}
        school={school}
        ranked={found.ranked}
        fixed={found.fixed}
        change={change}
      />
      <NextTests
        kind={kind}
        ranked={found.ranked}
        held={found.held}
        model={model}
        again={again}
        onRecord={(result) => {
          setAgain(undefined);
          setResults([...results, result]);
        }}
      >
        <RecordTable
          kind={kind}
          model={model}
          results={results}
          leading={found.all
            .filter(({ candidate }) => candidate !== noneOfThese)
            .slice(0, 2)
            .map(({ candidate }) => candidate)}
          onChange={setResults}
          onAgain={setAgain}
        />
      </NextTests>
    </>
  );
}

function concluded(
  { kind, candidates, probability }: Conclusion,
  done: number,
  all: number,
): string {
  if (done === 0) return `Any of ${all}`;
  if (kind === 'noneOfThese') return 'None of them shows what was seen';
  if (kind === 'identified') return `It is ${candidates[0] ?? ''}, ${percent(probability)}`;
  if (candidates.length === 1) return `Probably ${candidates[0] ?? ''}, ${percent(probability)}`;
  if (candidates.length > 6) return `Still ${candidates.length} of ${all} in question`;
  return `One of: ${candidates.join('; ')}`;
}
