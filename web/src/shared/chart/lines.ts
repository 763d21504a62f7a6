import type { ChartConfiguration, ChartDataset, ScaleOptionsByType } from 'chart.js';

type Data = ChartDataset<'line'>['data'];

/** An axis of numbers with its title. */
export const axis = (text: string, more: object = {}) =>
  ({ type: 'linear', title: { display: true, text }, ...more }) as ScaleOptionsByType<'linear'>;

/** A second axis, on the right, whose rules do not cross those of the first. */
export const rightAxis = (text: string, more: object = {}) =>
  axis(text, { position: 'right', grid: { drawOnChartArea: false }, ...more });

/** A line without points. @param dash what tells it from the others without a colour. */
export const line = (
  data: Data,
  colour: string,
  dash: readonly number[] = [],
  more: Partial<ChartDataset<'line'>> = {},
): ChartDataset<'line'> => ({
  data,
  borderColor: colour,
  backgroundColor: colour,
  borderDash: [...dash],
  borderWidth: 2,
  pointRadius: 0,
  ...more,
});

/** A chart of lines along its axes. */
export const lineChart = (
  datasets: ChartDataset<'line'>[],
  scales: Record<string, ScaleOptionsByType<'linear'>>,
): ChartConfiguration => ({ type: 'line', data: { datasets }, options: { scales } });
