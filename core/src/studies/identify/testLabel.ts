import { costsOf } from './nextBest';
import type { UnknownKind } from './nextBest';
import type { TestResult } from './inference';

/** What the bench calls a test. */
export function testLabel(kind: UnknownKind, test: string): string {
  return costsOf(kind, test)?.label ?? test;
}

/** The same in the middle of a sentence: the first letter small, symbols as they are. */
export function testInSentence(kind: UnknownKind, test: string): string {
  const label = testLabel(kind, test);
  return label.charAt(0).toLowerCase() + label.slice(1);
}

/** What a blank may have done, in words. */
export const blankWords = {
  clean: 'stayed as it should',
  same: 'showed it too',
  none: 'none was run',
} as const satisfies Record<NonNullable<TestResult['blank']>, string>;
