/** What other features may use of the lab day: the form that changes one. */
export { DayForm } from './DayForm';
