import { screen, waitFor, within } from '@testing-library/react';
import type { Action, AnyPortion } from '@stoichos/core/vessel';
import { beforeEach, describe, expect, it } from 'vitest';
import { cleared, did, opened } from '../../src/data/rack/rackSlice';
import { store } from '../../src/data/store';
import { MixPage } from '../../src/features/rack/MixPage';
import { fill, find, patience, tap, user } from '../support/acts';
import { chosen, show } from '../support/render';

/** Adds something to the chosen vessel: found by what is typed, with the amounts given by their labels. */
async function add(text: string, amounts: Readonly<Record<string, string>> = {}): Promise<void> {
  await tap('Add', 'tab');
  await find('What goes in', text);
  for (const [label, value] of Object.entries(amounts)) await fill(label, value);
  await tap(/^Add to/);
}

/** Does it in a vessel at once, as if it had been tapped. */
const done = (...actions: Action[]): void =>
  actions.forEach((action) => store.dispatch(did({ vessel: 'A', action })));
const put = (portion: AnyPortion): Action => ({ do: 'add', portion });
const solution = (substance: string, concentrationM = 0.1, volumeMl = 5): Action =>
  put({ substance, concentrationM, volumeMl });
const solid = (substance: string, massG: number): Action => put({ substance, massG });

async function act(tab: 'Do' | 'Test', name: string): Promise<void> {
  await tap(tab, 'tab');
  await tap(name);
}

async function addVessel(name: string | RegExp = 'Test tube'): Promise<void> {
  await tap('Vessel');
  await tap(name, 'menuitem');
}

const shows = (testId: string, words: string | RegExp) =>
  waitFor(() => expect(screen.getByTestId(testId)).toHaveTextContent(words), patience);
const seen = (words: string | RegExp) => shows('seen', words);
const alerts = (words: RegExp) =>
  waitFor(() => expect(screen.getByRole('alert')).toHaveTextContent(words), patience);
const strength = 'Strength, mol/L';

beforeEach(async () => {
  store.dispatch(cleared());
  await chosen({});
});

describe('what is seen in a vessel', () => {
  it('is a precipitate that redissolves in excess, and undo brings it back', async () => {
    show(<MixPage />);
    await add('aluminium nitrate');
    await add('NaOH', { [strength]: '0.3' });
    await seen('white gelatinous precipitate');
    expect(screen.getAllByTestId('net-ionic')[0]).toHaveTextContent('Al(OH)3');
    await add('NaOH', { [strength]: '2' });
    await seen('the solid dissolves');
    await tap('Undo');
    await seen('white gelatinous precipitate');
    await tap('Redo');
    await seen('the solid dissolves');
  });

  it('is a metal set free, and the warmth of it', async () => {
    done(solution('CuSO4', 0.5), solid('Zn', 0.3));
    show(<MixPage />);
    await seen('deposit of metal');
    await seen(/warmer by \d/);
    expect(screen.getAllByTestId('reaction')[0]).toHaveTextContent('single displacement');
  });

  it('is copper at minus and oxygen at plus where a current goes through', async () => {
    done(solution('CuSO4', 0.5));
    show(<MixPage />);
    await act('Do', 'Pass the current');
    await seen('deposit of metal');
    await seen('bubbles at plus');
    expect(screen.getAllByTestId('net-ionic')[0]).toHaveTextContent('2Cu2+(aq) + 2H2O(l)');
  });

  it('is a gas that turns lime water milky and puts a splint out', async () => {
    done(solid('CaCO3', 1), solution('HCl', 2));
    show(<MixPage />);
    await seen('bubbles');
    await act('Test', 'Lime water');
    await seen('turns milky');
    await tap('Lit splint');
    await seen('goes out');
  });

  it('is white where blue vitriol is heated, and blue again where it is wetted', async () => {
    done(solid('CuSO4·5H2O', 2));
    show(<MixPage />);
    await shows('state', 'CuSO4·5H2O');
    await act('Do', 'Heat gently');
    await shows('state', 'white CuSO4');
    await tap('Let it cool');
    done(put({ substance: 'water', volumeMl: 1 }));
    await shows('state', 'blue CuSO4·5H2O');
  });

  it('is a blue that fades as it stands and comes back as it is shaken', async () => {
    done(
      put({ substance: 'water', volumeMl: 9 }),
      solid('C6H12O6', 0.2),
      solid('NaOH', 0.2),
      put({ indicator: 'methylene blue', drops: 2 }),
    );
    show(<MixPage />);
    await seen('blue');
    await act('Do', 'Close');
    await waitFor(() => expect(screen.getByTestId('stopper')).toBeInTheDocument(), patience);
    for (let shake = 0; shake < 2; shake += 1) {
      await tap('Let stand 5 min');
      await seen('blue → colourless');
      expect(screen.getByText(/Shaking with air brings the colour back/)).toBeVisible();
      await tap('Shake with air');
      await seen('colourless → blue');
    }
    await tap('Filter, keep the liquid');
    await alerts(/Take the stopper out first/);
  });
});

