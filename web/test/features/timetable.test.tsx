import type { HeldDay } from '@stoichos/contract';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { classPlanOf, planKey } from '@stoichos/core/labday/day';
import { beforeEach, describe, expect, it } from 'vitest';
import { api } from '../../src/data/api/api';
import { store } from '../../src/data/store';
import { AlternativesPage } from '../../src/features/plan/AlternativesPage';
import { TimetablePage } from '../../src/features/plan/TimetablePage';
import { choose, fill, patience, tap, user } from '../support/acts';
import { dayOf, id, jarOf, pair, showInDay } from '../support/day';
import { chosen } from '../support/render';
import { answering, known, refusing, written } from '../support/server';

const pairs = [pair('AgNO3', 'NaCl'), pair('BaCl2', 'Na2SO4')];

beforeEach(async () => {
  store.dispatch(api.util.resetApiState());
  await chosen({});
});

describe('the timetable of a class', () => {
  const made = async (day: HeldDay) => {
    const asked = answering();
    await showInDay(day, <TimetablePage />);
    await tap('Make the timetable');
    const verdict = await screen.findByTestId('verdict', {}, patience);
    return { asked, verdict };
  };

  it('needs procedures, and says where they are chosen', async () => {
    await showInDay(dayOf([]), <TimetablePage />);
    expect(screen.getByRole('link', { name: 'Choose procedures' })).toHaveAttribute(
      'href',
      `/days/${id(1)}/plan/procedures`,
    );
  });

  it('is made, says whether it fits and how sure that is, and is kept', async () => {
    const { asked, verdict } = await made(dayOf(pairs));
    expect(verdict).toHaveTextContent(/min – fits, with .* to spare/);
    expect(verdict).toHaveTextContent(/No (shorter )?timetable/);
    await waitFor(() => expect(written(asked)[0]?.path).toBe(`/days/${id(1)}/timetable`));
    const { timetable } = written(asked)[0]?.body as { timetable: { tasks: unknown[] } };
    expect(timetable.tasks).toHaveLength(4);
  });

  it('has a bar for each task, which says what it is and when', async () => {
    await made(dayOf(pairs));
    const heron = screen.getByRole('group', { name: 'Bench Heron' });
    const bars = within(heron).getAllByRole('button', { name: /minute \d+.* to \d+/ });
    expect(bars).toHaveLength(2);
    await user.click(bars[0] as HTMLElement);
    const step = screen.getByRole('region', { name: 'The chosen step' });
    expect(step).toHaveTextContent(/Bench Heron/);
    expect(bars[0]).toHaveAttribute('aria-pressed', 'true');
  });

  it('keeps a task that was moved by the arrow keys where it was put', async () => {
    const { asked } = await made(dayOf(pairs));
    const heron = screen.getByRole('group', { name: 'Bench Heron' });
    const [, second] = within(heron).getAllByRole('button', { name: /minute/ });
    if (!second) throw new Error('No second task.');
    const before = Number(/minute ([\d.]+)/.exec(second.getAttribute('aria-label') ?? '')?.[1]);
    fireEvent.keyDown(second, { key: 'ArrowRight', shiftKey: true });
    await waitFor(
      () =>
        expect(
          within(heron)
            .getAllByRole('button', { name: /minute/ })
            .map((bar) =>
              Number(/minute ([\d.]+)/.exec(bar.getAttribute('aria-label') ?? '')?.[1]),
            ),
        ).toContain(before + 5),
      patience,
    );
    await waitFor(() => expect(written(asked)).toHaveLength(2));
    await tap('Let go of what was moved');
    await waitFor(() => expect(written(asked)).toHaveLength(3), patience);
  });

  it('is read as a table, in the order of time', async () => {
    await made(dayOf(pairs));
    await user.click(screen.getByRole('radio', { name: 'Table' }));
    const [head, ...lines] = screen.getAllByRole('row');
    expect(head).toHaveTextContent('MinuteBenchProcedureStep');
    expect(lines).toHaveLength(4);
    const starts = lines
      .filter((line) => line.textContent.includes('Bench Heron'))
      .map((line) => Number(/^[\d.]+/.exec(line.textContent)?.[0]));
    expect(starts).toEqual([...starts].sort((a, b) => a - b));
  });

  it('is read by person, where there are people', async () => {
    await made(dayOf(pairs, { staff: ['Ada Finch'] }));
    await user.click(screen.getByRole('radio', { name: 'By person' }));
    expect(screen.getByRole('figure')).toBeVisible();
  });

  it('says how much too long it is, and looks for what would make it fit', async () => {
    const long = dayOf(pairs, { lengthMin: 10 });
    await showInDay(
      {
        ...long,
        timetable: {
          tasks: [],
          makespanMin: 25,
          lowerBoundMin: 20,
          optimal: false,
          planKey: planKey(classPlanOf(long)),
        },
      },
      <TimetablePage />,
    );
    const verdict = screen.getByTestId('verdict');
    expect(verdict).toHaveTextContent('25 min – 15 min too long for the class');
    expect(verdict).toHaveTextContent(
      'No timetable can be under 20 min; this is within 25 % of that.',
    );
    await tap('Find what would fit');
    expect(await screen.findByRole('button', { name: 'Calculate again' }, patience)).toBeVisible();
  });

  it('says that the plan has changed since', async () => {
    const stale = dayOf(pairs, {
      timetable: {
        tasks: [],
        makespanMin: 10,
        lowerBoundMin: 10,
        optimal: true,
        planKey: 'of another plan',
      },
    });
    await showInDay(stale, <TimetablePage />);
    expect(screen.getByText(/The plan has changed since/)).toBeVisible();
    expect(screen.queryByTestId('verdict')).not.toBeInTheDocument();
  });

  it('stands even where it could not be kept', async () => {
    refusing('The day was removed.', 'Open the list.');
    await showInDay(dayOf(pairs), <TimetablePage />);
    await tap('Make the timetable');
    expect(await screen.findByTestId('verdict', {}, patience)).toBeVisible();
  });
});

