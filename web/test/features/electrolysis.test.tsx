import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { PlanPage } from '../../src/features/electrolysis/PlanPage';
import { PredictPage } from '../../src/features/electrolysis/PredictPage';
import { SeriesPage } from '../../src/features/electrolysis/SeriesPage';
import { brineCell, readyCells } from '@stoichos/core/studies/electrolysis';
import { fill, find, patience, tap, user } from '../support/acts';
import { chosen, show } from '../support/render';

const electrode = (sign: 'Minus' | 'Plus') => screen.findByRole('region', { name: sign }, patience);
/** What comes at an electrode, the most first. */
const products = async (sign: 'Minus' | 'Plus') =>
  within(await electrode(sign))
    .getAllByTestId('product')
    .map(({ textContent }) => textContent);
const come = (sign: 'Minus' | 'Plus', formulae: readonly string[]) =>
  waitFor(
    async () =>
      expect(await products(sign)).toEqual(formulae.map((one) => expect.stringContaining(one))),
    patience,
  );
const shows = (testId: string, words: string | RegExp) =>
  waitFor(() => expect(screen.getByTestId(testId)).toHaveTextContent(words), patience);
const at = (sign: 'Minus' | 'Plus', words: string | RegExp) =>
  waitFor(async () => expect(await electrode(sign)).toHaveTextContent(words), patience);

/** Begins with one of the cells that are ready, as this browser left it. */
function begin(name: string): void {
  const ready = readyCells[name];
  if (!ready) throw new Error(`No cell ${name}.`);
  localStorage.setItem('stoichos.electrolysis', JSON.stringify({ ...brineCell, ...ready }));
}

beforeEach(() => chosen({}));

describe('a current through brine', () => {
  it('gives hydrogen and chlorine with their tests, and leaves lye', async () => {
    show(<PredictPage />);
    await come('Minus', ['H2']);
    await at('Minus', 'squeaky pop');
    await at('Minus', /Close to it (pale |deep |bright )?pink/);
    expect((await products('Plus'))[0]).toContain('Cl2');
    await at('Plus', 'turns red, then is bleached');
    await shows('remaining', 'NaCl is left, and NaOH is made');
    await shows('overall', 'H2(g) + Cl2(g)');
    expect(screen.getByText(/never collect both in one tube/)).toBeVisible();
    const why = screen.getByRole('region', { name: 'Why at plus' });
    expect(why).toHaveTextContent('Rule of thumb: Cl2');
  });

  it('gives oxygen beside chlorine where it is dilute', async () => {
    show(<PredictPage />);
    await come('Minus', ['H2']);
    await fill('mol/L', '0.03');
    await waitFor(async () => expect(await products('Plus')).toHaveLength(2), patience);
    expect((await products('Plus'))[0]).toContain('O2');
  });

  it('bleaches what is laid beside one drop of it under a lid', async () => {
    begin('One drop of brine');
    show(<PredictPage />);
    await waitFor(
      () => expect(within(screen.getByTestId('spots')).getAllByRole('listitem')).toHaveLength(3),
      patience,
    );
    const spots = screen.getByTestId('spots');
    expect(spots).toHaveTextContent('starch–iodide paper, 8 mm: colourless →');
    expect(spots).toHaveTextContent('turns red, then is bleached white');
  });
});

describe('a current through copper sulfate', () => {
  it('carries copper over between copper strips', async () => {
    begin('Copper sulfate, copper strips');
    show(<PredictPage />);
    await come('Plus', ['Cu2+']);
    await at('Plus', 'gets thinner');
    await shows('remaining', 'CuSO4 stays behind');
    // 0.25 A · 900 s · 63.55 g/mol ÷ (2 · 96 485 C/mol)
    expect(within(await electrode('Minus')).getByTestId('amount')).toHaveTextContent('74.1 mg');
  });

  it('gives oxygen at graphite, and leaves acid', async () => {
    begin('Copper sulfate, graphite rods');
    show(<PredictPage />);
    await come('Plus', ['O2']);
    await at('Plus', 'glowing splint');
    await shows('remaining', 'H2SO4 is made');
  });
});

