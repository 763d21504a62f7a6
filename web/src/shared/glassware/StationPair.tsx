import { drawRecord } from '@stoichos/core/seeing/observation';
import type { StationJudgement } from '@stoichos/core/labday/judge';
import { VesselPair } from './VesselPair';

/** How full a recorded vessel is drawn where nothing is predicted; the record does not say. */
const unknownFill = 0.4;

/** Expected beside seen for one vessel of one step at one bench. */
export function StationPair({
  judgement: { station, seen },
  height,
}: {
  judgement: Pick<StationJudgement, 'station' | 'seen'>;
  height?: number;
}) {
  const { container, view, expected, notPredicted } = station;
  return (
    <VesselPair
      container={container}
      expected={view}
      expectedWords={expected}
      notPredicted={notPredicted}
      seen={drawRecord(seen, view?.fill ?? unknownFill)}
      seenWords={seen}
      {...(height !== undefined && { height })}
    />
  );
}
