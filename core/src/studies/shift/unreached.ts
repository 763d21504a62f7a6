import { capital } from '../../common/capital';
import { meansWords, unitOf } from './means';
import type { Means } from './means';
import { along, amountsOf, stretches, sweep } from './sweep';
import { roomIn } from './way';
import type { Tool, Way } from './way';
import { distanceFrom, wishWords } from './wish';
import type { Sight, Wish } from './wish';
import { atMostFigures, withFigures } from '../../common/formatNumber';

/** Why a colour is not reached, and what comes nearest. */
export interface Unreached {
  readonly wish: Wish;
  /** Its place in the wishes. */
  readonly at: number;
  /** There would be an amount, but not in this vessel; only within less than a drop; or there is none at any amount. */
  readonly because: 'room' | 'sharp' | 'chemistry';
  /** Amounts between which it shows, closer together than one can measure out. */
  readonly sharp?: { readonly means: Means; readonly low: number; readonly high: number };
  /** What would reach it in a larger vessel. */
  readonly needs?: { readonly means: Means; readonly amount: number };
  readonly nearest?: { readonly means: Means; readonly amount: number; readonly sight: Sight };
}

/** A colour that one hardly sees is as good as another hue. */
const faintIsFar = 0.2;
/** Times the room of the vessel up to which a colour out of reach is looked for. */
const lookBeyond = 40;

/** Looks why no way leads on to a colour, and for what comes nearest. */
export function whyNot(
  ways: readonly Way[],
  tools: readonly Tool[],
  wish: Wish,
  at: number,
): Unreached {
  let nearest: Unreached['nearest'];
  let needs: Unreached['needs'];
  let sharp: Unreached['sharp'];
  let least = Infinity;
  for (const { mixture } of ways)
    for (const { means, after } of tools) {
      const look = along(mixture, after);
      const room = roomIn(mixture.vessel);
      const points = sweep(look, amountsOf(means, room));
      for (const { amount, sight } of points) {
        const distance = distanceFrom(sight, wish) + (sight.faint ? faintIsFar : 0);
        if (distance < least) [least, nearest] = [distance, { means, amount, sight }];
      }
      const [narrow] = stretches(look, points, wish);
      if (narrow && !narrow.open) sharp ??= { means, low: narrow.low, high: narrow.high };
      if (unitOf(means) !== 'mL') continue;
      const far = lookBeyond * Math.max(room, mixture.vessel.volumeMl);
      const beyond = amountsOf(means, far).filter((one) => one > 0.95 * room);
      const [stretch] = stretches(look, sweep(look, beyond), wish);
      if (stretch && stretch.low < (needs?.amount ?? Infinity))
        needs = { means, amount: stretch.low };
    }
  return {
    wish,
    at,
    because: sharp ? 'sharp' : needs ? 'room' : 'chemistry',
    ...(sharp && { sharp }),
    ...(needs && { needs }),
    ...(nearest && { nearest: { ...nearest, amount: Number(nearest.amount.toPrecision(2)) } }),
  };
}

/** Why a colour is not reached, in a sentence. */
export function unreachedWords({ wish, because, needs, sharp, nearest }: Unreached): string {
  const best = nearest
    ? ` Nearest: ${nearest.sight.cloudy ? 'cloudy ' : ''}${nearest.sight.colour}, with ${amountWords(nearest.means, nearest.amount)} of ${meansWords(nearest.means)}.`
    : '';
  if (because === 'sharp' && sharp)
    return `${capital(wishWords(wish))} shows only between ${withFigures(sharp.low, 3)} and ${withFigures(sharp.high, 3)} ${unitOf(sharp.means)} of ${meansWords(sharp.means)}, closer than one can measure out: use it more dilute, or more of the start.`;
  return because === 'room' && needs
    ? `${capital(wishWords(wish))} would take about ${Math.round(needs.amount)} mL of ${meansWords(needs.means)}, more than there is room for.${best}`
    : `${capital(wishWords(wish))} is not reached with what is at hand, however much is added.${best}`;
}

const amountWords = (means: Means, amount: number): string =>
  `${atMostFigures(amount, 2)} ${unitOf(means)}`;
