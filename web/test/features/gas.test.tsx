import { screen, waitFor, within } from '@testing-library/react';
import { Route, Routes } from 'react-router';
import { beforeEach, describe, expect, it } from 'vitest';
import { ApparatusPage } from '../../src/features/gas/ApparatusPage';
import { MakePage } from '../../src/features/gas/MakePage';
import { PropertiesPage } from '../../src/features/gas/PropertiesPage';
import { RoutesPage } from '../../src/features/gas/RoutesPage';
import { UnknownGasPage } from '../../src/features/gas/UnknownGasPage';
import { firstGas } from '@stoichos/core/studies/gas';
import { CyclesPage } from '../../src/features/cycle/CyclesPage';
import { fill, patience, tap, user } from '../support/acts';
import { chosen, show } from '../support/render';

const shows = (testId: string, words: string | RegExp) =>
  waitFor(() => expect(screen.getByTestId(testId)).toHaveTextContent(words), patience);
const warns = (words: string) =>
  waitFor(() => expect(screen.getAllByRole('alert')[0]).toHaveTextContent(words), patience);

/** The study as this browser left it, made only of what is named. */
const set = (part: Partial<typeof firstGas>) =>
  localStorage.setItem('stoichos.gases', JSON.stringify({ ...firstGas, from: 'list', ...part }));

const pages = (at: string) =>
  show(
    <Routes>
      <Route path="/gases" element={<RoutesPage />} />
      <Route path="/gases/make" element={<MakePage />} />
      <Route path="/gases/apparatus" element={<ApparatusPage />} />
      <Route path="/gases/properties" element={<PropertiesPage />} />
      <Route path="/gases/unknown" element={<UnknownGasPage />} />
      <Route path="/gases/cycles" element={<CyclesPage />} />
    </Routes>,
    at,
  );

beforeEach(() => chosen({}));

describe('ways to a gas', () => {
  it('leave marble with sulfuric acid out, for its sulfate seals it', async () => {
    set({ gas: 'CO2', list: ['CaCO3', 'HCl', 'H2SO4'] });
    pages('/gases');
    const routes = await screen.findByTestId('routes', {}, patience);
    expect(within(routes).getAllByRole('article')[0]).toHaveTextContent('CaCO3 and 2 M HCl');
    await user.click(screen.getByText(/that do not, and why/));
    const marble = within(routes)
      .getAllByRole('article')
      .find((card) => /^CaCO3 and 2 M H2SO4/.test(card.textContent));
    expect(marble).toHaveAttribute('data-verdict', 'refused');
    expect(marble).toHaveTextContent('seals it: a little reacts, then no more');
    expect(screen.getByTestId('proof')).toHaveTextContent('lime water: turns milky');
  });

  it('are none from nothing, and none from common salt alone', async () => {
    set({ gas: 'CO2', list: [] });
    const empty = pages('/gases');
    await warns('There is nothing to make a gas from');
    empty.unmount();
    set({ gas: 'CO2', list: ['NaCl'] });
    pages('/gases');
    await shows('routes', 'Nothing here gives carbon dioxide');
  });
});

describe('chlorine in syringes', () => {
  beforeEach(() =>
    set({
      gas: 'Cl2',
      list: ['MnO2', 'HCl'],
      catchIn: 'syringe',
      eachMl: 50,
      count: 2,
      apparatusMl: 40,
      rateMlPerMin: 25,
    }),
  );

  it('is let go until the air is out, and says when each is full', async () => {
    pages('/gases/make');
    // To nine tenths, well stirred: 40 mL · ln 10 = 92.1 mL.
    await shows('discard', '92.1 mL');
    const rows = within(screen.getByTestId('fillings')).getAllByRole('row');
    expect(rows.map((row) => row.textContent).slice(1)).toEqual([
      expect.stringMatching(/2 min.*let go/),
      expect.stringMatching(/4 min.*let go/),
      expect.stringMatching(/6 min.*keep/),
      expect.stringMatching(/8 min.*keep/),
    ]);
    expect(screen.getByTestId('limits')).toHaveTextContent('0.5');
    expect(screen.getByText(/hood only, and less of it/)).toBeVisible();
  });

  it('goes through a wash bottle, and the class gets the drawing without names', async () => {
    pages('/gases/apparatus');
    const drawing = await screen.findByRole('img', { name: /gas syringe/ }, patience);
    expect(drawing).toHaveAttribute(
      'aria-label',
      expect.stringMatching(/thistle funnel.*wash bottle, water/),
    );
    expect(screen.getByTestId('checklist')).toHaveTextContent('its end dips below the liquid');
    await user.click(screen.getByText('Blank, for the class'));
    expect(drawing).not.toHaveTextContent('funnel');
    expect(screen.getByTestId('label-key')).toHaveTextContent('thistle funnel');
  });
});

describe('a cracking run', () => {
  it('lets the first tube go and takes the delivery tube out before the flame', async () => {
    set({ gas: 'C2H4', list: ['C16H34', 'Al2O3'] });
    const make = pages('/gases/make');
    await waitFor(() => expect(screen.getByTestId('fillings')).toHaveTextContent('keep'), patience);
    const [, first] = within(screen.getByTestId('fillings')).getAllByRole('row');
    expect(first).toHaveTextContent('let go');
    make.unmount();
    pages('/gases/apparatus');
    expect(await screen.findByRole('img', { name: /mineral wool/ }, patience)).toBeVisible();
    await shows('order', 'Delivery tube out of the water while it is still hot');
  });
});

