import { LineTable } from '../../shared/parts/LineTable';
import { withPlaces } from '@stoichos/core/common';
import { Table, Text } from '@mantine/core';
import { testInSentence, testLabel } from '@stoichos/core/studies/identify';
import type { UnknownKind } from '@stoichos/core/studies/identify';
import type { RoundReview } from '@stoichos/core/studies/practice';
import { CandidateName } from '../../shared/unknowns/CandidateName';

/** A round looked back upon: what each test gave, what was wasted or needlessly dangerous, a shorter way. */
export function RoundFeedback({
  kind,
  review: { right, tests, shorterPath, probabilityOfTruth },
  truth,
}: {
  kind: UnknownKind;
  review: RoundReview;
  truth: string;
}) {
  return (
    <section aria-label="Looking back" data-testid="feedback">
      <Text role="status" fw={600} size="lg" mt="md">
        {right ? 'Right: it is ' : 'It is '}
        <CandidateName kind={kind} name={truth} />.
      </Text>
      {right && probabilityOfTruth < 0.5 && (
        <Text size="sm">Your results alone did not show it: that was a guess, or luck.</Text>
      )}
      <Table.ScrollContainer minWidth={420}>
        <LineTable
          verticalSpacing="xs"
          head={['Test', 'Written', 'Bits gained', 'Remark']}
          rows={tests.map(({ test, outcome, gainedBits, wasted, saferInstead, misread, blank }) => [
            testLabel(kind, test),
            outcome,
            withPlaces(gainedBits, 1),
            [
              misread !== undefined && `misread: it showed “${misread}”`,
              wasted && 'could tell next to nothing by then',
              saferInstead !== undefined &&
                `${testInSentence(kind, saferInstead)} would have told as much, more safely`,
              blank === 'none' && 'no blank',
            ]
              .filter(Boolean)
              .join('; '),
          ])}
        />
      </Table.ScrollContainer>
      <Text size="sm" mt="xs">
        {shorterPath.length < tests.length
          ? `A shorter way, ${shorterPath.length} ${shorterPath.length === 1 ? 'test' : 'tests'}: `
          : 'The most telling way: '}
        {shorterPath.map((test) => testLabel(kind, test)).join(', then ')}.
      </Text>
    </section>
  );
}
