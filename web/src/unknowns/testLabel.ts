import { costsOf } from '@stoichos/core';
import type { UnknownKind } from '@stoichos/core';

/** What the bench calls a test. */
export function testLabel(kind: UnknownKind, test: string): string {
  return costsOf(kind, test)?.label ?? test;
}

/** The same in the middle of a sentence: the first letter small, symbols as they are. */
export function testInSentence(kind: UnknownKind, test: string): string {
  const label = testLabel(kind, test);
  return label.charAt(0).toLowerCase() + label.slice(1);
}
