import { Button, Text, Title } from '@mantine/core';
import { formatAmount, formatVolts } from '@stoichos/core/common';
import { batterySource, currentTries, supplyOf } from '@stoichos/core/studies/electrolysis';
import { conductivitySource } from '@stoichos/core/vessel';
import type { CellRequest, CurrentEstimate, CurrentTry } from '@stoichos/core/studies/electrolysis';
import { useAnswer } from '../../data/worker/useAnswer';
import { Figures } from '../../shared/parts/Figures';
import { LineTable } from '../../shared/parts/LineTable';
import { Segments } from '../../shared/parts/Segments';
import { TaskFailure } from '../../shared/parts/TaskFailure';
import { TaskProgress } from '../../shared/parts/TaskProgress';
import { Amounts } from '../../shared/study/Amounts';
import classes from '../../shared/study/Study.module.css';
import { useElectrolysis, usePlan } from './useElectrolysis';
import { Cited } from '../../shared/parts/Cited';

interface SupplyPanelProps {
  readonly request: CellRequest;
  readonly areaCm2: number;
}

/** What current a supply drives through the cell, with its range, and what more of it would do. */
export function SupplyPanel({ request, areaCm2 }: SupplyPanelProps) {
  const { plan, set } = usePlan();
  const supply = supplyOf(plan);
  const { value, of, failure, share, cancel } = useAnswer(
    'currents',
    supply && [currentTries(request, areaCm2, supply)],
  );
  return (
    <>
      <Title mb="xs">The supply</Title>
      <Segments
        fullWidth
        label="What drives the current"
        value={plan.supply}
        of={{ cells: 'Batteries', supply: 'Power supply' }}
        onChange={(kind) => set({ supply: kind })}
      />
      <div className={classes.pair}>
        {plan.supply === 'cells' ? (
          <Amounts
            of={plan}
            onChange={set}
            fields={{
              cells: ['In series', '', 1],
              eachV: ['Each', 'V', 0.5],
              eachOhm: ['Inside each', 'Ω', 0.5],
            }}
          />
        ) : (
          <Amounts
            of={plan}
            onChange={set}
            fields={{ supplyV: ['Set to', 'V', 0.5], limitA: ['Limit', 'A', 0.1] }}
          />
        )}
      </div>
      {!supply && (
        <Text role="alert" mt="sm">
          A supply has at least one cell and a voltage above 0 V; more than 60 V can kill.
        </Text>
      )}
      <TaskProgress what="Trying currents" share={share} cancel={cancel} />
      <TaskFailure failure={failure} />
      {value && of && supply && <SupplyAnswer tries={of[0]} found={value} />}
    </>
  );
}

/** The current that flows, where the volts go, and what a change does. */
function SupplyAnswer({
  tries,
  found: [base, ...others],
}: {
  readonly tries: readonly CurrentTry[];
  readonly found: readonly CurrentEstimate[];
}) {
  const { change } = useElectrolysis();
  if (!base) return null;
  const { currentA, voltages } = base;
  return (
    <>
      <Figures
        data-testid="supply"
        of={[
          [
            'Current',
            formatAmount(currentA, 'A'),
            base.limited
              ? 'held by the limit'
              : `${formatAmount(base.lowA, 'A')} to ${formatAmount(base.highA, 'A')}`,
          ],
          [
            'Across the cell',
            formatVolts(voltages.cellV, 1),
            `${formatVolts(voltages.solutionV, 1)} of it in the solution`,
          ],
        ]}
      />
      {currentA > 1e-4 ? (
        <Button
          className="no-print"
          onClick={() => change({ currentA: Number(currentA.toPrecision(2)) })}
        >
          Take this current for the cell
        </Button>
      ) : (
        <Text role="alert">
          Hardly any current: below {formatVolts(voltages.equilibriumV + 0.5, 1)} this cell does not
          start. Put more cells in series.
        </Text>
      )}
      <LineTable
        className={classes.lines ?? ''}
        head={['With', 'Current', 'One tube in']}
        words={[0]}
        rows={others.map((one, at) => [
          tries[at + 1]?.name,
          formatAmount(one.currentA, 'A'),
          one.currentA > 0 ? `${Math.round((100 * currentA) / one.currentA)} % of the time` : '—',
        ])}
      />
      <Text size="sm" className="quiet" mt="xs">
        {formatAmount(voltages.conductivityMSPerCm, 'mS/cm')} in the solution,{' '}
        {formatAmount(voltages.solutionOhm, 'Ω')} between the electrodes. The range takes the
        conductivity, the shape of the field and an old battery together. Measure once; then you
        know.
      </Text>
      <Text size="sm" className="quiet">
        <Cited source={conductivitySource} /> · <Cited source={batterySource} />
      </Text>
    </>
  );
}
