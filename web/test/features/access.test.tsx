import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { SessionState } from '@stoichos/core/labday/access';
import { exchangeText } from '@stoichos/core/report/exchange';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../src/data/api/api';
import { store } from '../../src/data/store';
import { AccessPage } from '../../src/features/settings/AccessPage';
import { DataPage } from '../../src/features/settings/DataPage';
import { SettingsPage } from '../../src/features/settings/SettingsPage';
import { SignIn } from '../../src/shell/SignIn';
import { tap, user } from '../support/acts';
import { shipped } from '../support/day';
import { chosen, show } from '../support/render';
import { answering, known, refusing, serving, written } from '../support/server';

const session = {
  role: 'instructor' as const,
  open: true,
  hasPassphrase: false,
  hasTechnician: true,
  bench: null,
};

beforeEach(async () => {
  store.dispatch(api.util.resetApiState());
  await chosen({});
});

describe('who may come in', () => {
  const page = async (part: Partial<SessionState> = {}) => {
    await known('session', undefined, { ...session, ...part });
    return show(<AccessPage />);
  };
  const of = (role: string) =>
    within(screen.getByRole('region', { name: `Passphrase of the ${role}` }));

  it('says that the machine stands open, and offers no signing out then', async () => {
    await page();
    expect(screen.getByText(/whoever sits at it is the instructor/)).toBeVisible();
    expect(screen.queryByRole('button', { name: 'Sign out' })).not.toBeInTheDocument();
    expect(of('instructor').getByText(/None is set/)).toBeVisible();
    expect(of('technician').getByText(/One is set; a new one replaces it/)).toBeVisible();
  });

  it('asks for the passphrase as it is before another is set, and says where it is not that', async () => {
    const wrong = {
      code: 'wrongPassphrase',
      message: 'That is not the passphrase.',
      field: 'current',
      remedy: 'Try again.',
    };
    const asked = answering({ error: wrong }, 403);
    await page({ open: false, hasPassphrase: true });
    const set = of('technician').getByRole('button', { name: 'Set the passphrase' });
    const now = of('technician').getByLabelText('The instructor’s passphrase now');
    fireEvent.change(of('technician').getByLabelText('New passphrase'), {
      target: { value: 'heron tern plover' },
    });
    expect(set).toBeDisabled();
    fireEvent.change(now, { target: { value: 'lantern' } });
    await user.click(set);
    expect(await screen.findByText('That is not the passphrase. Try again.')).toBeVisible();
    expect(now).toHaveValue('lantern');
    expect(written(asked)[0]?.body).toEqual({
      current: 'lantern',
      passphrase: 'heron tern plover',
    });
  });

  it('sets a passphrase of ten characters or more, and forgets what was typed', async () => {
    const asked = answering();
    await page();
    const field = of('instructor').getByLabelText('New passphrase');
    fireEvent.change(field, { target: { value: 'short' } });
    expect(of('instructor').getByRole('button', { name: 'Set the passphrase' })).toBeDisabled();
    fireEvent.change(field, { target: { value: 'heron tern plover' } });
    await user.click(of('instructor').getByRole('switch'));
    await user.click(of('instructor').getByRole('button', { name: 'Set the passphrase' }));
    await waitFor(() => expect(field).toHaveValue(''));
    expect(written(asked)[0]).toMatchObject({
      method: 'PUT',
      path: '/accounts/instructor',
      body: { passphrase: 'heron tern plover', openHere: false },
    });
  });

  it('says at the field why one was refused, and keeps it', async () => {
    refusing('That passphrase was used before.', 'Take another.');
    await page();
    const field = of('technician').getByLabelText('New passphrase');
    fireEvent.change(field, { target: { value: 'heron tern plover' } });
    await user.click(of('technician').getByRole('button', { name: 'Set the passphrase' }));
    expect(await screen.findByText('That passphrase was used before. Take another.')).toBeVisible();
    expect(field).toHaveValue('heron tern plover');
  });

  it('signs out here, or everywhere', async () => {
    const asked = answering();
    await page({ open: false });
    await tap('Sign out');
    await tap('Sign out everywhere');
    await waitFor(() =>
      expect(written(asked).map(({ path }) => path)).toEqual(['/sign-out', '/sign-out-everywhere']),
    );
  });

  it('shows who went through which door', async () => {
    const line = {
      at: '2027-02-03T10:00:00.000Z',
      role: 'instructor',
      what: 'opened the keys',
      about: 'Week 1',
    };
    await known('audit', undefined, { items: [line], next: '17' });
    await known('audit', '17', { items: [{ ...line, what: 'signed in' }], next: null });
    await page();
    await user.click(screen.getByText('Who went through which door'));
    expect(screen.getByText('opened the keys')).toBeVisible();
    await tap('Earlier lines');
    expect(screen.getByText('signed in')).toBeVisible();
    expect(screen.queryByRole('button', { name: 'Earlier lines' })).not.toBeInTheDocument();
  });

  it('leaves passphrases to the instructor', async () => {
    await page({ role: 'technician', open: false });
    expect(screen.getByText('You are signed in as the technician.')).toBeVisible();
    expect(screen.queryByLabelText('New passphrase')).not.toBeInTheDocument();
  });
});

