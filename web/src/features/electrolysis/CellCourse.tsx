import { plainFormula } from '@stoichos/core/matter/formula';
import type { PredictedCell } from '@stoichos/core/studies/electrolysis';
import type { ChartConfiguration } from 'chart.js';
import { useCallback, useMemo } from 'react';
import type { ChartInk } from '../../shared/chart/ChartCanvas';
import { ChartCard } from '../../shared/chart/ChartCard';
import { LineKey, lineDashes } from '../../shared/chart/LineKey';
import { withFigures } from '@stoichos/core/common';

/** How many species a chart of a solution still tells apart. */
const mostLines = 5;
/** A change smaller than this, mol/L, is not drawn. */
const leastM = 3e-5;

/** What stays behind in the solution while the current runs. */
export function CellCourse({ cell }: { cell: PredictedCell }) {
  const { course } = cell.run;
  const species = useMemo(() => {
    const most = new Map<string, number>();
    const start = course[0]?.speciesM ?? {};
    for (const { speciesM } of course)
      for (const [formula, molPerL] of Object.entries(speciesM)) {
        const change = Math.abs(molPerL - (start[formula] ?? 0));
        if (formula !== 'H2O') most.set(formula, Math.max(most.get(formula) ?? 0, change));
      }
    return [...most]
      .filter(([, change]) => change > leastM)
      .sort(([, a], [, b]) => b - a)
      .slice(0, mostLines)
      .map(([formula]) => formula);
  }, [course]);
  const configure = useCallback(
    ({ text }: ChartInk): ChartConfiguration => ({
      type: 'line',
      data: {
        datasets: species.map((formula, at) => ({
          label: plainFormula(formula),
          data: course.map(({ timeS, speciesM }) => ({
            x: timeS / 60,
            y: (speciesM[formula] ?? 0) - (course[0]?.speciesM[formula] ?? 0),
          })),
          borderColor: text,
          backgroundColor: text,
          borderDash: [...(lineDashes[at] ?? [])],
          borderWidth: 2,
          pointRadius: 0,
        })),
      },
      options: {
        animation: false,
        responsive: true,
        maintainAspectRatio: false,
        events: [],
        scales: {
          x: { type: 'linear', title: { display: true, text: 'Time, min' } },
          y: {
            type: 'linear',

            title: { display: true, text: 'Change, mol/L' },
          },
        },
      },
    }),
    [course, species],
  );
  if (species.length === 0) return null;
  const last = course.at(-1);
  return (
    <>
      <ChartCard
        title="What changes in the liquid"
        label={`Concentrations while the current runs; at the end ${species.map((formula) => `${plainFormula(formula)} ${withFigures(last?.speciesM[formula] ?? 0, 2)}`).join(', ')} mol/L.`}
        height={230}
        configure={configure}
        rows={course.map(({ timeS, cathodePH, anodePH, speciesM }) => ({
          'time, min': Number((timeS / 60).toFixed(2)),
          ...Object.fromEntries(
            species.map((formula) => [
              `${plainFormula(formula)}, mol/L`,
              Number((speciesM[formula] ?? 0).toPrecision(3)),
            ]),
          ),
          'pH at minus': Number(cathodePH.toFixed(1)),
          'pH at plus': Number(anodePH.toFixed(1)),
        }))}
      />
      <LineKey lines={species.map((formula) => ({ name: plainFormula(formula) }))} />
    </>
  );
}
