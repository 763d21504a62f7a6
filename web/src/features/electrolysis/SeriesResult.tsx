import { LineTable } from '../../shared/parts/LineTable';
import { formatNumber, withFigures, withPlaces } from '@stoichos/core/common';
import { Text } from '@mantine/core';
import type { Series, SeriesElectrode } from '@stoichos/core/studies/electrolysis';
import { Figures } from '../../shared/parts/Figures';
import { Formula } from '../../shared/chemistry/Formula';
import classes from '../../shared/study/Study.module.css';

export function SeriesTable({ series }: { series: Series }) {
  const cell = (grams: number | undefined, share: number | undefined) =>
    grams === undefined ? '' : `${withPlaces(grams, 3)} (${Math.round(100 * (share ?? 0))} %)`;
  return (
    <div className={classes.scroll}>
      <LineTable
        className={classes.lines}
        data-testid="series"
        head={['Run', 'A', 'C', 'Theory, g', 'Minus, g', 'Plus, g']}
        rows={series.rows.map((row) => [
          row.name,
          formatNumber(row.currentA),
          Math.round(row.chargeC),
          withPlaces(row.theoryG, 3),
          cell(row.cathodeChangeG, row.cathodeEfficiency),
          cell(row.anodeChangeG, row.anodeEfficiency),
        ])}
      />
    </div>
  );
}

/** To the nearest hundred, with a thin space between thousands. */
const thousands = (value: number): string =>
  String(Math.round(value / 100) * 100).replace(/\B(?=(\d{3})+$)/g, '\u202f');

export function Slope({
  electrode,
  series,
  metal,
}: {
  electrode: SeriesElectrode;
  series: Series;
  metal: string;
}) {
  const { side, line, ofTheory, impliedFaraday, impliedElectrons, outliers } = electrode;
  const mg = (value: number) => withFigures(value * 1000, 3);
  return (
    <section
      aria-label={side === 'cathode' ? 'Slope at minus' : 'Slope at plus'}
      data-testid="slope"
    >
      <Text fw={600}>{side === 'cathode' ? 'Gain at minus' : 'Loss at plus'}</Text>
      <Figures
        of={[
          [
            'Slope',
            `${mg(line.slope)} mg/C`,
            <>
              theory M/zF {mg(series.theoryGPerC)} mg/C for <Formula text={metal} />
            </>,
          ],
          [
            'Of theory',
            `${Math.round(100 * ofTheory.value)} ± ${formatNumber(Math.max(1, Math.round(100 * ofTheory.uncertainty)))} %`,
          ],
          [
            'Implied F',
            `${thousands(impliedFaraday.value)} C/mol`,
            `± ${thousands(impliedFaraday.uncertainty)}; CODATA 96 485`,
          ],
          [
            'Implied electrons',
            withPlaces(impliedElectrons.value, 2),
            `± ${withPlaces(impliedElectrons.uncertainty, 2)}`,
          ],
        ]}
      />
      {Math.abs(line.intercept) > 0 && (
        <Text size="sm">
          The free line starts at {withPlaces(line.intercept, 3)} g
          {line.intercept95 === undefined ? '' : ` ± ${withPlaces(line.intercept95, 3)}`} with no
          charge.
        </Text>
      )}
      {outliers.map((name) => (
        <Text key={name} size="sm" role="note">
          {name} stands out and is left out of the line: look at its weighings and its clock.
        </Text>
      ))}
    </section>
  );
}
