import { useForm } from '@mantine/form';
import { judgeWeighing } from '@stoichos/core/solution/preparation';
import type { DayLine } from '@stoichos/core/labday/prep';
import type { LabDay, Weighing } from '@stoichos/core/labday/day';
import { useState } from 'react';
import { useAddWeighingMutation } from '../../data/api/api';
import { sayProblem } from '../../shared/parts/sayProblem';
import type { Making } from '@stoichos/core/planning/prep';

/** What the balance shows, g, while it is typed; no boat where it was tared. */
interface WeighedDraft {
  readonly shown: number | '';
  readonly boat: number | '' | null;
}

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
  const [asked, setAsked] = useState(false);
  const fields = useForm<WeighedDraft>({
    initialValues: { shown: '', boat: null },
    onValuesChange: () => setAsked(false),
  });
  const [addWeighing, { isLoading }] = useAddWeighingMutation();
  const { form, recipe, purityPercent } = making;
  const { totalMl, substance, concentrationM } = line;
  const { shown, boat } = fields.values;
  const netG = Number(shown) - Number(boat ?? 0);
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
  const record = fields.onSubmit(async () => {
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
      fields.setFieldValue('shown', '');
    } catch (error) {
      sayProblem(error, 'Not stored');
    }
  });
  return {
    fields,
    record,
    boat,
    actualG,
    asked,
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
