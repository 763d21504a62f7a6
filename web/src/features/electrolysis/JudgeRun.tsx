import { Alert, Text } from '@mantine/core';
import { cellMass } from '@stoichos/core/labday';
import { sourceText } from '@stoichos/core/matter/substances';
import { efficiency, efficiencySource, summariseLog } from '@stoichos/core/studies/electrolysis';
import { findElectrode } from '@stoichos/core/vessel';
import type { CellRunWithRecord } from '@stoichos/core/labday';
import type {
  Efficiency,
  ElectrodeEfficiency,
  LogLine,
  LogSummary,
} from '@stoichos/core/studies/electrolysis';
import { useMemo } from 'react';
import { Formula } from '../../shared/chemistry/Formula';
import { Fold } from '../../shared/parts/Fold';
import { attempt } from '../../shared/study/attempt';
import { asAmount, asTime } from '../../shared/study/asAmount';
import classes from '../../shared/study/Study.module.css';
import { formatNumber, withPlaces } from '@stoichos/core/common';

/** What the clock and the hand at the switch may be off by, s (common practice). */
const clockS = 5;

/** What the log and the weighings say: charge, efficiency, what cannot be and why, energy. */
export function JudgeRun({ run, log }: { run: CellRunWithRecord; log: readonly LogLine[] }) {
  const told = useMemo(() => judge(run, log), [run, log]);
  if ('missing' in told)
    return (
      <>
        <Text fw={600}>What the numbers say</Text>
        <Text className="quiet">{told.missing}</Text>
      </>
    );
  const { summary, found, problem } = told;
  const { plannedA } = run.setup;
  const off = summary.meanCurrentA / plannedA - 1;
  return (
    <section aria-label="Judgement">
      <div className={classes.answers} data-testid="charge">
        <div>
          <span className="quiet">Charge, from the log</span>
          <strong>{Math.round(summary.chargeC)} C</strong>
          <span className="quiet">
            in {asTime(summary.timeS)}, on average {withPlaces(summary.meanCurrentA, 3)} A
          </span>
        </div>
        {summary.meanCellV !== undefined && (
          <div>
            <span className="quiet">Cell voltage, on average</span>
            <strong>{withPlaces(summary.meanCellV, 2)} V</strong>
          </div>
        )}
      </div>
      {Math.abs(off) > 0.03 && (
        <Text size="sm">
          {formatNumber(Math.abs(Math.round(100 * off)))} % {off > 0 ? 'more' : 'less'} than{' '}
          {formatNumber(plannedA)} A for the same time: the planned current would have told it
          wrong.
        </Text>
      )}
      {summary.longestGapS > 2.5 * run.setup.everyS && (
        <Text size="sm" role="note" data-testid="gap">
          Longest stretch without a reading: {asTime(summary.longestGapS)}. The current there is
          taken as straight between its ends.
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

type Told =
  | { readonly missing: string }
  | { readonly summary: LogSummary; readonly found?: Efficiency; readonly problem?: string };

function judge(run: CellRunWithRecord, log: readonly LogLine[]): Told {
  if (log.length < 2)
    return {
      missing:
        'Charge, current efficiency, energy and the voltage balance appear once there are two readings.',
    };
  const summary = summariseLog(log);
  const { metal, electrons, ammeterPercent, balanceG } = run.setup;
  const weighed = (electrode: 'cathode' | 'anode') => {
    const [beforeG, afterG] = [
      cellMass(run.entries, electrode, 'before'),
      cellMass(run.entries, electrode, 'after'),
    ];
    return beforeG === undefined || afterG === undefined ? undefined : { beforeG, afterG };
  };
  // Plus says something of the metal only where it is made of it.
  const isSame = metal !== null && findElectrode(run.setup.cell.anode).formula === metal;
  const [cathode, anode] = [weighed('cathode'), isSame ? weighed('anode') : undefined];
  if (metal === null || (!cathode && !anode)) return { summary };
  const found = attempt(() =>
    efficiency({
      metal,
      electrons,
      chargeC: summary.chargeC,
      timeS: summary.timeS,
      ammeterShare: ammeterPercent / 100,
      clockS,
      balanceG,
      ...(cathode && { cathode }),
      ...(anode && { anode }),
      ...(summary.energyJ !== undefined && { energyJ: summary.energyJ }),
    }),
  );
  return 'problem' in found ? { summary, problem: found.problem } : { summary, found };
}

const percent = ({ efficiency: { value, uncertainty } }: ElectrodeEfficiency): string =>
  `${Math.round(100 * value)} ± ${formatNumber(Math.max(1, Math.round(100 * uncertainty)))} %`;

function Judged({ found, metal }: { found: Efficiency; metal: string }) {
  const { theoryG, cathode, anode, causes, mismatch, kWhPerKg, working } = found;
  return (
    <>
      <div className={classes.answers} data-testid="efficiency">
        {(
          [
            ['Minus', 'gained', cathode],
            ['Plus', 'lost', anode],
          ] as const
        ).map(
          ([sign, did, one]) =>
            one && (
              <div key={sign}>
                <span className="quiet">
                  {sign} {did} {asAmount(one.changeG.value, 'g')}
                </span>
                <strong>{percent(one)}</strong>
                <span className="quiet">
                  {one.impossible ? 'more than all of the current' : 'of the current'}
                </span>
              </div>
            ),
        )}
        <div>
          <span className="quiet">
            Theory for <Formula text={metal} />
          </span>
          <strong>{asAmount(theoryG.value, 'g')}</strong>
        </div>
        {kWhPerKg && (
          <div>
            <span className="quiet">Energy</span>
            <strong>{withPlaces(kWhPerKg.value, 2)} kWh/kg</strong>
            <span className="quiet">± {withPlaces(kWhPerKg.uncertainty, 2)}</span>
          </div>
        )}
      </div>
      {causes.length > 0 && (
        <Alert
          variant="outline"
          color="gray"
          title="This cannot be right as it stands. Likeliest first:"
          role="alert"
        >
          <ol data-testid="causes" style={{ paddingLeft: '1.2rem', margin: 0 }}>
            {causes.map(({ cause, words, likelihood, remedy }) => (
              <li key={cause}>
                <Text size="sm">
                  <strong>{cause}</strong> ({Math.round(100 * likelihood)} %): {words} {remedy}
                </Text>
              </li>
            ))}
          </ol>
          <Text size="sm" className="quiet">
            {sourceText(efficiencySource)}
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
