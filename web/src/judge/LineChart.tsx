import type { Point, StraightLine } from '@stoichos/core';
import type { ChartConfiguration } from 'chart.js';
import { useCallback } from 'react';
import type { ChartInk } from '../chart/ChartCanvas';
import { ChartCard } from '../chart/ChartCard';

interface LineChartProps {
  readonly points: readonly Point[];
  readonly line: StraightLine;
  readonly bench: string;
}

/** Points and the least-squares line through them. */
export function LineChart({ points, line, bench }: LineChartProps) {
  const configure = useCallback(
    ({ mark, text }: ChartInk): ChartConfiguration => {
      const xs = points.map(({ x }) => x);
      const ends = [Math.min(...xs), Math.max(...xs)];
      return {
        type: 'line',
        data: {
          datasets: [
            { data: [...points], showLine: false, backgroundColor: mark, pointRadius: 5 },
            {
              data: ends.map((x) => ({ x, y: line.at(x) })),
              borderColor: text,
              borderDash: [6, 5],
              pointRadius: 0,
            },
          ],
        },
        options: {
          animation: false,
          responsive: true,
          maintainAspectRatio: false,
          events: [],
          scales: { x: { type: 'linear' }, y: { type: 'linear' } },
        },
      };
    },
    [points, line],
  );
  return (
    <ChartCard
      title={`Points and line, ${bench}`}
      label={`${points.length} points; slope ${line.slope.toPrecision(3)}.`}
      height={240}
      configure={configure}
      rows={points.map(({ x, y }) => ({ x, y }))}
    />
  );
}
