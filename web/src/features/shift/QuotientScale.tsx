import { LineTable } from '../../shared/parts/LineTable';
import { powerText } from '@stoichos/core/studies/shift';
import type { Shift } from '@stoichos/core/studies/shift';
import { Formula } from '../../shared/chemistry/Formula';
import classes from './Equilibrium.module.css';

/** Half of what the scale shows on either side of K, powers of ten. */
const reach = 6;
const width = 320;
const placeOf = (off: number): number =>
  width / 2 + (Math.max(-reach, Math.min(reach, off)) / reach) * (width / 2 - 14);

/** Q on its way: where it stood before, just after, and where it came to rest, against K in the middle. */
export function QuotientScale({ shift }: { shift: Shift }) {
  const { mixed, after } = shift;
  if (!mixed) return null;
  const just = placeOf(mixed.logQ - mixed.logK);
  const end = after ? placeOf(after.logQ - after.logK) : just;
  const said = `Q ${powerText(mixed.logQ)} just after, K ${powerText(mixed.logK)}${after ? `, Q ${powerText(after.logQ)} at rest` : ''}`;
  return (
    <div>
      <svg
        viewBox={`0 0 ${width} 62`}
        className={classes.scale}
        role="img"
        aria-label={`Q against K: ${said}`}
      >
        <line x1="6" x2={width - 6} y1="34" y2="34" stroke="var(--rule)" strokeWidth="2" />
        <line
          x1={width / 2}
          x2={width / 2}
          y1="18"
          y2="46"
          stroke="var(--mantine-color-text)"
          strokeWidth="2.5"
        />
        <text x={width / 2} y="13" textAnchor="middle" fontSize="14" fill="currentColor">
          K
        </text>
        <text x="6" y="58" fontSize="12.5" fill="var(--quiet)">
          Q below K: goes right
        </text>
        <text x={width - 6} y="58" textAnchor="end" fontSize="12.5" fill="var(--quiet)">
          Q above K: goes left
        </text>
        {Math.abs(end - just) > 8 && (
          <path
            d={`M${just} 34 H${end - Math.sign(end - just) * 7}`}
            stroke="var(--mantine-primary-color-filled)"
            strokeWidth="3"
            markerEnd="url(#arrow)"
          />
        )}
        <marker
          id="arrow"
          viewBox="0 0 8 8"
          refX="4"
          refY="4"
          markerWidth="4"
          markerHeight="4"
          orient="auto"
        >
          <path d="M0 0 L8 4 L0 8 Z" fill="var(--mantine-primary-color-filled)" />
        </marker>
        <circle cx={just} cy="34" r="6.5" fill="var(--mantine-primary-color-filled)" />
        <text
          x={Math.max(26, Math.min(width - 26, just))}
          y={Math.abs(just - width / 2) < 30 ? 27 : 24}
          dx={Math.abs(just - width / 2) < 30 ? -24 : 0}
          textAnchor="middle"
          fontSize="14"
          fill="currentColor"
        >
          Q
        </text>
      </svg>
      <LineTable className="visually-hidden" rows={[[<Formula text={said} wrap />]]} />
    </div>
  );
}
