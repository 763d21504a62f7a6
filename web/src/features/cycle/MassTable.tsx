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
      <table className={study.lines} data-testid="ring-masses">
        <thead>
          <tr>
            <th scope="col">After arrow</th>
            <th scope="col">At most</th>
            <th scope="col">Weighed, g</th>
            <th scope="col">Step</th>
            <th scope="col">So far</th>
          </tr>
        </thead>
        <tbody>
          {masses.map(({ formula, mostG, stepYield, yieldSoFar, words }, at) => (
            <tr key={`${formula} ${at}`}>
              <th scope="row">
                {at + 1} <Formula text={formula} />
                {words && (
                  <Text size="sm" role="alert">
                    {words}
                  </Text>
                )}
              </th>
              <td>{atMostFigures(mostG, 3)} g</td>
              <td>
                <NumberField
                  w="5.2rem"
                  hideControls
                  decimalScale={4}
                  aria-label={`Weighed after arrow ${at + 1} of ${ring.arcs.length}, g`}
                  value={weighed[at] ?? ''}
                  onChange={(next) => onWeigh(at, next)}
                />
              </td>
              <td>{percent(stepYield)}</td>
              <td>{percent(yieldSoFar)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
