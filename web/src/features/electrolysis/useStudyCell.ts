import { ChemistryError } from '@stoichos/core/common';
import { currentOf, requestOf } from '@stoichos/core/studies/electrolysis';
import type { DischargeSchool } from '@stoichos/core/labday/settings';
import type {
  CellCurrent,
  CellRequest,
  CellView,
  PredictedCell,
  TypedCell,
} from '@stoichos/core/studies/electrolysis';
import { useDebouncedValue } from '@mantine/hooks';
import { useMemo } from 'react';
import type { Failure } from '../../data/worker/chemistry';
import { useAnswer } from '../../data/worker/useAnswer';
import { useSettings } from '../../data/settings/useSettings';
import { useElectrolysis } from './useElectrolysis';

/** What is asked of a cell. */
export interface AskedCell {
  readonly request: CellRequest;
  readonly current: CellCurrent;
}

/** A cell that was calculated, with what it was calculated for. */
export interface Predicted extends AskedCell {
  readonly cell: PredictedCell;
  readonly view: CellView;
}

/** How long one may go on typing before the cell is calculated, ms. */
const waitMs = 250;

/**
 * The cell of the study, predicted anew a moment after it was changed. The last answer stands until the next one is there, so that
 * nothing jumps away under a finger.
 */
export function useStudyCell() {
  const { state } = useElectrolysis();
  const { discharge: school } = useSettings();
  const [settled] = useDebouncedValue(state, waitMs);
  const asked = useMemo(() => ask(settled, school), [settled, school]);
  const isCell = 'request' in asked;
  const melt = isCell && 'molten' in asked.request.electrolyte ? asked : undefined;
  const { value, of, failure, share } = useAnswer(
    'cell',
    isCell && !melt ? [asked.request, asked.current] : undefined,
  );
  const problem = isCell ? failure : asked;
  const ready: Predicted | undefined =
    problem || melt || !value || !of ? undefined : { request: of[0], current: of[1], ...value };
  return { problem, melt, ready, isBusy: share !== undefined };
}

/** What was typed, as the core takes it, or why it cannot be. */
function ask(state: TypedCell, school: DischargeSchool): AskedCell | Failure {
  try {
    return { request: requestOf(state), current: currentOf(state, school) };
  } catch (error) {
    if (!(error instanceof ChemistryError)) throw error;
    return { message: error.message, remedy: error.remedy };
  }
}
