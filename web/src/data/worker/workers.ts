import { currentReader } from '@stoichos/core/common';
import { wrap } from 'comlink';
import type { Remote } from 'comlink';
import type { Chemistry } from './chemistry';

/** A worker with the chemistry in it. */
export interface ChemistryWorker {
  readonly worker: Worker;
  readonly chemistry: Remote<Chemistry>;
}

/** How many wait at once; each holds some 50 MB. */
const mostIdle = 2;

// Loading and warming up the chemistry takes longer than most tasks do, so a worker that has done its task waits for the next.
const idle: ChemistryWorker[] = [];

function newWorker(): ChemistryWorker {
  const worker = new Worker(new URL('./chemistry.worker.ts', import.meta.url), { type: 'module' });
  return { worker, chemistry: wrap<Chemistry>(worker) };
}

/** A worker that waits, or a new one; it tells words for whoever reads this page. */
export function takeWorker(): ChemistryWorker {
  const one = idle.pop() ?? newWorker();
  // What is asked first is done first.
  void one.chemistry.readFor(currentReader());
  return one;
}

/** Gives one back that has answered, and is whole. */
export function giveBack(one: ChemistryWorker): void {
  one.worker.onerror = null;
  if (idle.length < mostIdle) idle.push(one);
  else one.worker.terminate();
}
