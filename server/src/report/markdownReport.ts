import { setImmediate as othersTurn } from 'node:timers/promises';
import {
  benchesOf,
  causesOf,
  concentrationOf,
  deferral,
  describeObservation,
  eventWords,
  judgeWork,
  latestWeighing,
  nameIn,
  nameOfWork,
  solutionsNeeded,
  wasteOfWork,
  worksAsMade,
} from '@stoichos/core';
import type { LabDay, LikelyCause, Settings, StationJudgement } from '@stoichos/core';

/**
 * The day’s report as Markdown: solutions as made, then each piece of work with what was expected, seen and judged. Looking for
 * causes takes the engine a moment each, between which other requests get their turn.
 */
export async function markdownReport(day: LabDay, settings: Settings): Promise<string> {
  const works = worksAsMade(day);
  const told: string[] = [];
  for (const work of works)
    for (const bench of benchesOf(day, work)) {
      const judged = judgeWork(day, work, bench);
      // Of a long procedure only what somebody recorded is told.
      const kept =
        work.kind === 'test' ? judged : judged.filter(({ standing }) => standing.length > 0);
      told.push(`## ${escape(nameOfWork(work))} · ${escape(bench.name)}`, '');
      if (kept.length === 0) told.push('Nothing recorded.', '');
      for (const judgement of kept) {
        const [cause] = causesOf(judgement);
        told.push(...stationLines(judgement, settings, cause));
        await othersTurn();
      }
    }
  const lines = [
    `# ${escape(day.name)}`,
    '',
    `${day.date} · ${day.groups.map(({ name }) => escape(name)).join(', ')}`,
    '',
    '## Solutions',
    '',
    '| solution | planned | form | weighed | made |',
    '|---|---|---|---|---|',
    ...solutionsNeeded(day).map((solution) => {
      const weighing = latestWeighing(day.weighings, solution);
      const made = weighing
        ? `${weighing.form} | ${weighing.actualG} g in ${weighing.volumeMl} mL | ${concentrationOf(weighing).toPrecision(3)} M`
        : '– | not weighed | –';
      return `| ${nameIn(settings.naming, solution.substance)} | ${solution.concentrationM} M | ${made} |`;
    }),
    '',
    ...told,
    deferral,
    '',
  ];
  return lines.join('\n');
}

function stationLines(
  judgement: StationJudgement,
  settings: Settings,
  cause: LikelyCause | undefined,
): string[] {
  const { step, station, seen, blank, control, notes, comparison, change, override } = judgement;
  const { expected, notPredicted, reactions, vessel } = station;
  const types = reactions.flatMap((reaction) => reaction.types[settings.reactionTypes]);
  const list = (name: string, what: readonly Parameters<typeof describeObservation>[0][]) =>
    what.length > 0 ? [`- ${name}: ${what.map(describeObservation).join('; ')}`] : [];
  return [
    ...(judgement.work.kind === 'test' ? [] : [`### ${escape(step.text)} (${escape(vessel)})`, '']),
    `- Done: ${step.events.map(eventWords).join('; ')}`,
    ...(notPredicted.length > 0
      ? notPredicted.map((reason) => `- Not predicted: ${reason}`)
      : list('Expected', expected)),
    `- Seen: ${seen.length > 0 ? seen.map(describeObservation).join('; ') : 'nothing recorded'}`,
    ...list('Blank', blank),
    ...list('Control', control),
    ...judgement.departures.map(
      ({ what, planned, done }) => `- Departure, ${what}: ${escape(planned)} → ${escape(done)}`,
    ),
    ...notes.map((note) => `- Note: ${escape(note)}`),
    ...(comparison ? [`- Judgement: ${comparison.agreement}${differences(judgement)}`] : []),
    ...(cause ? [`- Likeliest cause: ${cause.fault}. ${cause.check}`] : []),
    ...(override
      ? [
          `- Instructor’s verdict: ${override.verdict} (${escape(override.reason)}, ${escape(override.by)})`,
        ]
      : []),
    ...(seen.length > 0
      ? [
          `- Change: ${change.change}${change.evidence.length > 0 ? ` (${change.evidence.map(({ sign }) => sign).join('; ')})` : ''}`,
        ]
      : []),
    ...(types.length > 0 ? [`- Reaction type: ${[...new Set(types)].join(', ')}`] : []),
    ...reactions.flatMap(({ equation, netIonic, spectators }) => [
      ...(equation === netIonic ? [] : [`- Equation: ${equation}`]),
      `- Net ionic: ${netIonic}; spectators ${spectators.join(', ') || 'none'}`,
    ]),
    `- Waste: ${wasteOfWork(judgement.work)?.bottle ?? 'none'}`,
    '',
  ];
}

function differences({ comparison }: StationJudgement): string {
  const off = comparison?.items.filter(({ outcome }) => outcome === 'differs') ?? [];
  if (off.length === 0) return '';
  return ` – ${off.map(({ item, expected, seen }) => `${item}: expected ${expected}, seen ${seen ?? 'nothing'}`).join('; ')}`;
}

/** Keeps typed text from becoming markup. */
function escape(text: string): string {
  return text.replace(/[\\`*_[\]<>#|]/g, '\\$&').replace(/\s*\n\s*/g, ' ');
}
