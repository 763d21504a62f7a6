import { Alert, Text, Title } from '@mantine/core';
import { chartsOf, tellFound } from '@stoichos/core/labday/judge';
import { analysisNames } from '@stoichos/core/planning/procedure';
import type { AnalysisResult, Found } from '@stoichos/core/labday/judge';
import { DataChart } from '../../shared/chart/DataChart';
import { Formula } from '../../shared/chemistry/Formula';
import { Fold } from '../../shared/parts/Fold';

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
        <Alert title="This cannot be" mt="xs">
          {result.message} {result.remedy}
        </Alert>
      )}
      {result.state === 'done' && <FoundView found={result.found} bench={bench} />}
    </section>
  );
}

function FoundView({ found, bench }: { found: Found; bench: string }) {
  const { answer, more, advice, working } = tellFound(found);
  return (
    <div data-testid={`found-${found.kind}`}>
      <Text size="lg">
        <Formula text={answer} wrap />
      </Text>
      {[...more, ...advice].map((line) => (
        <Text key={line}>
          <Formula text={line} wrap />
        </Text>
      ))}
      {working.length > 0 && (
        <Fold title="Working">
          {working.map((line) => (
            <Text key={line} size="sm" style={{ fontVariantNumeric: 'tabular-nums' }}>
              <Formula text={line} wrap />
            </Text>
          ))}
        </Fold>
      )}
      {chartsOf(found, bench).map((chart) => (
        <DataChart key={chart.title} chart={chart} />
      ))}
    </div>
  );
}
