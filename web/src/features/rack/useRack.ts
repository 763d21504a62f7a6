import { ChemistryError } from '@stoichos/core/common';
import { rackEventSchema, rackRunner } from '@stoichos/core/seeing/rack';
import type { Rack, RackEvent, RackOutcome } from '@stoichos/core/seeing/rack';
import { useEffect, useMemo, useState } from 'react';
import { useAppDispatch, useAppSelector } from '../../data/store';
import { keepRack } from '../../data/rack/keptRack';
import { cleared, did, initialRackHistory } from '../../data/rack/rackSlice';

/** What could not be done, and what to do about it. */
export interface Refusal {
  readonly message: string;
  readonly remedy: string;
}

/** What came of a rack; undefined where it cannot be run. */
function outcomeOf(rack: Rack, run: (rack: Rack) => RackOutcome): RackOutcome | undefined {
  try {
    return run(rack);
  } catch (error) {
    if (!(error instanceof ChemistryError)) throw error;
    return undefined;
  }
}

/** The rack, what came of it, and a way to do the next thing; what cannot be done is said and changes nothing. */
export function useRack() {
  const dispatch = useAppDispatch();
  const kept = useAppSelector(({ rack }) => rack);
  const [refusal, setRefusal] = useState<Refusal & { readonly of: Rack }>();
  // One runner for what stands and one for what is tried, so that each reckons only the newest step.
  const [runners] = useState(() => ({ stands: rackRunner(), tries: rackRunner() }));
  const ran = useMemo(() => outcomeOf(kept.present, runners.stands), [runners, kept.present]);
  // Kept by an older version whose substances are gone: one starts afresh.
  const history = ran ? kept : initialRackHistory;
  const outcome = ran ?? runners.stands(history.present);
  useEffect(() => {
    if (ran) keepRack(kept);
    else dispatch(cleared());
  }, [dispatch, kept, ran]);

  const attempt = (event: RackEvent): boolean => {
    const read = rackEventSchema.safeParse(event);
    if (!read.success) {
      const [issue] = read.error.issues;
      const message = `${issue?.message ?? 'This cannot be done'}.`;
      setRefusal({ message, remedy: 'Enter another number.', of: history.present });
      return false;
    }
    try {
      runners.tries({ ...history.present, events: [...history.present.events, event] });
    } catch (error) {
      if (!(error instanceof ChemistryError)) throw error;
      setRefusal({ message: error.message, remedy: error.remedy, of: history.present });
      return false;
    }
    setRefusal(undefined);
    dispatch(did(event));
    return true;
  };
  // What was refused is told until the rack changes.
  const current = refusal?.of === history.present ? refusal : undefined;
  return { history, outcome, attempt, refusal: current };
}
