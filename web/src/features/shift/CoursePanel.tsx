import { Select, Text, Title } from '@mantine/core';
import { plainFormula } from '@stoichos/core/matter/formula';
import { phraseHex, plainWords, readPhrase } from '@stoichos/core/seeing/appearance';
import { stressWords, powerText, unitOf } from '@stoichos/core/studies/shift';
import type { CoursePoint, Stress, StressUnit, Watched } from '@stoichos/core/studies/shift';
import type { Chart, ChartConfiguration, Plugin } from 'chart.js';
import { useCallback, useMemo, useState } from 'react';
import { ChartCard } from '../../shared/chart/ChartCard';
import type { ChartInk } from '../../shared/chart/ChartCanvas';
import { LineKey, lineDashes } from '../../shared/chart/LineKey';
import { TaskFailure } from '../../shared/parts/TaskFailure';
import { useAnswer } from '../../data/worker/useAnswer';
import type { EquilibriumState } from './equilibriumState';
import { currentReader, fromCelsius, withPlaces } from '@stoichos/core/common';

interface CoursePanelProps {
  readonly vessel: EquilibriumState['vessel'];
  readonly actions: readonly EquilibriumState['done'][number]['action'][];
  readonly watched: Watched | undefined;
  readonly stresses: readonly Stress[];
}

/** How the forms share and the colour changes along the amount of a reagent or the temperature, from where the mixture stands. */
export function CoursePanel({ vessel, actions, watched, stresses }: CoursePanelProps) {
  const [chosen, setChosen] = useState<string | null>(null);
  const one = stresses.find((it) => stressWords(it) === chosen) ?? stresses[0];
  const { value, failure } = useAnswer(
    'course',
    one && watched && vessel.contents.length > 0
      ? [{ vessel, actions: [...actions], watched, stress: one }]
      : undefined,
  );
  if (!one || !watched) return null;
  return (
    <>
      <Title mt="lg" mb="xs">
        If one went on
      </Title>
      <Select
        className="no-print"
        label="Along"
        mb="sm"
        value={stressWords(one)}
        data={stresses.map((it) => ({
          value: stressWords(it),
          label: plainFormula(stressWords(it)),
        }))}
        onChange={setChosen}
      />
      <TaskFailure failure={failure} />
      {value && unitOf(one) === value.unit && (
        <CourseChart points={value.points} stress={one} unit={value.unit} />
      )}
    </>
  );
}

/** Forms shown; the others never come to this share. */
const leastShare = 0.02;

interface CourseChartProps {
  readonly points: readonly CoursePoint[];
  readonly stress: Stress;
  readonly unit: StressUnit;
}

/** The chart of a course: shares of the forms, on a strip of its colours. */
function useCourseChart({
  points,
  forms,
  axis,
}: {
  readonly points: readonly CoursePoint[];
  readonly forms: string[];
  readonly axis: string;
}) {
  const configure = useCallback(
    ({ text }: ChartInk): ChartConfiguration => ({
      type: 'line',
      plugins: [colourStrip(points)],
      data: {
        datasets: forms.map((form, at) => ({
          label: plainFormula(form),
          data: points.map(({ amount, shares }) => ({ x: amount, y: 100 * shareIn(shares, form) })),
          borderColor: colourOf(points, form) ?? text,
          backgroundColor: colourOf(points, form) ?? text,
          borderDash: [...(lineDashes[at % lineDashes.length] ?? [])],
          borderWidth: 3,
          pointRadius: 0,
        })),
      },
      options: {
        layout: { padding: { top: stripHeight + 8, right: 8 } },
        plugins: { legend: { display: false } },
        scales: {
          x: {
            type: 'linear',
            title: { display: true, text: axis },
            min: points[0]?.amount ?? 0,
            max: points.at(-1)?.amount ?? 1,
          },
          y: { type: 'linear', min: 0, max: 100, title: { display: true, text: 'Share, %' } },
        },
      },
    }),
    [points, forms, axis],
  );
  return configure;
}

