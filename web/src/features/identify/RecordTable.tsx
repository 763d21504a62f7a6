import { ActionIcon, Button, Group, Table, Text, TextInput } from '@mantine/core';
import { testLabel, blankWords } from '@stoichos/core/studies/identify';
import type { Model, UnknownKind } from '@stoichos/core/studies/identify';
import { IconRepeat, IconX } from '@tabler/icons-react';
import { Mark } from '../../shared/parts/Mark';
import type { KeptResult } from '../../shared/unknowns/unknownState';
import { CandidateName } from '../../shared/unknowns/CandidateName';
import classes from '../../shared/unknowns/Unknowns.module.css';

interface RecordTableProps {
  readonly kind: UnknownKind;
  readonly model: Model;
  readonly results: readonly KeptResult[];
  readonly leading: readonly string[];
  readonly onChange: (results: readonly KeptResult[]) => void;
  /** Asks for a test once more. */
  readonly onAgain: (test: string) => void;
}

/** What was done, each test beside its blank and beside what the leading candidates would show. */
export function RecordTable(props: RecordTableProps) {
  const { kind, results, leading, onChange } = props;
  return (
    <section className={classes.record} aria-label="The record">
      <Text fw={600}>The record</Text>
      {results.length === 0 ? (
        <Text size="sm" className="quiet">
          Nothing has been recorded. Tap what the first test shows; the blank is noted with it.
        </Text>
      ) : (
        <Table.ScrollContainer minWidth={420}>
          <Table verticalSpacing={4} horizontalSpacing={6} data-testid="record">
            <Table.Thead>
              <Table.Tr>
                <Table.Th>Test</Table.Th>
                <Table.Th>Seen</Table.Th>
                <Table.Th>Blank</Table.Th>
                {leading.map((candidate, rank) => (
                  <Table.Th key={candidate} className={rank > 0 ? (classes.second ?? '') : ''}>
                    <CandidateName kind={kind} name={candidate} />
                  </Table.Th>
                ))}
              </Table.Tr>
            </Table.Thead>
            <Table.Tbody>
              {results.map((result, at) => (
                <RecordRow key={at} {...props} at={at} {...result} />
              ))}
            </Table.Tbody>
          </Table>
        </Table.ScrollContainer>
      )}
      <Group gap="xs" mt="xs" className="no-print">
        <Button disabled={results.length === 0} onClick={() => onChange([])}>
          A new unknown
        </Button>
      </Group>
    </section>
  );
}

/** A test of the record, and what each of the likeliest would have shown. */
function RecordRow({
  model,
  results,
  leading,
  kind,
  at,
  test,
  note,
  onChange,
  onAgain,
  outcome,
  blank,
}: RecordTableProps & KeptResult & { readonly at: number }) {
  const shownBy = (candidate: string, test: string): string | undefined =>
    model.tests.find(({ name }) => name === test)?.shown[model.candidates.indexOf(candidate)];
  return (
    <Table.Tr>
      <Table.Th scope="row">
        {testLabel(kind, test)}
        <Group gap={0} wrap="nowrap" className={note === '' ? 'no-print' : ''}>
          <TextInput
            size="xs"
            flex={1}
            variant="unstyled"
            placeholder="Note"
            aria-label={`Note on ${testLabel(kind, test)}`}
            maxLength={200}
            value={note}
            onChange={(event) => {
              const text = event.currentTarget.value;
              onChange(results.map((one, index) => (index === at ? { ...one, note: text } : one)));
            }}
          />
          <Group className="no-print" gap={0} wrap="nowrap">
            <ActionIcon
              variant="subtle"
              color="gray"
              aria-label={`Once more ${testLabel(kind, test)}`}
              onClick={() => onAgain(test)}
            >
              <IconRepeat size={20} aria-hidden />
            </ActionIcon>
            <ActionIcon
              variant="subtle"
              color="gray"
              aria-label={`Take back ${testLabel(kind, test)}`}
              onClick={() => onChange(results.filter((_, index) => index !== at))}
            >
              <IconX size={20} aria-hidden />
            </ActionIcon>
          </Group>
        </Group>
      </Table.Th>
      <Table.Td>{outcome}</Table.Td>
      <Table.Td>{blankWords[blank]}</Table.Td>
      {leading.map((candidate, rank) => {
        const expected = shownBy(candidate, test);
        return (
          <Table.Td key={candidate} className={rank > 0 ? (classes.second ?? '') : ''}>
            {expected === undefined ? (
              <Mark of="notPredicted" />
            ) : (
              <>
                {outcome !== 'unsure' && (
                  <Mark of={expected === outcome ? 'agrees' : 'differs'} wordless />
                )}{' '}
                {expected}
              </>
            )}
          </Table.Td>
        );
      })}
    </Table.Tr>
  );
}
