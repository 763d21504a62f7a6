/** A place in which two changed versions of the same thing differ from what both began with, and from each other. */
export interface Difference {
  /** The field, and the id of the item where it is a list of items with ids. */
  readonly field: string;
  readonly item?: string;
  /** Undefined where it was taken out. */
  readonly mine: unknown;
  readonly theirs: unknown;
}

/** Whose version of a difference is to stand. */
export type Side = 'mine' | 'theirs';

interface WithId {
  readonly id: string;
}
type Fields = Readonly<Record<string, unknown>>;

/**
 * Brings together what two people made of the same thing: what only one of them changed is taken as it was changed; what both did is a
 * difference to choose in. Lists of items with ids are compared item by item.
 */
export function threeWay<T extends object>(base: T, mine: T, theirs: T) {
  const [b, m, t] = [base, mine, theirs] as unknown as [Fields, Fields, Fields];
  const names = [...new Set([b, m, t].flatMap((fields) => Object.keys(fields)))];
  const differences: Difference[] = [];
  const settle = (
    at: Pick<Difference, 'field' | 'item'>,
    of: readonly [unknown, unknown, unknown],
  ) => {
    const one = oneChange(...of);
    if (one === clash) differences.push({ ...at, mine: of[1], theirs: of[2] });
  };
  for (const field of names) {
    const lists = [b[field], m[field], t[field]];
    if (!lists.every(isListOfItems)) settle({ field }, [b[field], m[field], t[field]]);
    else
      for (const item of idsOf(...lists))
        settle({ field, item }, lists.map((list) => list.find(({ id }) => id === item)) as never);
  }
  /** The whole, with each difference chosen. */
  const merged = (choose: (difference: Difference) => Side): T => {
    const decide = (
      at: Pick<Difference, 'field' | 'item'>,
      of: readonly [unknown, unknown, unknown],
    ): unknown => {
      const one = oneChange(...of);
      if (one !== clash) return one;
      const [, own, other] = of;
      return choose({ ...at, mine: own, theirs: other }) === 'mine' ? own : other;
    };
    return Object.fromEntries(
      names.flatMap((field) => {
        const lists = [b[field], m[field], t[field]];
        const value = lists.every(isListOfItems)
          ? inOrder(lists as [WithId[], WithId[], WithId[]]).flatMap((item) => {
              const kept = decide(
                { field, item },
                lists.map((list) => list.find(({ id }) => id === item)) as never,
              );
              return kept === undefined ? [] : [kept];
            })
          : decide({ field }, [b[field], m[field], t[field]]);
        return value === undefined ? [] : [[field, value]];
      }),
    ) as T;
  };
  return { differences, merged };
}

const clash = Symbol('clash');

/** What stands where at most one side changed it; {@link clash} where both did, and differently. */
function oneChange(base: unknown, mine: unknown, theirs: unknown): unknown {
  if (isSame(mine, theirs) || isSame(theirs, base)) return mine;
  return isSame(mine, base) ? theirs : clash;
}

/** The order of whoever changed it, theirs where both did; what only the other has stands behind what it stood behind there. */
function inOrder([base, mine, theirs]: readonly [
  readonly WithId[],
  readonly WithId[],
  readonly WithId[],
]): string[] {
  const [b, m, t] = [base, mine, theirs].map((list) => list.map(({ id }) => id)) as [
    string[],
    string[],
    string[],
  ];
  const [first, second] = isSame(t, b) ? [m, t] : [t, m];
  const order = [...first];
  for (const [at, id] of second.entries())
    if (!order.includes(id)) order.splice(order.indexOf(second[at - 1] ?? '') + 1, 0, id);
  return order;
}

const idsOf = (...lists: readonly (readonly WithId[])[]): string[] => [
  ...new Set(lists.flatMap((list) => list.map(({ id }) => id))),
];

function isListOfItems(value: unknown): value is WithId[] {
  return (
    Array.isArray(value) &&
    value.every(
      (one: unknown) =>
        typeof one === 'object' && one !== null && 'id' in one && typeof one.id === 'string',
    )
  );
}

/** Whether two values say the same as JSON, whatever the order of their keys; a key without a value is none. */
export function isSame(one: unknown, other: unknown): boolean {
  if (Object.is(one, other)) return true;
  if (typeof one !== 'object' || typeof other !== 'object' || one === null || other === null)
    return false;
  if (Array.isArray(one) || Array.isArray(other))
    return (
      Array.isArray(one) &&
      Array.isArray(other) &&
      one.length === other.length &&
      one.every((part, at) => isSame(part, other[at]))
    );
  const [a, b] = [one, other] as [Fields, Fields];
  return [...new Set([...Object.keys(a), ...Object.keys(b)])].every((key) =>
    isSame(a[key], b[key]),
  );
}
