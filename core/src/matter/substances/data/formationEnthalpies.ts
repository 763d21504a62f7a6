import { asRead } from '../readSource';
import { elements } from './elements';

/** Standard enthalpies of formation. Elements as they are at 25 °C are zero and have no row unless they are a gas or a liquid. */
export const formationEnthalpies = asRead(
  'formationEnthalpies',
  elements.flatMap(({ formation = [] }) => formation),
  ({ formula, state }) => `${formula}(${state})`,
);
