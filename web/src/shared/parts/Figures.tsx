import type { ReactNode } from 'react';
import classes from './Figures.module.css';

/** A figure: what it is of, what it is, and what has to be said of it. */
export type Figure = readonly [of: ReactNode, is: ReactNode, note?: ReactNode];

/** The numbers an answer comes to, large, side by side. */
export function Figures({
  of,
  ...look
}: {
  readonly of: readonly (Figure | false | undefined)[];
  readonly 'data-testid'?: string;
}) {
  return (
    <div className={classes.figures} {...look}>
      {of.map(
        (figure, at) =>
          figure && (
            <div key={at}>
              <span className="quiet">{figure[0]}</span>
              <strong>{figure[1]}</strong>
              {figure[2] && <span className="quiet">{figure[2]}</span>}
            </div>
          ),
      )}
    </div>
  );
}
