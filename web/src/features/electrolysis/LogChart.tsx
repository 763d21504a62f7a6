import type { LogLine } from '@stoichos/core/studies/electrolysis';
import type { ChartConfiguration } from 'chart.js';
import { useCallback } from 'react';
import type { ChartInk } from '../../shared/chart/ChartCanvas';
import { ChartCard } from '../../shared/chart/ChartCard';
import { LineKey } from '../../shared/chart/LineKey';
import { formatNumber } from '@stoichos/core/common';

/** Current and cell voltage against time. */
export function LogChart({ log, plannedA }: { log: readonly LogLine[]; plannedA: number }) {
  const volts = log.filter(({ cellV }) => cellV !== undefined);
  const configure = useCallback(
    ({ text }: ChartInk): ChartConfiguration => ({
      type: 'line',
      data: {
        datasets: [
          {
            data: log.map(({ timeS, currentA }) => ({ x: timeS / 60, y: currentA })),
            yAxisID: 'y',
            borderColor: text,
            backgroundColor: text,
            borderWidth: 2,
            pointRadius: log.length > 40 ? 0 : 3,
          },
          {
            data: volts.map(({ timeS, cellV }) => ({ x: timeS / 60, y: cellV ?? 0 })),
            yAxisID: 'volts',
            borderColor: text,
            backgroundColor: text,
            borderDash: [7, 4],
            borderWidth: 2,
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
          x: {
            type: 'linear',
            min: 0,
            title: { display: true, text: 'Time since switching on, min' },
          },
          y: {
            type: 'linear',
            min: 0,
            suggestedMax: plannedA * 1.2,
            title: { display: true, text: 'Current, A' },
          },
          volts: {
            type: 'linear',
            position: 'right',
            min: 0,
            display: volts.length > 0,
            grid: { drawOnChartArea: false },
            title: { display: true, text: 'Cell, V' },
          },
        },
      },
    }),
    [log, volts, plannedA],
  );
  if (log.length < 2) return null;
  const last = log.at(-1);
  return (
    <>
      <ChartCard
        title="Current and cell voltage"
        label={`Current over ${Math.round((last?.timeS ?? 0) / 60)} minutes, at the end ${formatNumber(last?.currentA ?? 0)} A`}
        height={220}
        configure={configure}
        rows={log.map(({ timeS, currentA, cellV }) => ({
          'time, min': Number((timeS / 60).toFixed(2)),
          'current, A': currentA,
          'cell, V': cellV ?? '',
        }))}
      />
      <LineKey
        lines={[{ name: 'current' }, ...(volts.length > 0 ? [{ name: 'cell voltage' }] : [])]}
      />
    </>
  );
}
