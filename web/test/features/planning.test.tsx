import type { HeldDay } from '@stoichos/contract';
import { screen, waitFor, within } from '@testing-library/react';
import { Notifications, notifications } from '@mantine/notifications';
import { kitKinds, mixingOf } from '@stoichos/core/planning/procedure';
import type { LabDay } from '@stoichos/core/labday/day';
import { beforeEach, describe, expect, it } from 'vitest';
import { api } from '../../src/data/api/api';
import { store } from '../../src/data/store';
import { AlternativesPage } from '../../src/features/plan/AlternativesPage';
import { CutList } from '../../src/features/plan/CutList';
import { PlanPage } from '../../src/features/plan/PlanPage';
import { choose, fill, find, patience, tap, user } from '../support/acts';
import { dayOf, entry, id, pair, showInDay } from '../support/day';
import { chosen } from '../support/render';
import { answering, refusing, written } from '../support/server';

const silver = dayOf([pair('AgNO3', 'NaCl')]);
const both = (
  <>
    <Notifications />
    <PlanPage />
  </>
);
const solution = (which: 'A' | 'B') =>
  within(screen.getByRole('group', { name: new RegExp(`^Solution ${which}`) }));
const sent = (asked: ReturnType<typeof answering>) =>
  written(asked).map(({ method, path }) => `${method} ${path}`);

beforeEach(async () => {
  localStorage.clear();
  notifications.clean();
  notifications.cleanQueue();
  store.dispatch(api.util.resetApiState());
  await chosen({});
});

describe('a two-solution test in the plan', () => {
  it('opens with the first of the day, as it was saved', async () => {
    await showInDay(silver, both);
    expect(solution('A').getByLabelText('Concentration')).toHaveValue('0.1 M');
    expect(solution('B').getByLabelText('Volume')).toHaveValue('3 mL');
    expect(screen.getByRole('button', { name: 'Another test' })).toBeVisible();
    expect(screen.queryByRole('button', { name: 'Save changes' })).toBeNull();
  });

  it('is saved as it was changed, under its own id', async () => {
    const asked = answering();
    await showInDay(silver, both);
    await fill('Volume', '5', solution('B'));
    await tap('Save changes');
    await waitFor(() => expect(sent(asked)).toEqual([`PUT /days/${id(1)}/procedures/${id(100)}`]));
    const planned = written(asked)[0]?.body as LabDay['procedures'][number];
    expect(planned.manner).toBe('groups');
    expect(mixingOf(planned.procedure)?.b).toMatchObject({ substance: 'NaCl', volumeMl: 5 });
    expect(await screen.findByText('Changes saved.')).toBeVisible();
  });

  it('may be added as another, and the one that was opened stays', async () => {
    const asked = answering();
    await showInDay(silver, both);
    await fill('Concentration', '0.05', solution('A'));
    await tap('Add as another test');
    await waitFor(() => expect(written(asked)).toHaveLength(1));
    expect(sent(asked)[0]).not.toContain(id(100));
    expect(await screen.findByText('Test added to the plan.')).toBeVisible();
  });

  it('is new and empty after “Another test”, and cannot be added while it is', async () => {
    await showInDay(silver, both);
    await tap('Another test');
    expect(solution('A').getByRole('combobox', { name: 'Substance' })).toHaveValue('');
    expect(screen.getByRole('button', { name: 'Add to the plan' })).toBeDisabled();
  });

  it('that was begun is kept while another is looked at', async () => {
    await showInDay(silver, both);
    await tap('Another test');
    await fill('Concentration', '0.25', solution('A'));
    await tap('Test 1: AgNO3 with NaCl');
    expect(solution('A').getByLabelText('Concentration')).toHaveValue('0.1 M');
    await tap('New test');
    expect(solution('A').getByLabelText('Concentration')).toHaveValue('0.25 M');
  });

  it('is taken out, and can be put back', async () => {
    const asked = answering();
    await showInDay(silver, both);
    await tap('Take out');
    await waitFor(() =>
      expect(sent(asked)).toEqual([`DELETE /days/${id(1)}/procedures/${id(100)}`]),
    );
    await tap('Put it back');
    await waitFor(() => expect(sent(asked)).toHaveLength(2));
    expect(sent(asked)[1]).toBe(`PUT /days/${id(1)}/procedures/${id(100)}`);
  });

  it('stays as it is once a bench has written something down', async () => {
    const seen = dayOf([pair('AgNO3', 'NaCl')], {
      entries: [entry(1, { kind: 'note', text: 'white at once' })],
    });
    await showInDay(seen, both);
    expect(document.body).toHaveTextContent('so it stays as it is');
    expect(screen.queryByRole('button', { name: 'Take out' })).toBeNull();
  });

  it('says why it could not be saved, and keeps what was typed', async () => {
    refusing('This day is archived.', 'Take it out of the archive first.');
    await showInDay(silver, both);
    await fill('Volume', '5', solution('B'));
    await tap('Save changes');
    expect(await screen.findByText(/This day is archived/)).toBeVisible();
    expect(solution('B').getByLabelText('Volume')).toHaveValue('5 mL');
    expect(screen.getByRole('button', { name: 'Save changes' })).toBeEnabled();
  });

  it('cannot be saved while a field is empty', async () => {
    await showInDay(silver, both);
    await user.clear(solution('A').getByLabelText('Concentration'));
    expect(screen.getByRole('button', { name: 'Save changes' })).toBeDisabled();
  });
});

