import { screen, waitFor, within } from '@testing-library/react';
import type { GroupView, Oversight } from '@stoichos/core/labday/access';
import { viewForGroup } from '@stoichos/core/labday/access';
import { inorganicTests } from '@stoichos/core/studies/identify';
import { Route, Routes } from 'react-router';
import { beforeEach, describe, expect, it } from 'vitest';
import { api } from '../../src/data/api/api';
import { store } from '../../src/data/store';
import { GroupPage } from '../../src/features/groups/GroupPage';
import { GroupsPage } from '../../src/features/groups/GroupsPage';
import { JoinPage } from '../../src/features/groups/JoinPage';
import { UnknownPanel } from '../../src/features/groups/UnknownPanel';
import { choose, fill, patience, tap, user } from '../support/acts';
import { dayOf, entry, id, oversightOf, pair, showInDay } from '../support/day';
import { chosen, show } from '../support/render';
import { answering, known, refusing, serving, written } from '../support/server';

const day = dayOf([pair('AgNO3', 'NaCl'), 'cracking-an-oil']);
const session = {
  role: 'instructor',
  open: true,
  hasPassphrase: false,
  hasTechnician: false,
  bench: null,
} as const;

beforeEach(async () => {
  store.dispatch(api.util.resetApiState());
  await chosen({});
});

describe('a tablet that joins', () => {
  const joining = (at = '/join') =>
    show(
      <Routes>
        <Route path="/join/:code?" element={<JoinPage />} />
        <Route path="/group" element={<p>At the bench</p>} />
      </Routes>,
      at,
    );
  const joinable = {
    dayName: 'A day for tests',
    date: '2027-02-03',
    groups: [
      { id: id(2), name: 'Bench Heron' },
      { id: id(3), name: 'Bench Tern' },
    ],
  };

  it('cannot go on before the code is whole, in whatever way it is typed', async () => {
    joining();
    await fill('Code on the wall', 'abcd-234');
    expect(screen.getByRole('button', { name: 'Go on' })).toBeDisabled();
    await fill('Code on the wall', 'abcd 2345');
    expect(screen.getByRole('button', { name: 'Go on' })).toBeEnabled();
  });

  it('says which bench it stands at, and goes there', async () => {
    const asked = serving({ 'GET /join/ABCD2345': joinable });
    joining();
    await fill('Code on the wall', 'abcd-2345');
    await tap('Go on');
    const benches = await screen.findByRole('region', { name: 'Which bench' });
    expect(benches).toHaveTextContent('A day for tests');
    await tap('Bench Tern');
    expect(await screen.findByText('At the bench')).toBeVisible();
    expect(written(asked)).toMatchObject([
      { method: 'POST', path: '/join', body: { code: 'ABCD2345', groupId: id(3) } },
    ]);
  });

  it('has the code from the picture that was scanned', async () => {
    serving({ 'GET /join/ABCD2345': joinable });
    joining('/join/ABCD2345');
    expect(await screen.findByRole('button', { name: 'Bench Heron' })).toBeVisible();
  });

  it('is told where the code opens nothing', async () => {
    refusing('No lab day is opened by this code.', 'Look at the wall again.');
    joining('/join/ABCD2345');
    expect(
      await screen.findByText(/No lab day is opened by this code.*Look at the wall/),
    ).toBeVisible();
  });
});

