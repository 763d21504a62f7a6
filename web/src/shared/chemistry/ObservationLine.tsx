import { describeObservation } from '@stoichos/core/seeing/observation';
import type { Observation } from '@stoichos/core/seeing/observation';
import { Formula } from './Formula';

/** What was, or should be, seen, in words on one line. */
export function ObservationLine({ seen }: { seen: readonly Observation[] }) {
  return <Formula text={seen.map(describeObservation).join('; ')} wrap />;
}
