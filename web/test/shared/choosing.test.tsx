import { Select } from '@mantine/core';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { useState } from 'react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../src/data/api/api';
import { store } from '../../src/data/store';
import { SubstanceSelect } from '../../src/features/plan/SubstanceSelect';
import { ShelfSearch } from '../../src/shared/reagents/ShelfSearch';
import { user } from '../support/acts';
import { jarOf } from '../support/day';
import { chosen, show } from '../support/render';
import { known, refusing } from '../support/server';

beforeEach(async () => {
  store.dispatch(api.util.resetApiState());
  await chosen({});
});

/** A list that remembers what was chosen, and says it. */
function Remembering({
  children,
}: {
  children: (value: string, set: (next: string) => void) => React.ReactNode;
}) {
  const [value, setValue] = useState('');
  return children(value, setValue);
}
const options = () => screen.queryAllByRole('option').map((one) => one.textContent);
/** What is offered for what is typed. */
async function offered(field: HTMLElement, typed: string): Promise<(string | null)[]> {
  await user.click(field);
  fireEvent.change(field, { target: { value: typed } });
  await waitFor(() => expect(options().length).toBeGreaterThan(0));
  return options();
}

describe('a list to choose from', () => {
  const list = (onChange = vi.fn()) => (
    <Select label="Vessel" data={['test tube', 'beaker']} value="beaker" onChange={onChange} />
  );

  it('is made when it is opened, so that a long one costs nothing before', async () => {
    show(list());
    expect(options()).toEqual([]);
    await user.click(screen.getByRole('combobox', { name: 'Vessel' }));
    expect(options()).toEqual(['test tube', 'beaker']);
  });

  it('leaves chosen what is chosen once more', async () => {
    const onChange = vi.fn();
    show(list(onChange));
    await user.click(screen.getByRole('combobox', { name: 'Vessel' }));
    await user.click(screen.getByRole('option', { name: 'beaker' }));
    expect(screen.getByRole('combobox', { name: 'Vessel' })).toHaveValue('beaker');
    expect(onChange).not.toHaveBeenCalledWith(null, expect.anything());
  });
});

describe('a substance for a test', () => {
  const field = () => screen.getByRole('combobox', { name: 'Substance' });
  const choosing = () =>
    show(
      <Remembering>
        {(value, set) => <SubstanceSelect value={value} error={undefined} onChange={set} />}
      </Remembering>,
    );

  it('is found by its formula, its name and its old name', async () => {
    await known('shelf', undefined, []);
    choosing();
    for (const typed of ['CuSO4', 'copper(II) sulf', 'blue vitriol'])
      expect((await offered(field(), typed))[0]).toMatch(/^CuSO4/);
  });

  it('that is on the shelf stands before the others', async () => {
    await known('shelf', undefined, [jarOf(1, 'ZnSO4')]);
    choosing();
    await user.click(field());
    const [shelf] = await screen.findAllByRole('group');
    if (!shelf) throw new Error('no groups');
    expect(
      within(shelf)
        .getAllByRole('option')
        .map((one) => one.textContent),
    ).toEqual(['ZnSO4zinc sulfate']);
  });

  it('that nobody knows is said to be unknown, with what to try', async () => {
    await known('shelf', undefined, []);
    choosing();
    await user.click(field());
    fireEvent.change(field(), { target: { value: 'unobtainium' } });
    expect(await screen.findByText('Not known. Try another name or its formula.')).toBeVisible();
  });

  it('can be chosen though the shelf cannot be read, and that is said', async () => {
    refusing('The database does not answer.', 'Start it again.');
    choosing();
    expect(await screen.findByText(/^The shelf could not be read/)).toBeVisible();
    expect((await offered(field(), 'NaCl'))[0]).toMatch(/^NaCl/);
  });
});

describe('what goes into a vessel', () => {
  const field = () => screen.getByRole('combobox', { name: 'What goes in' });
  const searching = (onlySubstances = false) =>
    show(
      <Remembering>
        {(value, set) => (
          <ShelfSearch value={value} onChange={set} onlySubstances={onlySubstances} />
        )}
      </Remembering>,
    );

  it('is taken with the Enter key, the first that fits', async () => {
    searching();
    await offered(field(), 'silver nitr');
    await user.keyboard('{Enter}');
    expect(field()).toHaveValue('silver nitrate');
  });

  it.each(['distilled water', 'phenolphthalein'])('may be %s', async (name) => {
    searching();
    expect((await offered(field(), name)).join(' ')).toMatch(/water|phenolphthalein/);
  });

  it('is no indicator where only a substance will do', async () => {
    searching(true);
    await user.click(field());
    fireEvent.change(field(), { target: { value: 'phenolphthalein' } });
    expect(await screen.findByText('Not known. Try another name or its formula.')).toBeVisible();
  });
});
