import { ChemistryError, formatNumber } from '@stoichos/core/common';
import { roomConditions } from '@stoichos/core/studies/electrolysis';
import type { DischargeSchool } from '@stoichos/core/labday';
import type {
  CellCurrent,
  CellRequest,
  CellView,
  PredictedCell,
} from '@stoichos/core/studies/electrolysis';
import { useDebouncedValue } from '@mantine/hooks';
import { useEffect, useMemo, useState } from 'react';
import type { Failure } from '../../data/worker/chemistry';
import { useTask } from '../../data/worker/useTask';
import { useSettings } from '../../data/settings/useSettings';
import { requestOf, useElectrolysis } from './electrolysisState';
import type { ElectrolysisState } from './electrolysisState';

/** A cell as it is asked for: what was typed, as the core takes it, or why it cannot be. */
export type Asked =
  { readonly request: CellRequest; readonly current: CellCurrent } | { readonly problem: Failure };

/** How long one may go on typing before the cell is calculated, ms. */
const waitMs = 250;

/** A cell that was calculated, with what it was calculated for. */
export interface Predicted {
  readonly request: CellRequest;
  readonly current: CellCurrent;
  readonly cell: PredictedCell;
  readonly view: CellView;
}

/**
 * The cell of the study, predicted anew a moment after it was changed. The last answer stands until the next one is there, so that
 * nothing jumps away under a finger.
 */
export function useStudyCell() {
  const [state, setState] = useElectrolysis();
  const { discharge: school } = useSettings();
  const change = (part: Partial<ElectrolysisState>) =>
    setState((before) => ({ ...before, ...part }));
  const [settled] = useDebouncedValue(state, waitMs);
  const asked = useMemo((): Asked => ask(settled, school), [settled, school]);
  const [latest, setLatest] = useState<Predicted>();
  const { start, failure, share } = useTask('cell');
  useEffect(() => {
    if (!('request' in asked) || 'molten' in asked.request.electrolyte) return;
    const { request, current } = asked;
    void start(request, current).then((found) => {
      if (found) setLatest({ request, current, ...found });
    });
  }, [asked, start]);
  const problem = 'problem' in asked ? asked.problem : failure;
  const isMelt = 'request' in asked && 'molten' in asked.request.electrolyte;
  return {
    state,
    change,
    asked,
    problem,
    isMelt,
    ready: problem || isMelt ? undefined : latest,
    isBusy: share !== undefined,
  };
}

/** What was typed, as the core takes it. */
export function ask(state: ElectrolysisState, school: DischargeSchool): Asked {
  try {
    const { currentA, minutes, temperatureC } = state;
    if (currentA !== '' && currentA <= 0)
      throw ChemistryError.of(
        'outOfRange',
        'The current',
        `${formatNumber(currentA)} A`,
        'above 0 A; where the ammeter shows minus, its leads are swapped',
      );
    if (minutes !== '' && minutes <= 0)
      throw ChemistryError.of(
        'outOfRange',
        'The time',
        `${formatNumber(minutes)} min`,
        'above 0 min',
      );
    return {
      request: requestOf(state),
      current: {
        ...(currentA !== '' && { currentA }),
        ...(minutes !== '' && { timeS: minutes * 60 }),
        school,
        conditions: {
          ...roomConditions,
          ...(temperatureC !== '' && { temperatureC }),
          overWater: true,
        },
      },
    };
  } catch (error) {
    if (!(error instanceof ChemistryError)) throw error;
    return { problem: { message: error.message, remedy: error.remedy } };
  }
}
