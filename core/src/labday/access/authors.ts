import type { BenchEntry, BenchRecord } from '../day/labDay';
import type { Role } from './access';

/** Who writes at a bench. */
export type Author = Exclude<Role, 'nobody'>;

/** Who may write a record of a kind; everything that is not named is for everybody at a bench. */
const writersOf: Readonly<Partial<Record<BenchRecord['kind'], readonly Author[]>>> = {
  // The instructor’s word, and the instructor’s name under it.
  verdict: ['instructor'],
  signOff: ['instructor'],
};

/** Whose lines each may put right or withdraw. A group leaves what the staff wrote at its bench. */
const putsRight: Readonly<Record<Author, readonly Author[]>> = {
  instructor: ['instructor', 'technician', 'group'],
  technician: ['technician', 'group'],
  group: ['group'],
};

/** Whether somebody may write a record, or withdraw one where there is none. */
export const mayWrite = (author: Author, record: BenchRecord | null): boolean =>
  record === null || (writersOf[record.kind]?.includes(author) ?? true);

/** Whether somebody may put right, or withdraw, a line that another wrote. */
export const mayPutRight = (author: Author, earlier: Author, record: BenchRecord | null): boolean =>
  putsRight[author].includes(earlier) && mayWrite(author, record);

/** Who is taken to have written a line that says nothing of its author: it was written before authors were kept, or came in a file. */
export function likelyAuthor({ groupId, record }: Pick<BenchEntry, 'groupId' | 'record'>): Author {
  const [only, ...others] = (record && writersOf[record.kind]) ?? [];
  if (only && others.length === 0) return only;
  return groupId === null ? 'instructor' : 'group';
}
