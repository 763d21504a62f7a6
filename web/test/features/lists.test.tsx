import { screen, waitFor, within } from '@testing-library/react';
import type { LabDaySummary } from '@stoichos/core/labday/day';
import { kindNames, library } from '@stoichos/core/planning/procedure';
import { beforeEach, describe, expect, it } from 'vitest';
import { HomePage } from '../../src/features/labday/HomePage';
import { LibraryPage } from '../../src/features/library/LibraryPage';
import { ImportDialog } from '../../src/features/shelf/ImportDialog';
import { ShelfPage } from '../../src/features/shelf/ShelfPage';
import { today } from '../../src/shared/parts/dates';
import { GlossaryPage } from '../../src/shell/help/GlossaryPage';
import { SourcesPage } from '../../src/shell/help/SourcesPage';
import { choose, fill, tap } from '../support/acts';
import { id, jarOf, summaryOf } from '../support/day';
import { chosen, show } from '../support/render';
import { answering, known, knownDays, refusing, serving, written } from '../support/server';

beforeEach(() => chosen({}));

describe('the lab days', () => {
  const day = (n: number, part: Partial<LabDaySummary>): LabDaySummary =>
    summaryOf({ id: id(n), name: `Day ${n}`, ...part });

  it('have the next one on top, with what is to be done for it', async () => {
    await knownDays([
      day(1, { name: 'After Easter', date: '2999-04-01' }),
      day(3, { name: 'Next week', date: '2999-03-01', procedureCount: 2, placeCount: 2 }),
      day(4, { name: 'Long ago', date: '2020-03-01' }),
    ]);
    show(<HomePage welcome={null} />);
    const next = screen.getByRole('region', { name: 'Next lab day' });
    expect(next).toHaveTextContent('Next week');
    expect(within(next).getByRole('link', { name: 'Prepare the solutions' })).toHaveAttribute(
      'href',
      `/days/${id(3)}/prepare`,
    );
    expect(screen.getByRole('link', { name: /Long ago/ })).toBeVisible();
  });

  it.each([
    [{}, 'Plan what the class does'],
    [{ unknownCount: 2 }, 'On to the unknowns'],
    [{ procedureCount: 1, recordedCount: 1 }, 'Go on at the bench'],
  ])('lead on by how far they are: %o', async (part, label) => {
    await knownDays([day(1, { date: '2999-01-01', ...part })]);
    show(<HomePage welcome={null} />);
    expect(screen.getByRole('link', { name: label })).toBeVisible();
  });

  it('show earlier ones a page at a time, when they are asked for', async () => {
    await knownDays([]);
    const held = (n: number) => day(n, { name: `Held ${n}`, date: '2020-03-01' });
    const asked = { which: 'held', today: today() } as const;
    await known('days', asked, { items: [held(1)], next: id(1) });
    await known('days', { ...asked, after: id(1) }, { items: [held(2)], next: null });
    show(<HomePage welcome={null} />);
    expect(screen.queryByRole('link', { name: /Held 2/ })).toBeNull();
    await tap('Earlier lab days');
    expect(screen.getByRole('link', { name: /Held 1/ })).toBeVisible();
    expect(screen.getByRole('link', { name: /Held 2/ })).toBeVisible();
    expect(screen.queryByRole('button', { name: 'Earlier lab days' })).toBeNull();
  });

  it('say what one is where there is none', async () => {
    await knownDays([]);
    show(<HomePage welcome={<p>Welcome</p>} />);
    expect(screen.getByText(/No lab day is coming/)).toBeVisible();
    expect(screen.getByText('Welcome')).toBeVisible();
  });

  it('are made with a name, or it is said at the field', async () => {
    await knownDays([]);
    show(<HomePage welcome={null} />);
    await tap('New lab day');
    await tap('Make the lab day');
    expect(await screen.findByText('A lab day needs a name')).toBeVisible();
  });
});

describe('the library', () => {
  it('has every shipped procedure, and says how many', async () => {
    await known('procedures', undefined, []);
    show(<LibraryPage />);
    expect(screen.getByRole('status')).toHaveTextContent(`${library.length} of ${library.length}`);
  });

  it('is searched by reagent, and by kind', async () => {
    await known('procedures', undefined, []);
    show(<LibraryPage />);
    await fill('Search', 'KSCN');
    const count = () => Number(/^\d+/.exec(screen.getByRole('status').textContent)?.[0]);
    expect(count()).toBeGreaterThan(0);
    expect(count()).toBeLessThan(library.length);
    await fill('Search', 'kryptonite');
    expect(screen.getByText(/No procedure has that/)).toBeVisible();
    await fill('Search', '');
    await choose('Kind', kindNames.electrodeposition);
    expect(count()).toBe(library.filter(({ kind }) => kind === 'electrodeposition').length);
  });
});

