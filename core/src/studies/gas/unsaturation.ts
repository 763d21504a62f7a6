/** What bromine water did, in the gas and in the saturated control. */
export interface UnsaturationSeen {
  readonly gas: 'is decolourised' | 'keeps its colour';
  /** The saturated starting material, or another alkane, treated alike. */
  readonly control: 'is decolourised' | 'keeps its colour' | 'not done';
}

/** What the pair proves. */
export interface UnsaturationVerdict {
  readonly unsaturated: 'yes' | 'no' | 'undecided';
  readonly why: string;
}

/**
 * What bromine water says about a double bond, with its control: only a gas that decolours where the control does not is shown to
 * be unsaturated.
 *
 * @example unsaturation({ gas: 'is decolourised', control: 'keeps its colour' }).unsaturated // 'yes'
 */
export function unsaturation({ gas, control }: UnsaturationSeen): UnsaturationVerdict {
  if (gas === 'keeps its colour')
    return {
      unsaturated: 'no',
      why:
        control === 'is decolourised'
          ? 'the gas left the bromine alone and the control did not: the tubes may be swapped, or the control stood in the light. Repeat both.'
          : 'nothing added to the bromine: no double bond, or only air in the tube. Try a later tube before saying no.',
    };
  if (control === 'not done')
    return {
      unsaturated: 'undecided',
      why: 'without a control the loss of colour may come of light, of shaking it out, or of another gas such as sulfur dioxide',
    };
  if (control === 'is decolourised')
    return {
      unsaturated: 'undecided',
      why: 'the saturated control lost its colour too: bromine was lost otherwise (strong light, too little of it). Repeat in dim light with fresh bromine water.',
    };
  return {
    unsaturated: 'yes',
    why: 'bromine added to the gas and not to the saturated starting material, in the same light and time: the gas holds a double or triple bond',
  };
}
