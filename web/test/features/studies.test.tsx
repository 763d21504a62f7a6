import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { KeptRun } from '@stoichos/core/labday/day';
import { exchangeText } from '@stoichos/core/report/exchange';
import type { Rack } from '@stoichos/core/seeing/rack';
import { useState } from 'react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../src/data/api/api';
import { store } from '../../src/data/store';
import { ClassMarks } from '../../src/features/dish/ClassMarks';
import { DishPage } from '../../src/features/dish/DishPage';
import { Player } from '../../src/features/dish/Player';
import { SetFile } from '../../src/features/identify/SetFile';
import { CompareView } from '../../src/features/rack/CompareView';
import { KeptRuns } from '../../src/features/rack/KeptRuns';
import { firstUnknown } from '../../src/shared/unknowns/unknownState';
import { fill, patience, tap, user } from '../support/acts';
import { id } from '../support/day';
import { chosen, show } from '../support/render';
import { answering, known, refusing, serving, written } from '../support/server';

beforeEach(async () => {
  store.dispatch(api.util.resetApiState());
  await chosen({});
});

const rackOf = (...events: Rack['events']): Rack => ({
  vessels: [{ name: 'A', container: 'testTube' }],
  events,
});
const add = (substance: string, concentrationM = 0.1): Rack['events'][number] => ({
  vessel: 'A',
  action: { do: 'add', portion: { substance, concentrationM, volumeMl: 3 } },
});
const white = rackOf(add('AgNO3'), add('NaCl'));
const keptRun = (part: Partial<KeptRun> = {}): KeptRun => ({
  id: id(40),
  name: 'White and curdy',
  rack: white,
  keptAt: '2027-02-03T10:00:00.000Z',
  ...part,
});

describe('sequences that are kept', () => {
  const dialog = async (rack: Rack, runs: KeptRun[] = []) => {
    await known('runs', undefined, { items: runs, next: null });
    const [onOpen, onCompare, onClose] = [vi.fn(), vi.fn(), vi.fn()];
    show(<KeptRuns rack={rack} opened onClose={onClose} onOpen={onOpen} onCompare={onCompare} />);
    await screen.findByRole('dialog');
    return { onOpen, onCompare, onClose };
  };

  it('have something done in them', async () => {
    await dialog(rackOf());
    expect(screen.getByLabelText('Name for what is on the bench')).toBeDisabled();
    expect(screen.getByText(/an empty bench is not kept/)).toBeVisible();
  });

  it('have a name', async () => {
    const asked = serving({});
    await dialog(white);
    expect(screen.getByRole('button', { name: 'Keep' })).toBeDisabled();
    await fill('Name for what is on the bench', 'White');
    await tap('Keep');
    await waitFor(() =>
      expect(written(asked)[0]?.body).toMatchObject({ name: 'White', rack: white }),
    );
  });

  it('say why one was not kept, and leave its name', async () => {
    refusing('That name is taken.', 'Take another.');
    await dialog(white);
    await fill('Name for what is on the bench', 'White');
    await tap('Keep');
    expect(await screen.findByText('That name is taken.')).toBeVisible();
    expect(screen.getByLabelText('Name for what is on the bench')).toHaveValue('White');
  });

  it('are opened, compared, and made into a procedure', async () => {
    const { onOpen, onClose } = await dialog(white, [keptRun()]);
    expect(screen.getByText(/1 vessel, 2 steps/)).toBeVisible();
    expect(screen.getByRole('link', { name: 'Write a procedure' })).toHaveAttribute(
      'href',
      `/procedures/new?run=${id(40)}`,
    );
    await tap('Open');
    expect(onOpen).toHaveBeenCalledWith(white);
    expect(onClose).toHaveBeenCalled();
  });

  it('are let go', async () => {
    const asked = answering();
    await dialog(white, [keptRun()]);
    await tap('Let go');
    await waitFor(() =>
      expect(written(asked)[0]).toMatchObject({ method: 'DELETE', path: `/runs/${id(40)}` }),
    );
  });

  it('are none to begin with', async () => {
    await dialog(white);
    expect(screen.getByText(/Nothing is kept yet/)).toBeVisible();
  });
});

