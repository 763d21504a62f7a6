import { SegmentedControl, Select, Switch, Text, Title } from '@mantine/core';
import { plainFormula } from '@stoichos/core/matter/formula';
import type { CellCurrent, CellRequest, PredictedCell } from '@stoichos/core/studies/electrolysis';
import { useAnswer } from '../../data/worker/useAnswer';
import { Amounts } from '../../shared/study/Amounts';
import { asTime } from '../../shared/study/asAmount';
import classes from '../../shared/study/Study.module.css';
import { usePlan } from './planState';
import { usualTimeS, work, Worked } from './GasAnswer';
import type { MadeGas } from './GasAnswer';
import { formatNumber } from '@stoichos/core/common';

/** Gas wanted in tubes: charge, time, what stands at the other electrode, and the classes one after the other. */
export function GasPanel({
  cell,
  request,
  current,
}: {
  cell: PredictedCell;
  request: CellRequest;
  current: CellCurrent;
}) {
  const { plan } = usePlan();
  const gases = gasesOf(cell);
  const gas = gases.find(({ formula }) => formula === plan.gas) ?? gases[0];
  const worked = gas && work(plan, gas, gases, current);
  const isActive = !cell.anode.electrode.inert;
  const hooks = useAnswer('hooks', isActive ? [request, current] : undefined);
  const renewAfterMin = isActive ? hooks.value?.showsAtMin : undefined;
  return (
    <section aria-label="Gas in tubes">
      <Title mb="xs">Gas in tubes</Title>
      {!gas || !worked ? (
        <Text className="quiet">This cell gives no gas to collect.</Text>
      ) : (
        <>
          <GasFields gases={gases} gas={gas} current={current} />
          {'problem' in worked ? (
            <Text role="alert" mt="sm">
              {worked.problem}
            </Text>
          ) : (
            <Worked gas={gas.formula} {...worked} renewAfterMin={renewAfterMin} />
          )}
        </>
      )}
    </section>
  );
}

interface GasFieldsProps {
  readonly gases: MadeGas[];
  readonly gas: MadeGas;
  readonly current: CellCurrent;
}

/** The gas, what is sought, and the tube. */
function GasFields({ gases, gas, current }: GasFieldsProps) {
  const { plan, set } = usePlan();
  return (
    <>
      <div className={classes.pair}>
        <Select
          label="Gas wanted"
          value={gas.formula}
          data={gases.map(({ formula, where }) => ({
            value: formula,
            label: `${plainFormula(formula)} at ${where}`,
          }))}
          onChange={(value) => set({ gas: value ?? 'H2' })}
        />
        <Amounts of={plan} onChange={set} fields={{ pressureKPa: ['Air pressure', 'kPa', 0.1] }} />
      </div>
      <SegmentedControl
        mt="sm"
        aria-label="What is sought"
        value={plan.find}
        data={[
          {
            value: 'time',
            label: `How long at ${current.currentA === undefined ? 'a gentle current' : `${formatNumber(current.currentA)} A`}`,
          },
          {
            value: 'current',
            label: `What current for ${asTime(current.timeS ?? usualTimeS)}`,
          },
        ]}
        onChange={(find) => set({ find: find === 'current' ? 'current' : 'time' })}
      />
      <SegmentedControl
        mt="sm"
        aria-label="The tube"
        value={plan.tube}
        data={[
          { value: 'ruler', label: 'Tube by ruler' },
          { value: 'volume', label: 'Tube by volume' },
        ]}
        onChange={(tube) => set({ tube: tube === 'volume' ? 'volume' : 'ruler' })}
      />
      <TubeFields />
    </>
  );
}

/** The tube: by its volume, or by what a ruler says. */
function TubeFields() {
  const { plan, set } = usePlan();
  return (
    <div className={classes.pair}>
      {plan.tube === 'volume' ? (
        <Amounts of={plan} onChange={set} fields={{ tubeMl: ['Volume', 'mL', 1] }} />
      ) : (
        <>
          <Amounts
            of={plan}
            onChange={set}
            fields={{ innerMm: ['Inside', 'mm wide', 1], lengthMm: ['Length', 'mm', 5] }}
          />
          <Switch
            size="sm"
            label="Round end"
            checked={plan.round}
            onChange={(event) => set({ round: event.currentTarget.checked })}
          />
        </>
      )}
      <Switch
        size="sm"
        label="Over water"
        checked={plan.overWater}
        onChange={(event) => set({ overWater: event.currentTarget.checked })}
      />
    </div>
  );
}

function gasesOf({ cathode, anode }: PredictedCell): MadeGas[] {
  return (
    [
      ['minus', cathode],
      ['plus', anode],
    ] as const
  ).flatMap(([where, { products }]) =>
    products.flatMap(({ formula, share }) =>
      formula === 'H2' || formula === 'O2' || formula === 'Cl2' ? [{ formula, where, share }] : [],
    ),
  );
}
