import { LineTable } from '../../shared/parts/LineTable';
import { Text } from '@mantine/core';
import { planGas, tubeSchedule, tubeVolumeMl, twoToOne } from '@stoichos/core/studies/electrolysis';
import type { CellCurrent, GasPlan, TwoToOne } from '@stoichos/core/studies/electrolysis';
import { Formula } from '../../shared/chemistry/Formula';
import { Fold } from '../../shared/parts/Fold';
import { Amounts } from '../../shared/study/Amounts';
import { aboveZero, attempt } from '../../shared/study/attempt';
import type { Attempt } from '../../shared/study/attempt';
import { asAmount, asTime } from '../../shared/study/asAmount';
import classes from '../../shared/study/Study.module.css';
import { usePlan } from './planState';
import type { PlanState } from './planState';
import { withPlaces } from '@stoichos/core/common';

export interface MadeGas {
  readonly formula: 'H2' | 'O2' | 'Cl2';
  readonly where: 'minus' | 'plus';
  readonly share: number;
}

/** Where no time or current is set: ten minutes, a gentle current. */
export const usualTimeS = 600;

const gentleA = 0.1;

interface Work {
  readonly tubeMl: number;
  readonly gasPlan: GasPlan;
  readonly pair?: TwoToOne;
}

export function work(
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

interface WorkedProps extends Work {
  readonly gas: string;
  /** When metal from plus shows in the solution, min of current. */
  readonly renewAfterMin: number | undefined;
}

export function Worked(props: WorkedProps) {
  return (
    <>
      <GasNumbers {...props} />
      <Fold title="Working">
        {props.gasPlan.working.map((line) => (
          <Text key={line} size="sm">
            <Formula text={line} wrap />
          </Text>
        ))}
      </Fold>
      <ClassTubes {...props} />
    </>
  );
}

/** Whose tubes are full when, over the classes of a day. */
function ClassTubes({ gasPlan: { timeS = 0 }, renewAfterMin, pair }: WorkedProps) {
  const { plan, set } = usePlan();
  const count = plan.classes === '' ? 0 : Math.min(12, Math.max(0, Math.round(plan.classes)));
  const apart = plan.apartMin === '' ? 0 : plan.apartMin;
  const schedule = tubeSchedule({
    startsMin: Array.from({ length: count }, (_, at) => at * apart),
    fillMin: Math.ceil(timeS / 60),
    ...(renewAfterMin !== undefined && { renewAfterMin }),
    ...(pair && { plusFull: pair.oxygenMl / pair.hydrogenMl }),
  });
  return (
    <div className={classes.block}>
      <Text fw={600}>Class after class</Text>
      <div className={classes.pair}>
        <Amounts
          of={plan}
          onChange={set}
          fields={{
            classes: ['Classes', '', 1],
            apartMin: ['Minutes from one to the next', '', 5],
          }}
        />
      </div>
      {schedule.clashes.map((clash) => (
        <Text key={clash} role="alert" mt="xs" fw={600}>
          {clash}
        </Text>
      ))}
      <div className={classes.scroll}>
        <LineTable
          className={classes.lines}
          data-testid="tube-schedule"
          head={['Minute', 'Class', 'What to do']}
          words={[2]}
          rows={schedule.lines.map(({ atMin, classNumber, what }) => [atMin, classNumber, what])}
        />
      </div>
      <Text size="sm" mt="xs">
        Mark both leads with tape and leave them: swapped, the second gas goes into the first tube,
        and a mixture of hydrogen and oxygen explodes.
      </Text>
    </div>
  );
}

/** Volume, charge and time at both electrodes. */
function GasNumbers({ gasPlan, pair, gas, tubeMl }: WorkedProps) {
  const { plan } = usePlan();
  const { chargeC, timeS = 0, currentA = 0, lostMl, lostC } = gasPlan;
  return (
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
            {withPlaces(pair.ratio, 2)} : 1, as seen up to {withPlaces(pair.ratioMost, 2)} : 1, for
            oxygen dissolves more
            {pair.ratio > 2.02 && ' and some of the current takes metal off plus'}
          </span>
        </div>
      )}
    </div>
  );
}
