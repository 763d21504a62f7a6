import type { RackEvent } from '@stoichos/core/seeing/rack';
import { screen, within } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { DoPanel, TestPanel } from '../../src/shared/reagents/DoPanel';
import { FormSelect } from '../../src/shared/reagents/FormSelect';
import {
  formsOf,
  kindOf,
  kindsOf,
  portionOf,
  usualPortion,
} from '../../src/shared/reagents/portionDraft';
import type { PortionDraft } from '../../src/shared/reagents/portionDraft';
import { VesselChoice } from '../../src/shared/reagents/VesselChoice';
import { choose, fill, tap, user } from '../support/acts';
import { chosen, show } from '../support/render';

beforeEach(() => chosen({}));

/** Shows what can be done to tube A among others, and tells what was done last. */
function doing(vessels: readonly string[] = ['A']) {
  const attempt = vi.fn<(event: RackEvent) => void>();
  show(<DoPanel vessel="A" vessels={vessels} attempt={attempt} />);
  return () => attempt.mock.lastCall?.[0];
}
const section = (name: string) => within(screen.getByRole('region', { name }));

describe('what is done to a vessel', () => {
  it.each([
    ['Heat gently', { do: 'heat', minutes: 5 }],
    ['Heat strongly', { do: 'heat', strongly: true }],
    ['Hold a flame to it', { do: 'ignite' }],
    ['Let it cool', { do: 'cool', toC: 25 }],
    ['10 min in light', { do: 'light', minutes: 10 }],
    ['Let stand 5 min', { do: 'wait', minutes: 5 }],
    ['Swirl gently', { do: 'shakeWithAir', gently: true }],
    ['Shake with air', { do: 'shakeWithAir' }],
    ['Close', { do: 'close' }],
    ['Open', { do: 'open' }],
    ['Filter, keep the liquid', { do: 'filter', keep: 'filtrate' }],
    ['Filter, keep the solid', { do: 'filter', keep: 'residue' }],
    ['Magnet, keep what it draws', { do: 'drawOut', keep: 'drawn' }],
    ['Magnet, keep the rest', { do: 'drawOut', keep: 'rest' }],
    ['Decant, keep what is below', { do: 'decant', keep: 'lower' }],
    ['Decant, keep what is above', { do: 'decant', keep: 'upper' }],
    ['Pour half away', { do: 'discard', fraction: 0.5 }],
    ['Evaporate', { do: 'evaporate' }],
  ] as const)('%s', async (name, action) => {
    const last = doing();
    await tap(name);
    expect(last()).toEqual({ vessel: 'A', action });
  });

  it.each([
    ['Filled up to, mL', 'Fill up to it', '50', { do: 'dilute', toVolumeMl: 50 }],
    ['Boiled down to, mL', 'Boil down to it', '2', { do: 'evaporate', toVolumeMl: 2 }],
    ['Standing for, min', 'Let it stand', '12', { do: 'wait', minutes: 12 }],
  ] as const)('%s a number that is typed', async (label, button, typed, action) => {
    const last = doing();
    await fill(label, typed);
    await tap(button);
    expect(last()).toEqual({ vessel: 'A', action });
  });

  it('is heated above the room and cooled below it', async () => {
    const last = doing();
    await fill(/^Temperature/, '80');
    await tap('Bring to it');
    expect(last()).toEqual({ vessel: 'A', action: { do: 'heat', toC: 80 } });
    await fill(/^Temperature/, '5');
    await tap('Bring to it');
    expect(last()).toEqual({ vessel: 'A', action: { do: 'cool', toC: 5 } });
  });

  it('is brought to a temperature in °F where the school reads °F', async () => {
    await chosen({ temperature: '°F' });
    const last = doing();
    await fill(/^Temperature/, '212');
    await tap('Bring to it');
    expect(last()).toEqual({ vessel: 'A', action: { do: 'heat', toC: 100 } });
  });

  it('is not done without its number', async () => {
    doing();
    await fill('Standing for, min', '');
    expect(screen.getByRole('button', { name: 'Let it stand' })).toBeDisabled();
  });

  it('may be a current, with what the electrodes are of', async () => {
    const last = doing();
    await choose('Plus', 'copper');
    await fill('Current, A', '0.25');
    await fill('Minutes', '10');
    await tap('Pass the current');
    expect(last()).toEqual({
      vessel: 'A',
      action: {
        do: 'electrolyse',
        cathode: 'graphite',
        anode: 'copper',
        currentA: 0.25,
        minutes: 10,
      },
    });
  });
});

