import { Alert, List, Text } from '@mantine/core';
import { formatAmount, formatDuration, formatNumber, withPlaces } from '@stoichos/core/common';
import { judgeCellRun } from '@stoichos/core/labday/cells';
import { efficiencySource } from '@stoichos/core/studies/electrolysis';
import type { CellRunWithRecord } from '@stoichos/core/labday/cells';
import type { Efficiency, ElectrodeEfficiency } from '@stoichos/core/studies/electrolysis';
import { useMemo } from 'react';
import { Formula } from '../../shared/chemistry/Formula';
import { Figures } from '../../shared/parts/Figures';
import { Fold } from '../../shared/parts/Fold';
import { Cited } from '../../shared/parts/Cited';

/** What the log and the weighings say: charge, efficiency, what cannot be and why, energy. */
export function JudgeRun({ run }: { run: CellRunWithRecord }) {
  const judged = useMemo(() => judgeCellRun(run), [run]);
  if (!judged)
    return (
      <>
        <Text fw={600}>What the numbers say</Text>
        <Text className="quiet">
          Charge, current efficiency, energy and the voltage balance appear once there are two
          readings.
        </Text>
      </>
    );
  const { summary, offPlan, gapS, found, problem } = judged;
  return (
    <section aria-label="Judgement">
      <Figures
        data-testid="charge"
        of={[
          [
            'Charge, from the log',
            `${Math.round(summary.chargeC)} C`,
            `in ${formatDuration(summary.timeS)}, on average ${withPlaces(summary.meanCurrentA, 3)} A`,
          ],
          summary.meanCellV !== undefined && [
            'Cell voltage, on average',
            `${withPlaces(summary.meanCellV, 2)} V`,
          ],
        ]}
      />
      {offPlan !== undefined && (
        <Text size="sm">
          {formatNumber(Math.abs(Math.round(100 * offPlan)))} % {offPlan > 0 ? 'more' : 'less'} than{' '}
          {formatNumber(run.setup.plannedA)} A for the same time: the charge of the planned current
          would be wrong.
        </Text>
      )}
      {gapS !== undefined && (
        <Text size="sm" role="note" data-testid="gap">
          Longest stretch without a reading: {formatDuration(gapS)}. The current there is taken as
          straight between its ends.
        </Text>
      )}
      {problem && (
        <Text role="alert" mt="sm">
          {problem}
        </Text>
      )}
      {found && <Judged found={found} metal={run.setup.metal ?? ''} />}
    </section>
  );
}

const percent = ({ efficiency: { value, uncertainty } }: ElectrodeEfficiency): string =>
  `${Math.round(100 * value)} ± ${formatNumber(Math.max(1, Math.round(100 * uncertainty)))} %`;

function Judged({ found, metal }: { found: Efficiency; metal: string }) {
  const { theoryG, cathode, anode, causes, mismatch, kWhPerKg, working } = found;
  const changed = (did: string, one: ElectrodeEfficiency | undefined) =>
    one &&
    ([
      `${did} ${formatAmount(one.changeG.value, 'g')}`,
      percent(one),
      one.impossible ? 'more than all of the current' : 'of the current',
    ] as const);
  return (
    <>
      <Figures
        data-testid="efficiency"
        of={[
          changed('Minus gained', cathode),
          changed('Plus lost', anode),
          [
            <>
              Theory for <Formula text={metal} />
            </>,
            formatAmount(theoryG.value, 'g'),
          ],
          kWhPerKg && [
            'Energy',
            `${withPlaces(kWhPerKg.value, 2)} kWh/kg`,
            `± ${withPlaces(kWhPerKg.uncertainty, 2)}`,
          ],
        ]}
      />
      {causes.length > 0 && (
        <Alert title="This cannot be right as it stands. Likeliest first:" role="alert">
          <List type="ordered" size="sm" data-testid="causes">
            {causes.map(({ cause, words, likelihood, remedy }) => (
              <List.Item key={cause}>
                <strong>{cause}</strong> ({Math.round(100 * likelihood)} %): {words} {remedy}
              </List.Item>
            ))}
          </List>
          <Text size="sm" className="quiet">
            <Cited source={efficiencySource} />
          </Text>
        </Alert>
      )}
      {mismatch && (
        <Text size="sm" mt="xs" data-testid="mismatch">
          {mismatch}
        </Text>
      )}
      <Fold title="Working">
        {working.map((line) => (
          <Text key={line} size="sm">
            {line}
          </Text>
        ))}
      </Fold>
    </>
  );
}
