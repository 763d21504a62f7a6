/** What other features may use of the procedures: one shown whole, and what it departs in from its original. */
export { DepartureList } from './DepartureList';
export { ProcedureView } from './ProcedureView';
