import { portionWords } from '../../seeing/rack/eventWords';
import type { Step } from './procedure';

/**
 * What a step takes, with its amount and strength, and where it goes: one line for each reagent, the vessels it goes into named
 * after it.
 *
 * @example stepAmounts(step) // ['2 mL 0.4 M NaOH, each into tube 1 and tube 2']
 */
export function stepAmounts({ events, ranges }: Pick<Step, 'events' | 'ranges'>): string[] {
  const into = new Map<string, string[]>();
  events.forEach((event, at) => {
    if (!('vessel' in event)) return;
    const { action } = event;
    const range = ranges.find((one) => one.event === at);
    const words =
      action.do === 'add'
        ? portionWords(action.portion, range)
        : action.do === 'bubble'
          ? portionWords(action, range)
          : undefined;
    if (words !== undefined) into.set(words, [...(into.get(words) ?? []), event.vessel]);
  });
  return [...into].map(([words, vessels]) => `${words}, ${intoWords(vessels)}`);
}

function intoWords(vessels: readonly string[]): string {
  const unique = [...new Set(vessels)];
  const last = unique.at(-1) ?? '';
  if (unique.length === 1)
    return vessels.length > 1 ? `${vessels.length} times into ${last}` : `into ${last}`;
  return `each into ${unique.slice(0, -1).join(', ')} and ${last}`;
}
