import { Accordion, Table, Text, Title } from '@mantine/core';
import { sourceText, sourcesOfTest } from '@stoichos/core';
import type { ToldStep } from '@stoichos/core';
import { Formula } from '../chemistry/Formula';
import { ReactionFacts } from '../chemistry/ReactionFacts';

interface WhyPanelProps {
  readonly told: ToldStep | undefined;
  /** The test that was done, when the step was one. */
  readonly test: string | undefined;
}

/** Why the last step went as it did, and what the vessel now holds. */
export function WhyPanel({ told, test }: WhyPanelProps) {
  if (!told)
    return (
      <Text className="quiet">
        The reactions, what decided them with its source, and what is dissolved appear here.
      </Text>
    );
  const { reactions, state } = told;
  return (
    <>
      <Title order={2} size="h4" mb="xs">
        Why
      </Title>
      {test === undefined && reactions.length === 0 && (
        <Text mb="sm">No reaction in this step.</Text>
      )}
      {test !== undefined && (
        <>
          <Text>A test leaves the vessel as it is.</Text>
          {sourcesOfTest(test).map((source) => (
            <small key={sourceText(source)} className="quiet source">
              {sourceText(source)}
            </small>
          ))}
        </>
      )}
      {reactions.map((reaction) => (
        <ReactionFacts key={reaction.netIonic} reaction={reaction} />
      ))}
      <Accordion variant="default" mt="xs" defaultValue="species">
        <Accordion.Item value="species">
          <Accordion.Control>What is dissolved</Accordion.Control>
          <Accordion.Panel>
            <SpeciesTable species={state.species} />
          </Accordion.Panel>
        </Accordion.Item>
      </Accordion>
    </>
  );
}

/** Species less concentrated than this are left out, mol/L. */
const tracesM = 1e-6;

function SpeciesTable({ species }: { species: Readonly<Record<string, number>> }) {
  const rows = Object.entries(species)
    .filter(([, concentration]) => concentration > tracesM)
    .sort(([, a], [, b]) => b - a);
  const most = rows[0]?.[1] ?? 1;
  if (rows.length === 0) return <Text className="quiet">There is no solution in the vessel.</Text>;
  return (
    <Table verticalSpacing={4} fz="sm" data-testid="species">
      <Table.Thead>
        <Table.Tr>
          <Table.Th>Species</Table.Th>
          <Table.Th>mol/L</Table.Th>
          <Table.Th aria-hidden />
        </Table.Tr>
      </Table.Thead>
      <Table.Tbody>
        {rows.map(([formula, concentration]) => (
          <Table.Tr key={formula}>
            <Table.Td>
              <Formula text={formula} />
            </Table.Td>
            <Table.Td>{concentration.toPrecision(2)}</Table.Td>
            <Table.Td w="45%" aria-hidden>
              <span
                style={{
                  display: 'block',
                  height: 10,
                  width: `${(100 * concentration) / most}%`,
                  minWidth: 1,
                  background: 'var(--glass)',
                }}
              />
            </Table.Td>
          </Table.Tr>
        ))}
      </Table.Tbody>
    </Table>
  );
}
