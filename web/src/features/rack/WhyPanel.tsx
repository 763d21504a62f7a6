import { LineTable } from '../../shared/parts/LineTable';
import { Accordion, Text, Title } from '@mantine/core';
import { Segments } from '../../shared/parts/Segments';
import { sourceText } from '@stoichos/core/matter/substances';
import { sourcesOfTest } from '@stoichos/core/seeing/benchTests';
import type { Source } from '@stoichos/core/matter/substances';
import type { ToldStep } from '@stoichos/core/seeing/rack';
import { useMemo, useState } from 'react';
import { Formula } from '../../shared/chemistry/Formula';
import { ReactionFacts } from '../../shared/chemistry/ReactionFacts';
import { CourseChart } from './CourseChart';
import type { CoursePoint } from './CourseChart';
import { SpeciesChart } from './SpeciesChart';
import { withFigures, withPlaces, currentReader, fromCelsius } from '@stoichos/core/common';
import { Cited } from '../../shared/parts/Cited';

interface WhyPanelProps {
  readonly told: ToldStep | undefined;
  /** The test that was done, when the step was one. */
  readonly test: string | undefined;
  /** The chosen vessel, step by step. */
  readonly course: readonly CoursePoint[];
}

/** Why the last step went as it did, and what the vessel now holds. */
export function WhyPanel({ told, test, course }: WhyPanelProps) {
  if (!told)
    return (
      <Text className="quiet">
        The reactions, what decided them with its source, and what is dissolved appear here.
      </Text>
    );
  const { reactions, state, sources, notPredicted } = told;
  return (
    <>
      <Title mb="xs">Why</Title>
      {test === undefined && reactions.length === 0 && notPredicted.length === 0 && (
        <Text mb="sm">No reaction in this step.</Text>
      )}
      {test !== undefined && (
        <>
          <Text>A test leaves the vessel as it is.</Text>
          <Sources sources={sourcesOfTest(test)} />
        </>
      )}
      {reactions.map((reaction) => (
        <ReactionFacts key={reaction.netIonic} reaction={reaction} />
      ))}
      <Sources sources={sources} />
      <Accordion variant="default" mt="xs" defaultValue="species">
        <Accordion.Item value="species">
          <Accordion.Control>What is dissolved</Accordion.Control>
          <Accordion.Panel>
            <Species species={state.species} />
          </Accordion.Panel>
        </Accordion.Item>
        <Accordion.Item value="course">
          <Accordion.Control>pH and temperature by step</Accordion.Control>
          <Accordion.Panel>
            <ChartOrTable
              name="pH and temperature by step"
              chart={<CourseChart points={course} />}
              table={<CourseTable points={course} />}
            />
          </Accordion.Panel>
        </Accordion.Item>
      </Accordion>
    </>
  );
}

function Sources({ sources }: { sources: readonly Source[] }) {
  return sources.map((source) => (
    <small key={sourceText(source)} className="quiet source">
      <Cited source={source} />
    </small>
  ));
}

interface ChartOrTableProps {
  readonly name: string;
  readonly chart: React.ReactNode;
  readonly table: React.ReactNode;
}

/** The same numbers as a picture or as figures. */
function ChartOrTable({ name, chart, table }: ChartOrTableProps) {
  const [shown, setShown] = useState('chart');
  return (
    <>
      <Segments
        size="sm"
        label={`${name}, shown as`}
        fullWidth
        mb="xs"
        value={shown}
        onChange={setShown}
        of={{ chart: 'Chart', table: 'Table' }}
      />
      {shown === 'chart' ? chart : table}
    </>
  );
}

/** Species less concentrated than this are left out, mol/L. */
const tracesM = 1e-6;

function Species({ species }: { species: Readonly<Record<string, number>> }) {
  const rows = useMemo(
    () =>
      Object.entries(species)
        .filter(([, concentration]) => concentration > tracesM)
        .sort(([, a], [, b]) => b - a),
    [species],
  );
  if (rows.length === 0) return <Text className="quiet">There is no solution in the vessel.</Text>;
  return (
    <ChartOrTable
      name="What is dissolved"
      chart={<SpeciesChart rows={rows} />}
      table={
        <LineTable
          data-testid="species"
          head={['Species', 'Concentration, mol/L']}
          rows={rows.map(([formula, concentration]) => [
            <Formula text={formula} />,
            withFigures(concentration, 2),
          ])}
        />
      }
    />
  );
}

function CourseTable({ points }: { points: readonly CoursePoint[] }) {
  return (
    <LineTable
      head={['Step', 'Done', 'pH', currentReader().scale]}
      rows={points.map(({ step, what, pH, temperatureC }) => [
        step,
        <Formula text={what} wrap />,
        pH === undefined ? '–' : withPlaces(pH, 1),
        withPlaces(fromCelsius(temperatureC, currentReader().scale), 1),
      ])}
    />
  );
}
