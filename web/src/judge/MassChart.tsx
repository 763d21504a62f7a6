import type { HydrateRequest } from '@stoichos/core';
import type { ChartConfiguration } from 'chart.js';
import { useCallback } from 'react';
import type { ChartInk } from '../chart/ChartCanvas';
import { ChartCard } from '../chart/ChartCard';

/** Mass after each heating: whether it still falls. */
export function MassChart({ request, bench }: { request: HydrateRequest; bench: string }) {
  const { withHydrateG, weighingsG } = request;
  const configure = useCallback(
    ({ mark }: ChartInk): ChartConfiguration => ({
      type: 'line',
      data: {
        labels: ['before', ...weighingsG.map((_, at) => `heating ${at + 1}`)],
        datasets: [
          {
            data: [withHydrateG, ...weighingsG],
            borderColor: mark,
            backgroundColor: mark,
            pointRadius: 4,
          },
        ],
      },
      options: {
        animation: false,
        responsive: true,
        maintainAspectRatio: false,
        events: [],
        scales: {
          x: { type: 'category', title: { display: true, text: 'Weighing' } },
          y: { type: 'linear', title: { display: true, text: 'Mass with the dish, g' } },
        },
      },
    }),
    [withHydrateG, weighingsG],
  );
  const all = [withHydrateG, ...weighingsG];
  return (
    <ChartCard
      title={`Mass after each heating, ${bench}`}
      label={`Mass with the dish: ${all.join(', ')} g.`}
      height={220}
      configure={configure}
      rows={all.map((massG, at) => ({
        weighing: at === 0 ? 'before heating' : `after heating ${at}`,
        'mass with the dish, g': massG,
      }))}
    />
  );
}
