/** Worksheets and question sets made from procedures. */
export { allQuestionKinds, questionKinds } from './question';
export type { Question, QuestionKind } from './question';
export { mostCopies, questionSets, worksheet } from './worksheet';
export type { QuestionSet, WorksheetRequest } from './worksheet';
