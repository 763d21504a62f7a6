import { Notifications, notifications } from '@mantine/notifications';
import type { Kept, Saving } from '@stoichos/contract';
import { screen, within } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import * as z from 'zod';
import { saveWhole } from '../../src/data/saving/saveWhole';
import type { Whole } from '../../src/data/saving/saveWhole';
import { TwoVersions } from '../../src/shared/parts/TwoVersions';
import { tap, user } from '../support/acts';
import { show } from '../support/render';

interface Jar {
  readonly name: string;
  readonly amount: number;
  readonly labels: readonly { readonly id: string; readonly text: string }[];
}
const schema = z.object({
  name: z.string(),
  amount: z.number(),
  labels: z.array(z.object({ id: z.string(), text: z.string() })),
  version: z.number(),
});

/** A server with one jar at which others are at work as well. */
function shelf(first: Kept<Jar>) {
  let now = first;
  const save = vi.fn(async ({ version, ...jar }: Saving<Jar>): Promise<Kept<Jar>> => {
    await Promise.resolve();
    if (version !== now.version)
      throw Object.assign(new Error('stale'), {
        status: 409,
        data: {
          error: { code: 'stale', message: 'Changed.', field: 'version', remedy: 'Choose.', now },
        },
      });
    now = { ...jar, version: now.version + 1 };
    return now;
  });
  const whole: Whole<Jar> = {
    what: 'jar',
    id: crypto.randomUUID(),
    schema,
    names: { name: 'Name', amount: 'Amount', labels: 'Label' },
    save,
  };
  return {
    whole,
    save,
    now: () => now,
    elsewhere: (part: Partial<Jar>) => (now = { ...now, ...part, version: now.version + 1 }),
  };
}

const salt: Jar = { name: 'Salt', amount: 100, labels: [] };
const begun: Kept<Jar> = { ...salt, version: 1 };

beforeEach(() => {
  notifications.clean();
  show(
    <>
      <Notifications />
      <TwoVersions />
    </>,
  );
});

describe('what is saved whole', () => {
  it('is saved over what it was read as', async () => {
    const { whole, now } = shelf(begun);
    await saveWhole(whole, begun, { ...salt, amount: 50 });
    expect(now()).toEqual({ ...begun, amount: 50, version: 2 });
  });

  it('keeps what somebody else changed in other fields, without a question', async () => {
    const { whole, now, elsewhere } = shelf(begun);
    elsewhere({ amount: 70, labels: [{ id: 'a', text: 'old' }] });
    await saveWhole(whole, begun, { ...salt, name: 'Table salt' });
    expect(now()).toMatchObject({ name: 'Table salt', amount: 70, labels: [{ id: 'a' }] });
    expect(await screen.findByText(/Both changes are saved/)).toBeVisible();
  });

  it('is chosen field by field where both changed the same', async () => {
    const { whole, now, elsewhere } = shelf(begun);
    elsewhere({ name: 'Rock salt', amount: 70 });
    const saved = saveWhole(whole, begun, { ...salt, name: 'Table salt', amount: 60 });
    const dialog = within(
      await screen.findByRole('dialog', { name: 'Somebody else has changed the jar' }),
    );
    const chosen = dialog.getByRole('button', { name: 'Save what I chose' });
    expect(chosen).toBeDisabled();
    await user.click(dialog.getByRole('radio', { name: 'Yours: Table salt' }));
    await user.click(dialog.getByRole('radio', { name: 'Theirs: 70' }));
    await user.click(chosen);
    await saved;
    expect(now()).toMatchObject({ name: 'Table salt', amount: 70, version: 3 });
  });

  it('stays as it is, here and there, where nothing is chosen', async () => {
    const { whole, now, elsewhere } = shelf(begun);
    elsewhere({ name: 'Rock salt' });
    const saved = saveWhole(whole, begun, { ...salt, name: 'Table salt' });
    const refused = expect(saved).rejects.toMatchObject({ status: 409 });
    await screen.findByRole('dialog');
    await tap('Not now');
    await refused;
    expect(now().name).toBe('Rock salt');
  });

  it('says of what was taken out that it was', async () => {
    const label = { id: 'a', text: 'old' };
    const first = { ...begun, labels: [label] };
    const { whole, now, elsewhere } = shelf(first);
    elsewhere({ labels: [{ ...label, text: 'new' }] });
    const saved = saveWhole(whole, first, { ...salt, labels: [] });
    await user.click(await screen.findByRole('radio', { name: 'Yours: taken out' }));
    await tap('Save what I chose');
    await saved;
    expect(now().labels).toEqual([]);
  });
});

describe('who taps faster than the network', () => {
  it('asks nobody: the later change of the same field counts, and all others stay', async () => {
    const { whole, save, now } = shelf(begun);
    // All three were made from what was read first.
    await Promise.all([
      saveWhole(whole, begun, { ...salt, name: 'One' }),
      saveWhole(whole, begun, { ...salt, amount: 10 }),
      saveWhole(whole, begun, { ...salt, name: 'Three' }),
    ]);
    expect(now()).toEqual({ ...begun, name: 'Three', amount: 10, version: 4 });
    expect(save).toHaveBeenCalledTimes(3);
    expect(screen.queryByRole('dialog')).toBeNull();
  });

  it('goes on after one that could not be saved', async () => {
    const { whole, save, now } = shelf(begun);
    save.mockRejectedValueOnce({ status: 'unreachable' });
    const first = saveWhole(whole, begun, { ...salt, name: 'One' });
    const second = saveWhole(whole, begun, { ...salt, amount: 10 });
    await expect(first).rejects.toMatchObject({ status: 'unreachable' });
    await second;
    expect(now()).toEqual({ ...begun, amount: 10, version: 2 });
  });
});
