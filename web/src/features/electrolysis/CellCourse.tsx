import { plainFormula } from '@stoichos/core/matter/formula';
import { changingSpecies } from '@stoichos/core/studies/electrolysis';
import type { PredictedCell } from '@stoichos/core/studies/electrolysis';
import { useCallback, useMemo } from 'react';
import type { ChartInk } from '../../shared/chart/ChartCanvas';
import { ChartCard } from '../../shared/chart/ChartCard';
import { axis, line, lineChart } from '../../shared/chart/lines';
import { LineKey, lineDashes } from '../../shared/chart/LineKey';
import { withFigures } from '@stoichos/core/common';

/** What stays behind in the solution while the current runs. */
export function CellCourse({ course }: { course: PredictedCell['run']['course'] }) {
  const species = useMemo(() => changingSpecies(course), [course]);
  const configure = useCallback(
    ({ text }: ChartInk) =>
      lineChart(
        species.map((formula, at) =>
          line(
            course.map(({ timeS, speciesM }) => ({
              x: timeS / 60,
              y: (speciesM[formula] ?? 0) - (course[0]?.speciesM[formula] ?? 0),
            })),
            text,
            lineDashes[at],
          ),
        ),
        { x: axis('Time, min'), y: axis('Change, mol/L') },
      ),
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
