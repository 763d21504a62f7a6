import { Alert, List, Text, Title } from '@mantine/core';
import {
  analysisNames,
  dropSource,
  fromCelsius,
  inWords,
  sourceText,
  waterHeatSource,
} from '@stoichos/core';
import type { AnalysisResult, Found } from '@stoichos/core';
import { useSettings } from '../app/useSettings';
import { Formula } from '../chemistry/Formula';
import { Fold } from '../parts/Fold';
import { LineChart } from './LineChart';
import { MassChart } from './MassChart';
import { TemperatureChart } from './TemperatureChart';

/** One thing worked out of the measurements of a bench: the answer, its working and its chart, or what is still missing. */
export function AnalysisView({ result, bench }: { result: AnalysisResult; bench: string }) {
  const { analysis } = result;
  const subject =
    analysis.kind === 'temperature'
      ? `: ${analysis.log}`
      : analysis.kind === 'line'
        ? `: ${analysis.y} against ${analysis.x}`
        : '';
  return (
    <section aria-label={`${analysisNames[analysis.kind]}${subject}`} className="keep-together">
      <Title order={3} size="h5" mt="md">
        {analysisNames[analysis.kind]}
        {subject}
      </Title>
      {result.state === 'open' && (
        <Text className="quiet">
          {bench} still has to measure: {result.missing}.
        </Text>
      )}
      {result.state === 'refused' && (
        <Alert color="gray" title="This cannot be" mt="xs">
          {result.message} {result.remedy}
        </Alert>
      )}
      {result.state === 'done' && <FoundView found={result.found} bench={bench} />}
    </section>
  );
}

function FoundView({ found, bench }: { found: Found; bench: string }) {
  switch (found.kind) {
    case 'hydrate':
      return <HydrateView found={found} bench={bench} />;
    case 'temperature':
      return <TemperatureView found={found} bench={bench} />;
    case 'drops':
      return <DropsView found={found} />;
    case 'density':
      return <Text size="lg">{inWords(found.value)} g/mL</Text>;
    case 'recovery':
      return (
        <Text>
          <strong>{inWords(found.result.percent)} %</strong> ({found.gotG} g): {found.result.words}.
        </Text>
      );
    case 'line':
      return <LineView found={found} bench={bench} />;
  }
}

const verdictWords = {
  agrees: 'agrees with what is expected',
  low: 'too little water',
  high: 'too much water',
  open: 'not a whole number',
} as const;

function HydrateView({
  found,
  bench,
}: {
  found: Extract<Found, { kind: 'hydrate' }>;
  bench: string;
}) {
  const { result, request } = found;
  const { x, xUncertainty, waterPercent, errorPercent, constantMass, formula, verdict } = result;
  return (
    <>
      <Text size="lg" data-testid="hydrate">
        x = <strong>{inWords({ value: x, uncertainty: xUncertainty })}</strong>, so{' '}
        <Formula text={formula} />: {verdictWords[verdict]}
      </Text>
      <Text>
        Water {waterPercent.toFixed(1)} % by mass
        {errorPercent !== undefined && `, ${signed(errorPercent)} % off`};{' '}
        {constantMass ? 'constant mass reached' : 'constant mass not reached'}.
      </Text>
      <Advice list={result.advice} />
      <Working list={result.working} />
      <MassChart request={request} bench={bench} />
    </>
  );
}

function TemperatureView({
  found,
  bench,
}: {
  found: Extract<Found, { kind: 'temperature' }>;
  bench: string;
}) {
  const { temperature: scale } = useSettings();
  const { result, readings, film } = found;
  const perDegree = scale === '°C' ? 1 : 1.8;
  return (
    <>
      <Text size="lg" data-testid="temperature">
        ΔT ={' '}
        <strong>
          {signed(result.deltaC * perDegree)} {scale}
        </strong>
        , {result.direction}
      </Text>
      <Text>
        Lowest {fromCelsius(result.lowestC, scale).toFixed(1)} {scale}, highest{' '}
        {fromCelsius(result.highestC, scale).toFixed(1)} {scale}.
        {result.heatJ !== undefined && ` q = ${minus((result.heatJ / 1000).toFixed(2))} kJ.`}
        {result.enthalpyKJPerMol !== undefined &&
          ` ΔH = ${minus(result.enthalpyKJPerMol.toFixed(1))} kJ/mol.`}
      </Text>
      {film && (
        <Text>
          Film of water freezes: <strong>{film.freezes}</strong> – {film.why}.
        </Text>
      )}
      <Advice list={result.advice} />
      <Working list={[...result.working, sourceText(waterHeatSource)]} />
      <TemperatureChart readings={readings} result={result} scale={scale} bench={bench} />
    </>
  );
}

function DropsView({ found }: { found: Extract<Found, { kind: 'drops' }> }) {
  return (
    <>
      <List spacing={4}>
        {found.counts.map(({ of, drops, concentrationM }) => (
          <List.Item key={of}>
            {of}: {drops.join(', ')} drops
            {concentrationM && `, so ${inWords(concentrationM)} mol/L`}
          </List.Item>
        ))}
      </List>
      <List data-testid="drop-ratios" spacing={4} mt={4}>
        {found.comparisons.map(({ name, ratio, words }) => (
          <List.Item key={name}>
            {name}: ratio <strong>{inWords(ratio)}</strong>. {words}.
          </List.Item>
        ))}
      </List>
      <Text size="xs" className="quiet">
        {sourceText(dropSource)}
      </Text>
    </>
  );
}

function LineView({ found, bench }: { found: Extract<Found, { kind: 'line' }>; bench: string }) {
  const { line } = found;
  return (
    <>
      <Text size="lg">
        slope {line.slope.toPrecision(3)}
        {line.slope95 !== undefined && ` ± ${line.slope95.toPrecision(2)} (95 %)`}, intercept{' '}
        {line.intercept.toPrecision(3)}, R² = {line.r2.toFixed(3)}
      </Text>
      <LineChart points={found.points} line={line} bench={bench} />
    </>
  );
}

function Advice({ list }: { list: readonly string[] }) {
  if (list.length === 0) return null;
  return (
    <List spacing={4} my={4}>
      {list.map((one) => (
        <List.Item key={one}>{one}</List.Item>
      ))}
    </List>
  );
}

function Working({ list }: { list: readonly string[] }) {
  return (
    <Fold title="Working">
      {list.map((one) => (
        <Text key={one} size="sm" style={{ fontVariantNumeric: 'tabular-nums' }}>
          <Formula text={one} wrap />
        </Text>
      ))}
    </Fold>
  );
}

/** A number with a real minus sign. */
const minus = (text: string): string => text.replace('-', '−');
const signed = (value: number): string => `${value > 0 ? '+' : '−'}${Math.abs(value).toFixed(1)}`;
