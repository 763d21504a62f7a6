import { unmodelled } from '../../matter/substances/data/dangers';
import type { Unmodelled } from '../../matter/substances/types';
import type { Warning } from '../warnings';

/** A meeting the model cannot follow. */
export interface Outside {
  readonly pair: readonly [one: string, other: string];
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
  const amount = (formula: string) => concentrationsM[formula] ?? 0;
  return (unmodelled as readonly Unmodelled[]).flatMap((row) => {
    const {
      because,
      code,
      codeFromM = [0, 0],
      needs = {},
      without = {},
      seenFromM = noticeableM,
    } = row;
    const there = (formulae: readonly string[], fromM: number) =>
      formulae.find((formula) => amount(formula) > fromM);
    const [a, b] = [there(row.one, seenFromM), there(row.other, noticeableM)];
    const isMet =
      Object.entries(needs).every(([formula, limit]) => amount(formula) > limit) &&
      Object.entries(without).every(([formula, limit]) => amount(formula) < limit);
    if (!a || !b || a === b || !isMet) return [];
    const reason = `${a} with ${b}: ${because}.`;
    const isDangerous = code && there(row.one, codeFromM[0]) && there(row.other, codeFromM[1]);
    return [{ pair: [a, b], reason, ...(isDangerous && { warning: { code, message: reason } }) }];
  });
}
