import { Text } from '@mantine/core';
import { useDayQuery } from '../../data/api/api';
import { useAnswer } from '../../data/worker/useAnswer';
import { ObservationLine } from '../../shared/chemistry/ObservationLine';
import { ProcedureName } from '../../shared/chemistry/ProcedureName';
import { Vessel } from '../../shared/glassware/Vessel';
import classes from './HomePage.module.css';

/** More vessels than these do not stand in a row. */
const mostShown = 6;

/** What the two-solution tests of a day should show, as small vessels. */
export function Previews({ dayId }: { dayId: string }) {
  const { currentData: day } = useDayQuery(dayId);
  const { value: looks } = useAnswer('firstLooks', day && [day]);
  return (looks ?? []).slice(0, mostShown).map(({ workId, container, view, main }) => {
    const planned = day?.procedures.find(({ id }) => id === workId);
    return (
      <div key={workId} className={classes.preview}>
        <Vessel container={container} view={view} label="Expected" height={92} />
        <div>
          <Text>{planned && <ProcedureName procedure={planned.procedure} />}</Text>
          <Text size="sm" className="quiet">
            {main ? <ObservationLine seen={[main]} /> : 'not predicted'}
          </Text>
        </div>
      </div>
    );
  });
}
