import type { Warning } from '../../vessel/warnings';
import type { PredictedCell } from './predictCell';

/** A caution that holds where certain products come off. */
interface CellCaution extends Warning {
  /** All of these lists have a product in the cell. */
  readonly when: readonly (readonly string[])[];
}

/** Usual cautions (common practice), the worst first; the rules of the place come before them. */
const cautions: readonly CellCaution[] = [
  {
    code: 'mixedGases',
    when: [['H2'], ['O2', 'Cl2']],
    message:
      'H2 explodes with the gas from plus: never collect both in one tube, no flame near the cell.',
  },
  {
    code: 'chlorine',
    when: [['Cl2']],
    message: 'Cl2 is toxic: hood or a covered drop, small currents, short times.',
  },
  {
    code: 'bromine',
    when: [['Br2']],
    message: 'Br2 is toxic and burns skin: hood, small currents.',
  },
  {
    code: 'circuit',
    when: [],
    message:
      'Switch off before touching the circuit; electrodes must not touch; do not swap the leads during a run.',
  },
  {
    code: 'rules',
    when: [],
    message: 'Local rules and the supplier’s safety data sheets come before what stands here.',
  },
];

/** Cautions at a cell, the worst first; they go beside the step. */
export function cellCautions({
  cathode,
  anode,
}: Pick<PredictedCell, 'cathode' | 'anode'>): Warning[] {
  const made = new Set([...cathode.products, ...anode.products].map(({ formula }) => formula));
  return cautions
    .filter(({ when }) => when.every((some) => some.some((formula) => made.has(formula))))
    .map(({ code, message }) => ({ code, message }));
}
