import { Button, Select, Text, Title } from '@mantine/core';
import { atMostFigures, formatAmount, formatDuration, withPlaces } from '@stoichos/core/common';
import { depositMetals, plannedCoat, platedBy } from '@stoichos/core/studies/electrolysis';
import type { CellProduct, DepositPlan, PredictedCell } from '@stoichos/core/studies/electrolysis';
import { useState } from 'react';
import { Figures } from '../../shared/parts/Figures';
import { LineTable } from '../../shared/parts/LineTable';
import { Segments } from '../../shared/parts/Segments';
import { Amounts } from '../../shared/study/Amounts';
import { attempt } from '@stoichos/core/common';
import classes from '../../shared/study/Study.module.css';
import { useElectrolysis, usePlan } from './useElectrolysis';

/** A metal that is asked for instead of the one the cell makes. */
interface Picked {
  readonly instead: string | undefined;
  readonly metal: string;
}

/** A coat on a plate: area, current, mass, thickness, and theory at intervals. */
export function DepositPanel({ cell }: { cell: PredictedCell }) {
  const { plan, set } = usePlan();
  const plated = platedBy(cell);
  const [picked, pick] = useState<Picked>();
  // What the cell makes, until another metal is asked for instead of it.
  const metal = picked && picked.instead === plated ? picked.metal : (plated ?? plan.metal);
  const made = cell.cathode.products.find(({ formula }) => formula === metal);
  const coat = attempt(() => plannedCoat({ ...plan, metal }, made?.share ?? 1));
  return (
    <section aria-label="A metal on a plate" className={classes.block}>
      <Title mb="xs">A metal on a plate</Title>
      <div className={classes.pair}>
        <Select
          label="Metal"
          value={metal}
          data={depositMetals.map((one) => one.metal)}
          onChange={(next) => {
            if (next === null) return;
            pick({ instead: plated, metal: next });
            set({ metal: next });
          }}
        />
        <Amounts
          of={plan}
          onChange={set}
          fields={{
            densityAPerM2: ['A/m²', '', 50],
            widthCm: ['Wetted width', 'cm', 0.1],
            heightCm: ['Wetted height', 'cm', 0.1],
            depositMin: ['Deposit for', 'min', 10],
            everyMin: ['A line every', 'min', 5],
          }}
        />
      </div>
      <Segments
        mt="sm"
        label="Faces"
        value={plan.faces}
        of={{ 1: 'one face', 2: 'both faces' }}
        onChange={(faces) => set({ faces })}
      />
      {'problem' in coat ? (
        <Text role="alert" mt="sm">
          {coat.problem}
        </Text>
      ) : (
        <DepositAnswer coat={coat} made={made} />
      )}
    </section>
  );
}

/** The current to set, the thickness that comes, and the table to read along. */
function DepositAnswer({
  coat,
  made,
}: {
  readonly coat: DepositPlan;
  readonly made: CellProduct | undefined;
}) {
  const { plan } = usePlan();
  const { change } = useElectrolysis();
  const share = made?.share ?? 1;
  return (
    <>
      <Figures
        data-testid="deposit-plan"
        of={[
          ['Area', formatAmount(coat.areaCm2, 'cm²')],
          ['Current', formatAmount(coat.currentA, 'A')],
          [
            'Mass',
            formatAmount(coat.expectedG, 'g'),
            share < 0.995
              ? `of ${formatAmount(coat.theoryG, 'g')}, for ${Math.round(100 * (1 - share))} % of the current makes gas`
              : made
                ? 'all of the current'
                : 'if all of the current makes it; the cell on the left makes something else',
          ],
          ['Even coat', `${atMostFigures(coat.thicknessUm, 2)} µm`],
        ]}
      />
      {made && (
        <Button
          className="no-print"
          onClick={() =>
            change({
              currentA: Number(coat.currentA.toPrecision(3)),
              minutes: plan.depositMin,
              areaCm2: coat.areaCm2,
            })
          }
        >
          Take this for the cell
        </Button>
      )}
      <LineTable
        className={classes.lines}
        head={['After', 'Theory', 'Expected']}
        rows={coat.along.map(({ timeS, theoryG, expectedG }) => [
          formatDuration(timeS),
          <>{withPlaces(theoryG, 3)} g</>,
          <>{withPlaces(expectedG, 3)} g</>,
        ])}
      />
    </>
  );
}
