import { nearNames } from '@stoichos/core/safety';
import { dropNames } from '@stoichos/core/vessel';
import { useState } from 'react';
import type { ReactNode } from 'react';
import { NearNameNote } from './NearNameNote';

/** Names that no table of hazards knows: water and what goes in by drops. */
const isHarmlessName = (name: string): boolean => name === 'water' || dropNames.includes(name);

/**
 * Stands between choosing a reagent and taking it: a dangerous one whose name is close to that of another is asked about first.
 *
 * @returns what to call when one is chosen, and what to show under the choice.
 */
export function useNearNameGuard(
  value: string,
  onChange: (name: string) => void,
): { readonly choose: (name: string) => void; readonly note: ReactNode } {
  const [asked, setAsked] = useState<string>();
  const take = (name: string) => {
    setAsked(undefined);
    onChange(name);
  };
  const choose = (name: string) => {
    const isAsked = !isHarmlessName(name) && nearNames(name).some(({ mustAsk }) => mustAsk);
    if (isAsked && name !== value) setAsked(name);
    else take(name);
  };
  if (asked !== undefined)
    return {
      choose,
      note: <NearNameNote substance={asked} onTake={take} onMean={() => take(asked)} />,
    };
  return {
    choose,
    note:
      value === '' || isHarmlessName(value) ? null : (
        <NearNameNote substance={value} onTake={take} />
      ),
  };
}
