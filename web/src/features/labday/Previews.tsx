import { Text } from '@mantine/core';
import { stationsOf, worksAsMade } from '@stoichos/core/labday';
import { mixingOf } from '@stoichos/core/planning/procedure';
import type { Observation } from '@stoichos/core/seeing/observation';
import { useDayQuery } from '../../data/api/api';
import { Formula } from '../../shared/chemistry/Formula';
import { ObservationLine } from '../../shared/chemistry/ObservationLine';
import { Vessel } from '../../shared/glassware/Vessel';
import classes from './HomePage.module.css';

/** More vessels than these do not stand in a row. */
const mostShown = 6;

/** What the two-solution tests of a day should show, as small vessels. */
export function Previews({ dayId }: { dayId: string }) {
  const { data: day } = useDayQuery(dayId);
  if (!day) return null;
  return (
    <>
      {worksAsMade(day)
        .filter(({ procedure }) => mixingOf(procedure) !== undefined)
        .slice(0, mostShown)
        .flatMap((work) => {
          const [step] = work.procedure.steps;
          const [station] = step ? stationsOf(work, step) : [];
          if (!station) return [];
          const predicted = station.notPredicted.length === 0;
          return [
            <div key={work.id} className={classes.preview}>
              <Vessel
                container={station.container}
                view={station.view}
                label="Expected"
                height={92}
              />
              <div>
                <Text>
                  <Formula text={work.procedure.name} />
                </Text>
                <Text size="sm" className="quiet">
                  {predicted ? (
                    <ObservationLine seen={mainPoint(station.expected)} />
                  ) : (
                    'not predicted'
                  )}
                </Text>
              </div>
            </div>,
          ];
        })}
    </>
  );
}

/** The one observation a reader wants first: a precipitate, a gas, or the colour. */
function mainPoint(observations: readonly Observation[]): readonly Observation[] {
  const first =
    observations.find(({ kind }) => kind === 'precipitate' || kind === 'deposit') ??
    observations.find(({ kind }) => kind === 'gas') ??
    observations.find(({ kind }) => kind === 'noChange') ??
    observations[0];
  return first ? [first] : [];
}
