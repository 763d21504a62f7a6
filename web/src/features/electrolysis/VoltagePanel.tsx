import { LineTable } from '../../shared/parts/LineTable';
import { Select, Text } from '@mantine/core';
import { voltageBalance } from '@stoichos/core/studies/electrolysis';
import { assumedAreaCm2 } from '@stoichos/core/vessel';
import type { CellRunWithRecord } from '@stoichos/core/labday/cells';
import type { CellVoltages, LogLine, VoltageBalance } from '@stoichos/core/studies/electrolysis';
import { useState } from 'react';
import { TaskFailure } from '../../shared/parts/TaskFailure';
import { useAnswer } from '../../data/worker/useAnswer';
import { formatAmount, formatVolts } from '@stoichos/core/common';
import classes from '../../shared/study/Study.module.css';
import { atMostPlaces, withPlaces } from '@stoichos/core/common';

/** Where the volts of one reading go, as a stacked picture that sums to the cell voltage. */
export function VoltagePanel({ run, log }: { run: CellRunWithRecord; log: readonly LogLine[] }) {
  const { setup } = run;
  const { cell, reference } = setup;
  const withVolts = log.filter(({ cellV, currentA }) => cellV !== undefined && currentA > 0);
  const [chosen, setChosen] = useState<string | null>(null);
  const line = withVolts.find(({ timeS }) => String(timeS) === chosen) ?? withVolts.at(-1);
  const isMelt = 'molten' in cell.electrolyte;
  const { value, failure } = useAnswer(
    'voltages',
    line && !isMelt
      ? [setup, cell.areaCm2 ?? assumedAreaCm2(line.currentA), line.currentA]
      : undefined,
  );
  if (!line || isMelt) return null;
  return (
    <section aria-label="Where the volts go" className={classes.block}>
      <Text fw={600}>Where the volts go</Text>
      <Select
        className="no-print"
        label="At minute"
        value={String(line.timeS)}
        data={withVolts.map(({ timeS, cellV }) => ({
          value: String(timeS),
          label: `${atMostPlaces(timeS / 60, 1)}, ${withPlaces(cellV ?? 0, 2)} V`,
        }))}
        onChange={setChosen}
      />
      <TaskFailure failure={failure} />
      {value && (
        <Balance balance={voltageBalance(value, { ...line, reference })} computed={value} />
      )}
    </section>
  );
}

/** Hatching tells the parts apart without a colour. */
const hatches = [
  'var(--quiet)',
  'repeating-linear-gradient(45deg, var(--quiet) 0 3px, transparent 3px 8px)',
  'repeating-linear-gradient(-45deg, var(--quiet) 0 2px, transparent 2px 6px)',
  'repeating-linear-gradient(90deg, var(--quiet) 0 2px, transparent 2px 7px)',
  'transparent',
];

function Balance({ balance, computed }: { balance: VoltageBalance; computed: CellVoltages }) {
  const { parts, cellV, remarks } = balance;
  const drawn = parts.reduce((sum, { volts }) => sum + Math.max(0, volts), 0);
  return (
    <>
      <div
        className={classes.stack}
        role="img"
        aria-label={`${formatVolts(cellV)} in all: ${parts.map(({ name, volts }) => `${name} ${formatVolts(volts)}`).join(', ')}`}
        data-testid="stack"
      >
        {parts.map(({ name, volts }, at) => (
          <div
            key={name}
            style={{ width: `${(100 * Math.max(0, volts)) / drawn}%`, background: hatches[at] }}
          />
        ))}
      </div>
      <LineTable
        className={classes.lines ?? ''}
        data-testid="balance"
        words={[0]}
        rows={[
          ...parts.map(({ name, volts, from }, at) => [
            <>
              <span className={classes.hex} style={{ background: hatches[at] }} aria-hidden />{' '}
              {name}
            </>,
            formatVolts(volts),
            <span className="quiet">{from}</span>,
          ]),
          [
            'cell',
            <strong>{formatVolts(cellV)}</strong>,
            <span className="quiet">{balance.cellFrom}</span>,
          ],
        ]}
      />
      {remarks.map((remark) => (
        <Text key={remark} size="sm" role="note">
          {remark}
        </Text>
      ))}
      <Text size="sm" className="quiet">
        Computed with {formatAmount(computed.conductivityMSPerCm, 'mS/cm')} and{' '}
        {formatAmount(computed.solutionOhm, 'Ω')} in the solution. Near and far readings of a
        half-cell differ by the drop in the solution between them.
      </Text>
    </>
  );
}
