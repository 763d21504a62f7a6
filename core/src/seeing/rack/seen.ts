import type { EventResult } from '../../vessel/eventResult';
import type { VesselView } from '../appearance/vesselView';

/** A step with what the vessel looks like after it. */
export interface Seen {
  readonly step: EventResult;
  readonly view: VesselView;
}
