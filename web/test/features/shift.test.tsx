import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { EquilibriumPage } from '../../src/features/shift/EquilibriumPage';
import { choose, fill, find, patience, tap, user } from '../support/acts';
import { chosen, show } from '../support/render';

const shows = (testId: string, words: string | RegExp) =>
  waitFor(() => expect(screen.getByTestId(testId)).toHaveTextContent(words), patience);
const stepsSoFar = () =>
  within(screen.getByRole('group', { name: 'Steps so far' })).queryAllByRole('button');

beforeEach(() => chosen({}));

describe('cobalt(II) and chloride', () => {
  beforeEach(async () => {
    show(<EquilibriumPage />);
    await choose('System', 'Cobalt(II) and chloride');
    await shows('colour', /^pink$/);
  });

  it('turns blue hot and pink in ice, for it takes heat in', async () => {
    await fill('Another amount, mL', '15');
    await tap('Add');
    await tap('heating or cooling');
    await tap('85 °C');
    await shows('colour', 'blue');
    await shows('why', 'takes heat in');
    await tap('Ice bath, 5 °C');
    await shows('colour', 'pink');
  });

  it('stays as it is where half is poured away', async () => {
    await tap('Pour half away');
    await shows('why', 'same share of everything');
    expect(screen.getAllByText(/May cause cancer/)[0]).toBeVisible();
  });

  it('is followed along the temperature by van ’t Hoff, with the numbers as a table', async () => {
    await choose('Along', 'heating or cooling');
    await shows('vant-hoff', 'van ’t Hoff');
    await tap('As a table');
    expect(
      await screen.findByRole('columnheader', { name: 'Temperature, °C' }, patience),
    ).toBeVisible();
  });

  it('takes no amount of nothing and none above a litre, and says so', async () => {
    await tap('water');
    await fill('Another amount, mL', '0');
    await tap('Add');
    expect(screen.getByText(/“0” is not/)).toBeVisible();
    await fill('Another amount, mL', '90000');
    await tap('Add');
    await waitFor(() => expect(screen.getByRole('alert')).toHaveTextContent('at most 1000 mL'));
    // The start, and nothing after it.
    expect(stepsSoFar()).toHaveLength(1);
  });
});

describe('a mixture of one’s own', () => {
  it('is put together, and shifted by what one lets stand ready', async () => {
    show(<EquilibriumPage />);
    await choose('System', 'A mixture of your own');
    expect((await screen.findAllByText(/The vessel is empty/))[0]).toBeVisible();
    await tap('Start', 'tab');
    await find('What goes in', 'NiSO4');
    await fill('Volume, mL', '20');
    await tap('Add to the start');
    await shows('colour', 'green');
    await user.click(screen.getByText('Another reagent'));
    await find('Reagent', 'ammonia', /^NH ?3/);
    // The last of its name: the first belongs to what goes in.
    const strength = screen.getAllByLabelText('Strength, mol/L').at(-1);
    if (strength) fireEvent.change(strength, { target: { value: '5' } });
    await tap('Let it stand ready');
    await tap('Shift', 'tab');
    await tap(/^5 M NH ?3/);
    await tap('+ 20 mL');
    await shows('colour', 'blue');
    await shows('shares', 'Ni');
    await tap('Shake with air');
    await waitFor(() => expect(stepsSoFar()).toHaveLength(3), patience);
  });

  it('says which wish nothing at hand fulfils, with the nearest', async () => {
    show(<EquilibriumPage />);
    await choose('System', 'A mixture of your own');
    await tap('Start', 'tab');
    await find('What goes in', 'NiSO4');
    await tap('Add to the start');
    await tap('Plan', 'tab');
    for (const colour of ['green', 'red']) {
      await choose('Next colour', colour);
      await tap('Add to the colours');
    }
    await tap('Plan it');
    await waitFor(
      () =>
        expect(
          screen.getAllByRole('note').find((note) => note.textContent.includes('Not reached')),
        ).toHaveTextContent(/Red is not reached.*Nearest/),
      patience,
    );
  });
});
