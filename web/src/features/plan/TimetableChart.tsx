import { Box, UnstyledButton } from '@mantine/core';
import type { TimetableBar, TimetableRow } from '@stoichos/core/planning/procedure';
import { useState } from 'react';
import type { KeyboardEvent, PointerEvent } from 'react';
import { barName } from './barWords';
import classes from './TimetablePage.module.css';

interface TimetableChartProps {
  readonly rows: readonly TimetableRow[];
  /** Minutes from the left edge to the right. */
  readonly lengthMin: number;
  /** When the class ends. */
  readonly classMin: number;
  readonly held: Readonly<Record<string, number>>;
  readonly chosen: string | undefined;
  readonly onChoose: (taskId: string) => void;
  /** Puts a task at another minute; absent while one is being placed. */
  readonly onMove: ((taskId: string, startMin: number) => void) | undefined;
}

/** Bars by bench, one lane for each pair of hands and for what runs by itself; bars are dragged, or moved by arrow keys. */
export function TimetableChart(props: TimetableChartProps) {
  const { rows, lengthMin, classMin } = props;
  const step = lengthMin > 150 ? 30 : lengthMin > 60 ? 15 : 10;
  const ticks = Array.from({ length: Math.floor(lengthMin / step) + 1 }, (_, at) => at * step);
  const place = (min: number): string => `${(100 * min) / lengthMin}%`;
  const names = new Map(
    rows.flatMap(({ lanes }) =>
      lanes.flatMap(({ bars }) =>
        bars.map(({ procedureNumber, procedureName }) => [procedureNumber, procedureName] as const),
      ),
    ),
  );
  return (
    <Box component="figure" m={0} aria-label="Timetable by bench, minutes from the start">
      <div className={classes.chart}>
        <div className={classes.axis} aria-hidden>
          <span />
          <div className={classes.ticks}>
            {ticks.map((tick) => (
              <span key={tick} className={classes.tick} style={{ left: place(tick) }}>
                {tick === 0 ? '0 min' : tick}
              </span>
            ))}
          </div>
        </div>
        {rows.map((row) => (
          <div key={row.id} className={classes.row} role="group" aria-label={row.name}>
            <div className={classes.rowName}>{row.name}</div>
            <div className={classes.lanes}>
              {classMin < lengthMin && (
                <span className={classes.end} style={{ left: place(classMin) }} />
              )}
              {row.lanes.map(({ kind, label, bars }, at) => (
                <div key={`${kind} ${String(at)}`} className={classes.lane} title={label}>
                  {bars.map((bar) => (
                    <Bar key={bar.id} bar={bar} waiting={kind === 'waiting'} {...props} />
                  ))}
                </div>
              ))}
            </div>
          </div>
        ))}
      </div>
      <ul className={classes.legend}>
        {[...names]
          .sort(([one], [other]) => one - other)
          .map(([number, name]) => (
            <li key={number}>
              <strong>{number}</strong> {name}
            </li>
          ))}
        {rows.some(({ lanes }) => lanes.some(({ kind }) => kind === 'waiting')) && (
          <li className="quiet">hatched: runs by itself</li>
        )}
        {classMin < lengthMin && <li className="quiet">dashed line: the class ends</li>}
      </ul>
    </Box>
  );
}

/** Moved by less than this, a bar was only tapped, px. */
const tapPx = 4;

function Bar({
  bar,
  waiting,
  lengthMin,
  held,
  chosen,
  onChoose,
  onMove,
}: TimetableChartProps & { readonly bar: TimetableBar; readonly waiting: boolean }) {
  /** Where the pointer took hold, how wide the lane is, and how far it has come, px. */
  const [drag, setDrag] = useState<{ x: number; widthPx: number; px: number }>();
  const minutesFor = ({ px, widthPx }: { px: number; widthPx: number }): number =>
    (px / widthPx) * lengthMin;
  const down = (event: PointerEvent<HTMLButtonElement>) => {
    if (!onMove) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    const lane = event.currentTarget.parentElement;
    setDrag({ x: event.clientX, widthPx: lane?.clientWidth ?? 1, px: 0 });
  };
  const up = (event: PointerEvent<HTMLButtonElement>) => {
    if (!drag) return;
    const moved = { ...drag, px: event.clientX - drag.x };
    setDrag(undefined);
    onChoose(bar.id);
    if (Math.abs(moved.px) > tapPx) moveTo(bar.startMin + minutesFor(moved));
  };
  const moveTo = (min: number) => onMove?.(bar.id, Math.max(0, Math.round(min)));
  const press = (event: KeyboardEvent) => {
    const by = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    onChoose(bar.id);
    moveTo(bar.startMin + by * (event.shiftKey ? 5 : 1));
  };
  const start = bar.startMin + (drag ? minutesFor(drag) : 0);
  return (
    <UnstyledButton
      className={classes.bar}
      style={{
        left: `${(100 * start) / lengthMin}%`,
        width: `${(100 * (bar.endMin - bar.startMin)) / lengthMin}%`,
      }}
      aria-label={barName(bar)}
      aria-pressed={chosen === bar.id}
      title={barName(bar)}
      data-task={bar.id}
      {...(waiting && { 'data-waiting': '' })}
      {...(held[bar.id] !== undefined && { 'data-held': '' })}
      {...(drag && { 'data-dragging': '' })}
      onPointerDown={down}
      onPointerMove={(event) => drag && setDrag({ ...drag, px: event.clientX - drag.x })}
      onPointerUp={up}
      onPointerCancel={() => setDrag(undefined)}
      onClick={() => onChoose(bar.id)}
      onKeyDown={press}
    >
      {bar.procedureNumber}
    </UnstyledButton>
  );
}
