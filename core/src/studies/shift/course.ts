import * as z from 'zod';
import { inField } from '../../common/errors';
import { act, setUp } from '../../vessel/act';
import { actionSchema, vesselSchema } from '../../vessel/action';
import { containers } from '../../vessel/containers';
import { checkStress, stressSchema, unitOf, withStress } from './stress';
import type { StressUnit } from './stress';
import { lookAt, mixtureOf } from './mixture';
import { sharesOf } from './shares';
import type { Share } from './shares';
import { logKAt, readWatched, watchedSchema } from './watched';
import { sightOf } from './target';
import type { Sight } from './target';

/** A mixture, and the stress whose amount is varied from where the mixture stands. */
export const courseSchema = z.object({
  vessel: vesselSchema,
  actions: z.array(actionSchema).max(60).default([]),
  watched: watchedSchema,
  stress: stressSchema,
  /** The end of the axis, in the unit of the stress; a little more than one would add when left out. */
  most: z.number().positive('The axis ends above 0').max(1000).optional(),
});
export type CourseRequest = z.infer<typeof courseSchema>;

/** One point along the amounts of a stress. */
export interface CoursePoint {
  readonly amount: number;
  readonly shares: readonly Share[];
  readonly sight: Sight;
  readonly pH: number;
  /** Of what is watched, at the temperature of the point. */
  readonly logK: number;
}

/** Points on the way; temperatures go from ice water to just below boiling. */
const points = 40;
const fromC = 2;
const toC = 95;
/** Ends of the axis when none is wished: times the volume there is, grams of a solid, mmol of a gas. */
const usualTimes = 2;
const usualMost = { g: 5, mmol: 3 } as const;

/**
 * The shares of what is watched and the colour along the amounts of a stress, by mass action at the mixture’s temperature; along a
 * temperature with every constant moved by van ’t Hoff.
 */
export function course(request: CourseRequest): { unit: StressUnit; points: CoursePoint[] } {
  const { stress, watched, most } = request;
  inField('stress', () => {
    checkStress(stress);
  });
  const equilibrium = inField('watched', () => readWatched(watched));
  let step = inField('vessel', () => setUp(request.vessel));
  request.actions.forEach((action, at) => {
    step = inField(`actions.${at}`, () => act(step.vessel, action));
  });
  const mixture = mixtureOf(step.vessel);
  const after = withStress(stress);
  const unit = unitOf(stress);
  const { volumeMl, container } = step.vessel;
  const room = Math.min(containers[container].brimMl - volumeMl, usualTimes * volumeMl);
  const end = unit === '°C' ? toC : (most ?? (unit === 'mL' ? Math.max(1, room) : usualMost[unit]));
  const begin = unit === '°C' ? fromC : 0;
  return {
    unit,
    points: Array.from({ length: points + 1 }, (_, at): CoursePoint => {
      const amount = begin + (at / points) * (end - begin);
      const look = lookAt(amount === 0 ? mixture : after(mixture, amount));
      return {
        amount,
        shares: sharesOf(look, equilibrium),
        sight: sightOf(look.view),
        pH: look.equilibrium.pH,
        logK: logKAt(equilibrium, look.vessel.temperatureC),
      };
    }),
  };
}
