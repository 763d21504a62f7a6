import { csvOf } from '../../common/csv';
import { describeRecord } from '../../labday/bench/describeRecord';
import { judgeDay } from '../../labday/judge/judgeDay';
import type { BenchEntry, LabDay } from '../../labday/day/labDay';
import type { Settings } from '../../labday/settings/settings';
import { wasteOfWork, worksOf } from '../../labday/day/work';
import { describeObservation } from '../../seeing/observation/observation';
import { eventWords } from '../../seeing/rack/eventWords';
import { quantityUnits } from '../../planning/procedure/measures';

/** The day’s results as CSV (RFC 4180), one line for each vessel of each step at each bench. Cells that look like formulae are defused. */
export function resultsCsv(day: LabDay, settings: Settings): string {
  const rows = judgeDay(day).map((judgement) => {
    const { work, step, station, bench, seen, notes, comparison, change } = judgement;
    const { vessel, expected, notPredicted, reactions } = station;
    return {
      date: day.date,
      lab_day: day.name,
      group: bench.name,
      work: work.procedure.name,
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
      change_expected: station.change.change === 'notPredicted' ? '' : station.change.change,
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

/** A line of the record, and whether it still stands: not corrected or taken back since. */
export interface WrittenLine {
  readonly entry: BenchEntry;
  readonly stands: boolean;
}

/**
 * The raw record of a day as CSV (RFC 4180): every line that was written, in the order it came in, also those that were corrected or
 * taken back since. Times are UTC, numbers keep the decimal point. What is returned writes so many lines as it is given, the first time
 * with the head.
 */
export function recordCsv(
  day: Pick<LabDay, 'procedures' | 'groups'>,
): (lines: readonly WrittenLine[]) => string {
  const works = new Map(worksOf(day).map((work) => [work.id, work]));
  const groups = new Map(day.groups.map(({ id, name }) => [id, name]));
  let isFirst = true;
  return (lines) => {
    const rows = lines.map(({ entry, stands }) => {
      const { id, workId, stepId, vessel, part, groupId, record, supersedes, recordedAt } = entry;
      const measured = record?.kind === 'measurement' ? record : undefined;
      return {
        recorded_at: recordedAt,
        group: groupId === null ? 'shown to all' : (groups.get(groupId) ?? ''),
        work: works.get(workId)?.procedure.name ?? '',
        step: stepId,
        vessel: vessel ?? '',
        part,
        kind: record?.kind ?? 'taken back',
        words: record ? describeRecord(record) : '',
        value: measured?.value ?? '',
        unit: measured ? quantityUnits[measured.quantity] : '',
        typed_value: measured?.typed?.value ?? '',
        typed_unit: measured?.typed?.unit ?? '',
        stands: stands ? 'yes' : 'no',
        id,
        supersedes: supersedes ?? '',
      };
    });
    const text = csvOf(rows, { head: isFirst });
    isFirst = false;
    return text;
  };
}
