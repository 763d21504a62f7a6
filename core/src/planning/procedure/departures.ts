import { eventWords } from '../../seeing/rack/eventWords';
import { shortText } from './orderGuard';
import type { Procedure, Step } from './procedure';
import { formatNumber } from '../../common/formatNumber';

/** One way in which an adapted procedure differs from the one it came from, in words. */
export interface Departure {
  /** The step it concerns; absent for the procedure as a whole. */
  readonly stepId?: string;
  readonly message: string;
}

/** Everything in which an adapted procedure departs from its original: steps left out, added and moved, amounts, times, kit. */
export function departuresFrom(original: Procedure, adapted: Procedure): Departure[] {
  const before = new Map(original.steps.map((step) => [step.id, step]));
  const now = new Map(adapted.steps.map((step) => [step.id, step]));
  return [
    ...original.steps
      .filter(({ id }) => !now.has(id))
      .map((step) => ({ message: `left out: “${shortText(step)}”` })),
    ...adapted.steps.flatMap((step): Departure[] => {
      const old = before.get(step.id);
      const told = old ? changes(old, step) : [`added: “${shortText(step)}”`];
      return told.map((message) => ({ stepId: step.id, message }));
    }),
    ...moved(original, adapted),
    ...vessels(original, adapted),
  ];
}

function changes(old: Step, step: Step): string[] {
  const told: string[] = [];
  if (old.minutes !== step.minutes)
    told.push(`${formatNumber(step.minutes)} min instead of ${formatNumber(old.minutes)} min`);
  if (old.attended !== step.attended)
    told.push(step.attended ? 'somebody stays with it' : 'left to itself');
  const [was, is] = [old.events.map(eventWords), step.events.map(eventWords)];
  const gone = was.filter((words) => !is.includes(words));
  const come = is.filter((words) => !was.includes(words));
  const pairs = Math.min(gone.length, come.length);
  for (let at = 0; at < pairs; at += 1) told.push(`${come[at] ?? ''} instead of ${gone[at] ?? ''}`);
  for (const words of gone.slice(pairs)) told.push(`left out: ${words}`);
  for (const words of come.slice(pairs)) told.push(`added: ${words}`);
  if (told.length === 0 && old.text !== step.text) told.push('worded differently');
  if (old.caution && !step.caution) told.push('its caution was taken out');
  return told;
}

/** Steps of both that stand in another order than before. */
function moved(original: Procedure, adapted: Procedure): Departure[] {
  const kept = adapted.steps.filter(({ id }) => original.steps.some((step) => step.id === id));
  const order = original.steps.filter(({ id }) => kept.some((step) => step.id === id));
  return kept.flatMap((step, at): Departure[] => {
    const next = kept[at + 1];
    if (!next) return [];
    const place = (id: string): number => order.findIndex((one) => one.id === id);
    return place(step.id) > place(next.id)
      ? [{ stepId: next.id, message: `“${shortText(step)}” now comes before “${shortText(next)}”` }]
      : [];
  });
}

function vessels(original: Procedure, adapted: Procedure): Departure[] {
  return adapted.vessels.flatMap(({ name, container }): Departure[] => {
    const old = original.vessels.find((one) => one.name === name);
    return old && old.container !== container
      ? [{ message: `${name}: another vessel than in the original` }]
      : [];
  });
}
