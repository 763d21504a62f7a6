import { useId } from 'react';
import type { VesselView } from '@stoichos/core/seeing/appearance';
import type { ContainerKind } from '@stoichos/core/vessel';
import { describeView } from './describeView';
import { shapes } from './shapes';
import type { GlassShape } from './shapes';

interface VesselProps {
  readonly container: ContainerKind;
  /** Nothing is drawn inside without one. */
  readonly view?: VesselView | undefined;
  /** What the drawing stands for, said before its description. */
  readonly label: string;
  readonly height?: number;
  /** The card it is held against; chosen by what it holds when left out. */
  readonly card?: Card;
  /** The level as it is, instead of one that keeps a few millilitres visible. */
  readonly trueLevel?: boolean;
}

/** What a vessel is held against. */
export type Card = 'white' | 'grey' | 'black';
const cards: Readonly<Record<Card, string>> = {
  white: '#fdfdfc',
  grey: '#9aa0a6',
  black: '#23272b',
};

const cloudiness = { clear: 0, cloudy: 0.45, opaque: 0.86 } as const;
const white = '#fdfdfc';
/** A white or pale solid in a colourless liquid is held against black, as at the bench. */
const blackCard = '#3b4147';
/** The least share of the vessel that a drawn liquid fills, so that a few millilitres stay visible. */
const leastFill = 0.3;
/** With a true level a film at the bottom is still drawn. */
const leastTrue = 0.04;

/**
 * The one drawing of a vessel: liquid in its colour, cloudiness, solid at the bottom, bubbles.
 * The inside is white in light and dark alike, for colours are seen against white; pale solids are seen against black.
 */
export function Vessel({
  container,
  view,
  label,
  height = 180,
  card,
  trueLevel = false,
}: VesselProps) {
  const clip = useId();
  const shape = shapes[container];
  const palest = view?.solid !== undefined && isPale(view.solid.hex) && isPale(view.liquidHex);
  const onBlack = card === 'black' || (card === undefined && palest);
  return (
    <svg
      role="img"
      aria-label={`${label}: ${describeView(view)}`}
      viewBox="0 0 100 140"
      height={height}
      width={(height * 100) / 140}
      data-testid="vessel"
    >
      <clipPath id={clip}>
        <path d={shape.inside} />
      </clipPath>
      {onBlack && card === undefined && <CardBehind {...shape} />}
      <g clipPath={`url(#${clip})`}>
        <rect width="100" height="140" fill={card ? cards[card] : onBlack ? blackCard : white} />
        {view && (
          <Contents shape={shape} view={view} trueLevel={trueLevel} card={card} onBlack={onBlack} />
        )}
      </g>
      <path
        d={shape.outline}
        fill="none"
        stroke="var(--glass)"
        strokeWidth="1.8"
        strokeLinecap="round"
      />
      {view?.closed && <Stopper mouth={shape.mouth} />}
    </svg>
  );
}

interface ContentsProps {
  readonly shape: GlassShape;
  readonly view: VesselView;
  readonly trueLevel: boolean;
  readonly card: Card | undefined;
  readonly onBlack: boolean;
}

/** What the vessel holds: liquid, layer, solid, bubbles. */
function Contents({ shape, view, trueLevel, card, onBlack }: ContentsProps) {
  const depth = shape.floor - shape.brim;
  const level = shape.floor - depth * Math.max(trueLevel ? leastTrue : leastFill, view.fill);
  const liquidDepth = shape.floor - level;
  const hasLiquid = view.fill > 0;
  const through = onBlack ? 0.18 : card === 'grey' ? 0.72 : 1;
  return (
    <>
      <rect
        y={level}
        width="100"
        height={liquidDepth}
        fill={view.liquidHex}
        opacity={hasLiquid ? through : 0}
      />
      {view.solid ? (
        <rect
          y={level}
          width="100"
          height={liquidDepth}
          fill={view.solid.hex}
          opacity={cloudiness[view.clarity]}
        />
      ) : (
        <rect
          y={level}
          width="100"
          height={liquidDepth}
          fill="#fff"
          opacity={cloudiness[view.clarity]}
        />
      )}
      {view.solid && <Sediment {...view.solid} {...shape} liquidDepth={liquidDepth} />}
      {view.layer && (
        <rect
          y={view.layer.position === 'above' ? level : shape.floor - liquidDepth * view.layer.share}
          width="100"
          height={liquidDepth * view.layer.share}
          fill={view.layer.hex}
          stroke="#566"
          strokeOpacity="0.55"
          strokeWidth="0.9"
        />
      )}
      {hasLiquid && view.bubbles && <Bubbles {...shape} level={level} />}
      {hasLiquid && (
        <line
          x1="0"
          x2="100"
          y1={level}
          y2={level}
          stroke="#566"
          strokeOpacity="0.55"
          strokeWidth="0.9"
        />
      )}
    </>
  );
}

/** The black card as one holds it: wider than the glass, so that nobody takes it for what is inside. */
function CardBehind({ left, right, brim, floor }: GlassShape) {
  const from = Math.max(2, left - 14);
  const to = Math.min(98, right + 14);
  return (
    <rect
      x={from}
      y={brim + 6}
      width={to - from}
      height={floor - brim - 2}
      rx={2}
      fill={blackCard}
    />
  );
}

function Stopper({ mouth: [left, right, y] }: Pick<GlassShape, 'mouth'>) {
  return (
    <rect
      x={left - 1}
      y={y - 7}
      width={right - left + 2}
      height={13}
      rx={2}
      fill="var(--glass)"
      data-testid="stopper"
    />
  );
}

interface SedimentProps {
  readonly hex: string;
  readonly amount: number;
  readonly floor: number;
  readonly liquidDepth: number;
}

/** Settled solid with an uneven top, outlined so that white on white can be seen. */
function Sediment({ hex, amount, floor, liquidDepth }: SedimentProps) {
  const height = liquidDepth * (0.14 + 0.4 * Math.sqrt(amount));
  const top = floor - height;
  const waves = Array.from(
    { length: 11 },
    (_, i) => `Q${i * 10 - 5} ${top + (i % 2 ? 2.6 : -1.6)} ${i * 10} ${top}`,
  );
  return (
    <path
      d={`M-10 ${top} ${waves.join(' ')} V140 H-10 Z`}
      fill={hex}
      stroke="#445"
      strokeOpacity="0.4"
      strokeWidth="0.7"
    />
  );
}

const bubblePlaces = [
  [0.2, 0.15, 1.6],
  [0.7, 0.3, 2.2],
  [0.4, 0.5, 1.8],
  [0.85, 0.62, 1.4],
  [0.15, 0.72, 2],
  [0.58, 0.86, 1.5],
] as const;

function Bubbles({
  left,
  right,
  level,
  floor,
}: {
  left: number;
  right: number;
  level: number;
  floor: number;
}) {
  return bubblePlaces.map(([x, y, r]) => (
    <circle
      key={`${x} ${y}`}
      cx={left + x * (right - left)}
      cy={level + y * (floor - level)}
      r={r}
      fill="#fff"
      fillOpacity="0.75"
      stroke="#556"
      strokeOpacity="0.6"
      strokeWidth="0.6"
    />
  ));
}

/** Whether a colour would be lost on white paper. */
function isPale(hex: string): boolean {
  return [1, 3, 5].every((at) => Number.parseInt(hex.slice(at, at + 2), 16) > 200);
}
