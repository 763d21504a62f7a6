import { useId } from 'react';
import type { CellView, ElectrodeView } from '@stoichos/core/studies/electrolysis';

const glass = { left: 30, right: 230, floor: 168, brim: 40, level: 66 };
/** Middles of the electrodes. */
const at = { cathode: 85, anode: 175 } as const;
const white = '#fdfdfc';

/** A cell with its two electrodes: the liquid, what colours it close to them, gas, coats, and the signs. */
export function CellPicture({ view }: { view: CellView }) {
  const clip = useId();
  const blur = useId();
  return (
    <svg
      role="img"
      aria-label={describe(view)}
      viewBox="0 0 260 186"
      width="100%"
      style={{ maxWidth: 440 }}
      data-testid="cell"
    >
      <defs>
        <clipPath id={clip}>
          <path
            d={`M${glass.left} ${glass.brim}V158Q${glass.left} ${glass.floor} ${glass.left + 10} ${glass.floor}H${glass.right - 10}Q${glass.right} ${glass.floor} ${glass.right} 158V${glass.brim}Z`}
          />
        </clipPath>
        <filter id={blur} x="-40%" y="-20%" width="180%" height="140%">
          <feGaussianBlur stdDeviation="9" />
        </filter>
      </defs>
      <path d={`M${at.cathode} 30V14H60`} fill="none" stroke="currentColor" strokeWidth="2.5" />
      <path d={`M${at.anode} 30V14H200`} fill="none" stroke="currentColor" strokeWidth="2.5" />
      <g clipPath={`url(#${clip})`}>
        <rect x="0" y="0" width="260" height="186" fill={white} />
        <rect x="0" y={glass.level} width="260" height="120" fill={view.liquidHex} />
        <g filter={`url(#${blur})`}>
          <rect
            x={glass.left - 20}
            y={glass.level + 8}
            width="88"
            height="120"
            fill={view.cathode.nearHex}
          />
          <rect
            x={glass.right - 68}
            y={glass.level + 8}
            width="88"
            height="120"
            fill={view.anode.nearHex}
          />
        </g>
        <line
          x1="0"
          x2="260"
          y1={glass.level}
          y2={glass.level}
          stroke="#566"
          strokeOpacity="0.55"
        />
      </g>
      <Rod view={view.cathode} />
      <Rod view={view.anode} />
      <path
        d={`M${glass.left} ${glass.brim}V158Q${glass.left} ${glass.floor} ${glass.left + 10} ${glass.floor}H${glass.right - 10}Q${glass.right} ${glass.floor} ${glass.right} 158V${glass.brim}`}
        fill="none"
        stroke="var(--glass)"
        strokeWidth="2"
        strokeLinecap="round"
      />
      <Sign x={46} text="−" />
      <Sign x={214} text="+" />
    </svg>
  );
}

function Sign({ x, text }: { x: number; text: string }) {
  return (
    <>
      <circle
        cx={x}
        cy="14"
        r="11"
        fill="var(--mantine-color-body)"
        stroke="currentColor"
        strokeWidth="2"
      />
      <text x={x} y="20" textAnchor="middle" fontSize="18" fontWeight="700" fill="currentColor">
        {text}
      </text>
    </>
  );
}

/** Where bubbles rise: along the rod, in a fixed scatter, so that a picture is the same each time. */
const scatter = [
  [-9, 150],
  [10, 142],
  [-11, 132],
  [8, 125],
  [-8, 116],
  [11, 108],
  [-10, 99],
  [9, 92],
  [-7, 84],
  [10, 77],
  [-12, 73],
  [13, 134],
] as const;

function Rod({ view }: { view: ElectrodeView }) {
  const x = at[view.side];
  const bottom = 156;
  const thin = view.gets === 'thinner';
  const count = Math.round(view.bubbles * scatter.length);
  return (
    <g>
      {view.coat && (
        <path
          d={`M${x - 9} 84Q${x - 12} 120 ${x - 9} ${bottom + 3}H${x + 9}Q${x + 12} 118 ${x + 9} 84Z`}
          fill={view.coat.hex}
          stroke="#333"
          strokeOpacity="0.5"
        />
      )}
      <path
        d={
          thin
            ? `M${x - 6} 28V84L${x - 3.5} ${bottom}H${x + 3.5}L${x + 6} 84V28Z`
            : `M${x - 6} 28V${bottom}H${x + 6}V28Z`
        }
        fill={view.hex}
        stroke="#333"
        strokeWidth="0.9"
      />
      {view.coat && (
        <path d={`M${x - 6} 86H${x + 6}V${bottom}H${x - 6}Z`} fill={view.coat.hex} opacity="0.75" />
      )}
      {scatter.slice(0, count).map(([dx, y]) => (
        <circle
          key={`${dx} ${y}`}
          cx={x + dx}
          cy={y}
          r="3"
          fill="#fff"
          fillOpacity="0.85"
          stroke="#456"
          strokeWidth="0.9"
        />
      ))}
    </g>
  );
}

function describe({ cathode, anode, liquidColour }: CellView): string {
  const one = (view: ElectrodeView, sign: string) =>
    `${sign}, ${view.material}: ${[
      view.bubbles > 0.02 ? 'bubbles' : '',
      view.coat ? `a coat of ${view.coat.formula}` : '',
      view.gets === 'thinner' ? 'it gets thinner' : '',
      `liquid close to it ${view.nearColour}`,
    ]
      .filter((word) => word !== '')
      .join(', ')}`;
  return `A cell with ${liquidColour} liquid. At ${one(cathode, 'minus')}. At ${one(anode, 'plus')}.`;
}
