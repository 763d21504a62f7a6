import { stockOf } from '../../solution/preparation/prepare';
import type { ShelfItem } from './shelfItem';
import { atMostFigures } from '../../common/formatNumber';

/** What is taken out of a jar. */
export interface Taking {
  readonly form: string;
  readonly amount: number;
  readonly unit: ShelfItem['unit'];
}

/** Something of which there is too little, or that should be ordered. */
export interface Shortage {
  readonly form: string;
  readonly needed: number;
  readonly there: number;
  readonly unit: ShelfItem['unit'];
  readonly message: string;
}

/** Amount of a form in all its jars that have not expired by a date, in a unit. */
export function amountOnShelf(
  items: readonly ShelfItem[],
  { form, unit }: Pick<Taking, 'form' | 'unit'>,
  date: string,
): number {
  return items
    .filter((item) => item.form === form && (item.expires === null || item.expires >= date))
    .reduce((sum, item) => sum + inUnit(item, unit), 0);
}

/** The same amount in grams or millilitres; a liquid by the density of the reagent as sold. */
function inUnit(
  item: Pick<ShelfItem, 'amount' | 'unit' | 'substance'>,
  unit: Taking['unit'],
): number {
  if (item.unit === unit) return item.amount;
  const density = stockOf(item.substance)?.densityGPerMl ?? 1;
  return unit === 'g' ? item.amount * density : item.amount / density;
}

/** What a day needs more of than there is, and what falls below its least amount by it. */
export function shortages(
  items: readonly ShelfItem[],
  takings: readonly Taking[],
  date: string,
): Shortage[] {
  const needs = new Map<string, Taking>();
  for (const taking of takings) {
    const key = `${taking.form} ${taking.unit}`;
    const before = needs.get(key);
    needs.set(key, before ? { ...before, amount: before.amount + taking.amount } : taking);
  }
  return [...needs.values()].flatMap((taking): Shortage[] => {
    const there = amountOnShelf(items, taking, date);
    const least = items
      .filter(({ form }) => form === taking.form)
      .reduce((sum, item) => sum + inUnit({ ...item, amount: item.least }, taking.unit), 0);
    const words = (value: number): string => `${atMostFigures(value, 3)} ${taking.unit}`;
    const common = { form: taking.form, needed: taking.amount, there, unit: taking.unit };
    if (there < taking.amount)
      return [
        {
          ...common,
          message: `needs ${words(taking.amount)}; there ${there === 0 ? 'is none' : `are ${words(there)}`}`,
        },
      ];
    return there - taking.amount < least
      ? [
          {
            ...common,
            message: `${words(there - taking.amount)} left afterwards, below the ${words(least)} to keep`,
          },
        ]
      : [];
  });
}
