import { dice } from '../../common/dice';
import type { Settings } from '../../labday/settings/settings';
import { quantityUnits } from '../../planning/procedure/measures';
import { cautionsOfStep } from '../../labday/prep/stepMind';
import type { Work } from '../../labday/day/work';
import { stepAmounts } from '../../planning/procedure/stepAmounts';
import type { Procedure } from '../../planning/procedure/procedure';
import { deferral } from '../../safety/hazards';
import { chemical, joined, plain, section, documentTold } from '../dayReport/document';
import type { Block, ReportDocument, Section } from '../dayReport/document';
import { computations } from './compute';
import { questionsOf } from './ofProcedure';
import type { Question, QuestionKind } from './question';

/** What a worksheet holds. */
export interface WorksheetRequest {
  readonly procedure: Procedure;
  readonly settings: Settings;
  readonly table: boolean;
  readonly kinds: readonly QuestionKind[];
  /** Questions at most, beside those written down with the procedure. */
  readonly count: number;
  /** The same seed gives the same copies. */
  readonly seed: number;
  /** Copies that differ in choice, order and numbers. */
  readonly copies: number;
}

/** As many copies as there are letters that are not mistaken for one another. */
export const mostCopies = 8;
const letters = 'ABCDEFGH';

/** One copy of a question set. */
export interface QuestionSet {
  readonly letter: string;
  readonly questions: readonly Question[];
}

/** Question sets of a procedure: those written down with it in every copy, of the others a choice by the dice. */
export function questionSets({
  procedure,
  settings,
  kinds,
  count,
  seed,
  copies,
}: WorksheetRequest): QuestionSet[] {
  const wanted = (question: Question): boolean => kinds.includes(question.kind);
  const steady = questionsOf(procedure, settings).filter(wanted);
  const written = steady.filter(({ kind }) => kind === 'written');
  return [...letters].slice(0, copies).map((letter, at) => {
    const random = dice(seed * mostCopies + at);
    const asked = [
      ...steady.filter(({ kind }) => kind !== 'written'),
      ...computations(procedure, random).filter(wanted),
    ];
    return { letter, questions: [...written, ...mixed(asked, kinds, count, random)] };
  });
}

/** So many questions by the dice, every kind in turn. */
function mixed(
  questions: readonly Question[],
  kinds: readonly QuestionKind[],
  count: number,
  random: () => number,
): Question[] {
  const heaps = kinds.map((kind) =>
    questions
      .filter((one) => one.kind === kind)
      .map((one) => ({ one, die: random() }))
      .sort((a, b) => a.die - b.die)
      .map(({ one }) => one),
  );
  const taken: Question[] = [];
  for (let turn = 0; taken.length < count && heaps.some((heap) => heap[turn]); turn += 1)
    for (const heap of heaps) {
      const next = heap[turn];
      if (next && taken.length < count) taken.push(next);
    }
  return taken;
}

/** A worksheet for the class with its key: the blank table, then every copy of the questions. The key is chosen away for the class. */
export function worksheet(request: WorksheetRequest): ReportDocument {
  const { procedure, settings, table } = request;
  return documentTold({
    title: procedure.name,
    over: settings.institution,
    under: ['Name: ……………………………………   Bench: ……………………   Date: ……………………'],
    sections: [
      section(plain('Purpose'), [{ kind: 'text', words: plain(procedure.purpose) }]),
      ...(table ? [blankTable(procedure)] : []),
      ...questionSets(request).map((set) => setSection(set, request.copies)),
    ],
    closing: deferral,
  });
}

/** Every step with what it takes, its cautions and room for what is to be written down. */
export function blankTable(procedure: Procedure): Section {
  const work: Work = { id: procedure.id, number: 1, manner: 'groups', procedure };
  return section(plain('What to do and what you see'), [
    {
      kind: 'table',
      toFillIn: true,
      columns: [
        { head: 'Step', width: 5 },
        { head: 'Write down', width: 3 },
        { head: 'What I saw or read', width: 5 },
      ],
      rows: procedure.steps.map((step, at) => [
        joined(
          plain(`${at + 1}. ${step.text}`),
          chemical(takesWords(step)),
          chemical(` Take care: ${cautionsOfStep(work, step).join(' ')}`),
        ),
        plain(
          [
            ...step.record,
            ...step.measures.map(({ name, quantity }) => `${name}, ${quantityUnits[quantity]}`),
          ].join('; ') || '–',
        ),
        plain(''),
      ]),
    },
  ]);
}

/** What a step takes, in a sentence; nothing where it takes nothing. */
function takesWords(step: Procedure['steps'][number]): string {
  const amounts = stepAmounts(step);
  return amounts.length === 0 ? '' : ` Take ${amounts.join('; ')}.`;
}

function setSection({ letter, questions }: QuestionSet, copies: number): Section {
  return section(
    plain(copies > 1 ? `Questions, copy ${letter}` : 'Questions'),
    questions.flatMap((question, at): Block[] => [
      { kind: 'text', words: joined(plain(`${at + 1}. `), question.prompt) },
      ...(question.choices
        ? [{ kind: 'list' as const, items: question.choices.map((choice) => plain(choice)) }]
        : []),
      { kind: 'lines', count: question.lines },
      {
        kind: 'facts',
        key: true,
        facts: [
          { name: 'Answer', words: question.answer },
          ...(question.points.length > 0
            ? [
                {
                  name: `Marks: ${question.points.length}`,
                  words: chemical(question.points.join('; ')),
                },
              ]
            : []),
        ],
      },
    ]),
  );
}
