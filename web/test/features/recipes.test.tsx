import { screen, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { RecipesPage } from '../../src/features/recipes/RecipesPage';
import { choose, fill, tap } from '../support/acts';
import { chosen, show } from '../support/render';
import { answering } from '../support/server';

const recipe = () => screen.findByTestId('recipe');

beforeEach(async () => {
  localStorage.clear();
  answering();
  await chosen({});
});

describe('the recipe maker', () => {
  it('reads one line, asks which form is in the jar, and gives the mass', async () => {
    show(<RecipesPage />, '/recipes');
    await fill('In one line', '500 mL 1 M sodium sulfate');
    expect(await recipe()).toHaveTextContent('Read the jar: of Na2SO4 weigh 71.02 g');
    await choose('Form in the jar', /^Na\s*2\s*SO\s*4$/);
    // 0.5 mol × 142.04 g/mol (CRC Handbook).
    expect(await recipe()).toHaveTextContent('Weigh 71.02 g of Na2SO4');
    expect(screen.getByTestId('made-strength')).toHaveTextContent('1 M asked; this makes 1 M');
    expect(screen.getByTestId('hazards')).toHaveTextContent('Not classified');
  });

  it('comes filled in from its address', async () => {
    const set = { substance: 'washing soda', strength: 0.5, unit: 'M', volumeMl: 100 };
    show(<RecipesPage />, `/recipes?recipe=${encodeURIComponent(JSON.stringify(set))}`);
    expect(await recipe()).toHaveTextContent('14.31 g of Na2CO3·10H2O');
    expect(screen.queryByLabelText('Form in the jar')).toBeNull();
  });

  it('does not weigh out another substance than was typed', async () => {
    show(<RecipesPage />, '/recipes');
    await fill('Substance', 'NaN03');
    expect(await screen.findByRole('alert')).toHaveTextContent('Did you mean NaNO3');
    expect(screen.queryByTestId('recipe')).toBeNull();
  });

  it('asks before it makes up what can kill and is easily taken for something else', async () => {
    show(<RecipesPage />, '/recipes');
    await fill('Substance', 'sodium azide');
    expect(await screen.findByRole('alert')).toHaveTextContent('Do you mean sodium azide?');
    expect(screen.queryByTestId('recipe')).toBeNull();
    await tap('Yes, sodium azide');
    expect(await recipe()).toHaveTextContent('NaN3');
  });

  it('shows what the concentrate does beside what was made of it', async () => {
    show(<RecipesPage />, '/recipes');
    await fill('In one line', '500 mL 0.5 M sulfuric acid');
    expect(await recipe()).toHaveTextContent('slowly into the water');
    const [made, poured] = await screen.findAllByTestId('hazards');
    expect(made).toHaveTextContent('Not classified');
    expect(within(poured as HTMLElement).getByText(/severe skin burns/)).toBeVisible();
  });
});
