import type { ChartData } from '@stoichos/core/labday/judge';
import { useCallback } from 'react';
import type { ChartInk } from './ChartCanvas';
import { ChartCard } from './ChartCard';
import { configurationOf, rowsOf } from './dataChart';

/** A chart of the core with its title and its table. */
export function DataChart({ chart, height = 250 }: { chart: ChartData; height?: number }) {
  const configure = useCallback((ink: ChartInk) => configurationOf(chart, ink), [chart]);
  return (
    <ChartCard
      title={chart.title}
      label={chart.inWords}
      height={height}
      configure={configure}
      rows={rowsOf(chart)}
    />
  );
}
