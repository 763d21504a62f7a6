import type { Growth } from '@stoichos/core/studies/dish';
import type { ChartConfiguration } from 'chart.js';
import { useCallback } from 'react';
import { ChartCard } from '../../shared/chart/ChartCard';
import type { ChartInk } from '../../shared/chart/ChartCanvas';
import { withPlaces } from '@stoichos/core/common';

/** How the line grows: its length and the mass of its solid, along the minutes of a real dish. */
export function GrowthChart({ growth, factor }: { growth: readonly Growth[]; factor: number }) {
  const configure = useCallback(
    ({ text, mark }: ChartInk): ChartConfiguration => ({
      type: 'line',
      data: {
        datasets: [
          {
            yAxisID: 'mg',
            data: growth.map(({ pureS, solidMg }) => ({ x: pureS / factor / 60, y: solidMg })),
            borderColor: text,
            pointRadius: 0,
            borderWidth: 3,
          },
          {
            yAxisID: 'mm',
            data: growth.map(({ pureS, lengthMm }) => ({ x: pureS / factor / 60, y: lengthMm })),
            borderColor: mark,
            borderDash: [5, 4],
            pointRadius: 0,
            borderWidth: 3,
          },
        ],
      },
      options: {
        animation: false,
        responsive: true,
        maintainAspectRatio: false,
        events: [],
        scales: {
          x: { type: 'linear', title: { display: true, text: 'Time, min' } },
          mg: {
            type: 'linear',
            position: 'left',
            min: 0,
            title: { display: true, text: 'Solid, mg (line)' },
          },
          mm: {
            type: 'linear',
            position: 'right',
            min: 0,
            grid: { drawOnChartArea: false },
            title: { display: true, text: 'Length, mm (dashed)' },
          },
        },
      },
    }),
    [growth, factor],
  );
  const last = growth.at(-1);
  return (
    <ChartCard
      title="How the line grows"
      label={`Mass and length of the line by time; at the end ${withPlaces(last?.solidMg ?? 0, 1)} mg and ${withPlaces(last?.lengthMm ?? 0, 0)} mm`}
      height={260}
      configure={configure}
      rows={growth.map(({ pureS, solidMg, lengthMm, atFraction }) => ({
        'Time, min': Number((pureS / factor / 60).toFixed(2)),
        'By diffusion alone, h': Number((pureS / 3600).toFixed(2)),
        'Solid, mg': Number(solidMg.toFixed(3)),
        'Length, mm': Number(lengthMm.toFixed(1)),
        'Middle, % of the gap': Number((100 * atFraction).toFixed(1)),
      }))}
    />
  );
}
