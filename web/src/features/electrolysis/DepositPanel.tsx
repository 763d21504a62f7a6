import { LineTable } from '../../shared/parts/LineTable';
import { Button, SegmentedControl, Select, Text, Title } from '@mantine/core';
import { depositMetals, planDeposit, plateAreaCm2 } from '@stoichos/core/studies/electrolysis';
import type { DepositPlan, PredictedCell, CellProduct } from '@stoichos/core/studies/electrolysis';
import { useState } from 'react';
import { Amounts } from '../../shared/study/Amounts';
import { aboveZero, attempt } from '../../shared/study/attempt';
import type { Attempt } from '../../shared/study/attempt';
import { asAmount, asTime } from '../../shared/study/asAmount';
import classes from '../../shared/study/Study.module.css';
import { usePlan } from './planState';
import type { PlanState } from './planState';
import { atMostFigures, withPlaces } from '@stoichos/core/common';

/** A metal that is asked for instead of the one the cell makes. */
interface Picked {
  readonly instead: string | undefined;
  readonly metal: string;
}

/** A coat on a plate: area, current, mass, thickness, and theory at intervals. */
export function DepositPanel({
  cell,
  onTake,
}: {
  cell: PredictedCell;
  /** Takes what is planned for the cell. */
  onTake: (cell: { currentA: number; minutes: number; areaCm2: number }) => void;
}) {
  const { plan: kept } = usePlan();
  const plated = cell.cathode.products.find(({ formula }) =>
    depositMetals.some(({ metal }) => metal === formula),
  )?.formula;
  const [picked, pick] = useState<Picked>();
  // What the cell makes, until another metal is asked for instead of it.
  const metal = picked && picked.instead === plated ? picked.metal : (plated ?? kept.metal);
  const plan = { ...kept, metal };
  const made = cell.cathode.products.find(({ formula }) => formula === plan.metal);
  const share = made?.share ?? 1;
  const worked = work(plan, share);
  return (
    <section aria-label="A metal on a plate" className={classes.block}>
      <Title mb="xs">A metal on a plate</Title>
      <DepositFields plated={plated} metal={metal} pick={pick} />
      {'problem' in worked ? (
        <Text role="alert" mt="sm">
          {worked.problem}
        </Text>
      ) : (
        <DepositAnswer plan={plan} made={made} share={share} worked={worked} onTake={onTake} />
      )}
    </section>
  );
}

interface DepositAnswerProps {
  readonly plan: PlanState;
  readonly made: CellProduct | undefined;
  readonly share: number;
  readonly worked: DepositPlan;
  readonly onTake: (cell: { currentA: number; minutes: number; areaCm2: number }) => void;
}

/** The current to set, the thickness that comes, and the table to read along. */
function DepositAnswer({ plan, made, share, worked, onTake }: DepositAnswerProps) {
  return (
    <>
      <div className={classes.answers} data-testid="deposit-plan">
        <div>
          <span className="quiet">Area</span>
          <strong>{asAmount(worked.areaCm2, 'cm²')}</strong>
        </div>
        <div>
          <span className="quiet">Current</span>
          <strong>{asAmount(worked.currentA, 'A')}</strong>
        </div>
        <div>
          <span className="quiet">Mass</span>
          <strong>{asAmount(worked.expectedG, 'g')}</strong>
          <span className="quiet">
            {share < 0.995
              ? `of ${asAmount(worked.theoryG, 'g')}, for ${Math.round(100 * (1 - share))} % of the current makes gas`
              : made
                ? 'all of the current'
                : 'if all of the current makes it; the cell on the left makes something else'}
          </span>
        </div>
        <div>
          <span className="quiet">Even coat</span>
          <strong>{atMostFigures(worked.thicknessUm, 2)} µm</strong>
        </div>
      </div>
      {made && (
        <Button
          variant="default"
          className="no-print"
          onClick={() =>
            onTake({
              currentA: Number(worked.currentA.toPrecision(3)),
              minutes: Number(plan.depositMin),
              areaCm2: worked.areaCm2,
            })
          }
        >
          Take this for the cell
        </Button>
      )}
      <LineTable
        className={classes.lines}
        head={['After', 'Theory', 'Expected']}
        rows={worked.along.map(({ timeS, theoryG, expectedG }) => [
          asTime(timeS),
          <>{withPlaces(theoryG, 3)} g</>,
          <>{withPlaces(expectedG, 3)} g</>,
        ])}
      />
    </>
  );
}

interface DepositFieldsProps {
  readonly plated: string | undefined;
  readonly metal: string;
  readonly pick: (next: Picked) => void;
}

/** The metal, the current density, the plate. */
function DepositFields({ plated, metal, pick }: DepositFieldsProps) {
  const { plan, set } = usePlan();
  return (
    <>
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
      <SegmentedControl
        mt="sm"
        aria-label="Faces"
        value={plan.faces}
        data={[
          { value: '1', label: 'one face' },
          { value: '2', label: 'both faces' },
        ]}
        onChange={(faces) => set({ faces: faces === '2' ? '2' : '1' })}
      />
    </>
  );
}

function work(plan: PlanState, share: number): Attempt<DepositPlan> {
  return attempt(() =>
    planDeposit({
      metal: plan.metal,
      areaCm2: plateAreaCm2({
        widthCm: aboveZero(plan.widthCm, 'The width'),
        heightCm: aboveZero(plan.heightCm, 'The height'),
        faces: plan.faces === '2' ? 2 : 1,
      }),
      densityAPerM2: aboveZero(plan.densityAPerM2, 'The current density'),
      timeS: 60 * aboveZero(plan.depositMin, 'The time'),
      everyS: 60 * aboveZero(plan.everyMin, 'The interval'),
      share,
    }),
  );
}
