import tests from '../../shared/unknowns/Unknowns.module.css';
import { Button, Group, Text } from '@mantine/core';
import { plainFormula } from '@stoichos/core/matter/formula';
import { testWords } from '@stoichos/core/seeing/observation';
import {
  gasName,
  gasModel,
  isFlameTest,
  safestFirst,
  unknownGasTestWords,
} from '@stoichos/core/studies/gas';
import { contradictions, nextTests, noneOfThese, posterior } from '@stoichos/core/studies/identify';
import type { GasOutcomes } from '@stoichos/core/studies/gas';
import type { Posterior } from '@stoichos/core/studies/identify';
import { useEffect, useMemo, useState } from 'react';
import * as z from 'zod';
import { Chip } from '../../shared/parts/ChipRow';
import { percent } from '../../shared/study/Likelihoods';
import { useKept } from '../../data/kept/useKept';
import { TaskFailure } from '../../shared/parts/TaskFailure';
import { TaskProgress } from '../../shared/parts/TaskProgress';
import { useTask } from '../../data/worker/useTask';
import classes from './Gases.module.css';
import { GasFrame } from './GasFrame';
import { withPlaces } from '@stoichos/core/common';
import type { Dispatch, SetStateAction } from 'react';
import { GasReasons, gasText } from './GasReasons';

const resultsSchema = z.array(z.object({ test: z.string(), outcome: z.string() }));
type GasResults = z.output<typeof resultsSchema>;

/** What every gas shows is the same all the while the page is open: it is computed once. */
let known: GasOutcomes | undefined;

const testName = (test: string): string => {
  const words = unknownGasTestWords[test] ?? testWords[test] ?? test;
  return words.charAt(0).toUpperCase() + words.slice(1);
};
/** Which gas it is: each test narrows it down, and the next one is the one that tells most. */
export function UnknownGasPage() {
  const [results, setResults] = useKept('stoichos.unknownGas', resultsSchema, []);
  const [outcomes, setOutcomes] = useState<GasOutcomes | undefined>(() => known);
  const { start, failure, share, cancel } = useTask('gasOutcomes');
  useEffect(() => {
    if (known) return;
    void start().then((found) => {
      known = found;
      setOutcomes(found);
    });
  }, [start]);
  const model = useMemo(() => outcomes && gasModel(outcomes), [outcomes]);
  const found = useMemo(() => model && posterior(model, results), [model, results]);
  const next = useMemo(() => model && safestFirst(nextTests(model, results)), [model, results]);
  const [leading] = found ?? [];
  const against =
    model && leading && leading.candidate !== noneOfThese
      ? contradictions(model, results, leading.candidate)
      : [];
  return (
    <GasFrame
      settings={{
        label: 'What was seen',
        children: <UnknownGasSettings results={results} setResults={setResults} />,
      }}
      answer={{
        label: 'The next test',
        children: (
          <>
            {!model && share !== undefined && (
              <TaskProgress what="Calculating what every gas shows" share={share} cancel={cancel} />
            )}
            <TaskFailure failure={failure} />
            {leading && (
              <Text role="status" fw={600} size="lg" mt="sm" data-testid="leading">
                {results.length === 0 ? 'Any of them' : conclusion(found ?? [])}
              </Text>
            )}
            {against.map(({ test, outcome, expected }) => (
              <Text key={test} role="alert" size="sm" mt="xs">
                {testName(test)}: {outcome}, where {gasName(leading?.candidate ?? '')} {expected}.
                Repeat it with a fresh tube before believing it.
              </Text>
            ))}
            {next?.length === 0 && (
              <Text mt="sm">
                No test that is left tells more. Prove it by its own test once again.
              </Text>
            )}
            {next?.map(({ test, bits, splits }, at) => (
              <GasTest
                key={test}
                setResults={setResults}
                test={test}
                at={at}
                bits={bits}
                splits={splits}
              />
            ))}
          </>
        ),
      }}
      reasons={{
        label: 'What it may be',
        children: <GasReasons found={found} />,
      }}
    />
  );
}

interface GasTestProps {
  readonly setResults: Dispatch<SetStateAction<GasResults>>;
  readonly test: string;
  readonly at: number;
  readonly bits: number;
  readonly splits: readonly { readonly outcome: string; readonly candidates: readonly string[] }[];
}

/** One test with what may be seen, and what it would tell. */
function GasTest({ setResults, test, at, bits, splits }: GasTestProps) {
  const record = (test: string, outcome: string) =>
    setResults((before) => [
      ...before.filter((one) => one.test !== test),
      ...(before.some((one) => one.test === test && one.outcome === outcome)
        ? []
        : [{ test, outcome }]),
    ]);
  return (
    <section className={tests.test} aria-label={testName(test)}>
      <div className={tests.testHead}>
        <Text fw={600}>
          {testName(test)}
          {at === 0 && ' — tells most'}
          {isFlameTest(test) && ' — after the papers'}
        </Text>
        <span className="quiet">{withPlaces(bits, 2)} bits</span>
      </div>
      <Group gap={6} mt={6} role="group" aria-label={`Seen: ${testName(test)}`}>
        {splits.map(({ outcome }) => (
          <Chip key={outcome} chosen={false} onTap={() => record(test, outcome)}>
            {outcome}
          </Chip>
        ))}
      </Group>
      {at === 0 && (
        <ul className={classes.plain}>
          {splits.map(({ outcome, candidates }) => (
            <li key={outcome}>
              {outcome}: {candidates.map((one) => plainFormula(one)).join(', ')}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

/** Which gases it may be, and what is at hand. */
function UnknownGasSettings({
  results,
  setResults,
}: {
  readonly results: GasResults;
  readonly setResults: Dispatch<SetStateAction<GasResults>>;
}) {
  return (
    <>
      <Text fw={600}>Seen so far</Text>
      {results.length === 0 && (
        <Text size="sm" className="quiet">
          Nothing yet. Begin with the test that tells most.
        </Text>
      )}
      <ol className={classes.plain} data-testid="results">
        {results.map(({ test, outcome }) => (
          <li key={test}>
            {testName(test)}: {outcome}
          </li>
        ))}
      </ol>
      <Group gap="xs" className="no-print">
        <Button disabled={results.length === 0} onClick={() => setResults(results.slice(0, -1))}>
          Undo
        </Button>
        <Button disabled={results.length === 0} onClick={() => setResults([])}>
          A new gas
        </Button>
      </Group>
      <Text size="sm" mt="md">
        An unknown gas is taken for toxic and for flammable until it is known: small tubes, in the
        hood, papers before flames, and nobody smells at it.
      </Text>
    </>
  );
}

/** Candidates this near the likeliest are named with it. */
const nearShare = 0.3;

/** What is left, in a sentence: one gas, a few, or nearly all. */
function conclusion(found: readonly Posterior[]): string {
  const [leading] = found;
  if (!leading) return '';
  if (leading.probability > 0.9)
    return leading.candidate === noneOfThese
      ? 'None of these gases shows what was seen'
      : `It is ${gasText(leading.candidate)}, ${percent(leading.probability)}`;
  const near = found.filter(({ probability }) => probability > nearShare * leading.probability);
  const gases = near.filter(({ candidate }) => candidate !== noneOfThese);
  if (gases.length > 6) return `Still one of ${gases.length}`;
  return `One of: ${gases.map(({ candidate }) => gasText(candidate)).join('; ')}`;
}
