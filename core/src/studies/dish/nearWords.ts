import { molarMassOf } from '../../matter/formula/molarMass';
import type { Dish, DishSalt } from './dish';
import type { Nearness } from './whyNearer';
import { withPlaces } from '../../common/formatNumber';

/** What a sentence says about the place of a line. */
export interface NearReason {
  readonly about: 'speeds' | 'amounts' | 'coefficients';
  readonly text: string;
  readonly atFraction: number;
}

/** A line this close to the middle is called in the middle, as a fraction of the gap. */
const middle = 0.01;

/** Which side a place is nearer to: the formula of the salt, or the middle. */
export function sideOf(
  { salts: [first, second] }: Pick<Dish, 'salts'>,
  atFraction: number,
): string {
  if (Math.abs(atFraction - 0.5) < middle) return 'in the middle';
  return `nearer to ${atFraction < 0.5 ? first.formula : second.formula}`;
}

/** Why the line is nearer this side, reason by reason: what each alone would do. */
export function nearReasons(dish: Dish, nearness: Nearness): NearReason[] {
  const [first, second] = dish.salts;
  const [u1, u2] = dish.meeting.units;
  const [n1, n2] = dish.meeting.inSolid;
  const faster = first.diffusion > second.diffusion ? first : second;
  const slower = faster === first ? second : first;
  const supply = (salt: DishSalt, units: number) => salt.saturationM / units;
  return [
    {
      about: 'speeds',
      atFraction: nearness.speedsAlone,
      text: `${faster.formula} spreads faster (${withPlaces(faster.diffusion, 2)} against ${withPlaces(slower.diffusion, 2)} × 10^−9 m²/s): by speed alone the line would stand ${sideOf(dish, nearness.speedsAlone)}, at ${percent(nearness.speedsAlone)} of the gap.`,
    },
    {
      about: 'amounts',
      atFraction: nearness.amountsAlone,
      text: `A litre of saturated solution holds enough ${first.formula} for ${withPlaces(supply(first, u1), 1)} mol of ${dish.solid.formula}, and enough ${second.formula} for ${withPlaces(supply(second, u2), 1)} mol: by supply alone it would stand ${sideOf(dish, nearness.amountsAlone)}, at ${percent(nearness.amountsAlone)}.`,
    },
    {
      about: 'coefficients',
      atFraction: nearness.coefficientsAlone,
      text: `The solid takes ${n1} ${first.gives} for ${n2} ${second.gives}${n1 === n2 ? ': that tells the sides not apart' : ', so more of one has to arrive'}: by that alone it would stand ${sideOf(dish, nearness.coefficientsAlone)}, at ${percent(nearness.coefficientsAlone)}.`,
    },
  ];
}

/**
 * The explanation by gas effusion, named as wrong: it goes by the square root of the masses of particles that fly through a hole
 * without meeting anything. Ions in water push through their neighbours with their shells of water.
 */
export function effusionWords(dish: Pick<Dish, 'salts'>): string {
  const [first, second] = dish.salts;
  const [m1, m2] = [molarMassOf(first.gives), molarMassOf(second.gives)];
  const wouldBe = Math.sqrt(m2) / (Math.sqrt(m1) + Math.sqrt(m2));
  return `Not by the law of gas effusion: that law is for gas particles that fly freely through a hole, ${percent(wouldBe)} of the gap by the masses of ${first.gives} and ${second.gives}. In water every ion drags a shell of water and collides all the way; lithium ions (7 g/mol) are slower than potassium ions (39 g/mol).`;
}

const percent = (fraction: number): string => `${Math.round(100 * fraction)} %`;
