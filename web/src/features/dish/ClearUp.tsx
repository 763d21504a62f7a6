import { LineTable } from '../../shared/parts/LineTable';
import { Text, Title } from '@mantine/core';
import { precipitantsSource } from '@stoichos/core/planning/waste';
import { deferral, hazardGrades, hazardRank } from '@stoichos/core/safety';
import type { Dish, DishRequest } from '@stoichos/core/studies/dish';
import { Formula } from '../../shared/chemistry/Formula';
import { Swatch } from '../../shared/chemistry/Swatch';
import { BottleCard } from '../../shared/waste/BottleCard';
import { useLimits } from '../../shared/waste/useLimits';
import { TaskFailure } from '../../shared/parts/TaskFailure';
import { TaskProgress } from '../../shared/parts/TaskProgress';
import { useAnswer } from '../../data/worker/useAnswer';
import { Cited } from '../../shared/parts/Cited';

/** How the dish is made safe once it is stirred, and which other salts would show the same without a toxic metal. */
export function ClearUp({ request, dish }: { request: DishRequest; dish: Dish }) {
  const [limits] = useLimits();
  const { value: bottles, failure } = useAnswer('dishClearUp', [request, limits]);
  return (
    <section aria-label="Clear-up" data-testid="clear-up">
      <Title mt="lg" mb="xs">
        Clear-up
      </Title>
      <Text size="sm" mb="xs">
        Stir everything in the dish together first; rinse the heaps in. Filter over a tray. Filtrate
        and paper go separate ways: the paper with its solid is hazardous waste.
      </Text>
      <TaskFailure failure={failure} />
      {bottles?.map((bottle) => (
        <BottleCard key={bottle.bottle} bottle={bottle} />
      ))}
      <small className="quiet source">{deferral}</small>
      <small className="quiet source">
        <Cited source={precipitantsSource} />
      </small>
      <Substitutes request={request} dish={dish} />
    </section>
  );
}

/** Other salts that draw a line, less hazardous, side by side with this one by colour and hazard. */
function Substitutes({ request, dish }: { request: DishRequest; dish: Dish }) {
  const { value: found, failure, share, cancel } = useAnswer('dishSubstitutes', [request]);
  const [one, other] = dish.salts;
  const own = Math.max(hazardRank(one.formula), hazardRank(other.formula));
  return (
    <>
      <Title order={3} size="h5" mt="md" mb={4}>
        Less hazardous salts that draw a line
      </Title>
      <TaskProgress what="Trying the tables" share={share} cancel={cancel} />
      <TaskFailure failure={failure} />
      {found?.length === 0 && (
        <Text size="sm">None in the tables is less hazardous than this.</Text>
      )}
      {found && found.length > 0 && (
        <LineTable
          data-testid="substitutes"
          head={['Salts', 'Line', 'Hazard']}
          rows={[
            [
              <>
                <Formula text={`${one.formula} + ${other.formula}`} /> (this one)
              </>,
              <>
                <Swatch colour={dish.solid.colour} /> {dish.solid.colour}
              </>,
              hazardGrades[own],
            ],
            ...found.map(({ salts, colour, hazard, bottle }) => [
              <Formula text={salts.join(' + ')} />,
              <>
                <Swatch colour={colour} /> {colour}
              </>,
              <>
                {hazardGrades[hazard]}
                <Text size="sm" className="quiet">
                  {bottle}
                </Text>
              </>,
            ]),
          ]}
        />
      )}
    </>
  );
}
