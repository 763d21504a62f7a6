import {
  concentrationOf,
  deferral,
  describeObservation,
  judgeDay,
  latestWeighing,
  nameIn,
  solutionsNeeded,
  wasteRoute,
} from '@stoichos/core';
import type { LabDay, Settings, TestJudgement } from '@stoichos/core';

/** The day's report as Markdown: solutions as made, then each test with what was expected, seen and judged. */
export function markdownReport(day: LabDay, settings: Settings): string {
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
    ...judgeDay(day).flatMap((judgement) => testLines(judgement, settings)),
    deferral,
    '',
  ];
  return lines.join('\n');
}

function testLines(judgement: TestJudgement, settings: Settings): string[] {
  const { test, group, prediction, seen, notes, comparison, change, causes, portions } = judgement;
  const named = (side: 0 | 1) =>
    `${nameIn(settings.naming, portions[side].substance)} ${portions[side].concentrationM.toPrecision(3)} M, ${portions[side].volumeMl} mL`;
  const types = prediction.reactions.flatMap((reaction) => reaction.types[settings.reactionTypes]);
  return [
    `## ${test.a.substance} with ${test.b.substance} · ${escape(group.name)}`,
    '',
    `- Mixed: ${named(0)}; ${named(1)}`,
    ...(prediction.notPredicted.length > 0
      ? prediction.notPredicted.map((reason) => `- Not predicted: ${reason}`)
      : [`- Expected: ${prediction.observations.map(describeObservation).join('; ')}`]),
    `- Seen: ${seen.length > 0 ? seen.map(describeObservation).join('; ') : 'nothing recorded'}`,
    ...notes.map((note) => `- Note: ${escape(note)}`),
    ...(comparison ? [`- Judgement: ${comparison.agreement}${differences(judgement)}`] : []),
    `- Change: ${change.change}${change.evidence.length > 0 ? ` (${change.evidence.join('; ')})` : ''}`,
    ...(types.length > 0 ? [`- Reaction type: ${[...new Set(types)].join(', ')}`] : []),
    ...prediction.reactions.flatMap(({ equation, netIonic, spectators }) => [
      ...(equation === netIonic ? [] : [`- Equation: ${equation}`]),
      `- Net ionic: ${netIonic}; spectators ${spectators.join(', ') || 'none'}`,
    ]),
    ...(causes[0] ? [`- Likeliest cause: ${causes[0].fault}`] : []),
    `- Waste: ${wasteRoute([test.a.substance, test.b.substance]).bottle}`,
    '',
  ];
}

function differences({ comparison }: TestJudgement): string {
  const off = comparison?.items.filter(({ outcome }) => outcome === 'differs') ?? [];
  if (off.length === 0) return '';
  return ` – ${off.map(({ item, expected, seen }) => `${item}: expected ${expected}, seen ${seen ?? 'nothing'}`).join('; ')}`;
}

/** Keeps typed text from becoming markup. */
function escape(text: string): string {
  return text.replace(/[\\`*_[\]<>#|]/g, '\\$&').replace(/\s*\n\s*/g, ' ');
}
