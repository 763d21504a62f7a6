import type { UnknownKind } from '@stoichos/core/studies/identify';
import { Formula } from '../chemistry/Formula';

/** A candidate as it is written: a formula or ions properly set, a name as it is. */
export function CandidateName({ kind, name }: { kind: UnknownKind; name: string }) {
  return kind === 'inorganic' ? <Formula text={name} wrap /> : name;
}
