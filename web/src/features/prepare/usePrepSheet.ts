import { latestWeighing, solutionsNeeded } from '@stoichos/core/labday';
import { findSubstance } from '@stoichos/core/matter/substances';
import { prepSheet } from '@stoichos/core/planning/prep';
import type { LabDay } from '@stoichos/core/labday';
import type { PrepLine } from '@stoichos/core/planning/prep';
import type { ShelfItem } from '@stoichos/core/planning/shelf';
import { useMemo } from 'react';
import { useSettings } from '../../data/settings/useSettings';
import * as z from 'zod';
import { useKept } from '../../data/kept/useKept';
import { useShelfQuery } from '../../data/api/api';

const formsSchema = z.record(z.string(), z.string());
const noJars: readonly ShelfItem[] = [];

/** The prep sheet of a day with the jars on the shelf; which form is in the jar is asked once and kept for the day. */
export function usePrepSheet(day: LabDay) {
  const { data: shelf = noJars } = useShelfQuery();
  const [chosen, setChosen] = useKept(`stoichos-forms-${day.id}`, formsSchema, {});
  const { dropsPerMl } = useSettings();
  const lines = useMemo(() => {
    const needs = solutionsNeeded(day);
    const weighed = Object.fromEntries(
      needs.flatMap((need) => {
        const weighing = latestWeighing(day.weighings, need);
        return weighing ? [[need.substance, weighing.form]] : [];
      }),
    );
    const onShelf: Record<string, readonly string[]> = {};
    for (const { substance, form } of shelf) {
      const forms = onShelf[substance] ?? [];
      if (!forms.includes(form)) onShelf[substance] = [...forms, form];
    }
    const lines = prepSheet(needs, {
      forms: { ...weighed, ...chosen },
      purity: Object.fromEntries(shelf.map(({ form, purityPercent }) => [form, purityPercent])),
      onShelf,
      balanceG: day.balanceG,
      dropsPerMl,
    });
    return lines.map((line) => ({
      ...line,
      for: needs.find(({ key }) => key === line.key)?.for ?? [],
    }));
  }, [day, shelf, chosen, dropsPerMl]);
  return {
    lines,
    shelf,
    /** Says which form of a substance is in the jar. */
    choose: (substance: string, form: string) => setChosen({ ...chosen, [substance]: form }),
  };
}

/** A line of the sheet with what it is for. */
export type DayLine = PrepLine & { readonly for: readonly string[] };

/** The jars a form can be taken from, fullest first, those that have not expired. */
export function jarsOf(shelf: readonly ShelfItem[], form: string, date: string): ShelfItem[] {
  return shelf
    .filter((jar) => jar.form === form && (jar.expires === null || jar.expires >= date))
    .sort((one, other) => other.amount - one.amount);
}

/** Forms of a substance on the shelf; those of the table where there is no jar. */
export function formsOnShelf(shelf: readonly ShelfItem[], substance: string): readonly string[] {
  const forms = [
    ...new Set(shelf.filter((jar) => jar.substance === substance).map(({ form }) => form)),
  ];
  return forms.length > 0
    ? forms
    : findSubstance(substance).substance.forms.map(({ formula }) => formula);
}
