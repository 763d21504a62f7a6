import { Text } from '@mantine/core';
import { LineTable } from '../../shared/parts/LineTable';
import { testLabels } from '@stoichos/core/seeing/rack';
import type { ComparedItem } from '@stoichos/core/seeing/judgement';
import { Mark } from '../../shared/parts/Mark';

/** Expected against seen, item by item; what need not be recorded and is not stands below, in a line. */
export function ComparisonTable({ items }: { items: readonly ComparedItem[] }) {
  const isLeftOpen = ({ outcome, optional }: ComparedItem) => outcome === 'missing' && optional;
  const open = items.filter(isLeftOpen);
  return (
    <>
      <LineTable
        verticalSpacing={6}
        horizontalSpacing={6}
        data-testid="comparison"
        head={['Item', 'Expected', 'Seen', <span className="visually-hidden">Outcome</span>]}
        rows={items
          .filter((one) => !isLeftOpen(one))
          .map(({ item, expected, seen, outcome, note }) => [
            testLabels[item] ?? item,
            expected,
            <>
              {seen ?? '–'}
              {note && <span className="quiet"> ({note})</span>}
            </>,
            <Mark of={outcome} />,
          ])}
      />
      {open.length > 0 && (
        <Text size="sm" className="quiet" mt={4}>
          Could be looked at as well:{' '}
          {open.map(({ item, expected }) => `${testLabels[item] ?? item} (${expected})`).join('; ')}
          .
        </Text>
      )}
    </>
  );
}
