import { phraseHex } from '@stoichos/core/seeing/appearance';
import type { Share } from '@stoichos/core/studies/shift';
import { Fragment } from 'react';
import { Formula } from '../../shared/chemistry/Formula';
import classes from './Equilibrium.module.css';
import { withPlaces } from '@stoichos/core/common';

/** How what is watched is shared among its forms, each bar in the form’s own colour where it has one. */
export function ShareBars({ shares }: { shares: readonly Share[] }) {
  return (
    <div className={classes.shares} data-testid="shares">
      {shares.map(({ form, share, colour }) => (
        <Fragment key={form}>
          <Formula text={form} />
          <div
            className={classes.bar}
            style={{
              width: `${100 * share}%`,
              background: colour ? phraseHex(colour) : 'transparent',
            }}
            aria-hidden
          />
          <span className={classes.number}>{percent(share)}</span>
        </Fragment>
      ))}
    </div>
  );
}

const percent = (share: number): string =>
  share < 0.01 ? `${withPlaces(100 * share, 1)} %` : `${Math.round(100 * share)} %`;
