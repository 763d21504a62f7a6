import { LineTable } from '../../shared/parts/LineTable';
import { Text } from '@mantine/core';
import { caughtIn, gasName, loudestShare, purityCourse } from '@stoichos/core/studies/gas';
import type { Filling, FillingPlan } from '@stoichos/core/studies/gas';
import { ChartCard } from '../../shared/chart/ChartCard';
import { axis, line, lineChart } from '../../shared/chart/lines';
import { LineKey, lineDashes } from '../../shared/chart/LineKey';
import { formatAmount } from '@stoichos/core/common';
import type { Attempt } from '@stoichos/core/common';
import study from '../../shared/study/Study.module.css';
import { useGas } from './useGas';
import { formatNumber } from '@stoichos/core/common';

const percent = (share: number): string => `${Math.round(100 * share)} %`;

/** What is let go and what is kept, with the minute at which each is changed. */
export function FillingPanel({ filling }: { readonly filling: Attempt<FillingPlan> }) {
  const { state } = useGas();
  if ('problem' in filling)
    return (
      <Text role="alert" mt="sm">
        {filling.problem}
      </Text>
    );
  const { fillings, discard, discarded, heatOffMin, minutes, totalMl } = filling;
  const loudest = loudestShare(state.gas);
  return (
    <section aria-label="Purge and filling" className={study.block}>
      <Text fw={600}>First gas is air</Text>
      <Text size="sm" data-testid="discard">
        Between {formatAmount(discard.plug, 'mL')} (the gas pushes the air out like a plug) and{' '}
        {formatAmount(discard.mixed, 'mL')} (it mixes with the air at once) goes before what leaves
        is {state.purityPercent} % pure.{' '}
        {discarded === 0 ? 'None is' : `The first ${discarded} ${discarded === 1 ? 'is' : 'are'}`}{' '}
        let go; it takes {formatAmount(totalMl, 'mL')} and {asMinutes(minutes)} in all.
      </Text>
      <FillingsTable fillings={fillings} />
      {state.runOnMl !== '' && heatOffMin < minutes && (
        <Text size="sm" mt="xs">
          Take the heat away at {asMinutes(heatOffMin)}: {formatAmount(state.runOnMl, 'mL')} still
          comes.
        </Text>
      )}
      {loudest !== undefined && (
        <Text size="sm" mt="xs">
          A tube pops loudest at {percent(loudest)} {gasName(state.gas)} in air, where the oxygen
          just burns it; a pure one burns quietly at its mouth. A loud pop means air in the tube.
        </Text>
      )}
      <PurgeChart totalMl={totalMl} />
    </section>
  );
}

/** How pure the gas is that leaves the apparatus. */
function PurgeChart({ totalMl }: { readonly totalMl: number }) {
  const { state } = useGas();
  const course = purityCourse(state.apparatusMl === '' ? 1 : state.apparatusMl, totalMl);
  return (
    <div className="no-print">
      <ChartCard
        title="Gas in what leaves the apparatus, %"
        label="How pure the gas is after so much has gone, between a plug and full mixing"
        height={210}
        rows={course.map(({ goneMl, plug, mixed }) => ({
          'gone, mL': Math.round(goneMl),
          'mixed, %': Math.round(100 * mixed),
          'plug, %': Math.round(100 * plug),
        }))}
        configure={({ text }) =>
          lineChart(
            [
              line(
                course.map(({ goneMl, mixed }) => ({ x: goneMl, y: 100 * mixed })),
                text,
              ),
              line(
                course.map(({ goneMl, plug }) => ({ x: goneMl, y: 100 * plug })),
                text,
                lineDashes[1],
                { stepped: true },
              ),
            ],
            { x: axis('gas made, mL'), y: axis('gas, %', { min: 0, max: 100 }) },
          )
        }
      />
      <LineKey lines={[{ name: 'well mixed' }, { name: 'plug' }]} />
    </div>
  );
}

/** What goes into each jar or tube, and when it is full. */
function FillingsTable({ fillings }: { readonly fillings: readonly Filling[] }) {
  const { state } = useGas();
  const showsSplint = fillings.some(({ splint }) => splint);
  return (
    <div className={study.scroll} role="group" aria-label="What is filled" tabIndex={0}>
      <LineTable
        className={study.lines ?? ''}
        data-testid="fillings"
        head={[
          caughtIn[state.catchIn].one,
          'Full, change at',
          'Pure, mixed',
          'Pure, plug',
          ...(showsSplint ? ['Lit splint'] : []),
          'Then',
        ]}
        words={[4, 5]}
        rows={shownRows(fillings).map(({ number, from, fullAtMin, purity, keep, splint }) => [
          from < number ? `${from} to ${number}` : number,
          asMinutes(fullAtMin),
          percent(purity.mixed),
          percent(purity.plug),
          ...(showsSplint ? [splint] : []),
          keep ? 'keep' : 'let go',
        ])}
      />
    </div>
  );
}

/** Discarded ones are told together, but for the last of them. */
function shownRows(fillings: readonly Filling[]): (Filling & { readonly from: number })[] {
  const gone = fillings.filter(({ keep }) => !keep);
  const rows = fillings.map((one) => ({ ...one, from: one.number }));
  const lastOfMany = gone.at(-2);
  if (gone.length < 4 || !lastOfMany) return rows;
  return [{ ...lastOfMany, from: 1 }, ...rows.slice(lastOfMany.number)];
}

function asMinutes(minutes: number): string {
  const whole = Math.floor(minutes);
  const seconds = Math.round((minutes - whole) * 60);
  return seconds === 60
    ? `${formatNumber(whole + 1)} min`
    : seconds === 0
      ? `${formatNumber(whole)} min`
      : whole === 0
        ? `${formatNumber(seconds)} s`
        : `${formatNumber(whole)} min ${formatNumber(seconds)} s`;
}
