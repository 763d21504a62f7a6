import type { HeldDay } from '@stoichos/contract';
import { screen, waitFor, within } from '@testing-library/react';
import { Route, Routes } from 'react-router';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../src/data/api/api';
import { store } from '../../src/data/store';
import { CopyTerm } from '../../src/features/labday/CopyTerm';
import { DayFrame } from '../../src/features/labday/DayFrame';
import { fill, tap, user } from '../support/acts';
import { dayOf, entry, id, pair, summaryOf } from '../support/day';
import { chosen, show } from '../support/render';
import { answering, known, refusing, written } from '../support/server';

beforeEach(async () => {
  store.dispatch(api.util.resetApiState());
  await chosen({});
});

describe('a lab day in its frame', () => {
  const frame = async (day: HeldDay, part: Partial<HeldDay> = {}, at = 'plan/procedures') => {
    await known('day', day.id, { ...day, ...part });
    return show(
      <Routes>
        <Route path="/days/:dayId" element={<DayFrame />}>
          <Route path="prepare" element={<p>The solutions</p>} />
          <Route path="groups" element={<p>The groups</p>} />
          <Route path="*" element={<p>Another view</p>} />
        </Route>
      </Routes>,
      `/days/${day.id}/${at}`,
    );
  };
  const stage = (name: string) =>
    within(screen.getByRole('navigation', { name: 'Stages' })).getByRole('link', {
      name: new RegExp(name),
    });

  it('says of each stage how far it is', async () => {
    await frame(
      dayOf([pair('AgNO3', 'NaCl')], {
        entries: [entry(1, { kind: 'precipitate', colour: 'white' })],
      }),
    );
    expect(stage('Plan')).toHaveTextContent('done: 1 procedure');
    expect(stage('Prepare')).toHaveTextContent('to do: 0 of 2 made');
    expect(stage('Bench')).toHaveTextContent('under way: 1 of 2 recorded');
    expect(stage('Report')).toHaveTextContent('partial');
  });

  it('says so where there is nothing yet, or only jars', async () => {
    const { unmount } = await frame(dayOf([]));
    expect(stage('Plan')).toHaveTextContent('nothing planned yet');
    expect(stage('Bench')).toHaveTextContent('nothing to run yet');
    unmount();
    await frame(dayOf([]), { unknownCount: 2 });
    expect(stage('Plan')).toHaveTextContent('2 unknowns');
    expect(stage('Bench')).toHaveTextContent('each bench its jar');
  });

  it('goes from stage to stage by the keys 1 to 5, and marks the one that is open', async () => {
    await frame(dayOf([pair('AgNO3', 'NaCl')]));
    expect(stage('Plan')).toHaveAttribute('aria-current', 'page');
    await user.keyboard('2');
    expect(screen.getByText('The solutions')).toBeVisible();
    expect(stage('Prepare')).toHaveAttribute('aria-current', 'page');
  });

  it('counts its groups where they are many', async () => {
    const groups = [2, 3, 4, 5, 6].map((n) => ({ id: id(n), name: `Bench ${n}` }));
    await frame(dayOf([], { groups }));
    expect(screen.getByText(/5 groups/)).toBeVisible();
  });

  it('is archived, and taken out again', async () => {
    const asked = answering();
    const { unmount } = await frame(dayOf([]));
    await tap('Archive the lab day');
    await waitFor(() =>
      expect(written(asked)[0]).toMatchObject({
        method: 'PUT',
        path: `/days/${id(1)}/archive`,
        body: { archived: true },
      }),
    );
    unmount();
    await frame(dayOf([]), { archivedAt: '2027-03-01T10:00:00.000Z' });
    await tap('Take the lab day out of the archive');
    await waitFor(() => expect(written(asked).at(-1)?.body).toEqual({ archived: false }));
  });

  it('is planned again for another date, and opens', async () => {
    const asked = answering();
    await frame(dayOf([pair('AgNO3', 'NaCl')]));
    await tap('Plan the lab day again');
    const dialog = await screen.findByRole('dialog');
    expect(within(dialog).getByRole('button', { name: 'Plan it again' })).toBeDisabled();
    await fill('Name', 'The same in May', within(dialog));
    await fill('Date', '2027-05-04', within(dialog));
    await tap('Plan it again', 'button', within(dialog));
    await waitFor(() =>
      expect(written(asked)[0]?.body).toMatchObject({
        copies: [{ from: id(1), name: 'The same in May', date: '2027-05-04' }],
      }),
    );
  });

  it('says why it could not be planned again, and keeps what was typed', async () => {
    refusing('A lab day of that date is there.', 'Take another date.');
    await frame(dayOf([]));
    await tap('Plan the lab day again');
    const dialog = await screen.findByRole('dialog');
    await fill('Date', '2027-05-04', within(dialog));
    await tap('Plan it again', 'button', within(dialog));
    expect(await within(dialog).findByText('Take another date.')).toBeVisible();
    expect(within(dialog).getByLabelText('Date')).toHaveValue('2027-05-04');
  });

  it('says what is wrong where it cannot be read, and tries again', async () => {
    refusing('There is no such lab day.', 'It may have been removed.');
    show(
      <Routes>
        <Route path="/days/:dayId/*" element={<DayFrame />} />
      </Routes>,
      `/days/${id(9)}/plan`,
    );
    expect(await screen.findByText('There is no such lab day.')).toBeVisible();
    const asked = answering(dayOf([]));
    await tap('Try again');
    await waitFor(() => expect(asked.length).toBeGreaterThan(0));
  });
});

