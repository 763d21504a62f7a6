import { LineTable } from '../../shared/parts/LineTable';
import { Accordion, Text, Title } from '@mantine/core';
import type { MixingPrediction } from '@stoichos/core/seeing/rack';
import { Formula } from '../../shared/chemistry/Formula';
import { ReactionFacts } from '../../shared/chemistry/ReactionFacts';
import { powerOfTen } from '../../shared/chemistry/powerOfTen';
import type { DraftOutcome } from './useDraftOutcome';
import {
  formatTemperature,
  withFigures,
  withPlaces,
  formatSetTemperature,
} from '@stoichos/core/common';
import { Cited } from '../../shared/parts/Cited';

/** Why: every reaction with what decided it, how much solid and gas there is, and the ion products with their sources. */
export function ReasonPanel({ outcome }: { outcome: DraftOutcome }) {
  const { prediction } = outcome;
  if (!prediction) return null;
  const predicted = prediction.notPredicted.length === 0;
  return (
    <>
      <Title mb="xs">Why</Title>
      {predicted &&
        prediction.reactions.map((reaction) => (
          <ReactionFacts key={reaction.netIonic} reaction={reaction} />
        ))}
      {predicted && <Amounts prediction={prediction} />}
      {predicted && prediction.reactions.length === 0 && <NoReaction prediction={prediction} />}
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

function Amounts({ prediction: { state } }: { prediction: MixingPrediction }) {
  if (state.solids.length === 0 && state.gasEvolved.length === 0) return null;
  return (
    <dl className="facts">
      {state.solids.map(({ formula, massG, notes }) => (
        <div key={formula} style={{ display: 'contents' }}>
          <dt>Solid</dt>
          <dd>
            {withFigures(1000 * massG, 2)} mg of <Formula text={formula} />; {notes.join('; ')}
          </dd>
        </div>
      ))}
      {state.gasEvolved.map(({ formula, amountMmol }) => (
        <div key={formula} style={{ display: 'contents' }}>
          <dt>Gas</dt>
          <dd>
            {withFigures(amountMmol, 2)} mmol of <Formula text={formula} />
          </dd>
        </div>
      ))}
    </dl>
  );
}

function NoReaction({ prediction }: { prediction: MixingPrediction }) {
  const [nearest] = prediction.considered;
  if (!nearest)
    return (
      <Text>
        Nothing reacts: no sparingly soluble solid, gas or complex in the tables can be made from
        these.
      </Text>
    );
  const { solid, logIonProduct, logRatio } = nearest;
  return (
    <Text>
      Nothing reacts. The nearest solid is <Formula text={solid.formula} />: its ion product{' '}
      {powerOfTen(logIonProduct)} {logRatio > 0 ? 'is above' : 'is below'} K<sub>sp</sub>{' '}
      {powerOfTen(-solid.pKsp)}.
    </Text>
  );
}

function IonProducts({ prediction: { considered, state } }: { prediction: MixingPrediction }) {
  return (
    <>
      <LineTable
        verticalSpacing={6}
        head={[
          'Solid',
          'Ion product',
          <>
            K<sub>sp</sub>, {formatSetTemperature(25)}
          </>,
          'Source',
        ]}
        rows={considered.map(({ solid, logIonProduct }) => [
          <Formula text={solid.formula} />,
          powerOfTen(logIonProduct),
          powerOfTen(-solid.pKsp),
          <Cited source={solid.source} />,
        ])}
      />
      <Text size="sm" className="quiet" mt="xs">
        Activities by the Davies equation
        {state.ionicStrengthM !== undefined &&
          ` at ionic strength ${withFigures(state.ionicStrengthM, 2)} mol/L`}
        {state.pH !== undefined && `; pH ${withPlaces(state.pH, 1)} after mixing`};{' '}
        {formatTemperature(state.temperatureC)}; volumes taken as adding.
      </Text>
    </>
  );
}
