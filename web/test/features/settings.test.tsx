import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { JarForm } from '../../src/features/shelf/JarForm';
import { ShiftPanel } from '../../src/features/shift/ShiftPanel';
import { MakeSettings } from '../../src/features/gas/MakeSettings';
import { firstGas } from '@stoichos/core/studies/gas';
import { CellSettings } from '../../src/features/electrolysis/CellSettings';
import { brineCell } from '@stoichos/core/studies/electrolysis';
import { jarOf } from '../support/day';
import { chosen, show } from '../support/render';
import { answering, written } from '../support/server';

const tap = (name: string | RegExp) => userEvent.click(screen.getByRole('button', { name }));
beforeEach(() => chosen({}));

describe('a jar on the shelf', () => {
  const jar = jarOf(1, 'CuSO4', { form: 'CuSO4·5H2O', purityPercent: 99, least: 20 });

  it('says at the field what is wrong with it, and sends nothing', async () => {
    const asked = answering([]);
    const close = vi.fn();
    show(<JarForm opened close={close} jar={jar} />);
    const amount = await screen.findByLabelText('Amount');
    await userEvent.clear(amount);
    await tap('Save');
    expect(await screen.findByText('An amount is a number')).toBeVisible();
    expect(written(asked)).toEqual([]);
    expect(close).not.toHaveBeenCalled();
  });

  it('offers the forms the substance has, with the one that stands there', async () => {
    show(<JarForm opened close={vi.fn()} jar={jar} />);
    expect(await screen.findByRole('combobox', { name: 'Form in the jar' })).toHaveValue(
      'CuSO4·5H2O',
    );
  });
});

describe('shifting an equilibrium', () => {
  const means = [{ warmth: true as const }, { water: true as const }];
  const panel = (onDo = vi.fn(() => true)) => (
    <ShiftPanel stresses={means} temperatureC={25} volumeMl={20} onDo={onDo} />
  );

  it('offers the usual baths, on the scale one reads', async () => {
    const { again } = show(panel());
    expect(screen.getByRole('button', { name: 'Ice bath, 5 °C' })).toBeVisible();
    await chosen({ temperature: '°F' });
    again(panel());
    expect(screen.getByRole('button', { name: 'Ice bath, 41 °F' })).toBeVisible();
    expect(screen.getByRole('button', { name: '140 °F' })).toBeVisible();
  });

  it('warms by one tap, and cools by another', async () => {
    const onDo = vi.fn(() => true);
    show(panel(onDo));
    await tap('60 °C');
    expect(onDo).toHaveBeenLastCalledWith({ do: 'heat', toC: 60 });
    await tap('Ice bath, 5 °C');
    expect(onDo).toHaveBeenLastCalledWith({ do: 'cool', toC: 5 });
  });

  it('takes no amount of nothing', async () => {
    const onDo = vi.fn(() => true);
    show(panel(onDo));
    await tap('water');
    await userEvent.type(screen.getByLabelText('Another amount, mL'), '0');
    await tap('Add');
    expect(screen.getByText(/An amount is above 0; “0” is not/)).toBeVisible();
    expect(onDo).not.toHaveBeenCalled();
  });

  it('has drops of the school’s size', async () => {
    await chosen({ dropsPerMl: 25 });
    const onDo = vi.fn(() => true);
    show(panel(onDo));
    await tap('water');
    await tap('+ 5 drops');
    expect(onDo).toHaveBeenLastCalledWith({
      do: 'add',
      portion: { substance: 'water', volumeMl: 0.2 },
    });
  });

  it('says what to do first where the vessel is empty', () => {
    show(<ShiftPanel stresses={means} temperatureC={25} volumeMl={0} onDo={vi.fn(() => true)} />);
    expect(screen.getByText(/The vessel is empty/)).toBeVisible();
  });
});

describe('making a gas', () => {
  beforeEach(() => localStorage.setItem('stoichos.gases', JSON.stringify(firstGas)));

  it('may leave a number empty while another is typed', async () => {
    show(<MakeSettings route={undefined} method={undefined} />);
    await userEvent.clear(screen.getByLabelText('How many'));
    expect(screen.getByLabelText('How many')).toHaveValue('');
    expect(screen.getByLabelText('Each, mL')).toHaveValue('30');
  });

  it('takes the usual size of what it is caught in', async () => {
    show(<MakeSettings route={undefined} method={undefined} />);
    await userEvent.click(screen.getByRole('combobox', { name: 'Caught in' }));
    await userEvent.click(await screen.findByRole('option', { name: /syringe/i }));
    expect(screen.getByLabelText('Each, mL')).toHaveValue('60');
    expect(screen.queryByRole('combobox', { name: 'How' })).not.toBeInTheDocument();
  });
});

describe('a cell', () => {
  const keeps = (part: object) =>
    localStorage.setItem('stoichos.electrolysis', JSON.stringify({ ...brineCell, ...part }));

  it('is a solution or a melt, and only a solution has measures', async () => {
    keeps({});
    show(<CellSettings />);
    expect(screen.getByText('Measures of the cell, mixing, indicator')).toBeVisible();
    await userEvent.click(screen.getByRole('radio', { name: 'Molten salt' }));
    expect(screen.queryByText('Measures of the cell, mixing, indicator')).not.toBeInTheDocument();
    expect(screen.getByRole('combobox', { name: 'Molten' })).toBeVisible();
  });

  it('takes another substance, up to six', async () => {
    const [salt] = brineCell.salts;
    keeps({ salts: [salt, salt, salt, salt, salt] });
    show(<CellSettings />);
    await tap('Another substance');
    expect(screen.getAllByRole('group', { name: /^Dissolved/ })).toHaveLength(6);
    expect(screen.queryByRole('button', { name: 'Another substance' })).not.toBeInTheDocument();
  });

  it('begins with one that is ready, and keeps nothing of the one before', async () => {
    keeps({ kind: 'melt', temperatureC: 80 });
    show(<CellSettings />);
    await userEvent.click(screen.getByRole('combobox', { name: 'Begin with' }));
    await userEvent.click(
      await screen.findByRole('option', { name: 'Copper sulfate, copper strips' }),
    );
    expect(screen.getByRole('combobox', { name: 'Plus (anode)' })).toHaveValue('copper');
    expect(screen.getByLabelText('Temperature, °C')).toHaveValue('22');
  });
});
