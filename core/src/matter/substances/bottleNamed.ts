import { bottles } from './data/bottles';
import type { Bottle } from './types';

const plain = (name: string): string =>
  name
    .trim()
    .toLowerCase()
    .replaceAll('’', "'")
    .replaceAll(/[\s-]+/g, ' ');
const byName = new Map(bottles.flatMap((one) => one.names.map((name) => [plain(name), one])));

/**
 * The solution that a name on a bottle means; undefined where it means none.
 *
 * @example bottleNamed('Limewater')?.holdsM // { 'Ca(OH)2': 0.015 }
 */
export const bottleNamed = (name: string): Bottle | undefined => byName.get(plain(name));