function CourseChart({ points: found, stress, unit }: CourseChartProps) {
  const { scale } = currentReader();
  const isWarmth = 'warmth' in stress;
  const axis = isWarmth ? `Temperature, ${scale}` : `${plainFormula(stressWords(stress))}, ${unit}`;
  const points = useMemo(
    () =>
      isWarmth
        ? found.map((point) => ({ ...point, amount: fromCelsius(point.amount, scale) }))
        : found,
    [found, isWarmth, scale],
  );
  const forms = useMemo(() => formsOf(points), [points]);
  const configure = useCourseChart({ points, forms, axis });
  const rows = points.map(({ amount, shares, sight, pH, logK }) => ({
    [axis]: Number(amount.toPrecision(3)),
    ...Object.fromEntries(
      forms.map((form) => [
        `${plainFormula(form)}, %`,
        Number((100 * shareIn(shares, form)).toFixed(1)),
      ]),
    ),
    Colour: `${sight.cloudy ? 'cloudy ' : ''}${sight.colour}`,
    pH: Number(pH.toFixed(2)),
    'log K': Number(logK.toFixed(2)),
  }));
  const [first, last] = [points[0], points.at(-1)];
  return (
    <>
      <ChartCard
        title="Shares and colour"
        label={`Shares of ${forms.map(plainFormula).join(', ')} along ${axis}; colour from ${first?.sight.colour ?? ''} to ${last?.sight.colour ?? ''}`}
        height={300}
        configure={configure}
        rows={rows}
      />
      <LineKey
        lines={forms.map((form) => ({ name: plainFormula(form), colour: colourOf(points, form) }))}
      />
      {'warmth' in stress && first && last && (
        <Text size="sm" data-testid="vant-hoff">
          K goes from {plainFormula(powerText(first.logK))} at{' '}
          {`${withPlaces(first.amount, 0)} ${scale}`} to {plainFormula(powerText(last.logK))} at{' '}
          {`${withPlaces(last.amount, 0)} ${scale}`} (van ’t Hoff).
        </Text>
      )}
    </>
  );
}

const shareIn = (shares: CoursePoint['shares'], form: string): number =>
  shares.find((one) => one.form === form)?.share ?? 0;

function colourOf(points: readonly CoursePoint[], form: string): string | undefined {
  const colour = points.flatMap(({ shares }) => shares).find((one) => one.form === form)?.colour;
  // White on paper would not be seen.
  return colour && !plainWords.includes(readPhrase(colour).word) ? phraseHex(colour) : undefined;
}

function formsOf(points: readonly CoursePoint[]): string[] {
  const most = new Map<string, number>();
  for (const { shares } of points)
    for (const { form, share } of shares) most.set(form, Math.max(most.get(form) ?? 0, share));
  return [...most]
    .filter(([, share]) => share >= leastShare)
    .sort(([, a], [, b]) => b - a)
    .slice(0, lineDashes.length)
    .map(([form]) => form);
}

const stripHeight = 20;

/** The colour one would see, drawn along the top of the chart on its own axis. */
function colourStrip(points: readonly CoursePoint[]): Plugin {
  return {
    id: 'colourStrip',
    afterDraw: ({ ctx, chartArea, scales }: Chart) => {
      const { x } = scales;
      if (!x) return;
      points.forEach(({ amount, sight }, at) => {
        const from = x.getPixelForValue(amount);
        const next = points[at + 1];
        const to = next ? x.getPixelForValue(next.amount) : chartArea.right;
        ctx.fillStyle = sight.hex;
        ctx.fillRect(
          from,
          chartArea.top - stripHeight - 6,
          Math.max(0, to - from) + 0.5,
          stripHeight,
        );
      });
      ctx.strokeStyle = '#7f8a94';
      ctx.strokeRect(
        chartArea.left,
        chartArea.top - stripHeight - 6,
        chartArea.right - chartArea.left,
        stripHeight,
      );
    },
  };
}
