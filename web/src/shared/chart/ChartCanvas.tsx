import { useComputedColorScheme } from '@mantine/core';
import {
  BarController,
  BarElement,
  CategoryScale,
  Chart,
  LineController,
  LineElement,
  LinearScale,
  LogarithmicScale,
  PointElement,
} from 'chart.js';
import type { ChartConfiguration } from 'chart.js';
import { useEffect, useRef } from 'react';
import { currentReader } from '@stoichos/core/common';

Chart.register(
  BarController,
  BarElement,
  CategoryScale,
  LineController,
  LineElement,
  LinearScale,
  LogarithmicScale,
  PointElement,
);

// A chart stands still, fills its place and is read, not touched.
Object.assign(Chart.defaults, {
  animation: false,
  responsive: true,
  maintainAspectRatio: false,
  events: [],
});

/** Colours of the frame of a chart, from the look that is set. */
export interface ChartInk {
  readonly text: string;
  readonly rule: string;
  readonly mark: string;
}

interface ChartCanvasProps {
  /** Said in place of the picture. */
  readonly label: string;
  readonly height: number;
  readonly configure: (ink: ChartInk) => ChartConfiguration;
}

/** A chart in the application’s type and colours; drawn anew when its data or the look changes. */
export function ChartCanvas({ label, height, configure }: ChartCanvasProps) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const scheme = useComputedColorScheme('light');
  useEffect(() => {
    if (!canvas.current) return;
    const style = getComputedStyle(document.documentElement);
    const ink = {
      text: style.getPropertyValue('--quiet').trim(),
      rule: style.getPropertyValue('--rule').trim(),
      mark: style.getPropertyValue('--glass').trim(),
    };
    Chart.defaults.font.family = getComputedStyle(document.body).fontFamily;
    Chart.defaults.font.size = 14;
    Chart.defaults.color = ink.text;
    Chart.defaults.borderColor = ink.rule;
    Chart.defaults.locale = currentReader().decimalSign === ',' ? 'de' : 'en';
    const chart = new Chart(canvas.current, configure(ink));
    return () => chart.destroy();
  }, [configure, scheme]);
  return (
    <div style={{ position: 'relative', height }}>
      <canvas ref={canvas} role="img" aria-label={label} />
    </div>
  );
}
