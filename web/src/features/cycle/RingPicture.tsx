import { plainFormula } from '@stoichos/core/matter/formula';
import type { Arc, Ring } from '@stoichos/core/studies/cycle';
import classes from './Cycle.module.css';
import { proseTold } from '@stoichos/core/common';

const [width, height] = [660, 500];
const [middleX, middleY] = [width / 2, height / 2];
const [radiusX, radiusY] = [246, 200];
const box = { width: 132, height: 56 } as const;

/** Where something stands on the ring, 0 to 1 round from the top, clockwise. */
function at(turn: number, reach = 1): readonly [x: number, y: number] {
  const angle = 2 * Math.PI * turn - Math.PI / 2;
  return [middleX + radiusX * reach * Math.cos(angle), middleY + radiusY * reach * Math.sin(angle)];
}

/** An arrow from one compound to the next along the ring, leaving room for both. */
function arrow(from: number, to: number): string {
  const points = Array.from({ length: 25 }, (_, step) => from + ((to - from) * step) / 24);
  const clear = points
    .map((turn) => at(turn))
    .filter(([x, y]) => [from, to].every((end) => outside(x, y, at(end))));
  return clear
    .map(([x, y], step) => `${step === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`)
    .join(' ');
}

function outside(x: number, y: number, [boxX, boxY]: readonly [number, number]): boolean {
  const margin = 6;
  return (
    Math.abs(x - boxX) > box.width / 2 + margin || Math.abs(y - boxY) > box.height / 2 + margin
  );
}

/** A ring of reactions: compounds round a circle in the colour they are seen in, arrows numbered as the list beside it. */
export function RingPicture({ ring }: { ring: Ring }) {
  const { arcs, start, closes } = ring;
  const compounds = [start, ...arcs.map(({ to }) => to)];
  const round = closes ? arcs.length : arcs.length + 1;
  const nodes = compounds.slice(0, round);
  const colours = [arcs[0]?.before, ...arcs.map(({ after }) => after)];
  return (
    <svg
      className={classes.ring}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={`Ring: ${compounds.map((one) => plainFormula(one)).join(' → ')}${closes ? '' : ', not closed'}`}
    >
      <rect width={width} height={height} fill="#ffffff" />
      <defs>
        <marker
          id="ring-arrow"
          viewBox="0 0 10 10"
          refX="8"
          refY="5"
          markerWidth="8"
          markerHeight="8"
          orient="auto"
        >
          <path d="M0 0 L10 5 L0 10 Z" fill="#1f2933" />
        </marker>
      </defs>
      {arcs.map((arc, index) => {
        const [from, to] = [index / round, (index + 1) / round];
        const [labelX, labelY] = at((from + to) / 2, 0.6);
        return (
          <ArcWords
            key={`${arc.from} ${arc.to}`}
            index={index}
            from={from}
            to={to}
            arc={arc}
            labelX={labelX}
            labelY={labelY}
          />
        );
      })}
      {nodes.map((formula, index) => {
        const [x, y] = at(index / round);
        const view = colours[index];
        const hex = view?.solid?.hex ?? view?.liquidHex ?? '#ffffff';
        return <Station key={`${formula} ${index}`} formula={formula} x={x} y={y} hex={hex} />;
      })}
    </svg>
  );
}

interface StationProps {
  readonly formula: string;
  readonly x: number;
  readonly y: number;
  readonly hex: string;
}

/** A substance of the ring in its box. */
function Station({ formula, x, y, hex }: StationProps) {
  return (
    <g>
      <rect
        x={x - box.width / 2}
        y={y - box.height / 2}
        width={box.width}
        height={box.height}
        rx={8}
        fill="#ffffff"
        stroke="#1f2933"
        strokeWidth={1.5}
      />
      <circle cx={x - box.width / 2 + 17} cy={y} r={9} fill={hex} stroke="#7f8a94" />
      <text x={x + 10} y={y + 5} textAnchor="middle" fontSize={19} fontWeight={600} fill="#1f2933">
        {plainFormula(formula)}
      </text>
    </g>
  );
}

interface ArcWordsProps {
  readonly index: number;
  readonly from: number;
  readonly to: number;
  readonly arc: Arc;
  readonly labelX: number;
  readonly labelY: number;
}

/** An arrow of the ring with what is done along it. */
function ArcWords({ index, from, to, arc, labelX, labelY }: ArcWordsProps) {
  return (
    <g>
      <path
        d={arrow(from, to)}
        fill="none"
        stroke="#1f2933"
        strokeWidth={2}
        markerEnd="url(#ring-arrow)"
      />
      <circle
        cx={at((from + to) / 2)[0]}
        cy={at((from + to) / 2)[1]}
        r={12}
        fill="#ffffff"
        stroke="#1f2933"
      />
      <text
        x={at((from + to) / 2)[0]}
        y={at((from + to) / 2)[1] + 5}
        textAnchor="middle"
        fontSize={14}
        fontWeight={600}
        fill="#1f2933"
      >
        {index + 1}
      </text>
      {[...shortHow(arc.how), typeOf(arc)].map((line, row) => (
        <text
          key={line}
          x={labelX}
          y={labelY + 18 * row}
          textAnchor="middle"
          fontSize={15}
          fill="#3b4650"
        >
          {plainFormula(line)}
        </text>
      ))}
    </g>
  );
}

/** The type of an arrow, by whichever school has a word for it. */
function typeOf({ types }: Arc): string {
  return `(${types.five[0] ?? types.drivingForce.join(', ')})`;
}

/** What is done, in a few short lines. */
function shortHow(how: string): string[] {
  const words = proseTold(how).replace(' °', '\u00a0°').split(' ');
  const lines: string[] = [''];
  for (const word of words) {
    const last = lines.at(-1) ?? '';
    if (last !== '' && (last + word).length > 20) lines.push(word);
    else lines[lines.length - 1] = last === '' ? word : `${last} ${word}`;
  }
  return lines.slice(0, 3);
}
