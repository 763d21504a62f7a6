import { daySheet } from '@stoichos/core/labday/prep';
import type { LabDay } from '@stoichos/core/labday/day';
import type { ShelfItem } from '@stoichos/core/planning/shelf';
import { useMemo } from 'react';
import * as z from 'zod';
import { useShelfQuery } from '../../data/api/api';
import { useKept } from '../../data/kept/useKept';
import { useSettings } from '../../data/settings/useSettings';

const formsSchema = z.record(z.string(), z.string());
const noJars: readonly ShelfItem[] = [];

/** The prep sheet of a day with the jars on the shelf; which form is in the jar is asked once and kept for the day. */
export function usePrepSheet(day: LabDay) {
  const { data: shelf = noJars } = useShelfQuery();
  const [chosen, setChosen] = useKept(`stoichos-forms-${day.id}`, formsSchema, {});
  const { pipettes } = useSettings();
  const lines = useMemo(
    () => daySheet(day, { shelf, chosen, pipettes }),
    [day, shelf, chosen, pipettes],
  );
  return {
    lines,
    shelf,
    /** Says which form of a substance is in the jar. */
    choose: (substance: string, form: string) => setChosen({ ...chosen, [substance]: form }),
  };
}