describe('the code of a lab day', () => {
  const page = async (part: Partial<Oversight> = {}) => {
    await known('oversight', day.id, oversightOf(part));
    await known('session', undefined, session);
    await known('answers', day.id, []);
    return showInDay(day, <GroupsPage />);
  };

  it('is made where there is none, and says what it does', async () => {
    const asked = answering(
      oversightOf({ joining: { code: 'ABCD2345', endsAt: null, tablets: [] } }),
    );
    await page();
    expect(screen.getByText(/No code opens this lab day now/)).toBeVisible();
    await tap('Make the code');
    await waitFor(() => expect(written(asked)[0]?.path).toBe(`/days/${day.id}/code`));
  });

  it('is shown in two halves, with a picture of the address', async () => {
    await page({ joining: { code: 'ABCD2345', endsAt: '2027-02-03T16:00:00.000Z', tablets: [] } });
    expect(screen.getByTestId('join-code')).toHaveTextContent('ABCD-2345');
    expect(screen.getByRole('img', { name: /QR picture of .*\/join\/ABCD2345/ })).toBeVisible();
    expect(screen.getByRole('button', { name: 'A new code' })).toBeVisible();
  });

  it('says how far each bench is, and puts a tablet out', async () => {
    const asked = answering(oversightOf());
    const recorded = { ...day, entries: [entry(1, { kind: 'precipitate', colour: 'white' })] };
    await known(
      'oversight',
      day.id,
      oversightOf({
        joining: {
          code: 'ABCD2345',
          endsAt: null,
          tablets: [
            {
              id: id(50),
              groupId: id(2),
              joinedAt: '2027-02-03T09:00:00.000Z',
              seenAt: '2027-02-03T09:10:00.000Z',
            },
          ],
        },
      }),
    );
    await known('session', undefined, { ...session, role: 'technician' });
    await showInDay(recorded, <GroupsPage />);
    const heron = within(screen.getByTestId('benches')).getByRole('row', { name: /Bench Heron/ });
    expect(heron).toHaveTextContent(/1 of \d+/);
    expect(
      within(screen.getByTestId('benches')).getByRole('row', { name: /Bench Tern/ }),
    ).toHaveTextContent('none has joined');
    await tap('Put out tablet 1 of Bench Heron');
    await waitFor(() =>
      expect(written(asked)[0]).toMatchObject({
        method: 'DELETE',
        path: `/days/${day.id}/tablets/${id(50)}`,
      }),
    );
  });

  it('releases what is expected of each piece of work by itself', async () => {
    const asked = answering(oversightOf());
    await page({ releases: [{ workId: id(101), when: 'always' }] });
    const released = screen.getByRole('region', { name: 'Released' });
    const [first, second] = within(released).getAllByRole('radiogroup');
    expect(within(second as HTMLElement).getByRole('radio', { name: 'Always' })).toBeChecked();
    expect(within(first as HTMLElement).getByRole('radio', { name: 'Never' })).toBeChecked();
    await user.click(within(first as HTMLElement).getByRole('radio', { name: 'After recording' }));
    await waitFor(() =>
      expect(written(asked)[0]?.body).toEqual({ workId: id(100), when: 'afterRecording' }),
    );
  });
});