describe('what is on the bench beside a kept sequence', () => {
  const beside = (rack: Rack, run = keptRun()) => {
    const onClose = vi.fn();
    show(<CompareView rack={rack} kept={run} onClose={onClose} />);
    return onClose;
  };

  it('is the same step by step', async () => {
    beside(white);
    expect(await screen.findByText('Every step is the same.', {}, patience)).toBeVisible();
  });

  it('says how many steps differ, and shows those alone when asked', async () => {
    const onClose = beside(rackOf(add('AgNO3'), add('KI')));
    expect(await screen.findByText('1 of 2 steps differ.', {}, patience)).toBeVisible();
    const rows = () => within(screen.getByTestId('comparison')).getAllByRole('row').slice(1);
    expect(rows()).toHaveLength(2);
    await user.click(screen.getByRole('switch', { name: 'Only what differs' }));
    expect(rows()).toHaveLength(1);
    expect(rows()[0]).toHaveTextContent(/differs/);
    await tap('Close the comparison');
    expect(onClose).toHaveBeenCalled();
  });

  it('has steps that the other has not', async () => {
    beside(rackOf(add('AgNO3')));
    expect(await screen.findByText('not done', {}, patience)).toBeVisible();
    const ends = screen.getByRole('group', { name: 'On the bench, in the end' });
    expect(within(ends).getByRole('img', { name: /On the bench, vessel A/ })).toBeVisible();
  });
});

