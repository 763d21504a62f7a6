import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Editor } from '../../src/features/library/Editor';
import { ProcedureView } from '../../src/features/library/ProcedureView';
import { patience, tap } from '../support/acts';
import { shipped } from '../support/day';
import { chosen, show } from '../support/render';

beforeEach(() => chosen({}));

/** The editor on a shipped procedure that is to be adapted. */
const editing = (id: string, onSave = vi.fn(() => Promise.resolve(true))) => {
  const saved = shipped(id);
  show(
    <Editor
      saved={saved}
      version={null}
      original={saved}
      draftKey={`test-${id}`}
      title="Adapt it"
      rank={1}
      saving={false}
      backTo="/procedures"
      isNew
      onSave={onSave}
    />,
  );
  return onSave;
};

describe('a procedure to read', () => {
  it('has what each step should show beside it, once that is calculated', async () => {
    show(<ProcedureView procedure={shipped('blood-red-and-back')} />);
    const steps = screen.getAllByTestId('step');
    expect(steps.length).toBeGreaterThan(2);
    // Iron(III) and thiocyanate: the red of the textbook.
    await waitFor(
      () => expect(steps.some((step) => /red/.test(step.textContent))).toBe(true),
      patience,
    );
    expect(document.body).toHaveTextContent('does not make a procedure safe');
  });

  it('says how much of everything one group needs', async () => {
    show(<ProcedureView procedure={shipped('blood-red-and-back')} />);
    const [needed] = screen.getAllByRole('list');
    expect(needed).toHaveTextContent('8 mL Fe(NO3)3 0.005 mol/L');
    await screen.findAllByRole('img', {}, patience);
  });
});

describe('writing a procedure', () => {
  it('holds what must come first, says why, and lets it be saved once it is put back', async () => {
    const onSave = editing('cracking-an-oil');
    await tap(/^Only now take the flame away earlier$/);
    expect(await screen.findByTestId('problems')).toHaveTextContent(
      'the delivery tube is out before the heat goes off',
    );
    expect(screen.getByRole('button', { name: 'Save' })).toBeDisabled();
    await tap('Undo');
    await waitFor(() => expect(screen.queryByTestId('problems')).toBeNull());
    await tap('Save');
    expect(onSave).toHaveBeenCalledWith(
      expect.objectContaining({ id: 'cracking-an-oil' }),
      undefined,
    );
  });

  it('lists what departs from the procedure it came from', async () => {
    editing('blood-red-and-back');
    await tap('Add a step');
    const list = await screen.findByRole('region', { name: 'Departures' });
    expect(within(list).getAllByRole('listitem')[0]).toHaveTextContent(/was added|is new|added/i);
  });

  it('adds a step and takes it out again', async () => {
    editing('blood-red-and-back');
    const before = shipped('blood-red-and-back').steps.length;
    const rows = () =>
      within(screen.getByRole('region', { name: 'Steps' })).getAllByRole('list')[0];
    expect(rows()?.children).toHaveLength(before);
    await tap('Add a step');
    expect(rows()?.children).toHaveLength(before + 1);
    await tap('Undo');
    expect(rows()?.children).toHaveLength(before);
  });
});
