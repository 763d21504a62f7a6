import type { Series } from '@stoichos/core/studies/electrolysis';
import { useCallback } from 'react';
import type { ChartInk } from '../../shared/chart/ChartCanvas';
import { ChartCard } from '../../shared/chart/ChartCard';
import { axis, line, lineChart } from '../../shared/chart/lines';
import { LineKey, lineDashes } from '../../shared/chart/LineKey';

const words = { cathode: 'gain at minus (discs)', anode: 'loss at plus (squares)' } as const;

/** Points of both electrodes with their lines, and what theory asks for. */
export function SeriesChart({ series, metal }: { series: Series; metal: string }) {
  const configure = useCallback(
    ({ text }: ChartInk) => {
      const most = Math.max(...series.rows.map(({ chargeC }) => chargeC)) * 1.08;
      const straight = (at: (x: number) => number) => [0, most].map((x) => ({ x, y: at(x) }));
      return lineChart(
        [
          line(
            straight((x) => x * series.theoryGPerC),
            text,
            lineDashes[0],
            { borderWidth: 1.5 },
          ),
          ...series.electrodes.flatMap((one, at) => [
            line(
              straight((x) => one.line.at(x)),
              text,
              lineDashes[at + 1],
            ),
            line(
              one.points.map(({ x, y }) => ({ x, y })),
              text,
              [],
              {
                showLine: false,
                pointRadius: 5,
                pointStyle: one.side === 'cathode' ? 'circle' : 'rect',
              },
            ),
          ]),
        ],
        {
          x: axis('Charge, C', { min: 0 }),
          y: axis('Change of mass, g', { min: 0 }),
        },
      );
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
