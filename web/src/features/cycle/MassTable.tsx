import { LineTable } from '../../shared/parts/LineTable';
import { Text } from '@mantine/core';
import type { Ring, RingMass } from '@stoichos/core/studies/cycle';
import { NumberField } from '../../shared/parts/NumberField';
import { Formula } from '../../shared/chemistry/Formula';
import study from '../../shared/study/Study.module.css';
import { atMostFigures } from '@stoichos/core/common';

const percent = (share: number | undefined): string =>
  share === undefined ? '' : `${atMostFigures(100 * share, 3)} %`;

interface MassTableProps {
  readonly ring: Ring;
  readonly masses: readonly RingMass[];
  readonly weighed: readonly (number | '')[];
  readonly onWeigh: (at: number, value: number | '') => void;
}

/** At most, as weighed, and the yields, compound by compound. */
export function MassTable({ ring, masses, weighed, onWeigh }: MassTableProps) {
  return (
    <div className={study.scroll}>
      <LineTable
        className={study.lines}
        data-testid="ring-masses"
        head={['After arrow', 'At most', 'Weighed, g', 'Step', 'So far']}
        rows={masses.map(({ formula, mostG, stepYield, yieldSoFar, words }, at) => [
          <>
            {at + 1} <Formula text={formula} />
            {words && (
              <Text size="sm" role="alert">
                {words}
              </Text>
            )}
          </>,
          <>{atMostFigures(mostG, 3)} g</>,
          <NumberField
            w="5.2rem"
            hideControls
            decimalScale={4}
            aria-label={`Weighed after arrow ${at + 1} of ${ring.arcs.length}, g`}
            value={weighed[at] ?? ''}
            onChange={(next) => onWeigh(at, next)}
          />,
          percent(stepYield),
          percent(yieldSoFar),
        ])}
      />
    </div>
  );
}
