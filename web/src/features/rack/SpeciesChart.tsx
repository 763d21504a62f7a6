import { plainFormula } from '@stoichos/core/matter/formula';
import type { ChartConfiguration } from 'chart.js';
import { useCallback } from 'react';
import { ChartCanvas } from '../../shared/chart/ChartCanvas';
import type { ChartInk } from '../../shared/chart/ChartCanvas';
import { withFigures } from '@stoichos/core/common';

/** Dissolved species as bars on a scale of powers of ten, so that the scarce stand beside the plentiful. */
export function SpeciesChart({ rows }: { rows: readonly (readonly [string, number])[] }) {
  const configure = useCallback(
    ({ mark }: ChartInk): ChartConfiguration => ({
      type: 'bar',
      data: {
        labels: rows.map(([formula]) => plainFormula(formula)),
        datasets: [
          {
            data: rows.map(([, concentration]) => concentration),
            backgroundColor: mark,
            barPercentage: 0.7,
          },
        ],
      },
      options: {
        indexAxis: 'y',
        scales: {
          x: {
            type: 'logarithmic',
            position: 'top',
            min: lowestM,
            max: 10 ** Math.ceil(Math.log10(Math.max(1e-3, ...rows.map(([, one]) => one)))),
            title: { display: true, text: 'Concentration, mol/L (powers of ten)' },
            ticks: { callback: (value) => powerOfTen(Number(value)), maxRotation: 0 },
          },
          y: { type: 'category', grid: { display: false }, ticks: { autoSkip: false } },
        },
      },
    }),
    [rows],
  );
  const told = rows.map(([formula, one]) => `${formula} ${withFigures(one, 2)}`).join(', ');
  return (
    <ChartCanvas
      label={`What is dissolved, mol/L: ${told}`}
      height={64 + 26 * rows.length}
      configure={configure}
    />
  );
}

/** The least concentration drawn, mol/L. */
const lowestM = 1e-7;

function powerOfTen(value: number): string {
  const power = Math.log10(value);
  return Number.isInteger(power)
    ? power === 0
      ? '1'
      : plainFormula(`10^${power}`.replace('-', '−'))
    : '';
}
