import { LineTable } from '../../shared/parts/LineTable';
import { testLabels } from '@stoichos/core/seeing/rack';
import type { ComparedItem } from '@stoichos/core/seeing/judgement';
import { Mark } from '../../shared/parts/Mark';

/** Expected against seen, item by item. */
export function ComparisonTable({ items }: { items: readonly ComparedItem[] }) {
  return (
    <LineTable
      verticalSpacing={6}
      horizontalSpacing={6}
      data-testid="comparison"
      head={['Item', 'Expected', 'Seen', <span className="visually-hidden">Outcome</span>]}
      rows={items.map(({ item, expected, seen, outcome, note }) => [
        testLabels[item] ?? item,
        expected,
        <>
          {seen ?? '–'}
          {note && <span className="quiet"> ({note})</span>}
        </>,
        <Mark of={outcome} />,
      ])}
    />
  );
}
