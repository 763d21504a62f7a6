import { benchesOf, worksAsMade } from '@stoichos/core/labday/day';
import type { Bench, LabDay, Work } from '@stoichos/core/labday/day';
import { useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { PickStrip } from '../../shared/parts/PickStrip';

/** The works of the day as made, and the bench that is looked at. */
export function useBench(day: LabDay) {
  const [parameters, setParameters] = useSearchParams();
  const works = useMemo(() => worksAsMade(day), [day]);
  const bench = day.groups.find(({ id }) => id === parameters.get('group')) ?? day.groups[0];
  return {
    works,
    bench,
    choose: (id: string) => setParameters({ group: id }, { replace: true }),
  };
}

/** Where the record of a bench for a piece of work lies: its own, or that of what was shown to all. */
export function benchFor(day: LabDay, work: Work, bench: Bench): Bench {
  return benchesOf(day, work).find(({ id }) => id === bench.id || id === null) ?? bench;
}

/** The groups in a row; one tap switches. */
export function GroupRow({
  day,
  selected,
  choose,
}: {
  day: LabDay;
  selected: string;
  choose: (id: string) => void;
}) {
  return (
    <PickStrip
      label="Groups"
      picked={selected}
      onPick={choose}
      of={day.groups.map(({ id, name }) => ({ id, shown: name }))}
    />
  );
}
