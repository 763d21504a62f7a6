import { capital } from '../../common/capital';
import { stressWords, unitOf } from './stress';
import type { Stress } from './stress';
import { along, amountsOf, stretches, sweep } from './sweep';
import { roomIn } from './path';
import type { Tool, Path } from './path';
import { distanceFrom, targetWords } from './target';
import type { Sight, Target } from './target';
import { atMostFigures, withFigures } from '../../common/formatNumber';

/** Why a colour is not reached, and what comes nearest. */
export interface Unreached {
  readonly target: Target;
  /** Its place in the targets. */
  readonly at: number;
  /** There would be an amount, but not in this vessel; only within less than a drop; or there is none at any amount. */
  readonly because: 'room' | 'sharp' | 'chemistry';
  /** Amounts between which it shows, closer together than one can measure out. */
  readonly sharp?: { readonly stress: Stress; readonly low: number; readonly high: number };
  /** What would reach it in a larger vessel. */
  readonly needs?: { readonly stress: Stress; readonly amount: number };
  readonly nearest?: { readonly stress: Stress; readonly amount: number; readonly sight: Sight };
}

/** A colour that one hardly sees is as good as another hue. */
const faintIsFar = 0.2;
/** Times the room of the vessel up to which a colour out of reach is looked for. */
const lookBeyond = 40;

/** Looks why no way leads on to a colour, and for what comes nearest. */
export function whyNot(
  paths: readonly Path[],
  tools: readonly Tool[],
  target: Target,
  at: number,
): Unreached {
  let nearest: Unreached['nearest'];
  let needs: Unreached['needs'];
  let sharp: Unreached['sharp'];
  let least = Infinity;
  for (const { mixture } of paths)
    for (const { stress, after } of tools) {
      const look = along(mixture, after);
      const room = roomIn(mixture.vessel);
      const points = sweep(look, amountsOf(stress, room));
      for (const { amount, sight } of points) {
        const distance = distanceFrom(sight, target) + (sight.faint ? faintIsFar : 0);
        if (distance < least) [least, nearest] = [distance, { stress, amount, sight }];
      }
      const [narrow] = stretches(look, points, target);
      if (narrow && !narrow.open) sharp ??= { stress, low: narrow.low, high: narrow.high };
      if (unitOf(stress) !== 'mL') continue;
      const far = lookBeyond * Math.max(room, mixture.vessel.volumeMl);
      const beyond = amountsOf(stress, far).filter((one) => one > 0.95 * room);
      const [stretch] = stretches(look, sweep(look, beyond), target);
      if (stretch && stretch.low < (needs?.amount ?? Infinity))
        needs = { stress, amount: stretch.low };
    }
  return {
    target,
    at,
    because: sharp ? 'sharp' : needs ? 'room' : 'chemistry',
    ...(sharp && { sharp }),
    ...(needs && { needs }),
    ...(nearest && { nearest: { ...nearest, amount: Number(nearest.amount.toPrecision(2)) } }),
  };
}

/** Why a colour is not reached, in a sentence. */
export function unreachedWords({ target, because, needs, sharp, nearest }: Unreached): string {
  const best = nearest
    ? ` Nearest: ${nearest.sight.cloudy ? 'cloudy ' : ''}${nearest.sight.colour}, with ${amountWords(nearest.stress, nearest.amount)} of ${stressWords(nearest.stress)}.`
    : '';
  if (because === 'sharp' && sharp)
    return `${capital(targetWords(target))} shows only between ${withFigures(sharp.low, 3)} and ${withFigures(sharp.high, 3)} ${unitOf(sharp.stress)} of ${stressWords(sharp.stress)}, closer than one can measure out: use it more dilute, or more of the start.`;
  return because === 'room' && needs
    ? `${capital(targetWords(target))} would take about ${Math.round(needs.amount)} mL of ${stressWords(needs.stress)}, more than there is room for.${best}`
    : `${capital(targetWords(target))} is not reached with what is at hand, however much is added.${best}`;
}

const amountWords = (stress: Stress, amount: number): string =>
  `${atMostFigures(amount, 2)} ${unitOf(stress)}`;
