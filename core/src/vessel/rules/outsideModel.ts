import { unmodelled } from '../../substances/data/dangers';
import type { Unmodelled } from '../../substances/types';
import type { Warning } from '../warnings';

/** A meeting the model cannot follow. */
export interface Outside {
  readonly reason: string;
  readonly warning?: Warning;
}

/** Below this nothing of a meeting would be seen, mol/L. */
const noticeableM = 1e-4;

/**
 * What in a mixture reacts in a way that is not in the model, told by what the parts held before they met.
 *
 * @param concentrationsM what each species would be in the mixture if nothing reacted, mol/L.
 */
export function outsideModel(concentrationsM: Readonly<Record<string, number>>): Outside[] {
  const there = (formulae: readonly string[]) =>
    formulae.find((formula) => (concentrationsM[formula] ?? 0) > noticeableM);
  return (unmodelled as readonly Unmodelled[]).flatMap(({ one, other, because, code }) => {
    const [a, b] = [there(one), there(other)];
    if (!a || !b || a === b) return [];
    const reason = `${a} with ${b}: ${because}.`;
    return [{ reason, ...(code && { warning: { code, message: reason } }) }];
  });
}
