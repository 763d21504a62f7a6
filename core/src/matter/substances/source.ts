import { proseTold } from '../../common/prose';
import { works } from './data/works';
import type { Work } from './data/works';

/** Where a value comes from. `recalled` says that the named work was not at hand and the value was recalled from memory. */
export type Source =
  /** The value was read in these works, and compared. */
  | { readonly kind: 'read'; readonly works: readonly Work[] }
  | { readonly kind: 'package'; readonly name: string; readonly detail: string }
  | {
      readonly kind: 'handbook';
      readonly title: string;
      readonly detail: string;
      readonly recalled: true;
    }
  | { readonly kind: 'practice'; readonly detail: string };

/** A value tabulated in a handbook, recalled from memory. */
export const handbook = (title: string, detail: string): Source => ({
  kind: 'handbook',
  title,
  detail,
  recalled: true,
});

/** A fact of the trade that instructors share. */
export const commonPractice = (detail: string): Source => ({ kind: 'practice', detail });

/** Stands behind a citation whose value was recalled from memory. */
export const recalledMark = '†';
/** What that mark means, for the foot of a page. */
export const recalledMeans =
  'Recalled from memory. The work that is named tabulates it, but was not at hand; look it up before a result hangs on it.';

/** A source as a citation of one line; what was recalled carries the mark. */
export const sourceText = (source: Source): string => proseTold(inOneLine(source));

function inOneLine(source: Source): string {
  switch (source.kind) {
    case 'read':
      return [...new Set(source.works.map((work) => works[work].title))].join('; ');
    case 'package':
      return `${source.name} (registry package), ${source.detail}`;
    case 'handbook':
      return `${source.title}, ${source.detail} ${recalledMark}`;
    case 'practice':
      return `Common practice: ${source.detail}`;
  }
}

/** A source with all that is known of it: the package and the file it was read from, or that it was recalled. */
export function sourceAtLength(source: Source): string {
  if (source.kind === 'handbook')
    return proseTold(`${source.title}, ${source.detail} (recalled from memory)`);
  if (source.kind !== 'read') return sourceText(source);
  return proseTold(
    source.works.map((work) => `${works[work].title}: read in ${works[work].readFrom}`).join('; '),
  );
}
