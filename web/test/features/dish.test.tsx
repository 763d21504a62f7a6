import { screen, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { DishPage } from '../../src/features/dish/DishPage';
import { fill, find, patience, tap } from '../support/acts';
import { chosen, show } from '../support/render';

const refused = (words: string) =>
  waitFor(() => expect(screen.getByRole('alert')).toHaveTextContent(words), patience);

beforeEach(() => chosen({}));

describe('a dish that cannot be run', () => {
  it('says that without water nothing spreads, and keeps what was typed', async () => {
    const first = show(<DishPage />);
    await fill('Water, mm deep', '0');
    await tap('Run the dish');
    await refused('with none nothing spreads');
    first.unmount();
    show(<DishPage />);
    expect(await screen.findByLabelText('Water, mm deep')).toHaveValue('0');
  });

  it('says that two salts make no solid, or that one hardly dissolves', async () => {
    show(<DishPage />);
    await find('First salt', 'NaCl');
    await find('Second salt', 'KNO3');
    await tap('Run the dish');
    await refused('make no solid where they meet');
    await find('First salt', 'BaSO4');
    await tap('Run the dish');
    await refused('nothing to see would spread');
  });
});
