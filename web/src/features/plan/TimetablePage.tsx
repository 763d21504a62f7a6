import { Alert, Button, Group, SegmentedControl, Text, Title } from '@mantine/core';
import {
  meanwhile,
  missingKit,
  peopleRows,
  timetableRows,
} from '@stoichos/core/planning/procedure';
import type { DayTimetable, LabDay } from '@stoichos/core/labday';
import type { TimetableBar, TimetableRow } from '@stoichos/core/planning/procedure';
import { IconArrowRight, IconRefresh } from '@tabler/icons-react';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useLabDay } from '../../data/useLabDay';
import { TaskProgress } from '../../shared/parts/TaskProgress';
import { PrintButton } from '../../shared/parts/PrintButton';
import { clock } from './barWords';
import { CalendarButton } from './CalendarButton';
import { CutList } from './CutList';
import { DayStops, useDayStops } from '../../shared/labday/DayStops';
import { PlanTabs } from './PlanTabs';
import { TimetableChart } from './TimetableChart';
import { TimetableTable } from './TimetableTable';
import classes from './TimetablePage.module.css';
import { useTimetable } from './useTimetable';
import { atMostPlaces, formatNumber } from '@stoichos/core/common';

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
          <Button component={Link} to={`/days/${day.id}/plan/procedures`}>
            Choose procedures
          </Button>
        </>
      ) : (
        <Timetable day={day} />
      )}
    </>
  );
}

function Timetable({ day }: { day: LabDay }) {
  const table = useTimetable(day);
  const { plan, timetable, isStale, held, failure, share } = table;
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
        timetable={timetable}
        isStale={isStale}
        missing={missing}
        stops={stops}
        running={running}
        rows={rows}
        held={held}
        view={view}
        setView={setView}
      />
      <DayStops stops={stops} />
      {missing.length > 0 && (
        <Alert variant="outline" color="gray" title="Kit is missing" role="alert">
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
        <Alert variant="outline" color="gray" title="That does not fit" role="alert" mb="sm">
          {failure.message} {failure.remedy} The timetable stays as it was.
        </Alert>
      )}
      {timetable && isStale && (
        <Text role="status" mb="sm">
          The plan has changed since this timetable was made. Make it again.
        </Text>
      )}
      {timetable && !isStale && (
        <TimetableView
          day={day}
          table={table}
          timetable={timetable}
          running={running}
          rows={rows}
          held={held}
          view={view}
        />
      )}
    </>
  );
}

interface TimetableViewProps {
  readonly day: LabDay;
  readonly table: ReturnType<typeof useTimetable>;
  readonly timetable: DayTimetable;
  readonly running: boolean;
  readonly rows: TimetableRow[];
  readonly held: Readonly<Record<string, number>>;
  readonly view: View;
}

/** The timetable, as bars, people or a table. */
function TimetableView({ day, table, timetable, running, rows, held, view }: TimetableViewProps) {
  const [chosen, setChosen] = useState<string>();
  return (
    <>
      <Verdict day={day} timetable={timetable} />
      {view !== 'table' ? (
        <TimetableChart
          rows={view === 'bars' ? rows : peopleRows(rows, day.staff)}
          lengthMin={axisMin(day, timetable)}
          classMin={day.lengthMin}
          held={held}
          chosen={chosen}
          onChoose={setChosen}
          onMove={running ? undefined : table.move}
        />
      ) : (
        <TimetableTable rows={rows} />
      )}
      <Chosen rows={rows} chosen={chosen} />
      {timetable.makespanMin > day.lengthMin && <CutList day={day} timetable={timetable} />}
      <Button
        component={Link}
        to={`/days/${day.id}/prepare`}
        variant="default"
        mt="lg"
        className="no-print"
        rightSection={<IconArrowRight size={18} aria-hidden />}
      >
        On to Prepare
      </Button>
    </>
  );
}

interface TimetableHeadProps {
  readonly day: LabDay;
  readonly table: ReturnType<typeof useTimetable>;
  readonly timetable: DayTimetable | null;
  readonly isStale: boolean;
  readonly missing: string[];
  readonly stops: readonly string[];
  readonly running: boolean;
  readonly rows: TimetableRow[];
  readonly held: Readonly<Record<string, number>>;
  readonly view: View;
  readonly setView: (next: View) => void;
}

/** What the timetable is made from, and how it is shown. */
function TimetableHead({
  day,
  table,
  timetable,
  isStale,
  missing,
  stops,
  running,
  rows,
  held,
  view,
  setView,
}: TimetableHeadProps) {
  return (
    <Group justify="space-between" mb="sm" className="no-print">
      <Button
        variant={timetable && !isStale ? 'default' : 'filled'}
        leftSection={<IconRefresh size={18} aria-hidden />}
        disabled={missing.length > 0 || stops.length > 0 || running}
        onClick={table.make}
      >
        {timetable ? 'Make it again' : 'Make the timetable'}
      </Button>
      {rows.length > 0 && (
        <Group gap="sm">
          {Object.keys(held).length > 0 && (
            <Button variant="default" onClick={table.release} disabled={running}>
              Let go of what was moved
            </Button>
          )}
          <SegmentedControl
            aria-label="How it is shown"
            value={view}
            data={[
              { value: 'bars', label: 'By bench' },
              { value: 'people', label: 'By person' },
              { value: 'table', label: 'Table' },
            ]}
            onChange={(value) => setView(value)}
          />
          <CalendarButton dayId={day.id} />
          <PrintButton />
        </Group>
      )}
    </Group>
  );
}

type View = 'bars' | 'people' | 'table';

/** Minutes the chart shows: to the end of the class, unless most of it would be empty. */
const axisMin = ({ lengthMin }: LabDay, { makespanMin }: DayTimetable): number =>
  Math.max(makespanMin, Math.min(lengthMin, 1.3 * makespanMin));

/** Whether it fits, and how sure that is. */
function Verdict({ day, timetable }: { day: LabDay; timetable: DayTimetable }) {
  const { makespanMin, lowerBoundMin, optimal } = timetable;
  const over = makespanMin - day.lengthMin;
  const words = (min: number): string => `${atMostPlaces(min, 1)} min`;
  return (
    <div className={classes.verdict} role="status" data-testid="verdict">
      <Title order={2} size="h3">
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
    <section className="card" aria-label="The chosen step" style={{ marginTop: 12 }}>
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
    </section>
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