describe('the shelf', () => {
  const stock = [
    jarOf(1, 'NaCl', { amount: 500, least: 50 }),
    jarOf(2, 'CuSO4', { form: 'CuSO4·5H2O', place: 'Blue cupboard', amount: 20, least: 50 }),
  ];

  it('is searched by name, by formula and by place', async () => {
    await known('shelf', undefined, stock);
    show(<ShelfPage />);
    expect(screen.getByRole('status')).toHaveTextContent('2 of 2 jars');
    for (const text of ['copper', 'CuSO4', 'blue']) {
      await fill('Search', text);
      expect(screen.getByRole('status')).toHaveTextContent('1 of 2 jars');
    }
  });

  it('has the supplier’s data sheet beside its jar', async () => {
    const jar = jarOf(70, 'Pb(NO3)2');
    serving({
      'GET /shelf/data-sheets': [{ itemId: jar.id, link: 'https://example.org/lead', name: null }],
    });
    await known('shelf', undefined, [jar, jarOf(71, 'NaCl')]);
    show(<ShelfPage />);
    const [sheet, ...others] = await screen.findAllByRole('link', { name: /^Data sheet/ });
    expect(sheet).toHaveAttribute('href', 'https://example.org/lead');
    expect(others).toEqual([]);
  });

  it('shows what is to be ordered: less than the least that should stand there', async () => {
    await known('shelf', undefined, stock);
    show(<ShelfPage />);
    await tap('To order: 1');
    expect(screen.getByRole('status')).toHaveTextContent('1 of 2 jars');
    expect(screen.getByRole('button', { name: 'To order: 1' })).toHaveAttribute(
      'aria-pressed',
      'true',
    );
  });

  it('says how to fill it where it is empty', async () => {
    await known('shelf', undefined, []);
    show(<ShelfPage />);
    expect(screen.getByText(/The shelf is empty/)).toBeVisible();
  });

  it('takes no file with a mistake, and asks the server nothing', async () => {
    const asked = answering();
    show(
      <ImportDialog
        file={{ name: 'shelf.csv', text: 'substance,amount,unit\nNaCl,5,kg' }}
        close={() => undefined}
      />,
    );
    expect(await screen.findByRole('alert')).toHaveTextContent('the shelf is as it was');
    expect(screen.getByRole('table')).toHaveTextContent('is not a unit of the shelf');
    expect(asked).toEqual([]);
  });

  it('shows what a good file would change, and takes it over when told to', async () => {
    const asked = answering({ added: 1, changed: 0, unchanged: 0, problems: [] });
    show(
      <ImportDialog
        file={{ name: 'shelf.csv', text: 'substance,amount,unit\nNaCl,5,g' }}
        close={() => undefined}
      />,
    );
    expect(await screen.findByText(/1 jars are new/)).toBeVisible();
    await tap('Take it over');
    await waitFor(() => expect(written(asked).at(-1)?.body).toMatchObject({ apply: true }));
  });

  it('tells in the server’s words why it did not take a file', async () => {
    refusing('The shelf is being changed by somebody else.', 'Try again.');
    show(
      <ImportDialog
        file={{ name: 'shelf.csv', text: 'substance,amount,unit\nNaCl,5,g' }}
        close={() => undefined}
      />,
    );
    expect(await screen.findByText('The shelf is being changed by somebody else.')).toBeVisible();
  });
});

describe('what words and numbers mean', () => {
  it('is looked for among the terms and the names in every school', async () => {
    show(<GlossaryPage />);
    await fill('Look for', 'washing soda');
    expect(await screen.findByRole('table')).toHaveTextContent('Na2CO3');
    await fill('Look for', 'no such word');
    expect(screen.getByText('No word has that in it.')).toBeVisible();
    expect(screen.getByText('No substance is called that.')).toBeVisible();
  });

  it('has every constant with its source, and marks what was recalled', async () => {
    show(<SourcesPage />, '/help/sources?q=AgCl');
    expect(await screen.findByRole('status')).toHaveTextContent(/^\d+ constants\.$/);
    // Ksp of silver chloride, 25 °C: 1.77·10⁻¹⁰ (CRC Handbook), as its power of ten.
    expect(document.body).toHaveTextContent(/AgCl/);
    await fill('Look for', 'zzzz');
    await waitFor(() =>
      expect(screen.getByRole('status')).toHaveTextContent('Nothing has that in it'),
    );
  });

  it('shows only what was read, or only what was recalled', async () => {
    show(<SourcesPage />, '/help/sources?q=AgCl&from=read');
    const rows = await screen.findAllByRole('row');
    expect(rows.length).toBeGreaterThan(1);
    for (const row of rows) expect(row).not.toHaveTextContent('†');
    // What open works say stands beside it (MINTEQA2: −log Ksp of silver chloride 9.75).
    expect(rows.some((row) => row.textContent.includes('Open works: 9.75 MINTEQA2'))).toBe(true);
    await choose('Where from', 'recalled from memory');
    await waitFor(() => {
      for (const row of screen.getAllByRole('row').slice(1))
        if (within(row).queryAllByRole('cell').length > 0) expect(row).toHaveTextContent('†');
    });
  });

  it('shows what was kept where open works say otherwise, with the reason', async () => {
    show(<SourcesPage />, '/help/sources?q=PbS&from=apart');
    const rows = await screen.findAllByRole('row');
    const sulfide = rows.find((row) => row.textContent.includes('Ksp'));
    expect(sulfide).toHaveTextContent(/Open works: .*Kept: the fresh sulfide/);
  });
});
