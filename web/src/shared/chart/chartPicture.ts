import type { ChartData } from '@stoichos/core/labday/judge';
import { Chart } from 'chart.js';
import './ChartCanvas';
import { configurationOf } from './dataChart';

/** Ink on white paper, whatever the screen looks like. */
const paperInk = { text: '#5c6068', rule: '#dcd8cf', mark: '#33587f' } as const;
const sizePx = { width: 720, height: 320 } as const;
/** Dots to the pixel: sharp in print. */
const sharpness = 2;

/** A chart as a PNG picture (data URL) for files and print. */
export function chartPicture(chart: ChartData): string {
  const canvas = document.createElement('canvas');
  canvas.width = sizePx.width;
  canvas.height = sizePx.height;
  const configuration = configurationOf(chart, paperInk);
  const drawn = new Chart(canvas, {
    ...configuration,
    options: { ...configuration.options, responsive: false, devicePixelRatio: sharpness },
  });
  const picture = drawn.toBase64Image();
  drawn.destroy();
  return picture;
}
