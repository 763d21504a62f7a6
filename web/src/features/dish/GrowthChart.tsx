import type { Growth } from '@stoichos/core/studies/dish';
import { useCallback } from 'react';
import { ChartCard } from '../../shared/chart/ChartCard';
import { axis, line, lineChart, rightAxis } from '../../shared/chart/lines';
import type { ChartInk } from '../../shared/chart/ChartCanvas';
import { withPlaces } from '@stoichos/core/common';

/** How the line grows: its length and the mass of its solid, along the minutes of a real dish. */
export function GrowthChart({ growth, factor }: { growth: readonly Growth[]; factor: number }) {
  const configure = useCallback(
    ({ text, mark }: ChartInk) => {
      const along = (of: (one: Growth) => number) =>
        growth.map((one) => ({ x: one.pureS / factor / 60, y: of(one) }));
      return lineChart(
        [
          line(
            along(({ solidMg }) => solidMg),
            text,
            [],
            { yAxisID: 'mg' },
          ),
          line(
            along(({ lengthMm }) => lengthMm),
            mark,
            [5, 4],
            { yAxisID: 'mm' },
          ),
        ],
        {
          x: axis('Time, min'),
          mg: axis('Solid, mg (line)', { min: 0 }),
          mm: rightAxis('Length, mm (dashed)', { min: 0 }),
        },
      );
    },
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