describe('what is poured from one vessel into another', () => {
  it('is not offered where there is no other', () => {
    doing();
    expect(screen.queryByRole('button', { name: /^Pour into/ })).toBeNull();
  });

  it.each([
    ['Pour into B', { pour: 'A', into: 'B' }],
    ['Into B from a height', { pour: 'A', into: 'B', fromHeight: true }],
    ['Into B through a filter', { pour: 'A', into: 'B', filtered: true }],
    ['What a magnet draws, into B', { drawOutOf: 'A', into: 'B' }],
    ['Lead its gas into B', { leadGasOf: 'A', into: 'B' }],
  ] as const)('%s', async (name, event) => {
    const last = doing(['A', 'B']);
    await tap(name);
    expect(last()).toEqual(event);
  });

  it('goes into the next of a row, or into the one that is chosen', async () => {
    const last = doing(['A', 'B', 'C']);
    const pouring = section('From A into another');
    expect(pouring.getByRole('button', { name: 'Pour into B' })).toBeVisible();
    await user.click(pouring.getByRole('radio', { name: 'C' }));
    await tap('Pour into C');
    expect(last()).toEqual({ pour: 'A', into: 'C' });
  });
});

describe('one vessel out of several', () => {
  it('stands beside the others while they are few, and is in a list where they are many', () => {
    const onChange = vi.fn();
    const { again } = show(
      <VesselChoice label="Vessel" names={['A', 'B', 'C', 'D']} value="A" onChange={onChange} />,
    );
    expect(screen.getAllByRole('radio')).toHaveLength(4);
    again(
      <VesselChoice
        label="Vessel"
        names={['A', 'B', 'C', 'D', 'E']}
        value="A"
        onChange={onChange}
      />,
    );
    expect(screen.queryByRole('radio')).toBeNull();
    expect(screen.getByRole('combobox', { name: 'Vessel' })).toHaveValue('A');
  });
});

describe('a test of what is in a vessel', () => {
  it.each([
    ['Lit splint', 'litSplint'],
    ['Lime water', 'limewater'],
    ['Damp red litmus', 'dampRedLitmus'],
    ['Flame colour', 'flame'],
    ['Magnet', 'magnet'],
    ['Drop of silver nitrate', 'silverNitrateDrop'],
  ] as const)('%s is one tap', async (label, test) => {
    const attempt = vi.fn();
    show(<TestPanel vessel="A" attempt={attempt} />);
    await tap(label);
    expect(attempt).toHaveBeenLastCalledWith({ vessel: 'A', action: { do: 'test', test } });
  });
});

