import type { ChartData, ChartSeries } from '@stoichos/core/labday/judge';
import type { ChartConfiguration, ChartDataset } from 'chart.js';
import type { ChartInk } from './ChartCanvas';

function dataset({ name, look, points }: ChartSeries, { mark, text }: ChartInk): ChartDataset {
  const data = points.map(({ x, y }) => ({ x, y }));
  return look === 'dashed'
    ? { label: name, data, borderColor: text, borderDash: [6, 5], borderWidth: 1.5, pointRadius: 0 }
    : {
        label: name,
        data,
        showLine: look === 'joined',
        borderColor: mark,
        backgroundColor: mark,
        pointRadius: look === 'joined' ? 4 : 5,
      };
}

/** How Chart.js draws a chart of the core. */
export function configurationOf(
  { x, y, places, series }: ChartData,
  ink: ChartInk,
): ChartConfiguration {
  return {
    type: 'line',
    data: {
      ...(places && { labels: [...places] }),
      datasets: series.map((one) => dataset(one, ink)),
    },
    options: {
      scales: {
        x: {
          type: places ? 'category' : 'linear',
          title: { display: true, text: x },
        },
        y: { type: 'linear', title: { display: true, text: y } },
      },
    },
  };
}

/** What is charted as a table: the points that were read, with the axes as heads. */
export function rowsOf({ x, y, places, series }: ChartData): Record<string, string | number>[] {
  return series
    .filter(({ look }) => look !== 'dashed')
    .flatMap(({ points }) =>
      points.map((point) => ({
        [x]: places?.[point.x] ?? point.x,
        [y]: Number(point.y.toPrecision(5)),
      })),
    );
}