describe('zinc on a plate', () => {
  it('comes with some hydrogen by the potentials', async () => {
    begin('Zinc on a plate');
    show(<PredictPage />);
    await come('Minus', ['Zn', 'H2']);
  });

  it('is hydrogen alone for a school that goes by the rule of thumb', async () => {
    await chosen({ discharge: 'ruleOfThumb' });
    begin('Zinc on a plate');
    show(<PredictPage />);
    await come('Minus', ['H2']);
  });
});

describe('a melt', () => {
  it('has nothing but its own ions', async () => {
    begin('A melt: lead(II) bromide');
    show(<PredictPage />);
    await come('Minus', ['Pb']);
    await come('Plus', ['Br2']);
  });
});

describe('a cell that cannot be', () => {
  it('says that sugar hardly conducts, and what to do', async () => {
    show(<PredictPage />);
    await come('Minus', ['H2']);
    await find('Dissolved', 'sucrose');
    const refused = () => screen.getByRole('alert');
    await waitFor(() => expect(refused()).toHaveTextContent('hardly conducts'), patience);
    expect(refused()).toHaveTextContent('Dissolve a salt');
  });

  it('says that the leads are swapped where the current is negative', async () => {
    show(<PredictPage />);
    await come('Minus', ['H2']);
    await fill('Current, A', '-0.3');
    await waitFor(
      () => expect(screen.getByRole('alert')).toHaveTextContent('leads are swapped'),
      patience,
    );
  });
});

describe('the plan for tubes and supplies', () => {
  it('says in what order tubes are taken off, and what other batteries would do', async () => {
    begin('Water for two gases');
    show(<PlanPage />);
    await shows('gas-plan', 'metal off plus');
    await shows('tube-schedule', 'Do not swap the leads');
    await shows('supply', / to /);
    await user.click(screen.getByText(/^What current for/));
    await shows('gas-plan', 'In 20 min');
  });

  it('says when one class runs into the next', async () => {
    begin('Water for two gases');
    show(<PlanPage />);
    await shows('gas-plan', 'metal off plus');
    await fill('Minutes from one to the next', '20');
    await waitFor(() =>
      expect(
        screen.getAllByRole('alert').some((one) => one.textContent.includes('Class 2 begins')),
      ).toBe(true),
    );
  });

  it('finds the current for a plate from its wetted face', async () => {
    show(<PlanPage />);
    await fill('A/m²', '500');
    await fill('Wetted width, cm', '9');
    await fill('Wetted height, cm', '6');
    // 500 A/m² · 0.09 m · 0.06 m
    await shows('deposit-plan', '2.7 A');
  });
});

describe('a class of several currents', () => {
  const set = [
    ['Bench Heron', '0.15', '-0.062', '0.055'],
    ['Bench Tern', '0.25', '-0.101', '0.09'],
    ['Bench Plover', '0.35', '-0.141', '0.127'],
    ['Run 4', '0.45', '-0.18', '0.163'],
    ['Run 5', '0.55', '-0.223', '0.2'],
  ] as const;
  const row = (name: string) => within(screen.getByRole('group', { name }));

  it('points to a fault common to all where every slope is too steep', async () => {
    show(<SeriesPage />);
    for (const [name, currentA, plus, minus] of set) {
      if (name.startsWith('Run')) await tap('Another run');
      await fill('Current, A', currentA, row(name));
      await fill('Time, min', '15', row(name));
      await fill('Minus changed, g', minus, row(name));
      await fill('Plus changed, g', plus, row(name));
    }
    // 0.15 A · 900 s · 63.55 ÷ (2 · 96 485) = 0.0445 g
    await shows('series', '0.044');
    const slope = screen.getByRole('region', { name: 'Slope at minus' });
    expect(slope).toHaveTextContent(/12\d ± \d+ %/);
    expect(slope).toHaveTextContent('CODATA 96 485');
    await shows('conclusion', 'one fault common to all: the ammeter');
    // One that was weighed wrong is found, and a sign the wrong way round is caught beside its field.
    await fill('Minus changed, g', '0.09', row('Run 5'));
    await waitFor(() => expect(slope).toHaveTextContent('Run 5 stands out'));
    await fill('Plus changed, g', '0.22', row('Run 5'));
    expect(await row('Run 5').findByRole('alert')).toHaveTextContent('Plus loses');
  });
});
