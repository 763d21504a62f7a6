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

/** A source as one line of text for the reader. */
export const sourceText = (source: Source): string => proseTold(inOneLine(source));

function inOneLine(source: Source): string {
  switch (source.kind) {
    case 'read':
      return source.works
        .map((work) => `${works[work].title}: read in ${works[work].readFrom}`)
        .join('; ');
    case 'package':
      return `${source.name} (registry package): ${source.detail}`;
    case 'handbook':
      return `${source.title}: ${source.detail} (recalled from memory)`;
    case 'practice':
      return `Common practice: ${source.detail}`;
  }
}
