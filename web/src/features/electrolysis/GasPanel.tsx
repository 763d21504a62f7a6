import { Select, Switch, Text, Title } from '@mantine/core';
import { formatDuration, formatNumber } from '@stoichos/core/common';
import { plainFormula } from '@stoichos/core/matter/formula';
import { gasesOf, plannedTube, usualTimeS } from '@stoichos/core/studies/electrolysis';
import type { CellCurrent, MadeGas } from '@stoichos/core/studies/electrolysis';
import { useAnswer } from '../../data/worker/useAnswer';
import { Segments } from '../../shared/parts/Segments';
import { Amounts } from '../../shared/study/Amounts';
import { attempt } from '@stoichos/core/common';
import classes from '../../shared/study/Study.module.css';
import { GasAnswer } from './GasAnswer';
import { usePlan } from './useElectrolysis';
import type { Predicted } from './useStudyCell';

/** Gas wanted in tubes: charge, time, what stands at the other electrode, and the classes one after the other. */
export function GasPanel({ cell, request, current }: Predicted) {
  const { plan } = usePlan();
  const gases = gasesOf(cell);
  const gas = gases.find(({ formula }) => formula === plan.gas) ?? gases[0];
  const tube = gas && attempt(() => plannedTube(plan, gas, gases, current));
  const isActive = !cell.anode.electrode.inert;
  const hooks = useAnswer('hooks', isActive ? [request, current] : undefined);
  const renewAfterMin = isActive ? hooks.value?.showsAtMin : undefined;
  return (
    <section aria-label="Gas in tubes">
      <Title mb="xs">Gas in tubes</Title>
      {!gas || !tube ? (
        <Text className="quiet">This cell gives no gas to collect.</Text>
      ) : (
        <>
          <GasFields gases={gases} gas={gas} current={current} />
          {'problem' in tube ? (
            <Text role="alert" mt="sm">
              {tube.problem}
            </Text>
          ) : (
            <GasAnswer gas={gas.formula} tube={tube} renewAfterMin={renewAfterMin} />
          )}
        </>
      )}
    </section>
  );
}

interface GasFieldsProps {
  readonly gases: readonly MadeGas[];
  readonly gas: MadeGas;
  readonly current: CellCurrent;
}

/** The gas, what is sought, and the tube: by its volume, or by what a ruler says. */
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
      <Segments
        mt="sm"
        label="What is sought"
        value={plan.find}
        of={{
          time: `How long at ${current.currentA === undefined ? 'a gentle current' : `${formatNumber(current.currentA)} A`}`,
          current: `What current for ${formatDuration(current.timeS ?? usualTimeS)}`,
        }}
        onChange={(find) => set({ find })}
      />
      <Segments
        mt="sm"
        label="The tube"
        value={plan.tube}
        of={{ ruler: 'Tube by ruler', volume: 'Tube by volume' }}
        onChange={(tube) => set({ tube })}
      />
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
    </>
  );
}
