import { rackEventSchema, rackSchema } from '@stoichos/core/seeing/rack';
import type { Rack, RackEvent, RackOutcome } from '@stoichos/core/seeing/rack';
import { useRef, useState } from 'react';
import { useStore } from 'react-redux';
import { useAppDispatch, useAppSelector } from '../../data/store';
import type { RootState } from '../../data/store';
import { did, freshRack, opened } from '../../data/rack/rackSlice';
import { useAnswer } from '../../data/worker/useAnswer';
import type { Failure } from '../../data/worker/chemistry';
import { useTask } from '../../data/worker/useTask';
import { useInAddress } from '../../shared/study/useInAddress';

const nothingYet: RackOutcome = { steps: [], now: {} };

/** The rack, what came of it, and a way to do the next thing; what cannot be done is said and changes nothing. */
export function useRack() {
  const dispatch = useAppDispatch();
  const store = useStore<RootState>();
  const history = useAppSelector(({ rack }) => rack);
  const [refusal, setRefusal] = useState<Failure & { readonly of: Rack }>();
  useInAddress({
    name: 'bench',
    schema: rackSchema,
    initial: freshRack,
    value: history.present,
    onRead: (rack) => dispatch(opened(rack)),
  });
  const { value, of, failure } = useAnswer('rack', [history.present]);
  const { start } = useTask('tryRack');

  // Whoever taps quickly does one thing after the other, and each on what the one before left.
  const before = useRef(Promise.resolve());
  const doIt = async (event: RackEvent): Promise<void> => {
    const rack = store.getState().rack.present;
    const read = rackEventSchema.safeParse(event);
    if (!read.success) {
      const [issue] = read.error.issues;
      const message = `${issue?.message ?? 'This cannot be done'}.`;
      setRefusal({ message, remedy: 'Enter another number.', of: rack });
      return;
    }
    const tried = await start({ ...rack, events: [...rack.events, event] });
    if (!tried) return;
    if ('failure' in tried) setRefusal({ ...tried.failure, of: rack });
    else {
      setRefusal(undefined);
      dispatch(did(event));
    }
  };
  const attempt = (event: RackEvent): void => {
    before.current = before.current.then(() => doIt(event));
  };
  return {
    history,
    /** The rack that {@link outcome} is of: the newest that has been calculated. */
    rack: of?.[0] ?? history.present,
    outcome: value ?? nothingYet,
    attempt,
    // What was refused is told until the rack changes.
    refusal: refusal?.of === history.present ? refusal : failure,
    dispatch,
  };
}

export type RackStudy = ReturnType<typeof useRack>;
