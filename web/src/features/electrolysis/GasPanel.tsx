import { SegmentedControl, Select, Switch, Text, Title } from '@mantine/core';
import { plainFormula } from '@stoichos/core/matter/formula';
import { planGas, tubeSchedule, tubeVolumeMl, twoToOne } from '@stoichos/core/studies/electrolysis';
import type {
  CellCurrent,
  CellRequest,
  GasPlan,
  PredictedCell,
  TwoToOne,
} from '@stoichos/core/studies/electrolysis';
import { useEffect } from 'react';
import { Formula } from '../../shared/chemistry/Formula';
import { Fold } from '../../shared/parts/Fold';
import { useTask } from '../../data/worker/useTask';
import { Amount } from '../../shared/study/Amount';
import { aboveZero, attempt } from '../../shared/study/attempt';
import type { Attempt } from '../../shared/study/attempt';
import { asAmount, asTime } from '../../shared/study/asAmount';
import classes from '../../shared/study/Study.module.css';
import { usePlan } from './planState';
import type { PlanState } from './planState';

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
  const [plan, setPlan] = usePlan();
  const set = (part: Partial<PlanState>) => setPlan((before) => ({ ...before, ...part }));
  const gases = gasesOf(cell);
  const gas = gases.find(({ formula }) => formula === plan.gas) ?? gases[0];
  const worked = gas && work(plan, gas, gases, current);
  const hooks = useTask('hooks');
  const { start } = hooks;
  const isActive = !cell.anode.electrode.inert;
  useEffect(() => {
    if (isActive) void start(request, current);
  }, [isActive, request, current, start]);
  const renewAfterMin = isActive ? hooks.value?.showsAtMin : undefined;
  return (
    <section aria-label="Gas in tubes">
      <Title order={2} size="h4" mb="xs">
        Gas in tubes
      </Title>
      {!gas || !worked ? (
        <Text className="quiet">This cell gives no gas to collect.</Text>
      ) : (
        <>
          <div className={classes.pair}>
            <Select
              label="Gas wanted"
              size="md"
              allowDeselect={false}
              value={gas.formula}
              data={gases.map(({ formula, where }) => ({
                value: formula,
                label: `${plainFormula(formula)} at ${where}`,
              }))}
              onChange={(value) => set({ gas: value ?? 'H2' })}
            />
            <Amount
              label="Air pressure, kPa"
              step={0.1}
              value={plan.pressureKPa}
              onChange={(pressureKPa) => set({ pressureKPa })}
            />
          </div>
          <SegmentedControl
            mt="sm"
            size="md"
            aria-label="What is sought"
            value={plan.find}
            data={[
              {
                value: 'time',
                label: `How long at ${current.currentA === undefined ? 'a gentle current' : `${current.currentA} A`}`,
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
            size="md"
            aria-label="The tube"
            value={plan.tube}
            data={[
              { value: 'ruler', label: 'Tube by ruler' },
              { value: 'volume', label: 'Tube by volume' },
            ]}
            onChange={(tube) => set({ tube: tube === 'volume' ? 'volume' : 'ruler' })}
          />
          <div className={classes.pair}>
            {plan.tube === 'volume' ? (
              <Amount
                label="Volume, mL"
                step={1}
                value={plan.tubeMl}
                onChange={(tubeMl) => set({ tubeMl })}
              />
            ) : (
              <>
                <Amount
                  label="Inside, mm wide"
                  step={1}
                  value={plan.innerMm}
                  onChange={(innerMm) => set({ innerMm })}
                />
                <Amount
                  label="Length, mm"
                  step={5}
                  value={plan.lengthMm}
                  onChange={(lengthMm) => set({ lengthMm })}
                />
                <Switch
                  label="Round end"
                  checked={plan.round}
                  onChange={(event) => set({ round: event.currentTarget.checked })}
                />
              </>
            )}
            <Switch
              label="Over water"
              checked={plan.overWater}
              onChange={(event) => set({ overWater: event.currentTarget.checked })}
            />
          </div>
          {'problem' in worked ? (
            <Text role="alert" mt="sm">
              {worked.problem}
            </Text>
          ) : (
            <Worked
              gas={gas.formula}
              {...worked}
              plan={plan}
              set={set}
              renewAfterMin={renewAfterMin}
            />
          )}
        </>
      )}
    </section>
  );
}

interface MadeGas {
  readonly formula: 'H2' | 'O2' | 'Cl2';
  readonly where: 'minus' | 'plus';
  readonly share: number;
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

/** Where no time or current is set: ten minutes, a gentle current. */
const usualTimeS = 600;
const gentleA = 0.1;

interface Work {
  readonly tubeMl: number;
  readonly gasPlan: GasPlan;
  readonly pair?: TwoToOne;
}

function work(
  plan: PlanState,
  gas: MadeGas,
  gases: readonly MadeGas[],
  current: CellCurrent,
): Attempt<Work> {
  return attempt(() => {
    const tubeMl =
      plan.tube === 'volume'
        ? aboveZero(plan.tubeMl, 'The volume of the tube')
        : tubeVolumeMl({
            innerDiameterMm: aboveZero(plan.innerMm, 'The inside of the tube'),
            lengthMm: aboveZero(plan.lengthMm, 'The length of the tube'),
            round: plan.round,
          });
    const conditions = {
      temperatureC: current.conditions.temperatureC,
      pressureKPa: aboveZero(plan.pressureKPa, 'The air pressure'),
      overWater: plan.overWater,
    };
    const gasPlan = planGas({
      gas: gas.formula,
      volumeMl: tubeMl,
      conditions,
      share: gas.share,
      ...(plan.find === 'time'
        ? { currentA: current.currentA ?? gentleA }
        : { timeS: current.timeS ?? usualTimeS }),
    });
    const share = (formula: string) => gases.find((one) => one.formula === formula)?.share;
    const [hydrogen, oxygen] = [share('H2'), share('O2')];
    return {
      tubeMl,
      gasPlan,
      ...(hydrogen !== undefined &&
        oxygen !== undefined && {
          pair: twoToOne(gasPlan.chargeC, conditions, { hydrogen, oxygen }),
        }),
    };
  });
}

function Worked({
  gas,
  tubeMl,
  gasPlan,
  pair,
  plan,
  set,
  renewAfterMin,
}: Work & {
  readonly gas: string;
  readonly plan: PlanState;
  readonly set: (part: Partial<PlanState>) => void;
  /** When metal from plus shows in the solution, min of current. */
  readonly renewAfterMin: number | undefined;
}) {
  const { chargeC, timeS = 0, currentA = 0, lostMl, lostC } = gasPlan;
  const count = plan.classes === '' ? 0 : Math.min(12, Math.max(0, Math.round(plan.classes)));
  const apart = plan.apartMin === '' ? 0 : plan.apartMin;
  const schedule = tubeSchedule({
    startsMin: Array.from({ length: count }, (_, at) => at * apart),
    fillMin: Math.ceil(timeS / 60),
    ...(renewAfterMin !== undefined && { renewAfterMin }),
    ...(pair && { plusFull: pair.oxygenMl / pair.hydrogenMl }),
  });
  return (
    <>
      <div className={classes.answers} data-testid="gas-plan">
        <div>
          <span className="quiet">
            One tube of <Formula text={gas} />
          </span>
          <strong>{asAmount(tubeMl, 'mL')}</strong>
        </div>
        <div>
          <span className="quiet">Charge</span>
          <strong>{Math.round(chargeC)} C</strong>
        </div>
        <div>
          <span className="quiet">
            {plan.find === 'time' ? `At ${asAmount(currentA, 'A')}` : `In ${asTime(timeS)}`}
          </span>
          <strong>{plan.find === 'time' ? asTime(timeS) : asAmount(currentA, 'A')}</strong>
          {lostMl > 0.02 * tubeMl && (
            <span className="quiet">
              up to {asTime((lostC / chargeC) * timeS)} more: it dissolves at first
            </span>
          )}
        </div>
        {pair && (
          <div>
            <span className="quiet">Then, by volume</span>
            <strong>
              {asAmount(pair.hydrogenMl, 'mL')} : {asAmount(pair.oxygenMl, 'mL')}
            </strong>
            <span className="quiet">
              {pair.ratio.toFixed(2)} : 1, as seen up to {pair.ratioMost.toFixed(2)} : 1, for oxygen
              dissolves more{pair.ratio > 2.02 && ' and some of the current takes metal off plus'}
            </span>
          </div>
        )}
      </div>
      <Fold title="Working">
        {gasPlan.working.map((line) => (
          <Text key={line} size="sm">
            <Formula text={line} wrap />
          </Text>
        ))}
      </Fold>
      <div className={classes.block}>
        <Text fw={600}>Class after class</Text>
        <div className={classes.pair}>
          <Amount
            label="Classes"
            step={1}
            value={plan.classes}
            onChange={(value) => set({ classes: value })}
          />
          <Amount
            label="Minutes from one to the next"
            step={5}
            value={plan.apartMin}
            onChange={(apartMin) => set({ apartMin })}
          />
        </div>
        {schedule.clashes.map((clash) => (
          <Text key={clash} role="alert" mt="xs" fw={600}>
            {clash}
          </Text>
        ))}
        <div className={classes.scroll}>
          <table className={classes.lines} data-testid="tube-schedule">
            <thead>
              <tr>
                <th scope="col">Minute</th>
                <th scope="col">Class</th>
                <th scope="col" className={classes.words}>
                  What to do
                </th>
              </tr>
            </thead>
            <tbody>
              {schedule.lines.map(({ atMin, classNumber, what }) => (
                <tr key={`${classNumber} ${atMin} ${what}`}>
                  <th scope="row">{atMin}</th>
                  <td>{classNumber}</td>
                  <td className={classes.words}>{what}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
        <Text size="sm" mt="xs">
          Mark both leads with tape and leave them: swapped, the second gas goes into the first
          tube, and a mixture of hydrogen and oxygen explodes.
        </Text>
      </div>
    </>
  );
}
