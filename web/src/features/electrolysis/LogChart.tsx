import type { LogLine } from '@stoichos/core/studies/electrolysis';
import { useCallback } from 'react';
import type { ChartInk } from '../../shared/chart/ChartCanvas';
import { ChartCard } from '../../shared/chart/ChartCard';
import { axis, line, lineChart, rightAxis } from '../../shared/chart/lines';
import { LineKey, lineDashes } from '../../shared/chart/LineKey';
import { formatNumber } from '@stoichos/core/common';

/** Current and cell voltage against time. */
export function LogChart({ log, plannedA }: { log: readonly LogLine[]; plannedA: number }) {
  const volts = log.filter(({ cellV }) => cellV !== undefined);
  const configure = useCallback(
    ({ text }: ChartInk) =>
      lineChart(
        [
          line(
            log.map(({ timeS, currentA }) => ({ x: timeS / 60, y: currentA })),
            text,
            [],
            { pointRadius: log.length > 40 ? 0 : 3 },
          ),
          line(
            volts.map(({ timeS, cellV }) => ({ x: timeS / 60, y: cellV ?? 0 })),
            text,
            lineDashes[1],
            { yAxisID: 'volts' },
          ),
        ],
        {
          x: axis('Time since switching on, min', { min: 0 }),
          y: axis('Current, A', { min: 0, suggestedMax: plannedA * 1.2 }),
          volts: rightAxis('Cell, V', { min: 0, display: volts.length > 0 }),
        },
      ),
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
