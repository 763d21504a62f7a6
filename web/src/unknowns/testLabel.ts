import { costsOf } from '@stoichos/core';
import type { UnknownKind } from '@stoichos/core';

/** What the bench calls a test. */
export function testLabel(kind: UnknownKind, test: string): string {
  return costsOf(kind, test)?.label ?? test;
}
