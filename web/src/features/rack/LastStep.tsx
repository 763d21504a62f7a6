import { List, Text, Title } from '@mantine/core';
import { describeObservation } from '@stoichos/core/seeing/observation';
import { eventWords } from '@stoichos/core/seeing/rack';
import type { RackEvent, ToldStep } from '@stoichos/core/seeing/rack';
import { Formula } from '../../shared/chemistry/Formula';
import { Mind } from '../../shared/chemistry/Mind';
import { NotPredicted } from '../../shared/chemistry/NotPredicted';
import { ObservationLine } from '../../shared/chemistry/ObservationLine';
import { formatTemperature, withFigures, withPlaces } from '@stoichos/core/common';

/** What the last thing done to the chosen vessel showed. */
export function LastStep({ event, told }: { event: RackEvent; told: ToldStep }) {
  const { observations, warnings, notPredicted, state } = told;
  return (
    <>
      <Title mt="md" mb={4}>
        <Formula text={eventWords(event)} wrap />
      </Title>
      {notPredicted.length > 0 ? (
        <NotPredicted reasons={notPredicted} />
      ) : (
        <List size="md" spacing={4} data-testid="seen">
          {observations.map((one) => (
            <List.Item key={describeObservation(one)}>
              <ObservationLine seen={[one]} />
            </List.Item>
          ))}
        </List>
      )}
      <Text className="quiet" size="sm" mt="xs" data-testid="state">
        {[
          state.volumeMl > 0 ? `${withPlaces(state.volumeMl, 1)} mL` : 'no liquid',
          ...(state.pH === undefined ? [] : [`pH ${withPlaces(state.pH, 1)}`]),
          `${formatTemperature(state.temperatureC, 1)}`,
          ...state.solids.map(
            ({ formula, massG, colour }) => `${grams(massG)} ${colour} ${formula}`,
          ),
        ].map((part, index) => (
          <span key={part}>
            {index > 0 && ' · '}
            <Formula text={part} wrap />
          </span>
        ))}
      </Text>
      <Mind warnings={warnings} />
    </>
  );
}

const grams = (massG: number): string =>
  massG < 0.1 ? `${withFigures(1000 * massG, 2)} mg` : `${withFigures(massG, 3)} g`;
