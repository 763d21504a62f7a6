import {
  csvOf,
  describeObservation,
  eventWords,
  judgeDay,
  nameOfWork,
  wasteOfWork,
} from '@stoichos/core';
import type { LabDay, Settings } from '@stoichos/core';

/** The day’s results as CSV (RFC 4180), one line for each vessel of each step at each bench. Cells that look like formulae are defused. */
export function csvReport(day: LabDay, settings: Settings): string {
  const rows = judgeDay(day).map((judgement) => {
    const { work, step, station, bench, seen, notes, comparison, change } = judgement;
    const { vessel, expected, notPredicted, reactions } = station;
    return {
      date: day.date,
      lab_day: day.name,
      group: bench.name,
      work: nameOfWork(work),
      step: step.id,
      vessel,
      done: step.events.map(eventWords).join('; '),
      expected:
        notPredicted.length > 0
          ? `not predicted: ${notPredicted.join(' ')}`
          : expected.map(describeObservation).join('; '),
      seen: seen.map(describeObservation).join('; '),
      blank: judgement.blank.map(describeObservation).join('; '),
      control: judgement.control.map(describeObservation).join('; '),
      computed: comparison?.agreement ?? 'not predicted',
      verdict: judgement.verdict,
      overridden_because: judgement.override?.reason ?? '',
      change: seen.length > 0 ? change.change : '',
      reaction_type: [
        ...new Set(reactions.flatMap(({ types }) => types[settings.reactionTypes])),
      ].join('; '),
      net_ionic: reactions.map(({ netIonic }) => netIonic).join('; '),
      waste: wasteOfWork(work)?.bottle ?? '',
      departures: judgement.departures
        .map(({ what, planned, done }) => `${what}: ${planned} → ${done}`)
        .join('; '),
      notes: notes.join(' / '),
    };
  });
  return csvOf(rows);
}
