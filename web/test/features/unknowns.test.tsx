import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { IdentifyPage } from '../../src/features/identify/IdentifyPage';
import { SeparationPage } from '../../src/features/identify/SeparationPage';
import { SetPage } from '../../src/features/identify/SetPage';
import { DrillPage } from '../../src/features/practice/DrillPage';
import { PracticePage } from '../../src/features/practice/PracticePage';
import { firstUnknown } from '../../src/shared/unknowns/unknownState';
import { fill, patience, tap, user } from '../support/acts';
import { chosen, show } from '../support/render';

const shows = (testId: string, words: string | RegExp) =>
  waitFor(() => expect(screen.getByTestId(testId)).toHaveTextContent(words), patience);

beforeEach(() => chosen({}));

describe('an organic unknown', () => {
  it('may be any of the compounds until something is seen, and less once it is', async () => {
    show(<IdentifyPage />);
    await fill('Code on the jar', 'K-7');
    expect(await screen.findByRole('heading', { level: 1, name: 'Unknown K-7' })).toBeVisible();
    await tap('carbohydrate');
    await tap('amino acid');
    await shows('conclusion', /^Any of 2\d\d$/);
    const solubility = screen.getByRole('group', { name: 'Seen: Solubility in water' });
    await user.click(within(solubility).getByRole('button', { name: 'insoluble' }));
    await waitFor(
      () => expect(screen.getByTestId('conclusion')).not.toHaveTextContent(/^Any of/),
      patience,
    );
  });

  it('is refused where its structure cannot be read', async () => {
    show(<IdentifyPage />);
    await shows('conclusion', /Any of/);
    await user.click(screen.getByText('A structure of your own'));
    await fill('Name', 'jar 4');
    await fill('Structure (SMILES)', 'C1CC');
    await tap('Add');
    await waitFor(
      () => expect(screen.getAllByRole('alert')[0]).toHaveTextContent('“C1CC” is not a structure'),
      patience,
    );
  });

  it('is nothing at all where everything was left out', async () => {
    localStorage.setItem(
      'stoichos.unknown',
      JSON.stringify({ ...firstUnknown, own: [], listed: ['hexane'], classesOut: ['alkane'] }),
    );
    show(<IdentifyPage />);
    await waitFor(
      () =>
        expect(screen.getAllByRole('alert')[0]).toHaveTextContent(
          'Nothing is left that it could be',
        ),
      patience,
    );
  });
});

describe('a set of unknowns', () => {
  it('names two that no test tells apart', async () => {
    localStorage.setItem(
      'stoichos.unknown',
      JSON.stringify({
        ...firstUnknown,
        own: [{ name: 'jar 5', smiles: 'CCCCCC' }],
        listed: ['hexane', 'jar 5'],
      }),
    );
    show(<SetPage />);
    await tap('Check the set');
    await shows('set-check', '1 pair that no test tells apart');
  });
});

describe('the separation of cations', () => {
  it('brings copper in the second group, iron in the third and zinc in the fourth', async () => {
    show(<SeparationPage />);
    await tap('Separate');
    const group = (number: string) =>
      screen.findByRole('region', { name: `Group ${number}` }, patience);
    // Sulfides in acid, hydroxides in ammonia, sulfides in ammonia: the classical scheme (Vogel).
    expect(await group('II')).toHaveTextContent('CuS');
    expect(await group('III')).toHaveTextContent('red-brown');
    expect(await group('IV')).toHaveTextContent('ZnS');
    expect(await group('II')).toHaveTextContent('Hydrogen sulfide is very toxic');
  });
});

describe('practice', () => {
  it('asks, takes an answer by key, and says whether it is right', async () => {
    show(<DrillPage />);
    await screen.findByTestId('question', {}, patience);
    for (let round = 0; round < 3; round += 1) {
      await user.keyboard('1');
      await waitFor(() =>
        expect(
          screen.getAllByRole('status').some((one) => /^(Right|No)/.test(one.textContent)),
        ).toBe(true),
      );
      await user.keyboard('{Enter}');
    }
    expect(screen.getByTestId('progress')).not.toHaveTextContent(' 0 known, 0 missed');
  });

  it('looks back on a round: what it was, and the way that was taken', async () => {
    show(<PracticePage />);
    await tap('Take an unknown');
    for (const name of ['Flame', 'Sodium hydroxide, a few drops']) {
      const tests = await screen.findByRole('group', { name: 'Tests' }, patience);
      await user.click(within(tests).getByRole('button', { name }));
      const write = await screen.findByRole('group', { name: 'Write down' });
      await user.click(within(write).getByRole('button', { name: 'unsure' }));
    }
    expect(within(screen.getByTestId('notes')).getAllByRole('listitem')).toHaveLength(2);
    await user.click(screen.getByRole('combobox', { name: 'It is' }));
    const [first] = await screen.findAllByRole('option');
    if (first) await user.click(first);
    await tap('Answer');
    await shows('feedback', /It is|Right: it is/);
    await shows('feedback', /way/);
    await shows('progress', 'of 1 rounds right');
  });
});
