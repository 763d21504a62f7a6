import { Formula } from '../chemistry/Formula';
import classes from './Likelihoods.module.css';
import { atMostFigures } from '@stoichos/core/common';

/** Bars of what it may be, the likeliest first; what is next to impossible is counted. */
export function Likelihoods({
  rows,
  label,
  most = 12,
  formulae = false,
}: {
  rows: readonly { readonly name: string; readonly probability: number }[];
  /** Whether names are formulae. */
  formulae?: boolean;
  label: string;
  /** How many are shown. */
  most?: number;
}) {
  const shown = rows.slice(0, most);
  const rest = rows.slice(most).reduce((sum, { probability }) => sum + probability, 0);
  return (
    <>
      <div className={classes.bars} role="list" aria-label={label} data-testid={label}>
        {shown.map(({ name, probability }) => (
          <div key={name} className={classes.row} role="listitem">
            <span>{formulae ? <Formula text={name} wrap /> : name}</span>
            <span className={classes.bar} style={{ width: `${100 * probability}%` }} aria-hidden />
            <span className={classes.share}>{percent(probability)}</span>
          </div>
        ))}
      </div>
      {rows.length > shown.length && (
        <p className="quiet">
          {rows.length - shown.length} more, {percent(rest)} together.
        </p>
      )}
    </>
  );
}

/** A probability as a reader wants it. */
export function percent(share: number): string {
  const value = 100 * share;
  return value < 0.1 ? '< 0.1 %' : `${atMostFigures(value, value < 10 ? 1 : 2)} %`;
}
