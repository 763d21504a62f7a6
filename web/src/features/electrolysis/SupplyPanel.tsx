import { LineTable } from '../../shared/parts/LineTable';
import { Button, SegmentedControl, Text, Title } from '@mantine/core';
import { sourceText } from '@stoichos/core/matter/substances';
import { batterySource, usualGapCm } from '@stoichos/core/studies/electrolysis';
import { conductivitySource } from '@stoichos/core/vessel';
import type { CellRequest, CurrentEstimate, Supply } from '@stoichos/core/studies/electrolysis';
import { TaskFailure } from '../../shared/parts/TaskFailure';
import type { CurrentTry } from '../../data/worker/chemistry';
import { TaskProgress } from '../../shared/parts/TaskProgress';
import { useAnswer } from '../../data/worker/useAnswer';
import { Amounts } from '../../shared/study/Amounts';
import { asAmount, asVolts } from '../../shared/study/asAmount';
import classes from '../../shared/study/Study.module.css';
import { usePlan } from './planState';
import type { PlanState } from './planState';

interface SupplyPanelProps {
  readonly request: CellRequest;
  readonly areaCm2: number;
  readonly onTake: (currentA: number) => void;
}

/** What current a supply drives through the cell, with its range, and what more of it would do. */
export function SupplyPanel({ request, areaCm2, onTake }: SupplyPanelProps) {
  const { plan } = usePlan();
  const supply = supplyOf(plan);
  const tries = triesOf([request, areaCm2, supply]);
  const { value, failure, share, cancel } = useAnswer(
    'currents',
    tries.length > 0 ? [tries.map(({ one }) => one)] : undefined,
  );
  const [base, ...others] = value ?? [];
  return (
    <>
      <Title mb="xs">The supply</Title>
      <SupplyFields />
      {!supply && (
        <Text role="alert" mt="sm">
          A supply has at least one cell and a voltage above 0 V; more than 60 V can kill.
        </Text>
      )}
      {share !== undefined && <TaskProgress what="Trying currents" share={share} cancel={cancel} />}
      <TaskFailure failure={failure} />
      {base && supply && <SupplyAnswer tries={tries} base={base} onTake={onTake} others={others} />}
    </>
  );
}

interface SupplyAnswerProps {
  readonly tries: { name: string; one: CurrentTry }[];
  readonly base: CurrentEstimate;
  readonly onTake: (currentA: number) => void;
  readonly others: CurrentEstimate[];
}

/** The current that flows, where the volts go, and what a change does. */
function SupplyAnswer({ tries, base, onTake, others }: SupplyAnswerProps) {
  return (
    <>
      <div className={classes.answers} data-testid="supply">
        <div>
          <span className="quiet">Current</span>
          <strong>{asAmount(base.currentA, 'A')}</strong>
          <span className="quiet">
            {base.limited
              ? 'held by the limit'
              : `${asAmount(base.lowA, 'A')} to ${asAmount(base.highA, 'A')}`}
          </span>
        </div>
        <div>
          <span className="quiet">Across the cell</span>
          <strong>{asVolts(base.voltages.cellV, 1)}</strong>
          <span className="quiet">{asVolts(base.voltages.solutionV, 1)} of it in the solution</span>
        </div>
      </div>
      {base.currentA > 1e-4 ? (
        <Button variant="default" className="no-print" onClick={() => onTake(base.currentA)}>
          Take this current for the cell
        </Button>
      ) : (
        <Text role="alert">
          Hardly any current: below {asVolts(base.voltages.equilibriumV + 0.5, 1)} this cell does
          not start. Put more cells in series.
        </Text>
      )}
      <LineTable
        className={classes.lines ?? ''}
        head={['With', 'Current', 'One tube in']}
        words={[0]}
        rows={others.map((one, at) => [
          tries[at + 1]?.name,
          asAmount(one.currentA, 'A'),
          one.currentA > 0
            ? `${Math.round((100 * base.currentA) / one.currentA)} % of the time`
            : '—',
        ])}
      />
      <Text size="sm" className="quiet" mt="xs">
        {asAmount(base.voltages.conductivityMSPerCm, 'mS/cm')} in the solution,{' '}
        {asAmount(base.voltages.solutionOhm, 'Ω')} between the electrodes. The range takes the
        conductivity, the shape of the field and an old battery together. Measure once; then you
        know.
      </Text>
      <Text size="sm" className="quiet">
        {sourceText(conductivitySource)} · {sourceText(batterySource)}
      </Text>
    </>
  );
}

/** Batteries in series, or a supply with its limit. */
function SupplyFields() {
  const { plan, set } = usePlan();
  return (
    <>
      <SegmentedControl
        fullWidth
        aria-label="What drives the current"
        value={plan.supply}
        data={[
          { value: 'cells', label: 'Batteries' },
          { value: 'supply', label: 'Power supply' },
        ]}
        onChange={(kind) => set({ supply: kind === 'supply' ? 'supply' : 'cells' })}
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
    </>
  );
}

type Parts = readonly [CellRequest, number, Supply | null];

/** The cell as it is, and with more of one thing. */
function triesOf([request, areaCm2, supply]: Parts): { name: string; one: CurrentTry }[] {
  if (!supply) return [];
  const gapCm = request.gapCm ?? usualGapCm;
  const base = { request, gapCm, areaCm2, supply };
  const stronger: CellRequest =
    'molten' in request.electrolyte
      ? request
      : {
          ...request,
          electrolyte: request.electrolyte.map((one) => ({
            ...one,
            concentrationM: Math.min(20, 2 * one.concentrationM),
          })),
        };
  const twice: Supply =
    'cells' in supply
      ? { ...supply, cells: Math.min(20, 2 * supply.cells) }
      : { ...supply, supplyV: Math.min(60, 2 * supply.supplyV) };
  return [
    { name: 'as set', one: base },
    {
      name: 'cells' in supply ? 'twice the batteries in series' : 'twice the voltage',
      one: { ...base, supply: twice },
    },
    { name: 'twice the concentration', one: { ...base, request: stronger } },
    { name: 'half the gap', one: { ...base, gapCm: gapCm / 2 } },
    { name: 'twice the area', one: { ...base, areaCm2: 2 * areaCm2 } },
  ];
}

function supplyOf(plan: PlanState): Supply | null {
  const above = (value: number | '', most: number): value is number =>
    value !== '' && value > 0 && value <= most;
  if (plan.supply === 'supply')
    return above(plan.supplyV, 60)
      ? { supplyV: plan.supplyV, ...(above(plan.limitA, 100) && { limitA: plan.limitA }) }
      : null;
  return above(plan.cells, 20) && above(plan.eachV, 30) && plan.cells * plan.eachV <= 60
    ? {
        cells: Math.round(plan.cells),
        eachV: plan.eachV,
        eachOhm: plan.eachOhm === '' ? 2 : Math.max(0, plan.eachOhm),
      }
    : null;
}
