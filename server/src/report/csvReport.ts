import { describeObservation, judgeDay, wasteRoute } from '@stoichos/core';
import type { LabDay, Settings } from '@stoichos/core';
import Papa from 'papaparse';

/** The day's results as CSV (RFC 4180), one line for each test and group. Cells that look like formulae are defused. */
export function csvReport(day: LabDay, settings: Settings): string {
  const rows = judgeDay(day).map((judgement) => {
    const { test, group, portions, prediction, seen, notes, comparison, change } = judgement;
    return {
      date: day.date,
      lab_day: day.name,
      group: group.name,
      solution_a: test.a.substance,
      a_made_mol_per_l: portions[0].concentrationM.toPrecision(4),
      a_ml: test.a.volumeMl,
      solution_b: test.b.substance,
      b_made_mol_per_l: portions[1].concentrationM.toPrecision(4),
      b_ml: test.b.volumeMl,
      expected:
        prediction.notPredicted.length > 0
          ? `not predicted: ${prediction.notPredicted.join(' ')}`
          : prediction.observations.map(describeObservation).join('; '),
      seen: seen.map(describeObservation).join('; '),
      judgement: comparison?.agreement ?? 'not predicted',
      change: change.change,
      reaction_type: [
        ...new Set(prediction.reactions.flatMap(({ types }) => types[settings.reactionTypes])),
      ].join('; '),
      net_ionic: prediction.reactions.map(({ netIonic }) => netIonic).join('; '),
      waste: wasteRoute([test.a.substance, test.b.substance]).bottle,
      notes: notes.join(' / '),
    };
  });
  return Papa.unparse(rows, { escapeFormulae: true, newline: '\r\n' });
}