describe('the unknowns of a day', () => {
  const dealt = oversightOf({ unknowns: [{ groupId: id(2), code: 'H-7', kind: 'inorganic' }] });
  const answer = {
    id: id(60),
    groupId: id(2),
    code: 'H-7',
    answer: 'NaCl',
    results: [{ test: 'flame', outcome: 'yellow', blank: 'none' as const, note: '' }],
    sentAt: '2027-02-03T10:00:00.000Z',
  };
  const page = async (answers = [answer]) => {
    await known('oversight', day.id, dealt);
    await known('session', undefined, session);
    await known('answers', day.id, answers);
    return showInDay(day, <GroupsPage />);
  };

  it('have their codes on the screen, and no key', async () => {
    await page();
    const row = within(screen.getByTestId('dealt')).getByRole('row', { name: /Bench Heron/ });
    expect(row).toHaveTextContent('H-7');
    expect(row).toHaveTextContent('NaCl by 1 test');
    expect(screen.queryByText('Key and mark')).not.toBeInTheDocument();
  });

  it('show their keys when asked, and seal them again', async () => {
    serving({
      [`GET /days/${day.id}/keys`]: [
        { groupId: id(2), code: 'H-7', kind: 'inorganic', key: 'KCl' },
      ],
    });
    await page([]);
    await tap('Show the keys');
    expect(await screen.findByTestId('key-Bench Heron')).toHaveTextContent(/K ?Cl/);
    await tap('Seal the keys');
    expect(screen.queryByTestId('key-Bench Heron')).not.toBeInTheDocument();
  });

  it('say so before answers that are handed in lose their jar', async () => {
    localStorage.setItem(
      'stoichos.unknown',
      JSON.stringify({
        kind: 'inorganic',
        label: '',
        own: [],
        listed: [],
        salts: ['NaCl', 'KI', 'CuSO4'],
        classesOut: [],
        school: 'asSet',
        rankBy: 'bits',
        sampleMg: '',
        minutes: '',
        mostHazard: 4,
        missing: [],
        results: { organic: [], inorganic: [] },
      }),
    );
    const asked = answering({ leftOut: [], oversight: dealt });
    await page();
    await user.click(screen.getByText('Deal anew'));
    const button = await screen.findByRole('button', { name: 'Deal anew to 2 benches' });
    await waitFor(() => expect(button).toBeEnabled(), patience);
    await user.click(button);
    expect(screen.getByText(/One answer is handed in already/)).toBeVisible();
    expect(written(asked)).toMatchObject([]);
    await tap('Deal anew all the same');
    await waitFor(() => expect(written(asked)).toHaveLength(1));
    const sent = written(asked)[0]?.body as { candidates: string[]; inseparable: unknown[] };
    // Which jar goes to which bench is not drawn here.
    expect(sent).toEqual({
      kind: 'inorganic',
      candidates: ['NaCl', 'KI', 'CuSO4'],
      inseparable: sent.inseparable,
    });
  });
});

describe('what a group sees at its bench', () => {
  const at = async (view: GroupView) => {
    await known('session', undefined, { ...session, role: 'group', open: false });
    await known('group', undefined, view);
    return show(<GroupPage />);
  };
  const viewOf = (allowed: Partial<Parameters<typeof viewForGroup>[2]> = {}, of = day) =>
    viewForGroup(of, id(2), { releases: [], messages: [], ...allowed });

  it('is its step, what to record and nothing of what is expected', async () => {
    await at(viewOf());
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent('Bench Heron');
    expect(screen.getByTestId('step')).toHaveTextContent(/Ag ?NO/);
    expect(screen.getByText(/Step 1 of 1/)).toBeVisible();
    expect(screen.queryByTestId('expectation')).not.toBeInTheDocument();
  });

  it('has what is expected where it was released', async () => {
    await at(viewOf({ releases: [{ workId: id(100), when: 'always' }] }));
    expect(screen.getByTestId('expectation')).toHaveTextContent(/white/);
  });

  it('goes through the steps of a procedure, and says what has to come first', async () => {
    await at(viewOf());
    await user.click(
      within(screen.getByRole('group', { name: 'Work of the day' })).getByRole('button', {
        name: /^2 /,
      }),
    );
    const steps = screen.getByRole('list', { name: 'Steps' });
    const all = within(steps).getAllByRole('button');
    await user.click(all[3] as HTMLElement);
    expect(screen.getByTestId('step').textContent).not.toBe('');
    expect(screen.getByText(/First step \d+:/)).toBeVisible();
    await tap('Done, go on');
    expect(screen.getByText(/Step 5 of/)).toBeVisible();
  });

  it('shows the last word of the instructor, and leads to what is to be looked at again', async () => {
    const message = {
      id: id(70),
      groupId: null,
      kind: 'message' as const,
      workId: null,
      stepId: null,
      text: 'Goggles on',
      sentAt: '2027-02-03T10:00:00.000Z',
    };
    await at(
      viewOf({
        messages: [
          message,
          { ...message, id: id(71), text: 'Ten minutes left' },
          { ...message, id: id(72), kind: 'flag', workId: id(101), stepId: 'fill', text: 'again' },
        ],
      }),
    );
    expect(screen.getByTestId('message')).toHaveTextContent('Ten minutes left');
    expect(screen.queryByText('Goggles on')).not.toBeInTheDocument();
    expect(screen.getByTestId('flag')).toHaveTextContent('Look again');
    await tap('Go there');
    const works = within(screen.getByRole('group', { name: 'Work of the day' }));
    expect(works.getByRole('button', { name: /^2 / })).toHaveAttribute('aria-pressed', 'true');
  });

  it('records what is seen, and has it in its own table', async () => {
    await at(viewOf());
    const sees = screen.getByRole('region', { name: 'What you see' });
    const pressed = (is: 'true' | 'false') =>
      waitFor(
        () =>
          expect(within(sees).getByRole('button', { name: /^cloudy/ })).toHaveAttribute(
            'aria-pressed',
            is,
          ),
        patience,
      );
    await user.click(within(sees).getByRole('button', { name: /^cloudy/ }));
    await pressed('true');
    await user.click(within(sees).getByRole('button', { name: 'Undo' }));
    await pressed('false');
    await user.click(within(sees).getByRole('tab', { name: 'Our table' }));
    expect(within(sees).getAllByText(/cloudy/).length).toBeGreaterThan(1);
  });

  it('says so once the tablet was put out, and how to come back', async () => {
    await known('session', undefined, { ...session, role: 'nobody', open: false });
    await known('group', undefined, viewOf());
    show(<GroupPage />);
    expect(screen.getByText('This tablet has left the lab day')).toBeVisible();
    expect(screen.getByRole('link', { name: 'Join again' })).toHaveAttribute('href', '/join');
  });

  it('says what is planned where nothing is', async () => {
    await at(viewOf({}, dayOf([])));
    expect(screen.getByText('Nothing is planned yet. It appears here by itself.')).toBeVisible();
  });
});