describe('a dish that was run', () => {
  it('has the line of its solid, where and when, and grows', async () => {
    show(<DishPage />);
    await tap('Run the dish');
    const line = await screen.findByTestId('line', {}, patience);
    expect(line).toHaveTextContent(/First line\d+ % of the gap/);
    expect(line).toHaveTextContent('Time, not calibrated');
    expect(line).toHaveTextContent(/By diffusion alone[\d.]+ (hours|days)/);
    expect(screen.getByRole('img', { name: /^The dish after / })).toBeVisible();
    // With less movement asked for it stands at its end at once.
    expect(screen.getByTestId('time')).toHaveTextContent(/min \(/);
  });

  it('is timed by the class, which sets the mixing', async () => {
    show(<DishPage />);
    await tap('Run the dish');
    await screen.findByTestId('line', {}, patience);
    await fill('Group', 'Heron');
    await fill('Place, % of the gap', '40');
    await fill('First line, min', '20');
    await tap('Add this mark');
    await waitFor(() =>
      expect(screen.getByTestId('line')).toHaveTextContent('Time, by the class20 min'),
    );
    expect(screen.getByTestId('compared')).toHaveTextContent('Mean place 40 %');
  });
});

describe('what the class marked in its dishes', () => {
  function Marks() {
    const [marks, set] = useState<Parameters<typeof ClassMarks>[0]['marks']>([]);
    return <ClassMarks marks={marks} line={undefined} onChange={set} />;
  }

  it('has a place and a time, or it is said', async () => {
    show(<Marks />);
    await fill('Group', 'Heron');
    await tap('Add this mark');
    expect(screen.getByText('Fill in the place of the first line')).toBeVisible();
    expect(screen.getByText('Fill in the time of the first line')).toBeVisible();
    await fill('Place, % of the gap', '140');
    await fill('First line, min', '12');
    await tap('Add this mark');
    expect(screen.getByText('A place is between 0 and 100 %')).toBeVisible();
    expect(screen.queryByText(/^Fill in/)).not.toBeInTheDocument();
    expect(screen.queryByTestId('marks')).not.toBeInTheDocument();
  });

  it('is a line for each group, and can be struck', async () => {
    show(<Marks />);
    for (const [group, place] of [
      ['Heron', '38'],
      ['Tern', '44'],
    ] as const) {
      await fill('Group', group);
      await fill('Place, % of the gap', place);
      await fill('First line, min', '12');
      await tap('Add this mark');
    }
    expect(within(screen.getByTestId('marks')).getAllByRole('row').slice(1)).toHaveLength(2);
    await tap('Strike Heron');
    expect(screen.getByTestId('marks')).not.toHaveTextContent('Heron');
  });
});

describe('a picture that plays', () => {
  it('stands at its end for whoever asks for stillness, and begins again when told to', async () => {
    const seek = vi.fn();
    show(<Player frames={10} at={9} onSeek={seek} timeOf={(frame) => `${frame} min`} />);
    await tap('Play');
    expect(seek).toHaveBeenCalledWith(0);
  });

  it('goes from frame to frame, and pauses', async () => {
    vi.useFakeTimers({ toFake: ['setInterval', 'clearInterval'] });
    const seek = vi.fn();
    show(<Player frames={10} at={3} onSeek={seek} timeOf={(frame) => `${frame} min`} />);
    fireEvent.click(screen.getByRole('button', { name: 'Play' }));
    vi.advanceTimersByTime(250);
    const next = seek.mock.calls.at(-1)?.[0] as (before: number) => number;
    expect(next(3)).toBe(4);
    expect(next(9)).toBe(9);
    fireEvent.click(screen.getByRole('button', { name: 'Pause' }));
    const calls = seek.mock.calls.length;
    vi.advanceTimersByTime(500);
    expect(seek.mock.calls).toHaveLength(calls);
    vi.useRealTimers();
    await Promise.resolve();
  });

  it('has three speeds in their order', () => {
    show(<Player frames={10} at={3} onSeek={vi.fn()} timeOf={(frame) => `${frame} min`} />);
    const group = screen.getByRole('radiogroup', { name: 'Speed' });
    expect(
      within(group)
        .getAllByRole('radio')
        .map((radio) => radio.getAttribute('value')),
    ).toEqual(['half', 'usual', 'fast']);
    expect(within(group).getByRole('radio', { name: '1×' })).toBeChecked();
  });
});

describe('a set of unknowns as a file', () => {
  const page = () => {
    const change = vi.fn();
    show(<SetFile state={{ ...firstUnknown, kind: 'inorganic' }} change={change} />);
    return change;
  };
  const open = (text: string, name = 'set.json') => {
    const input = document.querySelector<HTMLInputElement>('input[type=file]');
    if (!input) throw new Error('No field for a file.');
    fireEvent.change(input, { target: { files: [new File([text], name)] } });
  };
  const set = exchangeText({
    format: 'stoichos/unknown-set',
    version: 2,
    set: { kind: 'inorganic', listed: [], own: [], salts: ['NaCl', 'KI'] },
  });

  it('says what it would put in place of what, before it does', async () => {
    const change = page();
    open(set);
    const dialog = await screen.findByRole('dialog');
    expect(dialog).toHaveTextContent(
      /2 salts and mixtures take the place of 12 salts and mixtures/,
    );
    expect(change).not.toHaveBeenCalled();
    await tap('Open it');
    expect(change).toHaveBeenCalledWith(
      expect.objectContaining({ kind: 'inorganic', salts: ['NaCl', 'KI'], classesOut: [] }),
    );
  });

  it('may be left as it is', async () => {
    const change = page();
    open(set);
    await tap('Leave the set as it is');
    expect(change).not.toHaveBeenCalled();
  });

  it('is not just any file', async () => {
    page();
    open('{}', 'odd.json');
    expect(await screen.findByRole('alert')).toHaveTextContent(/^odd\.json: /);
  });

  it('is not a file of another kind', async () => {
    page();
    open(JSON.stringify({ format: 'stoichos/entries', version: 2, entries: [] }), 'entries.json');
    expect(await screen.findByRole('alert')).toHaveTextContent(
      'entries.json is no set of unknowns. Take other files in under Data.',
    );
  });
});