describe('several vessels', () => {
  it('are poured one into the next, and the last holds it all', async () => {
    store.dispatch(
      opened({
        vessels: ['A', 'B', 'C', 'D'].map((name) => ({ name, container: 'testTube' })),
        events: [
          { vessel: 'A', action: solution('FeCl3') },
          { vessel: 'B', action: solution('KSCN', 0.01) },
          { vessel: 'C', action: solution('NaOH', 2) },
        ],
      }),
    );
    show(<MixPage />);
    await tap(/^Vessel A/);
    await tap('Do', 'tab');
    for (const name of ['B', 'C', 'D']) await tap(`Pour into ${name}`);
    await waitFor(
      () => expect(screen.getAllByRole('button', { name: /^Vessel [A-C].*empty/ })).toHaveLength(3),
      patience,
    );
    expect(screen.getByRole('button', { name: /^Vessel D/ })).toHaveAttribute(
      'aria-pressed',
      'true',
    );
    expect(screen.getByTestId('notes')).toHaveTextContent('C poured into D');
  });

  it('stand beside each other as test, control and blank', async () => {
    done(solution('AgNO3', 0.1, 5));
    show(<MixPage />);
    await addVessel(/^Control/);
    done(solution('NaCl', 0.1, 5));
    await addVessel(/^Blank/);
    for (const vessel of [
      /^Vessel A: .*white precipitate/,
      /^Vessel B control: colourless/,
      /^Vessel C blank: colourless liquid, clear/,
    ])
      expect(await screen.findByRole('button', { name: vessel }, patience)).toBeVisible();
    await tap(/^Vessel C blank/);
    await shows('state', '10.0 mL');
  });
});

describe('what cannot be done', () => {
  it('is said in words and changes nothing', async () => {
    show(<MixPage />);
    await act('Do', 'Heat strongly');
    await alerts(/nothing in the vessel to heat/);
    done(solution('NaCl', 0.1, 500));
    expect(await screen.findByText(/more than the vessel holds/, {}, patience)).toBeVisible();
    await act('Test', 'Magnet');
    await seen('no solid in the liquid');
    await add('CaCO3', { 'Mass, g': '0' });
    expect(screen.getByText(/0 g is not/)).toBeVisible();
    await user.clear(screen.getByRole('combobox', { name: 'What goes in' }));
    await user.type(screen.getByRole('combobox', { name: 'What goes in' }), 'unobtainium');
    expect(screen.getByText(/Not known/)).toBeVisible();
    expect(screen.getByTestId('notes')).not.toHaveTextContent('CaCO3');
  });

  it('is done in turn by whoever taps faster than it is calculated', async () => {
    done(solution('HCl'));
    show(<MixPage />);
    await tap('Do', 'tab');
    const wait = screen.getByRole('button', { name: 'Let stand 5 min' });
    await Promise.all([user.click(wait), user.click(wait), user.click(wait)]);
    await waitFor(
      () => expect(within(screen.getByTestId('notes')).getAllByRole('listitem')).toHaveLength(4),
      patience,
    );
  });
});

describe('what is beside the vessel', () => {
  it('is a warning before what must not meet goes in', async () => {
    done(solution('NH3', 2));
    show(<MixPage />);
    await screen.findByTestId('seen', {}, patience);
    await find('What goes in', 'sodium hypochlorite');
    const hazard = await screen.findByTestId('hazard');
    await waitFor(() => expect(hazard).toHaveTextContent('Never with NH3: chloramines, toxic'));
    expect(hazard).toHaveTextContent('Keep apart from');
    expect(within(hazard).getByLabelText('from memory')).toHaveTextContent('†');
    expect(hazard).toHaveTextContent('lists of incompatible chemicals');
  });

  it('is what is dissolved, as a table too', async () => {
    done(solution('HCl'), solution('NaOH', 0.05));
    show(<MixPage />);
    const dissolved = await screen.findByRole('region', { name: 'What is dissolved' }, patience);
    await user.click(within(dissolved).getByText('Table'));
    await shows('species', 'Na+');
  });
});
