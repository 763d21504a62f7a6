import type { PredictedCell } from '@stoichos/core/studies/electrolysis';
import type { Warning } from '@stoichos/core/vessel';

/** Cautions at a cell; they go beside the step, and defer to local rules. */
export function cautionsOf({
  cathode,
  anode,
}: Pick<PredictedCell, 'cathode' | 'anode'>): Warning[] {
  const made = [...cathode.products, ...anode.products];
  const has = (formula: string) => made.some((one) => one.formula === formula);
  return [
    {
      code: 'circuit',
      message:
        'Switch off before touching the circuit; electrodes must not touch; do not swap the leads during a run.',
    },
    ...(has('H2') && (has('O2') || has('Cl2'))
      ? [
          {
            code: 'mixedGases',
            message:
              'H2 explodes with the gas from plus: never collect both in one tube, no flame near the cell.',
          },
        ]
      : []),
    ...(has('Cl2')
      ? [
          {
            code: 'chlorine',
            message: 'Cl2 is toxic: hood or a covered drop, small currents, short times.',
          },
        ]
      : []),
    ...(has('Br2')
      ? [{ code: 'bromine', message: 'Br2 is toxic and burns skin: hood, small currents.' }]
      : []),
    {
      code: 'rules',
      message: 'Local rules and the supplier’s safety data sheets come before what stands here.',
    },
  ];
}
