import { Alert, Button, Group, Text } from '@mantine/core';
import { Segments } from '../../shared/parts/Segments';
import { missingKit, timetableRows } from '@stoichos/core/planning/procedure';
import type { HeldDay } from '@stoichos/contract';
import type { TimetableRow } from '@stoichos/core/planning/procedure';
import { IconRefresh } from '@tabler/icons-react';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useLabDay } from '../../data/useLabDay';
import { TaskProgress } from '../../shared/parts/TaskProgress';
import { PrintButton } from '../../shared/parts/PrintButton';
import { CalendarButton } from './CalendarButton';
import { DayStops, useDayStops } from '../../shared/labday/DayStops';
import { PlanTabs } from './PlanTabs';
import { useTimetable } from './useTimetable';
import type { TimetableWork } from './useTimetable';
import { formatNumber } from '@stoichos/core/common';
import { TimetableView } from './TimetableView';
import type { View } from './TimetableView';

/** The timetable of a class: bars by bench, what to do while waiting, moving by hand, and what to cut when it is too long. */
export function TimetablePage() {
  const day = useLabDay();
  return (
    <>
      <PlanTabs day={day} />
      {day.procedures.length === 0 ? (
        <>
          <Text mb="sm">
            A timetable needs procedures: it fits their steps, waits and kit together for all groups
            at once.
          </Text>
          <Button variant="filled" component={Link} to={`/days/${day.id}/plan/procedures`}>
            Choose procedures
          </Button>
        </>
      ) : (
        <Timetable day={day} />
      )}
    </>
  );
}

function Timetable({ day }: { day: HeldDay }) {
  const table = useTimetable(day);
  const { plan, timetable, isStale, failure, share } = table;
  const [view, setView] = useState<View>('bars');
  const missing = missingKit(plan);
  const stops = useDayStops(day);
  const rows = useMemo(
    () => (timetable && !isStale ? timetableRows(plan, timetable.tasks) : []),
    [plan, timetable, isStale],
  );
  const running = share !== undefined;
  return (
    <>
      <TimetableHead
        day={day}
        table={table}
        blocked={missing.length > 0 || stops.length > 0}
        rows={rows}
        view={view}
        setView={setView}
      />
      <DayStops stops={stops} />
      {missing.length > 0 && (
        <Alert title="Kit is missing" role="alert">
          {missing.map((line) => (
            <Text key={line} size="sm">
              {line}
            </Text>
          ))}
        </Alert>
      )}
      {!timetable && !running && (
        <Text className="quiet">
          Fits every step of every bench into the {formatNumber(day.lengthMin)} min of the class:
          what waits runs beside what is done, nobody does two things at once, and no piece of kit
          is in use twice.
        </Text>
      )}
      {running && (
        <TaskProgress what="Fitting the steps together" share={share} cancel={table.cancel} />
      )}
      {failure && (
        <Alert title="That does not fit" role="alert" mb="sm">
          {failure.message} {failure.remedy} The timetable stays as it was.
        </Alert>
      )}
      {timetable && isStale && (
        <Text role="status" mb="sm">
          The plan has changed since this timetable was made. Make it again.
        </Text>
      )}
      {timetable && !isStale && (
        <TimetableView day={day} table={table} timetable={timetable} rows={rows} view={view} />
      )}
    </>
  );
}

interface TimetableHeadProps {
  readonly day: HeldDay;
  readonly table: TimetableWork;
  /** Kit is missing, or the day must not be run. */
  readonly blocked: boolean;
  readonly rows: readonly TimetableRow[];
  readonly view: View;
  readonly setView: (next: View) => void;
}

/** What the timetable is made from, and how it is shown. */
function TimetableHead({ day, table, blocked, rows, view, setView }: TimetableHeadProps) {
  const { timetable, isStale, held, share } = table;
  const running = share !== undefined;
  return (
    <Group justify="space-between" mb="sm" className="no-print">
      <Button
        variant={timetable && !isStale ? 'default' : 'filled'}
        leftSection={<IconRefresh size={18} aria-hidden />}
        disabled={blocked || running}
        onClick={table.make}
      >
        {timetable ? 'Make it again' : 'Make the timetable'}
      </Button>
      {rows.length > 0 && (
        <Group gap="sm">
          {Object.keys(held).length > 0 && (
            <Button onClick={table.release} disabled={running}>
              Let go of what was moved
            </Button>
          )}
          <Segments
            label="How it is shown"
            value={view}
            of={{ bars: 'By bench', people: 'By person', table: 'Table' }}
            onChange={setView}
          />
          <CalendarButton dayId={day.id} />
          <PrintButton />
        </Group>
      )}
    </Group>
  );
}
