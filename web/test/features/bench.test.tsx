import { screen, waitFor, within } from '@testing-library/react';
import { Route, Routes } from 'react-router';
import { beforeEach, describe, expect, it } from 'vitest';
import { store } from '../../src/data/store';
import { BenchPage } from '../../src/features/bench/BenchPage';
import { ProjectorPage } from '../../src/features/bench/ProjectorPage';
import { Messages } from '../../src/features/groups/ClassMessages';
import { ProceduresPage } from '../../src/features/plan/ProceduresPage';
import { ReportPage } from '../../src/features/report/ReportPage';
import { WorksheetMaker } from '../../src/features/report/WorksheetMaker';
import { choose, fill, patience, tap, user } from '../support/acts';
import { dayOf, entry, id, pair, shipped, showInDay, oversightOf } from '../support/day';
import { chosen, show } from '../support/render';
import { answering, known, refusing, written } from '../support/server';

const silver = dayOf([pair('AgNO3', 'NaCl')]);
const waiting = () => store.getState().outbox.waiting.map(({ entry: { record } }) => record);
const others = () => waiting().slice(before);
let before = 0;

beforeEach(async () => {
  await chosen({});
  before = waiting().length;
});

describe('a bench', () => {
  it('has the step to do, what is expected beside what is seen, and one tap for each sight', async () => {
    await showInDay(silver, <BenchPage />);
    const sees = await screen.findByRole('region', { name: 'What Bench Heron sees' }, patience);
    const glance = within(sees).getByRole('group', { name: 'At a glance' });
    await user.click(within(glance).getByRole('button', { name: /^cloudy/ }));
    expect(others()).toEqual([{ kind: 'clarity', to: 'cloudy' }]);
  });

  it('is recorded by keys too', async () => {
    await showInDay(silver, <BenchPage />);
    await screen.findByRole('region', { name: 'What Bench Heron sees' }, patience);
    await user.keyboard('n');
    await user.keyboard('g');
    expect(others()).toEqual([{ kind: 'noChange' }, { kind: 'gas' }]);
  });

  it('goes from test to test by the arrows, also before the next one is calculated', async () => {
    await showInDay(
      dayOf([pair('AgNO3', 'KI'), pair('Pb(NO3)2', 'KI'), pair('BaCl2', 'Na2SO4')]),
      <BenchPage />,
    );
    await screen.findByRole('region', { name: 'What Bench Heron sees' }, patience);
    await user.keyboard('{ArrowRight}{ArrowRight}');
    const third = await screen.findByRole('button', { name: /^3 / });
    expect(third).toHaveAttribute('aria-pressed', 'true');
    await user.keyboard('{ArrowLeft}');
    expect(await screen.findByRole('button', { name: /^2 / })).toHaveAttribute(
      'aria-pressed',
      'true',
    );
  });

  it('goes on to the next one with a tap', async () => {
    await showInDay(silver, <BenchPage />);
    await tap('Next: Bench Tern');
    expect(await screen.findByRole('region', { name: 'What Bench Tern sees' })).toBeVisible();
  });

  it('holds a step until what it needs is done', async () => {
    await showInDay(dayOf(['cracking-an-oil']), <BenchPage />);
    const steps = await screen.findByRole('group', { name: 'Steps' }, patience);
    // The flame goes away only once the delivery tube is out.
    const flame = within(steps).getAllByRole('button')[3];
    if (flame) await user.click(flame);
    await tap('Begin');
    expect(await screen.findByRole('dialog')).toHaveTextContent(
      /delivery tube is out before the heat goes off/,
    );
  });

  it('says what to do where nothing is planned', async () => {
    await showInDay(dayOf([]), <BenchPage />);
    expect(screen.getByText('Nothing to run yet')).toBeVisible();
  });
});

describe('the wall', () => {
  const wall = async (day = silver) => {
    await known('day', day.id, day);
    return show(
      <Routes>
        <Route path="/days/:dayId/projector" element={<ProjectorPage />} />
      </Routes>,
      `/days/${day.id}/projector?group=${id(2)}`,
    );
  };

  it('shows the present step large, and what it should look like', async () => {
    await wall();
    expect(await screen.findByRole('heading', { level: 1 }, patience)).toHaveTextContent(/AgNO3/);
    expect(await screen.findByRole('img', { name: /white precipitate/ }, patience)).toBeVisible();
  });

  it('says that all is done where it is', async () => {
    const done = dayOf([pair('AgNO3', 'NaCl')], {
      entries: [
        entry(1, { kind: 'precipitate', colour: 'white' }),
        entry(2, { kind: 'step', state: 'done' }, { vessel: null }),
      ],
    });
    await wall(done);
    expect(
      await screen.findByText(/Everything is done at Bench Heron/, {}, patience),
    ).toBeVisible();
  });
});

