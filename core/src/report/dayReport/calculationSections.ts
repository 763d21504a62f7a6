import { analyse } from '../../labday/judge/analyse';
import type { AnalysisResult } from '../../labday/judge/analyse';
import { classSpread } from '../../labday/judge/classSpread';
import { recordsOf, standingEntries } from '../../labday/day/currentRecords';
import { chartsOf } from '../../labday/judge/foundCharts';
import { tellFound } from '../../labday/judge/foundWords';
import type { Bench } from '../../labday/day/work';
import { analysisNames } from '../../planning/procedure/measures';
import { chemical, plain, section } from './document';
import type { Block, Section } from './document';
import type { WorkView } from './workView';
import { withFigures } from '../../common/formatNumber';
import { tellMeasurement } from '../../labday/bench/asRead';

/** What a bench measured and what is worked out of it. */
export function calculationSections(view: WorkView, bench: Bench): Section[] {
  const { day, work, settings } = view;
  const results = analyse(day, work, bench, settings);
  const measured = work.procedure.steps.flatMap((step) =>
    recordsOf(
      standingEntries(day.entries, {
        workId: work.id,
        stepId: step.id,
        groupId: bench.id,
        part: 'test',
      }),
      'measurement',
    ).map((measurement) => {
      const { amount, off, unit } = tellMeasurement(measurement);
      return [plain(measurement.name), plain(amount + off), plain(unit)];
    }),
  );
  if (measured.length === 0) return [];
  return [
    section(
      plain(`Measured and worked out, ${bench.name}`),
      [
        {
          kind: 'table',
          columns: [
            { head: 'Measurement', width: 5 },
            { head: 'Value', width: 2 },
            { head: 'Unit', width: 1 },
          ],
          rows: measured,
        },
        ...results.flatMap((result) => resultBlocks(result)),
      ],
      { part: 'calculations' },
    ),
    section(
      [],
      results.flatMap((result) =>
        result.state === 'done'
          ? chartsOf(result.found, bench.name).map((chart) => ({
              kind: 'chart' as const,
              chart,
            }))
          : [],
      ),
      { part: 'charts' },
    ),
  ];
}

function resultBlocks(result: AnalysisResult): Block[] {
  const name = analysisNames[result.analysis.kind];
  if (result.state === 'open')
    return [{ kind: 'text', words: plain(`${name}: still to be measured: ${result.missing}.`) }];
  if (result.state === 'refused')
    return [{ kind: 'text', words: plain(`${name}: ${result.message} ${result.remedy}`) }];
  const { answer, more, advice, working } = tellFound(result.found);
  return [
    { kind: 'facts', facts: [{ name, words: chemical(answer) }] },
    ...(more.length + advice.length > 0
      ? [{ kind: 'list' as const, items: [...more, ...advice].map(chemical) }]
      : []),
    ...(working.length > 0
      ? [{ kind: 'list' as const, items: working.map((line) => chemical(line)) }]
      : []),
  ];
}

/** What the benches found, side by side. */
export function classSection({ day, work, benches, settings }: WorkView): Section {
  const spreads = benches.length > 1 ? classSpread(day, work, settings) : [];
  const wide = spreads.filter(({ values }) => values.length > 1);
  return section(
    plain('Class results'),
    wide.length === 0
      ? []
      : [
          {
            kind: 'table',
            columns: [
              { head: 'Result', width: 3 },
              { head: 'By bench', width: 5 },
              { head: 'Mean, 95 %', width: 2 },
            ],
            rows: wide.map(({ name, unit, values, spread, oddOnes }) => [
              plain(`${name} ${unit}`.trim()),
              plain(
                values
                  .map(
                    ({ bench, value }) =>
                      `${bench} ${withFigures(value, 3)}${oddOnes.includes(bench) ? ' (stands out)' : ''}`,
                  )
                  .join(', '),
              ),
              plain(
                `${withFigures(spread.mean, 3)}${spread.confidence95 === undefined ? '' : ` ± ${withFigures(spread.confidence95, 2)}`}`,
              ),
            ]),
          },
        ],
    { part: 'classResults' },
  );
}
