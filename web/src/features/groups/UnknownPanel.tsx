import { proseTold } from '@stoichos/core/common';
import { ActionIcon, Autocomplete, Box, Button, Group, Select, Text, Title } from '@mantine/core';
import { unknownResultSchema } from '@stoichos/core/labday/access';
import {
  issuedAnions,
  issuedCations,
  issuedSalts,
  organicTests,
} from '@stoichos/core/matter/substances';
import {
  blankWords,
  compoundNames,
  inorganicTests,
  testLabel,
  toldOutcomes,
  unsure,
} from '@stoichos/core/studies/identify';
import type { GroupView } from '@stoichos/core/labday/access';
import { IconX } from '@tabler/icons-react';
import { useState } from 'react';
import * as z from 'zod';
import { byAnyName } from '../../shared/chemistry/byAnyName';
import { clockTime } from '../../shared/parts/dates';
import { useHandInMutation } from '../../data/api/api';
import { explainError } from '../../data/api/explainError';
import { Chip } from '../../shared/parts/ChipRow';
import { useKept } from '../../data/kept/useKept';
import { BlankChoice } from '../../shared/unknowns/BlankChoice';
import type { Blank } from '../../shared/unknowns/BlankChoice';

/** Whether something is to stand beside a test; a look at the sample has no blank. */
const wantsBlank = ({ blank }: { readonly blank: string }): boolean => blank !== 'none needed';

const resultsSchema = z.array(unknownResultSchema);

/** A bench’s own unknown: tests beside their blanks, and what it takes it for. What is not handed in stays on the tablet. */
export function UnknownPanel({ view }: { view: GroupView }) {
  const { unknown } = view;
  if (!unknown) return null;
  return <OneUnknown key={unknown.code} dayId={view.day.id} unknown={unknown} />;
}

interface OneUnknownProps {
  readonly dayId: string;
  readonly unknown: NonNullable<GroupView['unknown']>;
}

/** The tests of a bench’s own unknown so far, and the one it is at. */
function useOwnUnknown({ dayId, unknown: { code, kind, answer } }: OneUnknownProps) {
  const [results, setResults] = useKept(
    `stoichos.unknown.${dayId}.${code}`,
    resultsSchema,
    answer?.results ?? [],
  );
  const [test, setTest] = useState<string | null>(null);
  const tests: readonly OneTest[] = kind === 'organic' ? organicTests : inorganicTests;
  return { kind, answer, tests, results, setResults, test, setTest };
}
type OwnUnknown = ReturnType<typeof useOwnUnknown>;

function OneUnknown(props: OneUnknownProps) {
  const own = useOwnUnknown(props);
  const { tests, test, setTest, results, answer } = own;
  const row = tests.find((one) => one.name === test);
  return (
    <Box component="section" id="unknown" className="card" aria-label="Your unknown" mt="md">
      <Title>Your unknown: {props.unknown.code}</Title>
      {results.length > 0 && <UnknownRecord {...own} />}
      <Select
        size="lg"
        searchable
        filter={byAnyName}
        label="A test"
        placeholder="choose what you do"
        data={tests.map(({ name: value, label }) => ({ value, label }))}
        value={test}
        onChange={setTest}
      />
      {row && <Outcomes {...own} row={row} />}
      <AnswerForm {...own} />
      {answer && (
        <Text role="status" mt="xs" data-testid="handed-in">
          Handed in at {clockTime(answer.sentAt)}: {answer.answer}
        </Text>
      )}
    </Box>
  );
}

/** The answer that is handed in. */
function AnswerForm({ kind, results, answer }: OwnUnknown) {
  const [name, setName] = useState(answer?.answer ?? '');
  const [handIn, { error, isLoading }] = useHandInMutation();
  const names =
    kind === 'organic'
      ? compoundNames
      : [...issuedSalts.formulae, ...issuedCations, ...issuedAnions];
  return (
    <>
      <Group align="end" mt="lg">
        <Autocomplete
          size="lg"
          label="It is"
          description={
            kind === 'inorganic' ? 'Parts of a mixture with “ + ” between them' : undefined
          }
          data={[...names]}
          limit={8}
          maxLength={120}
          value={name}
          onChange={setName}
          flex={1}
        />
        <Button
          variant="filled"
          size="lg"
          loading={isLoading}
          disabled={name.trim() === ''}
          onClick={() => void handIn({ id: crypto.randomUUID(), answer: name.trim(), results })}
        >
          Hand in
        </Button>
      </Group>
      {error && (
        <Text role="alert" mt="xs">
          {explainError(error).message} What you wrote stays here; hand it in again.
        </Text>
      )}
    </>
  );
}

/** What can be seen in a test, a tap each. */
function Outcomes({
  kind,
  test,
  setResults,
  results,
  setTest,
  row,
}: OwnUnknown & { readonly row: OneTest }) {
  const [blank, setBlank] = useState<Blank>('none');
  const record = (outcome: string) => {
    if (test === null) return;
    setResults([...results, { test, outcome, blank, note: '' }]);
    setTest(null);
    setBlank('none');
  };
  return (
    <>
      <Text mt="xs">{proseTold(row.how)}</Text>
      {'caution' in row && row.caution && (
        <Text mt={4}>
          <strong>Caution.</strong> {row.caution}
        </Text>
      )}
      {wantsBlank(row) && (
        <BlankChoice
          value={blank}
          onChange={setBlank}
          what={`The blank beside it (${row.blank})`}
        />
      )}
      <Group gap={8} mt="sm" role="group" aria-label="What you saw">
        {[...toldOutcomes(kind, row.name), unsure].map((outcome) => (
          <Chip key={outcome} chosen={false} onTap={() => record(outcome)}>
            {outcome}
          </Chip>
        ))}
      </Group>
    </>
  );
}

/** A test that one can do on an unknown of either kind. */
type OneTest = (typeof organicTests)[number] | (typeof inorganicTests)[number];

/** What was tested and seen so far. */
function UnknownRecord({ kind, tests, setResults, results }: OwnUnknown) {
  return (
    <ol data-testid="unknown-record">
      {results.map(({ test: done, outcome, blank: beside }, at) => (
        <li key={at}>
          <Group gap="xs" wrap="nowrap" justify="space-between">
            <span>
              {testLabel(kind, done)}: <strong>{outcome}</strong>
              {tests.some((one) => one.name === done && wantsBlank(one)) && (
                <span className="quiet"> blank {blankWords[beside]}</span>
              )}
            </span>
            <ActionIcon
              variant="subtle"
              color="gray"
              aria-label={`Take back ${testLabel(kind, done)}`}
              onClick={() => setResults(results.filter((_, index) => index !== at))}
            >
              <IconX size={20} aria-hidden />
            </ActionIcon>
          </Group>
        </li>
      ))}
    </ol>
  );
}
