import { Card } from '../../shared/parts/Card';
import { Text, Button, Title } from '@mantine/core';
import { peopleRows, meanwhile } from '@stoichos/core/planning/procedure';
import type { HeldDay } from '@stoichos/contract';
import type { DayTimetable, LabDay } from '@stoichos/core/labday/day';
import type { TimetableRow, TimetableBar } from '@stoichos/core/planning/procedure';
import { IconArrowRight } from '@tabler/icons-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { clock } from './barWords';
import { CutList } from './CutList';
import { TimetableChart } from './TimetableChart';
import { TimetableTable } from './TimetableTable';
import classes from './TimetablePage.module.css';
import type { TimetableWork } from './useTimetable';
import { atMostPlaces } from '@stoichos/core/common';

export type View = 'bars' | 'people' | 'table';

interface TimetableViewProps {
  readonly day: HeldDay;
  readonly table: TimetableWork;
  readonly timetable: DayTimetable;
  readonly rows: readonly TimetableRow[];
  readonly view: View;
}

/** The timetable, as bars, people or a table. */
export function TimetableView({ day, table, timetable, rows, view }: TimetableViewProps) {
  const [chosen, setChosen] = useState<string>();
  return (
    <>
      <Verdict day={day} timetable={timetable} />
      {view !== 'table' ? (
        <TimetableChart
          rows={view === 'bars' ? rows : peopleRows(rows, day.staff)}
          lengthMin={axisMin(day, timetable)}
          classMin={day.lengthMin}
          held={table.held}
          chosen={chosen}
          onChoose={setChosen}
          onMove={table.share !== undefined ? undefined : table.move}
        />
      ) : (
        <TimetableTable rows={rows} />
      )}
      <Chosen rows={rows} chosen={chosen} />
      {timetable.makespanMin > day.lengthMin && <CutList day={day} timetable={timetable} />}
      <Button
        component={Link}
        to={`/days/${day.id}/prepare`}
        mt="lg"
        className="no-print"
        rightSection={<IconArrowRight size={18} aria-hidden />}
      >
        On to Prepare
      </Button>
    </>
  );
}

/** Minutes the chart shows: to the end of the class, unless most of it would be empty. */
export const axisMin = ({ lengthMin }: LabDay, { makespanMin }: DayTimetable): number =>
  Math.max(makespanMin, Math.min(lengthMin, 1.3 * makespanMin));

/** The task one points at: what, when, what must be ready, and what else the bench does meanwhile. */
function Chosen({ rows, chosen }: { rows: readonly TimetableRow[]; chosen: string | undefined }) {
  const found = rows
    .flatMap((row) => row.lanes.flatMap(({ bars }) => bars.map((bar) => ({ row, bar }))))
    .find(({ bar }) => bar.id === chosen);
  if (!found)
    return (
      <Text className="quiet no-print" size="sm" mt="xs">
        Tap a bar to read its step. Drag it, or use the arrow keys, and the rest arranges itself.
      </Text>
    );
  const { row, bar } = found;
  const { step } = bar.origin;
  return (
    <Card label="The chosen step" mt="sm">
      <Text className="quiet" size="sm">
        {row.name} · {bar.procedureName} · {clock(bar)}
      </Text>
      <Text>{step.text}</Text>
      {[...step.ready, ...step.needs.map(({ because }) => because)].map((line) => (
        <Text key={line} size="sm">
          Ready before: {line}
        </Text>
      ))}
      {step.caution && <Text size="sm">Caution: {step.caution}</Text>}
      {!step.attended && <While row={row} bar={bar} />}
    </Card>
  );
}

/** Whether it fits, and how sure that is. */
function Verdict({ day, timetable }: { day: HeldDay; timetable: DayTimetable }) {
  const { makespanMin, lowerBoundMin, optimal } = timetable;
  const over = makespanMin - day.lengthMin;
  const words = (min: number): string => `${atMostPlaces(min, 1)} min`;
  return (
    <div className={classes.verdict} role="status" data-testid="verdict">
      <Title size="h3">
        {words(makespanMin)}{' '}
        {over > 0
          ? `– ${words(over)} too long for the class`
          : `– fits, with ${words(-over)} to spare`}
      </Title>
      <Text className="quiet">
        {optimal
          ? 'No shorter timetable keeps all links, waits and kit.'
          : `No timetable can be under ${words(lowerBoundMin)}; this is within ${Math.ceil((100 * (makespanMin - lowerBoundMin)) / lowerBoundMin)} % of that.`}
      </Text>
    </div>
  );
}

function While({ row, bar }: { row: TimetableRow; bar: TimetableBar }) {
  const others = meanwhile(row, bar);
  return (
    <Text size="sm">
      While it runs by itself:{' '}
      {others.length > 0 ? others.join('; ') : 'nothing else; write up what was seen'}.
    </Text>
  );
}
