import { Text } from '@mantine/core';
import type { CellElectrode } from '@stoichos/core/studies/electrolysis';
import { Formula } from '../../shared/chemistry/Formula';
import { NotPredicted } from '../../shared/chemistry/NotPredicted';
import classes from '../../shared/study/Study.module.css';
import { formatAmount } from '@stoichos/core/common';
import { formatNumber, withPlaces } from '@stoichos/core/common';

/** One electrode: what it makes, what is seen, what proves it, and the pH close to it. */
export function ElectrodeCard({
  side,
  electrode,
  nearHex,
}: {
  readonly side: 'cathode' | 'anode';
  readonly electrode: CellElectrode;
  readonly nearHex: string;
}) {
  const { products, nearPH, nearColour, notPredicted, electrode: row } = electrode;
  const sign = side === 'cathode' ? 'Minus' : 'Plus';
  return (
    <section className={classes.electrode} aria-label={sign}>
      <Text fw={600}>
        {sign}{' '}
        <span className="quiet">
          {side}, {row.material}
        </span>
      </Text>
      {notPredicted.length > 0 && <NotPredicted reasons={notPredicted} />}
      {products.map(({ formula, share, halfEquation, seen, test, massG, volumeMl }) => (
        <div key={formula} className={classes.product} data-testid="product">
          <strong className={classes.name}>
            <Formula text={formula} />
            {share < 0.985 && (
              <span className={`${classes.share} quiet`}>
                {formatNumber(Math.max(1, Math.round(100 * share)))} % of the current
              </span>
            )}
          </strong>
          <Text>
            <Formula text={halfEquation} wrap />
          </Text>
          <Text size="sm">{capital(seen)}.</Text>
          {test && (
            <Text size="sm">
              <span className="quiet">Proof:</span> {test}.
            </Text>
          )}
          {massG !== undefined && (
            <Text size="sm" data-testid="amount">
              <span className="quiet">In this time:</span> {formatAmount(massG, 'g')}
              {volumeMl !== undefined && `, ${formatAmount(volumeMl, 'mL')} of gas`}
            </Text>
          )}
        </div>
      ))}
      <Text size="sm" mt={6}>
        <span className="swatch" aria-hidden style={{ background: nearHex }} /> Close to it{' '}
        {nearColour}, pH {withPlaces(nearPH, 1)}
      </Text>
    </section>
  );
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
