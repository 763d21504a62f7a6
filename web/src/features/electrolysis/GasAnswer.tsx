import { Text } from '@mantine/core';
import { formatAmount, formatDuration, withPlaces } from '@stoichos/core/common';
import { plannedTubes } from '@stoichos/core/studies/electrolysis';
import type { PlannedTube } from '@stoichos/core/studies/electrolysis';
import { Formula } from '../../shared/chemistry/Formula';
import { Figures } from '../../shared/parts/Figures';
import { Fold } from '../../shared/parts/Fold';
import { LineTable } from '../../shared/parts/LineTable';
import { Amounts } from '../../shared/study/Amounts';
import classes from '../../shared/study/Study.module.css';
import { usePlan } from './useElectrolysis';

interface GasAnswerProps {
  readonly gas: string;
  readonly tube: PlannedTube;
  /** When metal from plus shows in the solution, min of current. */
  readonly renewAfterMin: number | undefined;
}

/** Volume, charge and time at both electrodes, how they come about, and the tubes of a day. */
export function GasAnswer({ gas, tube, renewAfterMin }: GasAnswerProps) {
  const { plan } = usePlan();
  const { tubeMl, gasPlan, pair } = tube;
  const { chargeC, timeS = 0, currentA = 0, lostMl, lostC } = gasPlan;
  const isTime = plan.find === 'time';
  return (
    <>
      <Figures
        data-testid="gas-plan"
        of={[
          [
            <>
              One tube of <Formula text={gas} />
            </>,
            formatAmount(tubeMl, 'mL'),
          ],
          ['Charge', `${Math.round(chargeC)} C`],
          [
            isTime ? `At ${formatAmount(currentA, 'A')}` : `In ${formatDuration(timeS)}`,
            isTime ? formatDuration(timeS) : formatAmount(currentA, 'A'),
            lostMl > 0.02 * tubeMl &&
              `up to ${formatDuration((lostC / chargeC) * timeS)} more: it dissolves at first`,
          ],
          pair && [
            'Then, by volume',
            `${formatAmount(pair.hydrogenMl, 'mL')} : ${formatAmount(pair.oxygenMl, 'mL')}`,
            `${withPlaces(pair.ratio, 2)} : 1, as seen up to ${withPlaces(pair.ratioMost, 2)} : 1, for oxygen dissolves more${
              pair.ratio > 2.02 ? ' and some of the current takes metal off plus' : ''
            }`,
          ],
        ]}
      />
      <Fold title="Working">
        {gasPlan.working.map((line) => (
          <Text key={line} size="sm">
            <Formula text={line} wrap />
          </Text>
        ))}
      </Fold>
      <ClassTubes tube={tube} renewAfterMin={renewAfterMin} />
    </>
  );
}

/** Whose tubes are full when, over the classes of a day. */
function ClassTubes({ tube, renewAfterMin }: Pick<GasAnswerProps, 'tube' | 'renewAfterMin'>) {
  const { plan, set } = usePlan();
  const { lines, clashes } = plannedTubes(plan, tube, renewAfterMin);
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
      {clashes.map((clash) => (
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
          rows={lines.map(({ atMin, classNumber, what }) => [atMin, classNumber, what])}
        />
      </div>
      <Text size="sm" mt="xs">
        Mark both leads with tape and leave them: swapped, the second gas goes into the first tube,
        and a mixture of hydrogen and oxygen explodes.
      </Text>
    </div>
  );
}
