import { screen, waitFor, within } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { outboxSlice } from '../../src/data/outbox/outboxSlice';
import { staff } from '../../src/data/outbox/seat';
import { store } from '../../src/data/store';
import { OutboxNotice } from '../../src/shared/outbox/OutboxNotice';
import { fill, tap } from '../support/acts';
import { entry, id } from '../support/day';
import { show } from '../support/render';
import { known } from '../support/server';

const { recorded, setAside, dropped, reachable, unreachable } = outboxSlice.actions;
const note = (n: number, text = 'pale') => ({
  dayId: id(1),
  entry: entry(n, { kind: 'note', text }),
});
const box = () => store.getState().outbox;
const empty = () => {
  store.dispatch(reachable());
  for (const { entry: one } of [...box().waiting, ...box().aside]) store.dispatch(dropped(one.id));
};
const signedIn = (role: 'instructor' | 'group') =>
  known('session', undefined, {
    role,
    open: false,
    hasPassphrase: true,
    hasTechnician: false,
    bench:
      role === 'group'
        ? { dayId: id(1), dayName: 'A day', groupId: id(3), groupName: 'Bench Tern' }
        : null,
  });

beforeEach(empty);
afterEach(() => {
  vi.restoreAllMocks();
  empty();
});

describe('what is not on the server', () => {
  it('is nothing to speak of where everything is there', () => {
    show(<OutboxNotice />);
    expect(screen.queryByRole('status')).toBeNull();
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('is counted while it is on its way', () => {
    store.dispatch(recorded(note(1)));
    store.dispatch(unreachable());
    show(<OutboxNotice />);
    expect(screen.getByRole('status')).toHaveTextContent(
      '1 not sent yet – the server does not answer; kept here and tried again',
    );
  });

  it('is shown with why it was set aside, changed, and tried again', async () => {
    store.dispatch(setAside({ ...note(1, 'pale'), reason: 'The note is too short. Say more.' }));
    show(<OutboxNotice />);
    expect(screen.getByRole('alert')).toHaveTextContent('1 not stored');
    await tap('Look at it');
    const sheet = within(await screen.findByRole('dialog', { name: 'Not on the server' }));
    expect(sheet.getByRole('heading', { name: 'note: “pale”' })).toBeVisible();
    expect(sheet.getByText('The note is too short. Say more.')).toBeVisible();
    await fill('Text', ' ');
    expect(sheet.getByRole('button', { name: 'Try again' })).toBeDisabled();
    await fill('Text', 'pale blue, cloudy');
    await tap('Try again');
    expect(box().aside).toEqual([]);
    expect(box().waiting[0]?.entry).toMatchObject({
      id: note(1).entry.id,
      record: { kind: 'note', text: 'pale blue, cloudy' },
    });
  });

  it('is deleted only when somebody says so twice', async () => {
    store.dispatch(setAside({ ...note(1), reason: 'No.' }));
    show(<OutboxNotice />);
    await tap('Look at it');
    await tap('Delete');
    expect(box().aside).toHaveLength(1);
    await tap('Yes, delete it for good');
    expect(box().aside).toEqual([]);
  });

  it('leaves as a file, whole', async () => {
    const saved: Blob[] = [];
    // Following the link would take the page of every later test along.
    vi.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(() => undefined);
    vi.spyOn(URL, 'createObjectURL').mockImplementation((blob) => {
      saved.push(blob as Blob);
      return 'blob:here';
    });
    store.dispatch(setAside({ ...note(1), reason: 'No.' }));
    show(<OutboxNotice />);
    await tap('Look at it');
    await tap('Save them as a file');
    const text = await saved[0]?.text();
    expect(JSON.parse(text ?? '')).toMatchObject({
      format: 'stoichos/entries',
      entries: [{ id: note(1).entry.id, record: { text: 'pale' } }],
    });
  });

  it('and was made at another bench waits for that bench, or for the staff', async () => {
    await signedIn('group');
    store.dispatch(recorded({ ...note(1), by: id(2) }));
    const { unmount } = show(<OutboxNotice />);
    expect(screen.queryByRole('status')).toBeNull();
    expect(screen.getByRole('alert')).toHaveTextContent('1 made at another bench');
    await tap('Look at it');
    expect(screen.getByText(/or the instructor takes them in/)).toBeVisible();
    expect(screen.queryByRole('button', { name: 'Take it in' })).toBeNull();
    expect(screen.queryByRole('button', { name: 'Delete' })).toBeNull();
    unmount();
    await signedIn('instructor');
    show(<OutboxNotice />);
    await tap('Look at it');
    await tap('Take it in');
    await waitFor(() => expect(screen.queryByRole('alert')).toBeNull());
    expect(box().waiting[0]?.by).not.toBe(staff);
    expect(box().waiting[0]?.by).toBeUndefined();
  });
});
