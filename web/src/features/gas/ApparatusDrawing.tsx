import { plainFormula } from '@stoichos/core/matter/formula';
import { inks, labelSizePx, labelText, tubeInside } from '@stoichos/core/studies/gas';
import type { Apparatus, LabelStyle } from '@stoichos/core/studies/gas';
import classes from './Gases.module.css';

/** An apparatus on white paper, its parts with their names or with lines to write on. */
export function ApparatusDrawing({
  apparatus: { title, drawing },
  labels,
}: {
  apparatus: Apparatus;
  labels: LabelStyle;
}) {
  const { width, height, parts } = drawing;
  return (
    <svg
      className={classes.drawing}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={`${plainFormula(title)}. Parts: ${drawing.labels.map((one) => labelText(one, 'named')).join(', ')}.`}
    >
      {parts.flatMap(({ name, shapes }) =>
        shapes.map(({ d, ink }, at) => {
          const { fill, stroke, width: line } = inks[ink];
          const path = (
            <path
              key={`${name} ${at}`}
              d={d}
              fill={fill}
              stroke={stroke}
              strokeWidth={line}
              strokeLinejoin="round"
              strokeLinecap="round"
            />
          );
          if (ink !== 'tube') return path;
          return (
            <g key={`${name} ${at}`}>
              {path}
              <path
                d={d}
                fill="none"
                stroke={tubeInside.stroke}
                strokeWidth={tubeInside.width}
                strokeLinejoin="round"
              />
            </g>
          );
        }),
      )}
      {drawing.labels.map((label) => {
        const [x, y] = label.text;
        const [toX, toY] = label.from;
        return (
          <g key={label.number}>
            <path
              d={`M${x + 6} ${y < toY ? y + 4 : y - labelSizePx} L${toX} ${toY}`}
              stroke="#8792a0"
              strokeWidth={0.8}
              fill="none"
            />
            <text x={x} y={y} fontSize={labelSizePx} fill="#1f2933">
              {labelText(label, labels)}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