describe('how a substance goes in', () => {
  it.each([
    ['NaCl', ['solution', 'solid']],
    ['HCl', ['solution', 'liquid']],
    ['water', ['liquid']],
    ['CaCO3', ['solid']],
    ['Mg', ['solid']],
    ['CO2', ['gas']],
    ['phenolphthalein', ['drops']],
  ] as const)('%s: %j', (name, kinds) => expect(kindsOf(name)).toEqual(kinds));

  it('is in the form on the shelf: hydrate or dry', () => {
    expect(formsOf('CuSO4')).toEqual(['CuSO4·5H2O', 'CuSO4']);
    expect(formsOf('water')).toEqual([]);
    expect(formsOf('phenolphthalein')).toEqual([]);
  });

  it.each([
    [{ substance: 'NaCl', concentrationM: 0.1, volumeMl: 5 }, 'solution'],
    [{ substance: 'water', volumeMl: 5 }, 'liquid'],
    [{ substance: 'Mg', massG: 0.2 }, 'solid'],
    [{ gas: 'CO2', amountMmol: 2 }, 'gas'],
    [{ indicator: 'litmus', drops: 2 }, 'drops'],
  ] as const)('%j is a %s', (portion, kind) => expect(kindOf(portion)).toBe(kind));

  it('begins with what one usually takes: acids and alkalis at 1 mol/L, salts at 0.1', () => {
    expect(usualPortion('HCl')).toMatchObject({ kind: 'solution', concentrationM: 1, volumeMl: 5 });
    expect(usualPortion('NaCl')).toMatchObject({ kind: 'solution', concentrationM: 0.1 });
    expect(usualPortion('Mg')).toMatchObject({ kind: 'solid', massG: 0.2 });
    expect(usualPortion('water')).toMatchObject({ kind: 'liquid', volumeMl: 3 });
  });

  it('is in the way that was wanted where it goes in so', () => {
    expect(usualPortion('NaCl', 'solid').kind).toBe('solid');
    expect(usualPortion('CO2', 'solid').kind).toBe('gas');
  });
});

describe('what a draft stands for', () => {
  const draft = (part: Partial<PortionDraft>): PortionDraft => ({
    ...usualPortion('NaCl'),
    ...part,
  });

  it('is a portion of its kind', () => {
    expect(portionOf(draft({}))).toEqual({
      portion: { substance: 'NaCl', concentrationM: 0.1, volumeMl: 5 },
    });
    expect(portionOf({ ...usualPortion('CuSO4', 'solid'), massG: 1 })).toEqual({
      portion: { substance: 'CuSO4·5H2O', massG: 1 },
    });
    expect(portionOf(usualPortion('phenolphthalein'))).toEqual({
      portion: { indicator: 'phenolphthalein', drops: 2 },
    });
  });

  it.each([
    [{ name: '' }, 'Choose what goes in.'],
    [{ volumeMl: undefined }, 'Fill in every amount.'],
    [{ concentrationM: 31 }, 'A concentration is above 0 and at most 30 mol/L; 31 is not.'],
    [{ concentrationM: 0 }, 'A concentration is above 0 and at most 30 mol/L; 0 is not.'],
    [{ volumeMl: 0 }, 'A volume is between one drop (0.05 mL) and 1000 mL; 0 mL is not.'],
    [{ volumeMl: 1001 }, 'A volume is between one drop (0.05 mL) and 1000 mL; 1001 mL is not.'],
    [
      { kind: 'solid', massG: 0 },
      'A mass is above 0 g and at most 500 g; 0 g is not. Weigh some out.',
    ],
    [{ kind: 'gas', name: 'CO2', amountMmol: 0 }, 'An amount is above 0; enter a larger one.'],
  ] as const)('%j is no portion: %s', (part, problem) =>
    expect(portionOf(draft(part))).toEqual({ problem }),
  );
});

describe('which form of a solid is weighed', () => {
  it('is asked where there are several', async () => {
    const onChange = vi.fn();
    show(<FormSelect name="CuSO4" form="CuSO4·5H2O" onChange={onChange} />);
    await user.click(screen.getByRole('combobox', { name: 'Form on the shelf' }));
    // The crystals stand first, the dry powder after them.
    const [, dry] = await screen.findAllByRole('option');
    if (!dry) throw new Error('one form only');
    await user.click(dry);
    expect(onChange).toHaveBeenCalledWith('CuSO4');
  });

  it('is not asked where there is one', () => {
    show(<FormSelect name="NaCl" form="NaCl" onChange={() => undefined} />);
    expect(screen.queryByRole('combobox')).toBeNull();
  });
});
