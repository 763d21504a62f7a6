import { definitions, meaningOf } from '../../observation/observation';
import type { Observation } from '../../observation/observation';
import type { ComparedItem } from '../../observation/definition';

export type Agreement = 'agrees' | 'partly' | 'differs' | 'incomplete';

/** Expected against seen, as a whole and item by item. */
export interface Comparison {
  readonly agreement: Agreement;
  readonly items: readonly ComparedItem[];
}

/** What is asked of both lists. */
const questions = definitions.flatMap(({ compare }) => compare ?? []);

/**
 * Sets what was seen beside what was expected. What the change hangs on (a solid, a gas and its test, a flame) decides between
 * agreeing and differing; a colour, clarity or warmth that is off makes it agree in part; texture, speed and smell are noted
 * but decide nothing. A shade is no difference, nor a degree or two. What was not recorded was not “seen not to be”: only
 * “nothing happened”, “nothing else changed” and the like say that. A record is whole once it answers what tells this step from
 * another; the rest is offered.
 *
 * @example compareObservations([{ kind: 'precipitate', colour: 'pale blue' }], [{ kind: 'precipitate', colour: 'blue' }])
 *   .agreement // 'agrees'
 */
export function compareObservations(
  expected: readonly Observation[],
  seen: readonly Observation[],
): Comparison {
  const answers = questions.map((question) => question(expected, seen, meaningOf));
  // What decides is read first, each question with all its items together.
  const decides = (items: readonly ComparedItem[]) => items.some((item) => item.decides);
  const items = completed(answers.sort((a, b) => Number(decides(b)) - Number(decides(a))).flat());
  return { agreement: overall(items), items };
}

/** What a record has to answer: what the change hangs on, or, where nothing decides, whatever was to be seen. The rest is optional. */
function completed(items: readonly ComparedItem[]): ComparedItem[] {
  const telling = items.filter(({ tells }) => tells);
  const deciding = telling.filter(({ decides }) => decides);
  const asked = new Set(deciding.length > 0 ? deciding : telling);
  return items.map((item) =>
    item.outcome === 'missing' && !asked.has(item) ? { ...item, optional: true } : item,
  );
}

function overall(items: readonly ComparedItem[]): Agreement {
  const off = items.filter(({ outcome, optional }) => outcome === 'differs' && !optional);
  if (off.some(({ decides }) => decides)) return 'differs';
  if (off.length > 0) return 'partly';
  const open = items.some(({ outcome, optional }) => outcome === 'missing' && !optional);
  return open ? 'incomplete' : 'agrees';
}

/** How much each item weighs in telling one explanation from another. */
const weights = { decides: 3, looks: 1 } as const;

/** How well what was expected fits what was seen, 0 to 1, over what was recorded. */
export function fitOf({ items }: Comparison): number {
  const answered = items.filter(({ outcome }) => outcome !== 'missing');
  const weigh = ({ decides }: ComparedItem) => (decides ? weights.decides : weights.looks);
  const total = answered.reduce((sum, item) => sum + weigh(item), 0);
  const points = answered.reduce(
    (sum, item) =>
      sum + weigh(item) * (item.outcome === 'agrees' ? 1 : item.outcome === 'near' ? 0.6 : 0),
    0,
  );
  return total === 0 ? 0 : points / total;
}
