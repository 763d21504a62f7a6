import classes from './PreparePage.module.css';
import { formatNumber } from '@stoichos/core/common';

/** Widest deviation drawn, as a share of the target. */
const shown = 0.25;
/** What is taken without comment, as a share of the target. */
const tolerance = 0.1;

/** Where a mass lies against its target: a band that is fine, and a mark. */
export function ToleranceBand({ ratio }: { ratio: number }) {
  const off = Math.max(-shown, Math.min(shown, ratio - 1));
  const place = (share: number): string => `${50 + (50 * share) / shown}%`;
  const percent = Math.round(100 * (ratio - 1));
  return (
    <div
      className={classes.band}
      role="img"
      aria-label={`${formatNumber(Math.abs(percent))} % ${percent < 0 ? 'under' : 'over'} the target; ten per cent either way is fine`}
    >
      <span
        className={classes.fine}
        style={{ left: place(-tolerance), right: `${50 - (50 * tolerance) / shown}%` }}
      />
      <span className={classes.mark} style={{ left: place(off) }} />
      <small>{percent > 0 ? `+${formatNumber(percent)}` : percent} %</small>
    </div>
  );
}
