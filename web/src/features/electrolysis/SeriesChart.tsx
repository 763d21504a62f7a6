import type { Series } from '@stoichos/core/studies/electrolysis';
import type { ChartConfiguration } from 'chart.js';
import { useCallback } from 'react';
import type { ChartInk } from '../../shared/chart/ChartCanvas';
import { ChartCard } from '../../shared/chart/ChartCard';
import { LineKey, lineDashes } from '../../shared/chart/LineKey';

const words = { cathode: 'gain at minus (discs)', anode: 'loss at plus (squares)' } as const;

/** Points of both electrodes with their lines, and what theory asks for. */
export function SeriesChart({ series, metal }: { series: Series; metal: string }) {
  const configure = useCallback(
    ({ text }: ChartInk): ChartConfiguration => {
      const most = Math.max(...series.rows.map(({ chargeC }) => chargeC)) * 1.08;
      const dash = (at: number) => [...(lineDashes[at] ?? [])];
      return {
        type: 'line',
        data: {
          datasets: [
            {
              data: [0, most].map((x) => ({ x, y: x * series.theoryGPerC })),
              borderColor: text,
              borderWidth: 1.5,
              borderDash: dash(0),
              pointRadius: 0,
            },
            ...series.electrodes.flatMap(({ line, points, side }, at) => [
              {
                data: [0, most].map((x) => ({ x, y: line.at(x) })),
                borderColor: text,
                borderWidth: 2,
                borderDash: dash(at + 1),
                pointRadius: 0,
              },
              {
                data: points.map(({ x, y }) => ({ x, y })),
                borderColor: text,
                backgroundColor: text,
                showLine: false,
                pointRadius: 5,
                pointStyle: side === 'cathode' ? ('circle' as const) : ('rect' as const),
              },
            ]),
          ],
        },
        options: {
          animation: false,
          responsive: true,
          maintainAspectRatio: false,
          events: [],
          scales: {
            x: { type: 'linear', min: 0, title: { display: true, text: 'Charge, C' } },
            y: { type: 'linear', min: 0, title: { display: true, text: 'Change of mass, g' } },
          },
        },
      };
    },
    [series],
  );
  return (
    <>
      <ChartCard
        title={`Mass of ${metal} against charge`}
        label={`Change of mass against charge: ${series.electrodes.map(({ side, ofTheory }) => `${words[side]} at ${Math.round(100 * ofTheory.value)} % of theory`).join(', ')}`}
        height={280}
        configure={configure}
        rows={series.rows.map(
          ({ name, currentA, chargeC, theoryG, cathodeChangeG, anodeChangeG }) => ({
            run: name,
            'current, A': currentA,
            'charge, C': Math.round(chargeC),
            'theory, g': Number(theoryG.toFixed(4)),
            'minus, g': cathodeChangeG ?? '',
            'plus, g': anodeChangeG ?? '',
          }),
        )}
      />
      <LineKey
        lines={[
          { name: 'theory' },
          ...series.electrodes.map(({ side }) => ({ name: words[side] })),
        ]}
      />
    </>
  );
}