describe('signing in', () => {
  it('is by role and passphrase', async () => {
    const asked = answering();
    show(<SignIn session={{ ...session, role: 'nobody', open: false }} />);
    await user.click(screen.getByRole('radio', { name: 'Technician' }));
    fireEvent.change(screen.getByLabelText('Passphrase'), { target: { value: 'heron tern' } });
    await user.click(screen.getByRole('button', { name: /Sign in/ }));
    await waitFor(() =>
      expect(written(asked)[0]?.body).toEqual({ role: 'technician', passphrase: 'heron tern' }),
    );
  });

  it('waits for its turn where many have guessed, without a word', async () => {
    const error = { code: 'tooManyTries', message: 'Too many.', field: null, remedy: 'Wait.' };
    const statuses = [429, 429, 204];
    vi.stubGlobal('fetch', () => {
      const status = statuses.shift() ?? 500;
      const headers = { 'content-type': 'application/json', 'retry-after': '0' };
      return Promise.resolve(
        new Response(status === 204 ? null : JSON.stringify({ error }), { status, headers }),
      );
    });
    show(<SignIn session={{ ...session, role: 'nobody', open: false }} />);
    fireEvent.change(screen.getByLabelText('Passphrase'), { target: { value: 'heron tern' } });
    await user.click(screen.getByRole('button', { name: /Sign in/ }));
    await waitFor(() => expect(statuses).toEqual([]));
    expect(screen.queryByText(/Too many/)).toBeNull();
  });

  it('says what is wrong', async () => {
    refusing('That is not the passphrase.', 'Try it again, or ask the instructor.');
    show(<SignIn session={{ ...session, role: 'nobody', open: false }} />);
    fireEvent.change(screen.getByLabelText('Passphrase'), { target: { value: 'wrong' } });
    await user.click(screen.getByRole('button', { name: /Sign in/ }));
    expect(await screen.findByText(/That is not the passphrase/)).toBeVisible();
  });
});

describe('the settings', () => {
  const changed = (asked: ReturnType<typeof answering>) => written(asked).map(({ body }) => body);

  it('are kept one by one, so that two changes at once do not undo each other', async () => {
    const asked = answering();
    show(<SettingsPage />);
    await user.click(screen.getByRole('radio', { name: /with a comma/ }));
    await user.click(screen.getByRole('radio', { name: 'Letter' }));
    await waitFor(() =>
      expect(changed(asked)).toEqual([{ decimalSeparator: ',' }, { paper: 'Letter' }]),
    );
  });

  it('keep the name of the school once its field is left, and only if it changed', async () => {
    const asked = answering();
    show(<SettingsPage />);
    const field = screen.getByLabelText('Institution');
    await user.click(field);
    await user.tab();
    expect(changed(asked)).toEqual([]);
    await user.type(field, '  Fen Lane School ');
    await user.tab();
    await waitFor(() => expect(changed(asked)).toEqual([{ institution: 'Fen Lane School' }]));
  });

  it('refuse a number that cannot be, at its field, and send nothing', async () => {
    const asked = answering();
    show(<SettingsPage />);
    const drops = screen.getByLabelText('Drops to 1 mL');
    fireEvent.change(drops, { target: { value: '0' } });
    fireEvent.blur(drops);
    expect(drops).toBeInvalid();
    expect(changed(asked)).toEqual([]);
    fireEvent.change(drops, { target: { value: '22' } });
    fireEvent.blur(drops);
    await waitFor(() => expect(changed(asked)).toEqual([{ dropsPerMl: 22 }]));
  });

  it('show the room in the degrees of the school, and keep it in °C', async () => {
    await chosen({ temperature: '°F' });
    const asked = answering();
    show(<SettingsPage />);
    const room = screen.getByLabelText('Room temperature, °F');
    expect(room).toHaveValue('69.8');
    fireEvent.change(room, { target: { value: '68' } });
    fireEvent.blur(room);
    await waitFor(() => expect(changed(asked)).toEqual([{ roomC: 20 }]));
    await chosen({});
  });

  it('of this browser stay in it', async () => {
    const asked = answering();
    show(<SettingsPage />);
    await user.click(screen.getByRole('switch', { name: /Timers ring/ }));
    await user.click(screen.getByRole('radio', { name: 'Larger' }));
    expect(changed(asked)).toEqual([]);
    expect(JSON.stringify({ ...localStorage })).toContain('larger');
  });

  it('lead to data, doors and sources', () => {
    show(<SettingsPage />);
    const links = within(screen.getByRole('region', { name: 'More' })).getAllByRole('link');
    expect(links.map((link) => link.getAttribute('href'))).toEqual([
      '/data',
      '/access',
      '/help/sources',
    ]);
  });
});