describe('the amounts', () => {
  it('are refused where they cannot be, with the field and the value', async () => {
    set({ gas: 'CO2', list: ['CaCO3', 'HCl'] });
    pages('/gases/make');
    await shows('fits', 'Fits a 100 mL generator');
    await fill('Each, mL', '-250');
    await warns('The volume of each is -250');
    await fill('Each, mL', '30');
    await fill('Pure to, %', '100');
    await warns('The wanted purity is 100 %');
  });

  it('say how often a generator is filled that is too small', async () => {
    set({ gas: 'CO2', list: ['CaCO3', 'HCl'], vesselMl: 25, count: 40, eachMl: 250 });
    pages('/gases/make');
    await shows('fits', 'Does not fit');
    expect(screen.getByTestId('fits')).toHaveTextContent(/fill it \d+ times/);
  });
});

describe('what a gas does', () => {
  it('takes the colour of permanganate away and turns dichromate green, where it is sulfur dioxide', async () => {
    set({ gas: 'SO2' });
    pages('/gases/properties');
    await shows('expected-permanganate', '→ colourless');
    await shows('expected-dichromate', /orange → .*green/);
    const through = (name: string) => screen.getByRole('region', { name: `Through ${name}` });
    await user.click(
      within(through('acidified permanganate')).getByRole('button', { name: 'colour goes' }),
    );
    await user.click(
      within(through('acidified dichromate')).getByRole('button', { name: 'no change' }),
    );
    await waitFor(() => expect(through('acidified permanganate')).toHaveTextContent('agrees'));
    expect(through('acidified dichromate')).toHaveTextContent('differs');
    expect(screen.getByTestId('circuit-summary')).toHaveTextContent('1 as expected');
  });

  it('says that it is unsaturated only where the control kept its colour', async () => {
    set({ gas: 'C2H4' });
    pages('/gases/properties');
    const outcome = async (of: string, words: string) =>
      user.click(
        within(await screen.findByRole('radiogroup', { name: of }, patience)).getByText(words),
      );
    await outcome('Bromine water with the gas', 'is decolourised');
    await outcome('Bromine water with the control', 'not done');
    await shows('unsaturation', 'Undecided');
    await outcome('Bromine water with the control', 'keeps its colour');
    await shows('unsaturation', 'Unsaturated: bromine added to the gas');
  });
});

describe('an unknown gas', () => {
  it('is hydrogen sulfide where it dissolves and turns lead acetate black', async () => {
    pages('/gases/unknown');
    await shows('leading', /^Any of them$/);
    const see = async (test: string, outcome: string) =>
      user.click(
        within(await screen.findByRole('group', { name: `Seen: ${test}` })).getByRole('button', {
          name: outcome,
        }),
      );
    await see('Inverted tube in water', 'the water rises quickly, well up the tube');
    await see('Lead acetate paper', 'turns black');
    await shows('leading', 'hydrogen sulfide');
    await see('Starch–iodide paper', 'stays white');
    await shows('leading', /^It is hydrogen sulfide/);
    expect(within(screen.getByTestId('results')).getAllByRole('listitem')).toHaveLength(3);
    await tap('A new gas');
    await shows('leading', /^Any of them$/);
  });
});

describe('a ring of reactions', () => {
  it('has the most that each arrow can give, and says where more was weighed', async () => {
    pages('/gases/cycles');
    expect(
      await screen.findByRole('img', { name: 'Ring: CaCO₃ → CaO → Ca(OH)₂ → CaCO₃' }, patience),
    ).toBeVisible();
    const arrow = screen.getByRole('region', { name: 'Arrow 1' });
    expect(arrow).toHaveTextContent('CaCO3(s) → CaO(s) + CO2(g)');
    expect(arrow).toHaveTextContent('decomposition');
    expect(screen.getByRole('region', { name: 'Arrow 2' })).toHaveTextContent(
      'steams as it is slaked',
    );
    await fill(/^Begin with, g/, '5');
    const row = () => within(screen.getByTestId('ring-masses')).getAllByRole('row')[1];
    // 5 g · 56.08 ÷ 100.09 (IUPAC atomic masses)
    await waitFor(() => expect(row()).toHaveTextContent('2.8 g'));
    await fill('Weighed after arrow 1 of 3, g', '2.5');
    await waitFor(() => expect(row()).toHaveTextContent('89.2 %'));
    await fill('Weighed after arrow 1 of 3, g', '3.4');
    await waitFor(() => expect(row()).toHaveTextContent('more than there can be'));
  });

  it('of one’s own is closed by what really comes', async () => {
    localStorage.setItem(
      'stoichos.cycles',
      JSON.stringify({ ring: 'own', own: { start: 'MgO', arcs: [] }, startG: 2, weighed: [] }),
    );
    pages('/gases/cycles');
    const own = await screen.findByRole('group', { name: 'Your ring' }, patience);
    expect(own).toHaveTextContent('MgO becomes');
    const on = async (name: RegExp) =>
      user.click(await within(own).findByRole('button', { name }, patience));
    await on(/^MgSO ?4/);
    expect(await screen.findByText(/Not closed yet/)).toBeVisible();
    await on(/^MgCO ?3/);
    await on(/^MgO$/);
    await waitFor(() => expect(own).toHaveTextContent('Closed: it ends where it began'), patience);
  });
});
