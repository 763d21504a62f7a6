import type { Observation } from './observation';

/**
 * What is seen over several events in one vessel, told as one: how it looked at first and in the end, and everything that
 * happened on the way. “Nothing happened” is said when nothing did in the end nor on the way to it.
 */
export function mergeObservations(lists: readonly (readonly Observation[])[]): Observation[] {
  const told = lists.filter((list) => list.length > 0);
  if (told.length < 2) return [...(told[0] ?? [])];
  const all = told.flat();
  const colours = all.filter(isKind('colour'));
  const clarities = all.filter(isKind('clarity'));
  const warmths = all.filter(isKind('temperature'));
  const [first, last] = [colours[0], colours.at(-1)];
  const clarity = clarities.at(-1);
  const colour: Observation | undefined = first &&
    last && {
      kind: 'colour',
      ...(first.from && { from: first.from }),
      ...(last.to && { to: last.to }),
    };
  const deltaC = warmths.reduce((sum, one) => sum + (one.deltaC ?? 0), 0);
  const rest = all.filter(
    ({ kind }) =>
      !['colour', 'clarity', 'temperature', 'noChange', 'solid', 'layer'].includes(kind),
  );
  const lying = told.at(-1)?.filter(({ kind }) => kind === 'solid' || kind === 'layer') ?? [];
  const turned = all.filter(isKind('solid')).filter(({ from }) => from !== undefined);
  const solids = lying.length > 0 && turned.length > 0 ? turnedAs(turned, lying) : lying;
  const merged = unique([
    ...(colour ? [colour] : []),
    ...(clarity ? [clarity] : []),
    ...solids,
    ...rest,
    ...(warmths.length > 0 && Math.abs(deltaC) >= leastC
      ? [{ kind: 'temperature', deltaC } as const]
      : []),
  ]);
  const quiet = ['colour', 'clarity', 'layer'];
  const happened = merged.some((one) =>
    one.kind === 'solid' ? one.from !== undefined : !quiet.includes(one.kind),
  );
  const isStill = told.at(-1)?.some(({ kind }) => kind === 'noChange') ?? false;
  const hasTurned = first?.from !== last?.to;
  return isStill && !happened && !hasTurned ? [...merged, { kind: 'noChange' }] : merged;
}

/** A warmth a hand notices, °C (common practice). */
const leastC = 2;

const isKind =
  <K extends Observation['kind']>(kind: K) =>
  (one: Observation): one is Extract<Observation, { kind: K }> =>
    one.kind === kind;

/** A heap that changed colour on the way is told from its first colour to its last. */
function turnedAs(
  turned: readonly Extract<Observation, { kind: 'solid' }>[],
  lying: readonly Observation[],
): Observation[] {
  const from = turned[0]?.from;
  return lying.map((one) => (one.kind === 'solid' && from ? { ...one, from } : one));
}

function unique(list: readonly Observation[]): Observation[] {
  const seen = new Set<string>();
  return list.filter((one) => {
    const key =
      'formula' in one
        ? `${one.kind} ${one.formula ?? ''} ${'test' in one ? one.test : ''} ${'result' in one ? one.result : ''}`
        : JSON.stringify(one);
    if (seen.has(key)) return false;
    seen.add(key);
    return true;
  });
}
