import { nearNames } from '@stoichos/core/safety';

/** Whether a substance is far more dangerous than one its name or formula is easily taken for; an indicator has no formula. */
export const isDangerousNeighbour = (formula: string): boolean =>
  formula !== '' && nearNames(formula).some(({ mustAsk }) => mustAsk);
