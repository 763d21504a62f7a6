import { Accordion, Table, Text, Title } from '@mantine/core';
import { sourceText } from '@stoichos/core';
import type { DissolvedReaction, MixingPrediction, Saturation, SettledSolid } from '@stoichos/core';
import { useSettings } from '../app/useSettings';
import { Formula } from '../chemistry/Formula';
import { powerOfTen } from '../chemistry/powerOfTen';
import type { DraftOutcome } from './predictDraft';

/** Why: equation, net ionic equation, spectators, type, and the ion products that decided, with their sources. */
export function ReasonPanel({ outcome }: { outcome: DraftOutcome }) {
  const { prediction } = outcome;
  if (!prediction) return null;
  const predicted = prediction.notPredicted.length === 0;
  return (
    <>
      <Title order={2} size="h4" mb="xs">
        Why
      </Title>
      {predicted && prediction.solids.map((solid) => <Solid key={solid.formula} solid={solid} />)}
      {predicted && prediction.solids.length === 0 && <NoSolid prediction={prediction} />}
      {predicted &&
        prediction.dissolved.map((one) => <InSolution key={one.formula} reaction={one} />)}
      <Accordion variant="default" mt="xs">
        <Accordion.Item value="products">
          <Accordion.Control>Ion products and sources</Accordion.Control>
          <Accordion.Panel>
            <IonProducts prediction={prediction} />
          </Accordion.Panel>
        </Accordion.Item>
      </Accordion>
    </>
  );
}

function Solid({ solid }: { solid: SettledSolid }) {
  const { reactionTypes } = useSettings();
  const types = solid.types[reactionTypes];
  return (
    <dl className="facts">
      {solid.molecular && (
        <>
          <dt>Equation</dt>
          <dd data-testid="molecular">
            <Formula text={solid.molecular} wrap />
          </dd>
        </>
      )}
      <dt>Net ionic</dt>
      <dd data-testid="net-ionic">
        <Formula text={solid.netIonic} wrap />
      </dd>
      <dt>Spectators</dt>
      <dd>
        {solid.spectators.length === 0
          ? 'none'
          : solid.spectators.map((ion, index) => (
              <span key={ion}>
                {index > 0 && ', '}
                <Formula text={ion} />
              </span>
            ))}
      </dd>
      <dt>Type</dt>
      <dd>{types.length > 0 ? types.join(', ') : 'none of the five types fits'}</dd>
      <dt>Because</dt>
      <dd>
        <Product saturation={solid.why} />
      </dd>
      <dt>Amount</dt>
      <dd>
        {solid.massMg.toPrecision(2)} mg of <Formula text={solid.formula} /> in the vessel
        {solid.limiting && (
          <>
            ; <Formula text={solid.limiting} /> runs out first
          </>
        )}
      </dd>
      {solid.notes.length > 0 && (
        <>
          <dt>Note</dt>
          <dd>{solid.notes.join('; ')}</dd>
        </>
      )}
    </dl>
  );
}

/** A reaction whose product stays dissolved. */
function InSolution({ reaction }: { reaction: DissolvedReaction }) {
  return (
    <dl className="facts" style={{ marginTop: 8 }}>
      <dt>In solution</dt>
      <dd data-testid="in-solution">
        <Formula text={reaction.netIonic} wrap />
      </dd>
      <dt>Driven by</dt>
      <dd>
        {reaction.drivingForce}; {Math.round(100 * Math.min(1, reaction.share))} % of the scarcer
        ion; {reaction.why}
      </dd>
    </dl>
  );
}

function Product({ saturation: { solid, logIonProduct, logRatio } }: { saturation: Saturation }) {
  return (
    <span className="ion-product">
      ion product {powerOfTen(logIonProduct)} {logRatio > 0 ? 'is above' : 'is below'} K
      <sub>sp</sub> {powerOfTen(-solid.pKsp)} of <Formula text={solid.formula} />
    </span>
  );
}

function NoSolid({ prediction }: { prediction: MixingPrediction }) {
  const [nearest] = prediction.considered;
  return (
    <Text>
      {nearest ? (
        <>
          No solid settles. The nearest is <Formula text={nearest.solid.formula} />: its{' '}
          <Product saturation={nearest} />.
        </>
      ) : (
        'No solid settles: no sparingly soluble solid in the table can be made from these ions.'
      )}
    </Text>
  );
}

function IonProducts({ prediction: { considered, settled } }: { prediction: MixingPrediction }) {
  return (
    <>
      <Table verticalSpacing={6} fz="sm">
        <Table.Thead>
          <Table.Tr>
            <Table.Th>Solid</Table.Th>
            <Table.Th>Ion product</Table.Th>
            <Table.Th>
              K<sub>sp</sub>, 25 °C
            </Table.Th>
            <Table.Th>Source</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {considered.map(({ solid, logIonProduct }) => (
            <Table.Tr key={solid.formula}>
              <Table.Td>
                <Formula text={solid.formula} />
              </Table.Td>
              <Table.Td>{powerOfTen(logIonProduct)}</Table.Td>
              <Table.Td>{powerOfTen(-solid.pKsp)}</Table.Td>
              <Table.Td>{sourceText(solid.source)}</Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
      <Text size="sm" className="quiet" mt="xs">
        Activities by the Davies equation at ionic strength {settled.ionicStrength.toPrecision(2)}{' '}
        mol/L; pH {settled.pH.toFixed(1)} after mixing; 25 °C; volumes taken as adding.
      </Text>
    </>
  );
}
