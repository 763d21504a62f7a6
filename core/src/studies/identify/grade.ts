import { noneOfThese, posterior, unsure } from './inference';
import type { TestResult } from './inference';
import type { Model } from './model';

/** One part of a mark, with its reason. */
export interface MarkPart {
  readonly what: string;
  readonly points: number;
  readonly of: number;
  readonly why: string;
}

/** A mark with its parts. */
export interface Mark {
  readonly points: number;
  readonly of: number;
  readonly parts: readonly MarkPart[];
}

export interface GradeRequest {
  readonly model: Model;
  /** What is in the jar. */
  readonly key: string;
  /** What the group says it is; the class alone counts in part. */
  readonly answer: string;
  readonly results: readonly TestResult[];
  readonly classOf: (candidate: string) => string;
}

/** Points for what it is, for the evidence and for blanks (common practice: half for the answer, half for how it was reached). */
export const marksOf = { identity: 5, evidence: 4, blanks: 1 } as const;

const partsOf = (candidate: string): string[] => candidate.split(' + ');

/**
 * Marks an answer with partial credit: for what it is (of a mixture each part, else the class), for evidence that the jar really shows
 * and that leads to the answer, and for blanks.
 */
export function grade({ model, key, answer, results, classOf }: GradeRequest): Mark {
  const parts = [
    identity(key, answer, classOf),
    evidence(model, key, answer, results),
    blanks(results),
  ];
  return {
    points: Math.round(10 * parts.reduce((sum, part) => sum + part.points, 0)) / 10,
    of: marksOf.identity + marksOf.evidence + marksOf.blanks,
    parts,
  };
}

function identity(key: string, answer: string, classOf: (candidate: string) => string): MarkPart {
  const of = marksOf.identity;
  const what = 'What it is';
  const [wanted, told] = [partsOf(key), partsOf(answer)];
  if (wanted.length > 1 || told.length > 1) {
    const right = told.filter((one) => wanted.includes(one)).length;
    const wrong = told.length - right;
    const share = Math.max(0, (right - wrong) / wanted.length);
    return {
      what,
      of,
      points: of * share,
      why: `${right} of ${wanted.length} parts found${wrong > 0 ? `, ${wrong} that are not in it` : ''}`,
    };
  }
  if (answer === key) return { what, of, points: of, why: 'the right one' };
  if (answer !== noneOfThese && (classOf(answer) === classOf(key) || answer === classOf(key)))
    return { what, of, points: of * 0.4, why: `the right class, ${classOf(key)}` };
  return { what, of, points: 0, why: answer === '' ? 'no answer' : 'another class' };
}

/** What a group wrote, in the words of the model: “white precipitate” for “bubbles, white precipitate” where nothing else fits. */
function meant({ tests }: Model, { test, outcome }: TestResult): string {
  const outcomes = tests.find(({ name }) => name === test)?.outcomes ?? [];
  if (outcomes.includes(outcome)) return outcome;
  const holding = outcomes.filter((one) => one.split(', ').includes(outcome));
  return holding.length === 1 ? (holding[0] ?? outcome) : outcome;
}

function evidence(
  model: Model,
  key: string,
  answer: string,
  results: readonly TestResult[],
): MarkPart {
  const of = marksOf.evidence;
  const what = 'Evidence';
  const at = model.candidates.indexOf(key);
  const told = results
    .filter(({ outcome }) => outcome !== unsure)
    .map((result) => ({ ...result, outcome: meant(model, result) }));
  const judged = told.flatMap(({ test, outcome }) => {
    const shown = model.tests.find(({ name }) => name === test)?.shown[at];
    return shown === undefined ? [] : [shown === outcome];
  });
  if (judged.length === 0) return { what, of, points: 0, why: 'no test was recorded' };
  const right = judged.filter(Boolean).length / judged.length;
  // How far the record leads to the answer that was given, whether or not that is what the jar holds.
  const leads =
    posterior(model, told).find(({ candidate }) => candidate === answer)?.probability ?? 0;
  return {
    what,
    of,
    // What the jar does not show leads nowhere, however well it fits the answer.
    points: of * right * (0.5 + 0.5 * leads),
    why: `${judged.filter(Boolean).length} of ${judged.length} results as the jar shows them; they make the answer ${Math.round(100 * leads)} % likely`,
  };
}

function blanks(results: readonly TestResult[]): MarkPart {
  const of = marksOf.blanks;
  const beside = results.filter(({ blank }) => blank === 'clean' || blank === 'same').length;
  const share = results.length === 0 ? 0 : beside / results.length;
  return {
    what: 'Blanks',
    of,
    points: of * share,
    why: `${beside} of ${results.length} tests beside a blank`,
  };
}
