import { diffArrays } from 'diff';
import { describeObservation } from '../observation/observation';
import { eventWords } from './eventWords';
import { runRack } from './rack';
import type { RackOutcome } from './rack';
import type { Rack } from './rackShape';

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

/** Two sequences beside each other: step by step, and how the vessels of each stand in the end. */
export interface ComparedRuns {
  readonly rows: readonly AlignedStep[];
  readonly mine: RackOutcome['now'];
  readonly other: RackOutcome['now'];
}

/**
 * Runs two sequences and puts the same steps beside each other; where they part, one change stands beside the other.
 *
 * @throws ChemistryError naming the event that cannot be done.
 */
export function compareRuns(mine: Rack, other: Rack): ComparedRuns {
  const [ran, beside] = [runRack(mine), runRack(other)];
  return {
    rows: align(linesOf(mine, ran), linesOf(other, beside)),
    mine: ran.now,
    other: beside.now,
  };
}

/** A sequence step by step, in words. */
function linesOf(rack: Rack, { steps }: RackOutcome): RunLine[] {
  return rack.events.map((event, index) => {
    const told = steps[index]?.told;
    const seen =
      told && told.notPredicted.length > 0
        ? `not predicted: ${told.notPredicted.join('; ')}`
        : (told?.observations ?? []).map(describeObservation).join('; ');
    return { done: eventWords(event), seen };
  });
}

function align(mine: readonly RunLine[], other: readonly RunLine[]): AlignedStep[] {
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
