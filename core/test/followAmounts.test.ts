import { describe, expect, it } from 'vitest';
import { followAmounts } from '../src/planning/procedure/followAmounts';
import type { Procedure } from '../src/planning/procedure/procedure';
import type { AnyPortion } from '../src/vessel/portion';
import { shipped } from './support/day';

/** A procedure of the library with one reagent measured out otherwise. */
function changed(procedure: Procedure, substance: string, portion: AnyPortion): Procedure {
  return {
    ...procedure,
    steps: procedure.steps.map((step) => ({
      ...step,
      events: step.events.map((event) =>
        'vessel' in event &&
        event.action.do === 'add' &&
        'substance' in event.action.portion &&
        event.action.portion.substance === substance
          ? { ...event, action: { do: 'add' as const, portion } }
          : event,
      ),
    })),
  };
}
const follow = (before: Procedure, now: Procedure) => followAmounts(before.analyses, before, now);

describe('what is worked out follows the amounts', () => {
  const cups = shipped('warm-and-cold-cups');
  const crystals = shipped('crystal-water-by-mass');

  it('10 g of ammonium nitrate are 0.1249 mol in 60 g (80.04 g/mol, IUPAC atomic masses); the other cups stay', () => {
    const now = changed(cups, 'NH4NO3', { substance: 'NH4NO3', massG: 10 });
    expect(follow(cups, now)).toEqual([
      cups.analyses[0],
      { ...cups.analyses[1], massG: 60, of: { substance: 'NH4NO3', amountMol: 0.1249 } },
      cups.analyses[2],
    ]);
  });

  it('on the way to 10 g it passes 1 g, and nothing is lost', () => {
    const one = changed(cups, 'NH4NO3', { substance: 'NH4NO3', massG: 1 });
    const ten = changed(cups, 'NH4NO3', { substance: 'NH4NO3', massG: 10 });
    expect(followAmounts(follow(cups, one), one, ten)).toEqual(follow(cups, ten));
  });

  it('another salt is calculated as that salt', () => {
    const now = changed(cups, 'NH4NO3', { substance: 'KNO3', massG: 6 });
    // 6 g ÷ 101.10 g/mol.
    expect(follow(cups, now)[1]).toMatchObject({ of: { substance: 'KNO3', amountMol: 0.05935 } });
  });

  it('another hydrate is worked out as that one, with the water it has in the books', () => {
    const now = changed(crystals, 'MgSO4·7H2O', { substance: 'CuSO4·5H2O', massG: 2.8 });
    expect(follow(crystals, now)).toMatchObject([{ anhydrous: 'CuSO4', literatureX: 5 }]);
  });

  it('what was recovered is set against what is there now', () => {
    const sand = shipped('sand-salt-iron');
    const now = changed(sand, 'NaCl', { substance: 'NaCl', massG: 3 });
    expect(follow(sand, now)).toMatchObject([{ kind: 'recovery', thereG: 3 }]);
  });

  it('nothing changes where no amount did', () => {
    for (const one of [cups, crystals, shipped('frozen-board'), shipped('heat-of-neutralising')])
      expect(follow(one, { ...one, steps: [...one.steps] })).toEqual(one.analyses);
  });
});