describe('data in and out', () => {
  const procedure = shipped('crystal-water-by-mass');
  const file = exchangeText({ format: 'stoichos/procedure', version: 2, procedure });
  const takeIn = async (text: string, name = 'a.json') => {
    const input = document.querySelector<HTMLInputElement>('input[type=file]');
    if (!input) throw new Error('No field for a file.');
    fireEvent.change(input, { target: { files: [new File([text], name)] } });
    await Promise.resolve();
  };
  const plan = (standing: string, part: object = {}) => ({
    what: 'procedure',
    name: procedure.name,
    standing,
    brings: ['7 steps'],
    differences: [],
    goTo: null,
    ...part,
  });
  const page = async (role: 'instructor' | 'technician' = 'instructor') => {
    await known('session', undefined, { ...session, role: role as 'instructor' });
    return show(<DataPage />);
  };

  it('shows what would change before anything does', async () => {
    const asked = serving({ 'POST /import': plan('new') });
    await page();
    await takeIn(file);
    expect(await screen.findByTestId('import-plan')).toHaveTextContent('7 steps');
    expect(written(asked).map(({ body }) => (body as { apply: boolean }).apply)).toEqual([false]);
    await tap('Take it in');
    await waitFor(() =>
      expect(written(asked).map(({ body }) => (body as { apply: boolean }).apply)).toEqual([
        false,
        true,
      ]),
    );
  });

  it('takes nothing in that is here just so', async () => {
    serving({ 'POST /import': plan('same') });
    await page();
    await takeIn(file);
    expect(await screen.findByText(/There is nothing to do/)).toBeVisible();
    expect(screen.queryByRole('button', { name: /Take it in/ })).not.toBeInTheDocument();
  });

  it('puts what differs beside what is here, and says in what', async () => {
    const asked = serving({
      'POST /import': plan('differs', { differences: ['Step 2 is heated longer'] }),
    });
    await page();
    await takeIn(file);
    expect(await screen.findByText('Step 2 is heated longer')).toBeVisible();
    await tap('Take it in beside it');
    await waitFor(() =>
      expect(written(asked).at(-1)?.body).toMatchObject({ apply: true, asAnother: true }),
    );
  });

  it('says which file it cannot read, and what to do', async () => {
    await page();
    await takeIn('{"format": "something else"}', 'odd.json');
    expect(await screen.findByRole('alert')).toHaveTextContent(/^odd\.json: /);
  });

  it('restores a backup only when it is asked for twice', async () => {
    const backup = {
      format: 'stoichos/backup',
      version: 3,
      madeAt: '2027-02-03T10:00:00.000Z',
      tablesAt: '014-restoring-and-listing',
    };
    const asked = serving({
      'POST /restore': {
        madeAt: backup.madeAt,
        tables: [{ name: 'lab_days', now: 4, inBackup: 2 }],
      },
    });
    await page();
    // Only its first line is read here.
    await takeIn(`${JSON.stringify(backup)}\n{"row":`, 'backup.ndjson');
    const table = await screen.findByTestId('restore-plan');
    expect(within(table).getByRole('row', { name: /Lab days/ })).toHaveTextContent('42');
    expect(screen.getByRole('button', { name: 'Restore' })).toBeDisabled();
    await user.click(screen.getByRole('checkbox', { name: /in place of everything/ }));
    expect(screen.getByRole('button', { name: 'Restore' })).toBeEnabled();
    expect(written(asked)).toMatchObject([{ path: '/restore', query: '?apply=false' }]);
  });

  it('says of a backup of an earlier version what to do', async () => {
    await page();
    await takeIn('{"format":"stoichos/backup","version":2,"tables":{}}\n', 'old.json');
    expect(await screen.findByRole('alert')).toHaveTextContent(/^old\.json: .*version 2/);
  });

  it('offers a backup to the instructor alone', async () => {
    const { unmount } = await page();
    expect(screen.getByRole('link', { name: 'Save a backup' })).toHaveAttribute(
      'href',
      '/api/backup',
    );
    unmount();
    await page('technician');
    expect(screen.queryByRole('link', { name: 'Save a backup' })).not.toBeInTheDocument();
  });

  it('names every format with its schema', async () => {
    await page();
    const formats = screen.getByRole('region', { name: 'Formats' });
    for (const link of within(formats).getAllByRole('link'))
      expect(link.getAttribute('href')).toMatch(/^\/schemas\/[a-z-]+-[23]\.schema\.json$/);
  });
});