describe('words to a bench', () => {
  const oversight = oversightOf();

  it('go to all, or to one, with the step they are about', async () => {
    const asked = answering();
    await showInDay(silver, <Messages oversight={oversight} />);
    expect(screen.getByRole('button', { name: 'Send' })).toBeDisabled();
    await user.type(screen.getByRole('textbox', { name: 'Words' }), 'Goggles on');
    await tap('Send');
    await waitFor(() =>
      expect(written(asked).at(-1)?.body).toMatchObject({
        groupId: null,
        kind: 'message',
        workId: null,
        text: 'Goggles on',
      }),
    );
    await choose('To', 'Bench Tern');
    await user.click(screen.getByText('Look again at'));
    await choose('Step', /step 1$/);
    await tap('Send');
    await waitFor(() =>
      expect(written(asked).at(-1)?.body).toMatchObject({
        groupId: id(3),
        kind: 'flag',
        workId: id(100),
      }),
    );
  });

  it('stay in the field where they could not be sent, with the reason', async () => {
    refusing('The lab day is over.', 'Plan it again.');
    await showInDay(silver, <Messages oversight={oversight} />);
    await user.type(screen.getByRole('textbox', { name: 'Words' }), 'Goggles on');
    await tap('Send');
    expect(await screen.findByText('The lab day is over.')).toBeVisible();
    expect(screen.getByRole('textbox', { name: 'Words' })).toHaveValue('Goggles on');
  });
});

describe('the procedures of a day', () => {
  it('stand in their order, and one is taken out and can be put back', async () => {
    const asked = answering(silver);
    await showInDay(dayOf(['blood-red-and-back', 'clear-pairs']), <ProceduresPage />);
    const list = screen.getByRole('region', { name: 'Procedures of the day' });
    const names = within(list)
      .getAllByRole('link')
      .map(({ textContent }) => textContent);
    expect(names.indexOf(shipped('blood-red-and-back').name)).toBeLessThan(
      names.indexOf(shipped('clear-pairs').name),
    );
    await user.click(within(list).getAllByRole('button', { name: /take out/i })[0] ?? list);
    await waitFor(() => expect(written(asked)[0]).toMatchObject({ method: 'DELETE' }));
  });
});

describe('the report', () => {
  const recorded = dayOf([pair('AgNO3', 'NaCl')], {
    entries: [entry(1, { kind: 'precipitate', colour: 'white' })],
  });

  it('has the key for the instructor, and not for the class', async () => {
    await showInDay(recorded, <ReportPage />);
    const article = await screen.findByRole('article', {}, patience);
    expect(article).toHaveTextContent('white precipitate');
    expect(article).toHaveTextContent('For the instructor, with the key');
    await user.click(screen.getByText('Class'));
    await waitFor(() => expect(article).toHaveTextContent('For the class'));
    expect(article).not.toHaveTextContent('AgCl');
  });

  it('leaves out what is left out', async () => {
    await showInDay(recorded, <ReportPage />);
    const article = await screen.findByRole('article', {}, patience);
    const headings = () => within(article).getAllByRole('heading').length;
    const all = headings();
    await user.click(screen.getByText(/^Parts/));
    const parts = await screen.findByRole('group', { name: 'Parts of the report' });
    const pressed = within(parts)
      .getAllByRole('button')
      .filter((part) => part.getAttribute('aria-pressed') === 'true');
    for (const part of pressed) await user.click(part);
    await waitFor(() =>
      expect(screen.queryByRole('article')?.querySelectorAll('h2').length ?? 0).toBeLessThan(all),
    );
  });
});

describe('worksheets', () => {
  const maker = () => show(<WorksheetMaker procedures={[shipped('clear-pairs')]} />);

  it('have a table to fill in and questions, and their key apart', async () => {
    maker();
    const article = await screen.findByRole('article', {}, patience);
    expect(within(article).getAllByRole('table').length).toBeGreaterThan(0);
    const forClass = article.textContent;
    await user.click(screen.getByText('Key, with marks'));
    await waitFor(() => expect(article.textContent).not.toBe(forClass));
  });

  it('come in as many copies as are asked for, each with other numbers', async () => {
    maker();
    await screen.findByRole('article', {}, patience);
    await fill('Copies', '3');
    await waitFor(
      () =>
        expect(screen.getByRole('article').textContent).toMatch(
          /Questions, copy A.*Questions, copy B.*Questions, copy C/s,
        ),
      patience,
    );
  });

  it('ask no kind of question that is left out', async () => {
    maker();
    await screen.findByRole('article', {}, patience);
    const kinds = screen.getByRole('group', { name: 'Kinds of question' });
    for (const kind of within(kinds).getAllByRole('button')) await user.click(kind);
    await waitFor(
      () => expect(screen.getByRole('article')).not.toHaveTextContent('Questions'),
      patience,
    );
  });
});