describe('other reagents that show what is wanted', () => {
  const page = async (day: HeldDay = silver) => {
    await showInDay(day, <AlternativesPage />);
    await choose('In place of', /no test/);
  };
  const pairs = async () =>
    within(await screen.findByTestId('alternatives', {}, patience)).getAllByRole('listitem');

  it('are tried when asked, and none before', async () => {
    await page();
    expect(screen.queryByTestId('alternatives')).toBeNull();
    expect(document.body).toHaveTextContent('least hazard first');
  });

  it('keep the reagent one has, and say hazard, disposal and how well it is seen', async () => {
    await page();
    await find('Substance', 'copper(II) sulfate', /copper\(II\) sulfate/);
    await tap('Try everything');
    const found = await pairs();
    for (const one of found) expect(one).toHaveTextContent('copper(II) sulfate');
    expect(found[0]).toHaveTextContent(/Hazard.*Disposal.*Visible/);
    expect(screen.getByRole('status')).toHaveTextContent(`${found.length} pairs show it`);
  });

  it('are of the colour and the formula that were asked for', async () => {
    await page();
    await fill('Which solid or gas', 'CO2');
    await choose('Two reagents that show', 'a gas');
    await find('Substance', 'hydrochloric acid', /hydrochloric acid/);
    await tap('Try everything');
    // Any carbonate gives carbon dioxide with a strong acid (OpenStax Chemistry 2e, 4.2).
    expect((await pairs()).map((one) => one.textContent).join(' ')).toMatch(/carbonate/);
  });

  it('begin with the test that was planned, and are safer than it in every respect', async () => {
    const lead = dayOf([pair('Pb(NO3)2', 'KI')]);
    await showInDay(lead, <AlternativesPage />);
    expect(screen.getByLabelText('In place of', { selector: 'input' })).toHaveValue(
      'Pb(NO3)2 with KI',
    );
    await tap('Find safer tests');
    const found = (await pairs()).map((one) => one.textContent);
    expect(found.join()).not.toMatch(/Pb|Hg|Ni|Co[^O]/);
    expect(found[0]).toMatch(/instead of bright yellow/);
    expect(found[0]).toMatch(/drain where allowed/);
  });

  it('lead to a test with both of them, as strong as they were tried', async () => {
    await page();
    await find('Substance', 'copper(II) sulfate', /copper\(II\) sulfate/);
    await tap('Try everything');
    const [first] = await pairs();
    if (!first) throw new Error('no pair');
    expect(within(first).getByRole('link', { name: 'Plan a test' })).toHaveAttribute(
      'href',
      expect.stringMatching(new RegExp(`^/days/${id(1)}/plan\\?a=[^&]+&aM=[\\d.]+&b=[^&]+`)),
    );
  });

  it('say so where nothing shows it', async () => {
    await page();
    await fill('Which solid or gas', 'CO2');
    await find('Substance', 'copper(II) sulfate', /copper\(II\) sulfate/);
    await choose('Of this colour', 'pink');
    await tap('Try everything');
    expect(await screen.findByText(/No pair within reach shows that/, {}, patience)).toBeVisible();
  });

  it('let the reagent go again', async () => {
    await page();
    await find('Substance', 'copper(II) sulfate', /copper\(II\) sulfate/);
    await tap('Neither need stay');
    expect(screen.getByRole('combobox', { name: 'Substance' })).toHaveValue('');
  });
});

describe('what would make a class fit', () => {
  const long = dayOf(['sand-salt-iron', 'blood-red-and-back'], {
    lengthMin: 45,
    kit: Object.fromEntries(kitKinds.map((kind) => [kind, 6])),
  });
  const list = (
    <>
      <Notifications />
      <CutList day={long} timetable={{ makespanMin: 300 } as never} />
    </>
  );

  it('is found when asked: each way with the length it leads to', async () => {
    await showInDay(long, list);
    await tap('Find what would fit');
    const ways = within(await screen.findByTestId('cuts', {}, patience));
    await waitFor(
      () => expect(ways.getAllByRole('button', { name: 'Do that' })[0]).toBeVisible(),
      patience,
    );
    for (const way of ways.getAllByRole('listitem'))
      expect(way).toHaveTextContent(/min, (fits|still too long)/);
  });

  it('is taken with one tap, and says what to do next', async () => {
    const asked = answering();
    await showInDay(long, list);
    await tap('Find what would fit');
    const ways = within(await screen.findByTestId('cuts', {}, patience));
    const [first] = await ways.findAllByRole('button', { name: 'Do that' }, patience);
    if (!first) throw new Error('no way');
    await user.click(first);
    await waitFor(() =>
      expect(sent(asked).some((one) => one.includes(`/days/${id(1)}/procedures/`))).toBe(true),
    );
    expect(await screen.findByText(/Make the timetable again|Split\./)).toBeVisible();
  });

  it('is left as it is where the server refuses', async () => {
    refusing('Somebody else changed the day.', 'Load it again.');
    await showInDay(long, list);
    await tap('Find what would fit');
    const ways = within(await screen.findByTestId('cuts', {}, patience));
    const [first] = await ways.findAllByRole('button', { name: 'Do that' }, patience);
    if (!first) throw new Error('no way');
    await user.click(first);
    expect(await screen.findByText(/Somebody else changed the day/)).toBeVisible();
  });
});
