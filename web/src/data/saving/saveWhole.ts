import { notifications } from '@mantine/notifications';
import type { Kept, Saving } from '@stoichos/contract';
import { threeWay } from '@stoichos/core/common';
import type * as z from 'zod';
import { explainError } from '../api/explainError';
import { choose } from './choosing';
import type { FieldNames } from './choosing';

/** A thing that is saved whole: what it is called, and the shape it is kept in. */
export interface Whole<T> {
  /** As in “the lab day”. */
  readonly what: string;
  readonly id: string;
  readonly schema: z.ZodType<Kept<T>>;
  readonly names: FieldNames;
  readonly save: (saving: Saving<T>) => Promise<Kept<T>>;
}

/** What this page saved last of each thing; whoever saves it again waits for that, and builds on it. */
const lastSaved = new Map<string, Promise<unknown>>();
/** After a backup was put in place of everything, what was saved before stands no more. */
export const forgetSaved = (): void => lastSaved.clear();

/**
 * Saves a thing that was changed from what it was when it was read. Where somebody else has changed it since, both changes are brought
 * together; where they differ, whoever is at the page chooses, field by field. One’s own changes follow one another: the later counts.
 *
 * @param base what was read and changed; undefined for what is new.
 * @throws what the server said, when it cannot be saved or nothing is chosen: everything stays as it is, here and there.
 */
export function saveWhole<T extends object>(
  whole: Whole<T>,
  base: Kept<T> | undefined,
  mine: T,
): Promise<Kept<T>> {
  const key = `${whole.what} ${whole.id}`;
  const before = lastSaved.get(key) as Promise<Kept<T>> | undefined;
  const saved = after(before).then((own) =>
    base && own && own.version > base.version
      ? trySaving(
          whole,
          own,
          broughtTogether(base, mine, own).merged(() => 'mine'),
        )
      : trySaving(whole, base, mine),
  );
  lastSaved.set(
    key,
    // What could not be saved changes nothing for the next.
    saved.catch(() => before),
  );
  return saved;
}

const after = <T>(before: Promise<T> | undefined): Promise<T | undefined> =>
  before ?? Promise.resolve(undefined);

async function trySaving<T extends object>(
  whole: Whole<T>,
  base: Kept<T> | undefined,
  mine: T,
): Promise<Kept<T>> {
  const { what, schema, names, save } = whole;
  try {
    return await save({ ...mine, version: base?.version ?? null });
  } catch (error) {
    const now = schema.safeParse(explainError(error).now);
    if (!base || !now.success) throw error;
    const { differences, merged } = broughtTogether(base, mine, now.data);
    const chosen =
      differences.length === 0 ? () => 'mine' as const : await choose({ what, differences, names });
    if (!chosen) throw error;
    const saved = await trySaving(whole, now.data, merged(chosen));
    notifications.show({
      message: `Somebody else had changed the ${what} meanwhile. Both changes are saved.`,
    });
    return saved;
  }
}

/** Versions are no fields that anybody changes. */
function broughtTogether<T extends object>(base: Kept<T>, mine: T, theirs: Kept<T>) {
  const plain = (one: Kept<T>) => {
    const { version, ...rest } = one;
    void version;
    return rest as unknown as T;
  };
  return threeWay(plain(base), mine, plain(theirs));
}
