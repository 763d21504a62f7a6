import { withPlaces } from '../../common/formatNumber';
import { redoxCouples } from '../../matter/substances/data/redoxCouples';

/** One comparison of two metals, or of a metal and hydrogen, from the bench. */
export interface ActivityComparison {
  readonly more: string;
  readonly less: string;
  /** 0 to 1: how much the evidence counts. */
  readonly weight: number;
  readonly evidence: string;
}

/** An order inferred from comparisons, the most active first, with what speaks against it. */
export interface ActivitySeries {
  readonly order: readonly string[];
  /** For each place but the last: whether anything observed separates it from the next. */
  readonly separated: readonly boolean[];
  /** Comparisons that the order had to set aside. */
  readonly conflicts: readonly ActivityComparison[];
  /** Neighbours that stand otherwise by their standard potentials. */
  readonly againstPotentials: readonly {
    readonly more: string;
    readonly less: string;
    readonly words: string;
  }[];
  readonly notes: readonly string[];
}

/** More things than this are not put in order exactly; no class compares as many. */
const most = 14;
/** Weight of a comparison by how fast two metals react, against 1 for one that displaces the other (common practice). */
export const byVigour = 0.4;

/**
 * The order that sets aside the least evidence: every order is weighed by the comparisons it breaks (exactly, by subsets),
 * so that a single wrong observation is outvoted and named.
 *
 * @returns nothing in order where nothing was compared.
 * @example activitySeries([{ more: 'Zn', less: 'Cu', weight: 1, evidence: 'copper came out on zinc' }]).order // ['Zn', 'Cu']
 */
export function activitySeries(comparisons: readonly ActivityComparison[]): ActivitySeries {
  const names = [...new Set(comparisons.flatMap(({ more, less }) => [more, less]))].slice(0, most);
  const kept = comparisons.filter(({ more, less }) => names.includes(more) && names.includes(less));
  // What nothing observed decides is put as the potentials have it, and marked as not observed.
  const order = leastBroken(names, [...kept, ...byPotential(names)]);
  const place = new Map(order.map((name, at) => [name, at]));
  const rank = (name: string) => place.get(name) ?? 0;
  const conflicts = kept.filter(({ more, less }) => rank(more) > rank(less));
  const honoured = kept.filter((one) => !conflicts.includes(one));
  const pairs = order.slice(0, -1).map((name, at) => [name, order[at + 1] ?? ''] as const);
  return {
    order,
    separated: pairs.map(([one, next]) => reaches(honoured, one, next)),
    conflicts,
    againstPotentials: pairs.flatMap(([more, less]) => {
      const [a, b] = [potentialOf(more), potentialOf(less)];
      const isSeen = reaches(honoured, more, less);
      return !isSeen || a === undefined || b === undefined || a <= b
        ? []
        : [
            {
              more,
              less,
              words: `by standard potentials ${less} (${volts(b)}) comes before ${more} (${volts(a)})`,
            },
          ];
    }),
    notes: notesOn(order),
  };
}

const volts = (value: number): string => `${withPlaces(value, 2)} V`;
/** So little that no observation is ever outvoted by it. */
const hintOnly = 1e-6;

function byPotential(names: readonly string[]): ActivityComparison[] {
  return names.flatMap((more) =>
    names
      .filter((less) => (potentialOf(more) ?? 0) < (potentialOf(less) ?? 0))
      .map((less) => ({ more, less, weight: hintOnly, evidence: 'standard potentials' })),
  );
}

/** Standard potential of a metal in its usual ion, or of hydrogen, V. */
export function potentialOf(symbol: string): number | undefined {
  if (symbol === 'H2' || symbol === 'H') return 0;
  const ending = ` → ${symbol}(s)`;
  return redoxCouples.find(({ half }) => half.startsWith(`${symbol}^`) && half.endsWith(ending))
    ?.standardPotentialV;
}

/** The order with the least weight of broken comparisons, the earlier named first where two are as good. */
function leastBroken(
  names: readonly string[],
  comparisons: readonly ActivityComparison[],
): string[] {
  const n = names.length;
  const cost = names.map((later) =>
    names.map((earlier) =>
      comparisons.reduce(
        (sum, { more, less, weight }) => sum + (more === later && less === earlier ? weight : 0),
        0,
      ),
    ),
  );
  // best[set]: least broken weight when exactly these stand in front, and which of them stands last.
  const best = new Float64Array(1 << n).fill(Infinity);
  const last = new Int8Array(1 << n);
  best[0] = 0;
  for (let set = 1; set < 1 << n; set += 1)
    for (let one = 0; one < n; one += 1) {
      if (!(set & (1 << one))) continue;
      const before = set ^ (1 << one);
      let broken = best[before] ?? Infinity;
      for (let other = 0; other < n; other += 1)
        if (before & (1 << other)) broken += cost[one]?.[other] ?? 0;
      if (broken < (best[set] ?? Infinity)) [best[set], last[set]] = [broken, one];
    }
  const order: string[] = [];
  for (let set = (1 << n) - 1; set > 0; set ^= 1 << (last[set] ?? 0))
    order.unshift(names[last[set] ?? 0] ?? '');
  return order;
}

/** Whether a chain of comparisons leads from one down to another. */
function reaches(comparisons: readonly ActivityComparison[], from: string, to: string): boolean {
  const seen = new Set([from]);
  const queue = [from];
  for (let at = queue.shift(); at !== undefined; at = queue.shift())
    for (const { more, less } of comparisons)
      if (more === at && !seen.has(less)) {
        seen.add(less);
        queue.push(less);
      }
  return seen.has(to);
}

function notesOn(order: readonly string[]): string[] {
  const has = (symbol: string) => order.includes(symbol);
  return [
    ...(has('Li')
      ? [
          'Lithium has the lowest potential of all, because its small ion is held so strongly by water; yet it reacts more quietly than sodium or potassium: it does not melt, and its hydroxide covers it. Potentials tell how far, not how fast.',
        ]
      : []),
    ...(has('Al')
      ? [
          'Aluminium stands higher than it seems: its oxide film keeps reagents away until it is broken.',
        ]
      : []),
  ];
}
