import { describeObservation } from '@stoichos/core/seeing/observation';
import { eventWords, runRack } from '@stoichos/core/seeing/rack';
import type { Rack } from '@stoichos/core/seeing/rack';
import { diffArrays } from 'diff';

/** One step of a sequence in words: what was done, and what was seen. */
export interface RunLine {
  readonly done: string;
  readonly seen: string;
}

/** Two sequences side by side; a step that only one of them has stands alone. */
export interface AlignedStep {
  readonly mine?: RunLine;
  readonly other?: RunLine;
  readonly same: boolean;
}

/** A sequence step by step, in words. */
export function linesOf(rack: Rack): RunLine[] {
  const { steps } = runRack(rack);
  return rack.events.map((event, index) => {
    const told = steps[index]?.told;
    const seen =
      told && told.notPredicted.length > 0
        ? `not predicted: ${told.notPredicted.join('; ')}`
        : (told?.observations ?? []).map(describeObservation).join('; ');
    return { done: eventWords(event), seen };
  });
}

/** Puts the same steps of two sequences beside each other; where they part, one change stands beside the other. */
export function alignRuns(mine: readonly RunLine[], other: readonly RunLine[]): AlignedStep[] {
  const changes = diffArrays(
    mine.map(({ done }) => done),
    other.map(({ done }) => done),
  );
  const rows: AlignedStep[] = [];
  let [i, j] = [0, 0];
  let waiting: RunLine[] = [];
  const release = () => {
    rows.push(...waiting.map((line) => ({ mine: line, same: false })));
    waiting = [];
  };
  for (const { value, added, removed } of changes) {
    if (removed) {
      release();
      waiting = mine.slice(i, i + value.length);
      i += value.length;
      continue;
    }
    for (const line of other.slice(j, j + value.length)) {
      const beside = added ? waiting.shift() : mine[i++];
      rows.push({
        ...(beside && { mine: beside }),
        other: line,
        same: !added && beside?.seen === line.seen,
      });
    }
    j += value.length;
    release();
  }
  release();
  return rows;
}