describe('other reagents that show the same', () => {
  it('are looked for on the shelf alone, where there is one', async () => {
    await showInDay(dayOf([]), <AlternativesPage />);
    expect(screen.getByRole('switch', { name: /Only what is on the shelf/ })).toBeDisabled();
    expect(screen.getByRole('button', { name: 'Try everything' })).toBeEnabled();
  });

  it('are pairs with what is seen, their hazard and their disposal, each a tap from a test', async () => {
    await showInDay(dayOf([]), <AlternativesPage />);
    await known('shelf', undefined, [
      jarOf(1, 'BaCl2'),
      jarOf(2, 'Na2SO4'),
      jarOf(3, 'NaCl'),
      jarOf(4, 'KNO3'),
    ]);
    await tap('Try the shelf');
    const list = await screen.findByTestId('alternatives', {}, patience);
    const [only, ...others] = within(list).getAllByRole('listitem');
    expect(others).toEqual([]);
    expect(only).toHaveTextContent(/white/);
    expect(only).toHaveTextContent('Hazard');
    expect(within(only as HTMLElement).getByRole('link', { name: 'Plan a test' })).toHaveAttribute(
      'href',
      expect.stringMatching(/\/plan\?a=/),
    );
  });

  it('say so where no pair shows it', async () => {
    await showInDay(dayOf([]), <AlternativesPage />);
    await known('shelf', undefined, [jarOf(3, 'NaCl'), jarOf(4, 'KNO3')]);
    await choose('Of this colour', 'violet');
    await fill('Which solid or gas', 'CuS');
    await tap('Try the shelf');
    expect(await screen.findByText(/No pair within reach shows that/, {}, patience)).toBeVisible();
  });
});
