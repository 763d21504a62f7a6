import { issuedSalts } from '@stoichos/core/matter/substances';
import { screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../src/data/api/api';
import { store } from '../../src/data/store';
import { MarkOfAnswer } from '../../src/features/groups/MarkOfAnswer';
import { InorganicList, onShelf, OrganicList } from '../../src/shared/unknowns/CandidateLists';
import { Limits } from '../../src/shared/unknowns/TestLimits';
import { firstUnknown } from '../../src/shared/unknowns/unknownState';
import type { UnknownState } from '../../src/shared/unknowns/unknownState';
import { choose, fill, patience, tap } from '../support/acts';
import { id, jarOf } from '../support/day';
import { chosen, show } from '../support/render';
import { known } from '../support/server';

beforeEach(async () => {
  localStorage.clear();
  store.dispatch(api.util.resetApiState());
  await chosen({});
  await known('shelf', undefined, [
    jarOf(1, 'NaCl'),
    jarOf(2, 'CuSO4'),
    jarOf(3, 'AgNO3'),
    jarOf(4, 'KI', { amount: 0 }),
  ]);
});

type Change = (part: Partial<UnknownState>) => void;
/** Shows settings of an unknown that remember what is changed. */
function setting(
  part: Partial<UnknownState>,
  view: (state: UnknownState, change: Change) => React.ReactNode,
) {
  const hear = vi.fn<Change>();
  function Remembering() {
    const [state, setState] = useState<UnknownState>({ ...firstUnknown, ...part });
    return view(state, (next) => {
      hear(next);
      setState({ ...state, ...next });
    });
  }
  show(<Remembering />);
  return () => hear.mock.lastCall?.[0];
}
const limits = (part: Partial<UnknownState> = {}) =>
  setting(part, (state, change) => <Limits state={state} change={change} />);
const salts = (part: Partial<UnknownState> = {}) =>
  setting({ kind: 'inorganic', ...part }, (state, change) => (
    <InorganicList state={state} change={change} />
  ));
const organic = (part: Partial<UnknownState> = {}, failure?: string) =>
  setting(part, (state, change) => <OrganicList state={state} change={change} failure={failure} />);

describe('what a search for an unknown may use', () => {
  it('is as the school has it, unless another way is chosen here', async () => {
    const last = limits();
    expect(screen.getByRole('combobox', { name: 'School' })).toHaveValue(
      'As set for this installation',
    );
    await choose('School', 'Solubility first');
    expect(last()).toEqual({ school: 'solubilityFirst' });
  });

  it('calls the way of the textbook “the usual order” for salts', async () => {
    const last = limits({ kind: 'inorganic' });
    await choose('School', 'The usual order');
    expect(last()).toEqual({ school: 'solubilityFirst' });
  });

  it.each([
    ['bits per minute', 'perMinute'],
    ['bits per hazard', 'perHazard'],
    ['two tests ahead', 'twoAhead'],
  ] as const)('ranks the tests by %s', async (name, rankBy) => {
    const last = limits();
    await choose('Rank by', name);
    expect(last()).toEqual({ rankBy });
  });

  it('is what is left of the sample and of the time; nothing typed is no limit', async () => {
    const last = limits();
    await fill('Sample left, mg', '250');
    expect(last()).toEqual({ sampleMg: 250 });
    await fill('Time left, min', '40');
    expect(last()).toEqual({ minutes: 40 });
    await fill('Time left, min', '');
    expect(last()).toEqual({ minutes: '' });
  });

  it('is no more dangerous than is allowed', async () => {
    const last = limits();
    await choose('Tests allowed', 'gloves and splash');
    expect(last()).toEqual({ mostHazard: 2 });
  });

  it('leaves out the reagents that the shelf does not have, and no paper or wire', async () => {
    const last = limits({ kind: 'inorganic' });
    await tap('As on the shelf');
    const missing = last()?.missing ?? [];
    expect(missing.length).toBeGreaterThan(3);
    expect(missing).not.toContain('AgNO3');
    expect(missing.join(' ')).not.toMatch(/paper|wire|litmus|splint/i);
  });

  it('waits for the shelf before it can be set after it', () => {
    store.dispatch(api.util.resetApiState());
    vi.stubGlobal('fetch', () => new Promise(() => undefined));
    limits();
    expect(screen.getByRole('button', { name: 'As on the shelf' })).toBeDisabled();
  });
});

describe('the salts an unknown may be', () => {
  it('can be all that are commonly issued, those on the shelf, or none', async () => {
    const last = salts();
    await tap('All that are commonly issued');
    expect(last()?.salts).toEqual(issuedSalts.formulae);
    await tap('Those on the shelf');
    expect(last()?.salts?.sort()).toEqual(['CuSO4', 'NaCl', 'AgNO3'].filter(isIssued).sort());
    await tap('Take all out');
    expect(last()?.salts).toEqual([]);
    expect(screen.getByRole('button', { name: 'Take all out' })).toBeDisabled();
  });

  it('are refused by name where one cannot be read', () => {
    salts({ salts: ['NaCl', 'Xy2Q'] });
    expect(document.body).toHaveTextContent(/Xy2Q/);
    expect(
      screen.getByLabelText('Salts and mixtures it may be', { selector: 'input' }),
    ).toBeInvalid();
  });

  it('may be all pairs of some ions, and it is said how many that makes', async () => {
    const last = salts();
    expect(
      screen.getByRole('button', { name: /^Take their 0 pairs/, hidden: true }),
    ).toBeDisabled();
    for (const ion of ['Cu²⁺', 'Fe³⁺', 'Cl⁻']) await choose('Ions', ion);
    await tap('Take their 3 pairs');
    expect(last()?.salts).toHaveLength(3);
  });

  it('are on the shelf only while something is left in the jar', () =>
    expect([...onShelf([jarOf(1, 'NaCl'), jarOf(2, 'KI', { amount: 0 })])]).toEqual(['NaCl']));

  it('are none on a shelf that is not known yet', () => expect(onShelf(undefined).size).toBe(0));
});

const isIssued = (formula: string) => issuedSalts.formulae.some((one) => one === formula);

describe('the compounds an unknown may be', () => {
  it('can have a structure of one’s own, which takes the place of one with the same name', async () => {
    const last = organic({ own: [{ name: 'pentan-3-one', smiles: 'CCCCC' }] });
    await fill('Name', ' pentan-3-one ');
    await fill('Structure (SMILES)', 'CCC(=O)CC');
    await tap('Add');
    expect(last()).toEqual({ own: [{ name: 'pentan-3-one', smiles: 'CCC(=O)CC' }] });
    await waitFor(() => expect(screen.getByLabelText('Name')).toHaveValue(''));
  });

  it('cannot be added without a name and a structure', async () => {
    organic({ own: [{ name: 'x', smiles: 'C' }] });
    await fill('Name', 'pentan-3-one');
    expect(screen.getByRole('button', { name: 'Add' })).toBeDisabled();
  });

  it('lets a structure go again', async () => {
    const last = organic({ own: [{ name: 'pentan-3-one', smiles: 'CCC(=O)CC' }] });
    await tap('Remove pentan-3-one');
    expect(last()).toEqual({ own: [] });
  });

  it('says why a structure cannot be read', () => {
    organic({ own: [{ name: 'x', smiles: 'C(' }] }, 'The bracket is not closed.');
    expect(screen.getByRole('alert')).toHaveTextContent('The bracket is not closed.');
  });
});

describe('the mark of an answer', () => {
  const sealed = { groupId: id(2), label: 'K7', kind: 'inorganic', key: 'CuSO4' } as never;
  const answer = (said: string, results: unknown[] = []) =>
    ({ groupId: id(2), answer: said, results, answeredAt: '2027-02-03T10:00:00.000Z' }) as never;

  // Half for what it is, half for how it was reached (common practice).
  it.each([
    ['CuSO4', 'what is in the jar', /^5/],
    ['NaCl', 'something else', /^0/],
  ])('%s, %s, is so many of ten', async (said, _what, points) => {
    show(<MarkOfAnswer sealed={sealed} answer={answer(said)} />);
    const mark = await screen.findByText(/of 10$/, {}, patience);
    expect(mark.textContent).toMatch(points);
  });

  it('has its parts with their reasons', async () => {
    show(<MarkOfAnswer sealed={sealed} answer={answer('CuSO4')} />);
    const mark = await screen.findByText(/of 10$/, {}, patience);
    expect(mark.closest('details')).toHaveTextContent(/of 5, .*of 4, .*of 1, /);
  });

  it('is given for words that are no formula, too', async () => {
    show(<MarkOfAnswer sealed={sealed} answer={answer('no idea')} />);
    expect((await screen.findByText(/of 10$/, {}, patience)).textContent).toMatch(/^0/);
  });
});
