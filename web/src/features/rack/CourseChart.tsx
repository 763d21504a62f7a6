import type { ChartConfiguration } from 'chart.js';
import { useCallback } from 'react';
import { ChartCanvas } from '../../shared/chart/ChartCanvas';
import type { ChartInk } from '../../shared/chart/ChartCanvas';
import { formatTemperature, withPlaces, fromCelsius, currentReader } from '@stoichos/core/common';

/** A temperature as the reader’s thermometer shows it. */
const onScale = (celsius: number): number => fromCelsius(celsius, currentReader().scale);

/** One step of a vessel as the course charts it; no pH without a liquid. */
export interface CoursePoint {
  readonly step: number;
  readonly what: string;
  readonly pH?: number;
  readonly temperatureC: number;
}

/** pH and temperature of one vessel, step by step. */
export function CourseChart({ points }: { points: readonly CoursePoint[] }) {
  const configure = useCallback(
    ({ mark, text }: ChartInk): ChartConfiguration => ({
      type: 'line',
      data: {
        labels: points.map(({ step }) => String(step)),
        datasets: [
          {
            yAxisID: 'pH',
            data: points.map(({ pH }) => pH ?? null),
            borderColor: text,
            backgroundColor: text,
            pointStyle: 'circle',
            pointRadius: 4,
          },
          {
            yAxisID: 'celsius',
            data: points.map(({ temperatureC }) => onScale(temperatureC)),
            borderColor: mark,
            backgroundColor: mark,
            borderDash: [5, 4],
            pointStyle: 'rect',
            pointRadius: 4,
          },
        ],
      },
      options: {
        scales: {
          x: { type: 'category', title: { display: true, text: 'Step' } },
          pH: {
            type: 'linear',
            position: 'left',
            min: 0,
            max: 14,
            title: { display: true, text: '● pH (line)' },
          },
          celsius: {
            type: 'linear',
            position: 'right',
            suggestedMin: onScale(20),
            suggestedMax: onScale(30),
            grid: { drawOnChartArea: false },
            title: { display: true, text: `■ Temperature, ${currentReader().scale} (dashed)` },
          },
        },
      },
    }),
    [points],
  );
  const told = points
    .map(
      ({ step, pH, temperatureC }) =>
        `step ${step}: ${pH === undefined ? 'no pH' : `pH ${withPlaces(pH, 1)}`}, ${formatTemperature(temperatureC, 1)}`,
    )
    .join('; ');
  return (
    <ChartCanvas label={`pH and temperature by step. ${told}`} height={240} configure={configure} />
  );
}
