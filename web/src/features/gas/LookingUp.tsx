import type { Failure } from '../../data/worker/chemistry';
import { TaskFailure } from '../../shared/parts/TaskFailure';
import { TaskProgress } from '../../shared/parts/TaskProgress';

interface LookingUpProps {
  readonly failure: Failure | undefined;
  /** 0 to 1 while reagents are tried. */
  readonly share: number | undefined;
  readonly cancel: () => void;
  /** The routes are there. */
  readonly done: boolean;
}

/** How far the search for routes has come, or why there is none. */
export function LookingUp({ failure, share, cancel, done }: LookingUpProps) {
  if (failure) return <TaskFailure failure={failure} />;
  if (done || share === undefined) return null;
  return <TaskProgress what="Trying reagents" share={share} cancel={cancel} />;
}
