import { portionWords } from '../../seeing/rack/eventWords';
import type { Work } from '../day/work';

/** A solution that was made up stronger or weaker than planned. */
export interface WeighedOtherwise {
  readonly planned: string;
  readonly made: string;
  /** Times as strong as planned. */
  readonly times: number;
}

/** A weigh-out that is off by less makes no difference anyone could see. */
const leastOff = 0.05;

/** Solutions of a piece of work that the weigh-out made otherwise than planned: the first thing to look at where a result is off. */
export function weighedOtherwise(planned: Work, made: Work): WeighedOtherwise[] {
  const found = new Map<string, WeighedOtherwise>();
  const portions = ({ procedure }: Work) =>
    procedure.steps.flatMap(({ events }) =>
      events.flatMap((event) =>
        'vessel' in event && event.action.do === 'add' && 'concentrationM' in event.action.portion
          ? [event.action.portion]
          : [],
      ),
    );
  const after = portions(made);
  portions(planned).forEach((portion, at) => {
    const now = after[at];
    const times = now ? now.concentrationM / portion.concentrationM : 1;
    if (now && Math.abs(times - 1) > leastOff)
      found.set(portion.substance, {
        planned: portionWords(portion),
        made: portionWords(now),
        times,
      });
  });
  return [...found.values()];
}