describe('a term that is planned again', () => {
  const days = [
    summaryOf({ id: id(11), name: 'Week 2', date: '2027-02-10' }),
    summaryOf({ id: id(10), name: 'Week 1', date: '2027-02-03' }),
  ];

  it('moves every day by as much as the first', async () => {
    const asked = answering();
    const close = vi.fn();
    show(<CopyTerm days={days} opened close={close} />);
    await fill('The first of them falls on', '2027-09-01');
    expect(screen.getByRole('checkbox', { name: /^Week 2.*→.*8 September 2027/ })).toBeChecked();
    await tap('Plan 2 days again');
    await waitFor(() => expect(close).toHaveBeenCalled());
    expect(written(asked)[0]?.body).toMatchObject({
      copies: [
        { from: id(10), name: 'Week 1', date: '2027-09-01' },
        { from: id(11), name: 'Week 2', date: '2027-09-08' },
      ],
    });
  });

  it('leaves out what is not ticked, and begins with the first that is', async () => {
    const asked = answering();
    show(<CopyTerm days={days} opened close={vi.fn()} />);
    await user.click(screen.getByRole('checkbox', { name: /^Week 1/ }));
    await fill('The first of them falls on', '2027-09-01');
    await tap('Plan 1 day again');
    await waitFor(() =>
      expect(written(asked)[0]?.body).toMatchObject({
        copies: [{ from: id(11), date: '2027-09-01' }],
      }),
    );
  });

  it('cannot be planned without a date, nor with nothing ticked', async () => {
    show(<CopyTerm days={days} opened close={vi.fn()} />);
    expect(screen.getByRole('button', { name: 'Plan 2 days again' })).toBeDisabled();
    await fill('The first of them falls on', '2027-09-01');
    for (const box of screen.getAllByRole('checkbox')) await user.click(box);
    expect(screen.getByRole('button', { name: 'Plan 0 days again' })).toBeDisabled();
  });

  it('stays open and says why where it was refused', async () => {
    refusing('The first lab day was removed.', 'Open the list again.');
    const close = vi.fn();
    show(<CopyTerm days={days} opened close={close} />);
    await fill('The first of them falls on', '2027-09-01');
    await tap('Plan 2 days again');
    expect(await screen.findByText('Open the list again.')).toBeVisible();
    expect(close).not.toHaveBeenCalled();
  });
});
