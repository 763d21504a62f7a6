import { judgeWeighing } from '@stoichos/core/solution/preparation';
import type { DayLine } from '@stoichos/core/labday/prep';
import type { LabDay, Weighing } from '@stoichos/core/labday/day';
import { useState } from 'react';
import { useAddWeighingMutation } from '../../data/api/api';
import { sayProblem } from '../../shared/parts/sayProblem';
import type { Making } from '@stoichos/core/planning/prep';

/** What is typed of a weighing, what it makes, and how it is recorded. */
export function useWeighing({
  making,
  line,
  forms,
  day,
}: {
  readonly making: WeighingEntryProps['making'];
  readonly line: DayLine;
  readonly forms: readonly string[];
  readonly day: LabDay;
}) {
  const [typed, setTyped] = useState<number | string>('');
  const [boat, setBoat] = useState<number | string | undefined>();
  const [asked, setAsked] = useState(false);
  const [addWeighing, { isLoading }] = useAddWeighingMutation();
  const { form, recipe, purityPercent } = making;
  const { totalMl, substance, concentrationM } = line;
  const shown = typeof typed === 'number' ? typed : 0;
  const netG = shown - (typeof boat === 'number' ? boat : 0);
  const actualG = netG > 0 ? Number(netG.toFixed(4)) : undefined;
  const result =
    actualG && judgeWeighing(actualG, recipe.massG ?? 0, form, forms, totalMl, purityPercent);
  const challenge = result ? result.challenge : undefined;
  const weighing = (id: string, massG: number): Weighing => ({
    id,
    substance,
    concentrationM,
    volumeMl: totalMl,
    form,
    purityPercent,
    actualG: massG,
    recordedAt: new Date().toISOString(),
  });
  const record = async () => {
    if (!actualG) return;
    if (challenge && !asked) {
      setAsked(true);
      return;
    }
    try {
      await addWeighing({
        dayId: day.id,
        weighing: weighing(crypto.randomUUID(), actualG),
      }).unwrap();
      setTyped('');
      setAsked(false);
    } catch (error) {
      sayProblem(error, 'Not stored');
    }
  };
  return {
    record,
    typed,
    boat,
    actualG,
    asked,
    setAsked,
    setTyped,
    setBoat,
    isLoading,
    result,
    challenge,
    concentrationM,
  };
}

export interface WeighingEntryProps {
  readonly day: LabDay;
  readonly line: DayLine;
  readonly making: Extract<Making, { kind: 'weigh' }>;
  readonly forms: readonly string[];
  readonly done: Weighing | undefined;
}
