import { fromCelsius } from '@stoichos/core';
import type { TemperatureChange, TemperatureReading, TemperatureScale } from '@stoichos/core';
import type { ChartConfiguration } from 'chart.js';
import { useCallback } from 'react';
import type { ChartInk } from '../chart/ChartCanvas';
import { ChartCard } from '../chart/ChartCard';

interface TemperatureChartProps {
  readonly readings: readonly TemperatureReading[];
  readonly result: TemperatureChange;
  readonly scale: TemperatureScale;
  readonly bench: string;
}

/** Temperature against time, with the two lines carried to the moment of mixing. */
export function TemperatureChart({ readings, result, scale, bench }: TemperatureChartProps) {
  const { mixedAtS, before, after, startC, extremeAtS } = result;
  const configure = useCallback(
    ({ mark, text }: ChartInk): ChartConfiguration => {
      const at = (temperatureC: number) => fromCelsius(temperatureC, scale);
      const last = readings.at(-1)?.timeS ?? 0;
      const first = readings[0]?.timeS ?? 0;
      const line = (x1: number, y1: number, x2: number, y2: number) => ({
        data: [
          { x: x1, y: at(y1) },
          { x: x2, y: at(y2) },
        ],
        borderColor: text,
        borderDash: [6, 5],
        borderWidth: 1.5,
        pointRadius: 0,
      });
      return {
        type: 'line',
        data: {
          datasets: [
            {
              data: readings.map(({ timeS, temperatureC }) => ({ x: timeS, y: at(temperatureC) })),
              borderColor: mark,
              backgroundColor: mark,
              pointRadius: 4,
            },
            line(first, before?.at(first) ?? startC, mixedAtS, before?.at(mixedAtS) ?? startC),
            ...(after
              ? [line(mixedAtS, after.at(mixedAtS), Math.max(last, extremeAtS), after.at(last))]
              : []),
            {
              data: [
                { x: mixedAtS, y: at(startC) },
                { x: mixedAtS, y: at(startC + result.deltaC) },
              ],
              borderColor: text,
              borderWidth: 2.5,
              pointRadius: 0,
            },
          ],
        },
        options: {
          animation: false,
          responsive: true,
          maintainAspectRatio: false,
          events: [],
          scales: {
            x: { type: 'linear', title: { display: true, text: 'Time, s' } },
            y: { type: 'linear', title: { display: true, text: `Temperature, ${scale}` } },
          },
        },
      };
    },
    [readings, result.deltaC, scale, mixedAtS, before, after, startC, extremeAtS],
  );
  return (
    <ChartCard
      title={`Temperature against time, ${bench}`}
      label={`Temperature against time: from ${startC.toFixed(1)} to ${result.extremeC.toFixed(1)} °C, ${readings.length} readings; dashed lines carried to mixing at ${mixedAtS.toFixed(0)} s.`}
      height={260}
      configure={configure}
      rows={readings.map(({ timeS, temperatureC }) => ({
        'time, s': Math.round(timeS),
        [`temperature, ${scale}`]: Number(fromCelsius(temperatureC, scale).toFixed(1)),
      }))}
    />
  );
}
