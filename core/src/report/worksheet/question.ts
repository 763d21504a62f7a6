import type { Words } from '../dayReport/document';

/** What a question asks of the one who answers it. */
export const questionKinds = {
  written: 'Of the procedure',
  predict: 'Predict',
  balance: 'Balance',
  classify: 'Classify',
  chooseTest: 'Choose the test',
  compute: 'Compute',
} as const;
export type QuestionKind = keyof typeof questionKinds;
export const allQuestionKinds = Object.keys(questionKinds) as readonly QuestionKind[];

/** A question with its answer and what earns the marks, one each. */
export interface Question {
  readonly kind: QuestionKind;
  readonly prompt: Words;
  readonly choices?: readonly string[];
  readonly answer: Words;
  readonly points: readonly string[];
  /** Empty lines to write on. */
  readonly lines: number;
}
