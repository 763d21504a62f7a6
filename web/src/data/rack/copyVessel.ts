import { vesselsOf } from '@stoichos/core/seeing/rack';
import type { Rack, RackEvent } from '@stoichos/core/seeing/rack';

/** What a copy is for: to stay as the vessel is now, or to show what happens without the last reagent. */
export type CopyKind = 'control' | 'blank';

type Done = Extract<RackEvent, { vessel: string }>;

/**
 * What makes a copy of a vessel, under another name: everything put in and done to it, tests left out. A blank takes water in
 * place of the last thing that was put in.
 *
 * @returns undefined when something was led or poured into it or out of it, which a copy cannot repeat, or nothing was put in.
 */
export function copyEvents({ events }: Rack, from: string, name: string, kind: CopyKind) {
  if (events.some((event) => !('vessel' in event) && vesselsOf(event).includes(from)))
    return undefined;
  const own = events.filter(
    (event): event is Done =>
      'vessel' in event && event.vessel === from && event.action.do !== 'test',
  );
  const last = own.findLastIndex(({ action }) => action.do === 'add');
  if (last < 0) return undefined;
  return own.flatMap((event, index): Done[] => {
    const renamed = { ...event, vessel: name };
    return kind === 'blank' && index === last ? withWater(renamed) : [renamed];
  });
}

/** A step with as much water as there was reagent; a solid or a gas is left out. */
function withWater(event: Done): Done[] {
  const { action } = event;
  if (action.do !== 'add') return [event];
  const { portion } = action;
  const volumeMl =
    'volumeMl' in portion ? portion.volumeMl : 'drops' in portion ? 0.05 * portion.drops : 0;
  return volumeMl > 0
    ? [{ ...event, action: { do: 'add', portion: { substance: 'water', volumeMl } } }]
    : [];
}