describe('a bench’s own unknown', () => {
  const view = (kind: 'organic' | 'inorganic' = 'inorganic') => ({
    ...viewForGroup(day, id(2), { releases: [], messages: [] }),
    unknown: { code: 'H-7', kind, answer: null },
  });

  it('is written down test by test, with its blank, and taken back', async () => {
    show(<UnknownPanel view={view()} />);
    await choose('A test', /^Flame/);
    await user.click(
      within(screen.getByRole('group', { name: 'What you saw' })).getByRole('button', {
        name: 'yellow',
      }),
    );
    const record = screen.getByTestId('unknown-record');
    expect(record).toHaveTextContent(/Flame.*yellow/);
    await tap(/^Take back Flame/);
    expect(screen.queryByTestId('unknown-record')).not.toBeInTheDocument();
  });

  it('asks for no blank where one only looks', async () => {
    show(<UnknownPanel view={view()} />);
    const look = inorganicTests.find(({ blank }) => blank === 'none needed');
    await choose('A test', look?.label ?? '');
    expect(screen.queryByRole('group', { name: 'The blank beside it' })).not.toBeInTheDocument();
  });

  it('is handed in with everything it was gone by', async () => {
    const asked = answering();
    show(<UnknownPanel view={view()} />);
    await choose('A test', /^Flame/);
    await user.click(
      within(screen.getByRole('group', { name: 'What you saw' })).getByRole('button', {
        name: 'violet',
      }),
    );
    expect(screen.getByRole('button', { name: 'Hand in' })).toBeDisabled();
    await user.type(screen.getByLabelText('It is', { selector: 'input' }), 'KCl');
    await tap('Hand in');
    await waitFor(() =>
      expect(written(asked)[0]?.body).toMatchObject({
        answer: 'KCl',
        results: [{ test: 'flame', outcome: 'violet' }],
      }),
    );
  });

  it('stays on the tablet where it could not be handed in', async () => {
    refusing('The lab day is over.', 'Ask the instructor.');
    show(<UnknownPanel view={view('organic')} />);
    await user.type(screen.getByLabelText('It is', { selector: 'input' }), 'ethanol');
    await tap('Hand in');
    expect(await screen.findByText(/The lab day is over. What you wrote stays here/)).toBeVisible();
    expect(screen.getByLabelText('It is', { selector: 'input' })).toHaveValue('ethanol');
  });
});
