import type { Page } from '@playwright/test';
import { expect, test } from './support/application';
import { recordOf } from './support/days';
import { openDemoBench } from './support/steps';

/** Switches to another bench. */
const chooseGroup = (page: Page, name: string) =>
  page
    .getByRole('group', { name: 'Groups' })
    .getByRole('button', { name: new RegExp(`^${name}`) })
    .click();

const record = (name: string) => ({ name, exact: true });

/** The notice of entries that are not sent yet, whatever else tells its state beside it. */
const unsent = (page: Page) => page.getByRole('status').filter({ hasText: 'not sent yet' });

test('an acknowledged observation survives the server being killed', async ({
  page,
  application,
}) => {
  await openDemoBench(page);
  await page.getByRole('button', { name: /2 CaCl2/ }).click();
  const stored = page.waitForResponse(
    (answer) => answer.url().endsWith('/api/entries') && answer.status() === 201,
  );
  await page.getByRole('button', { name: 'cloudy' }).click();
  await stored;
  await application.kill();
  await application.start();
  await page.reload();
  await expect(page.getByRole('button', { name: 'cloudy' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
});

test('what is recorded while the server is away is kept, shown as unsent, and sent exactly once', async ({
  page,
  application,
}) => {
  await openDemoBench(page);
  await chooseGroup(page, 'Bench Plover');
  await application.kill();
  await page.getByRole('button', { name: 'clear' }).click();
  await page
    .getByRole('group', { name: 'Precipitate' })
    .getByRole('button', record('green'))
    .click();
  await expect(unsent(page)).toContainText('2 not sent yet');
  await expect(page.getByRole('button', { name: 'clear' })).toHaveAttribute('aria-pressed', 'true');
  await application.start();
  await expect(unsent(page)).toBeHidden({ timeout: 15_000 });
  await page.reload();
  await expect(page.getByRole('button', { name: 'clear' })).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByRole('button', { name: /Bench Plover 2 recorded/ })).toBeVisible();
});

test('unsent entries survive a reload', async ({ page, application }) => {
  await openDemoBench(page);
  await chooseGroup(page, 'Bench Plover');
  await page.getByRole('button', { name: /3 KNO3/ }).click();
  // The pages still load, only the record cannot be sent: as behind a proxy whose server is away.
  await page.route('**/api/entries', (route) => route.abort());
  await page.getByRole('button', { name: 'nothing happened' }).click();
  await expect(unsent(page)).toContainText('1 not sent yet');
  await page.reload();
  await expect(page.getByRole('button', { name: 'nothing happened' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await expect(unsent(page)).toContainText('not sent yet');
  await page.unroute('**/api/entries');
  // A request that was just being refused may hang; after 20 s it is given up and sent again.
  await expect(unsent(page)).toBeHidden({ timeout: 40_000 });
  expect(application.url).toContain('127.0.0.1');
});

test('entries made while the database is away arrive once it is back', async ({
  page,
  application,
}) => {
  await openDemoBench(page);
  await chooseGroup(page, 'Bench Plover');
  await page.getByRole('button', { name: /3 KNO3/ }).click();
  const bringBack = await application.stopDatabase();
  await page.getByRole('button', { name: /^no precipitate/ }).click();
  await expect(unsent(page)).toContainText('1 not sent yet');
  await bringBack();
  await expect(unsent(page)).toBeHidden({ timeout: 30_000 });
  await page.reload();
  await expect(page.getByRole('button', { name: /^no precipitate/ })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
});

test('a lid that is closed over unsent entries sends them when it is opened', async ({
  page,
  application,
  context,
}) => {
  await openDemoBench(page);
  await chooseGroup(page, 'Bench Tern');
  await page.getByRole('button', { name: /3 KNO3/ }).click();
  await context.setOffline(true);
  await page.getByRole('button', { name: 'opaque' }).click();
  await expect(unsent(page)).toContainText('1 not sent yet');
  const lid = await context.newCDPSession(page);
  await lid.send('Page.setWebLifecycleState', { state: 'frozen' });
  await context.setOffline(false);
  await lid.send('Page.setWebLifecycleState', { state: 'active' });
  await expect(unsent(page)).toBeHidden({ timeout: 15_000 });
  await page.reload();
  await expect(page.getByRole('button', { name: 'opaque' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  expect(application.url).toContain('127.0.0.1');
});

test('unsent entries of the earlier shape are taken over and sent', async ({ page }) => {
  await openDemoBench(page);
  const id = /days\/([^/?]+)/.exec(page.url())?.[1] ?? '';
  const day = (await (await page.request.get(`/api/days/${id}`)).json()) as {
    procedures: { id: string }[];
    groups: { id: string }[];
  };
  const entry = {
    id: crypto.randomUUID(),
    testId: day.procedures[2]?.id,
    groupId: day.groups[2]?.id,
    record: { kind: 'clarity', to: 'cloudy' },
    supersedes: null,
    recordedAt: '2026-05-04T10:00:00.000Z',
  };
  await page.evaluate(
    async ([dayId, old]) => {
      const open = indexedDB.open('keyval-store');
      await new Promise((ready) => {
        open.onupgradeneeded = () => open.result.createObjectStore('keyval');
        open.onsuccess = ready;
      });
      const write = open.result.transaction('keyval', 'readwrite');
      write.objectStore('keyval').put([{ dayId, entry: old }], 'stoichos-outbox');
      await new Promise((ready) => (write.oncomplete = ready));
    },
    [id, entry] as const,
  );
  await page.reload();
  await expect(page.getByRole('heading', { name: 'What Bench Heron sees' })).toBeVisible();
  await expect
    .poll(async () => (await recordOf(page, id)).some((one) => one.id === entry.id))
    .toBe(true);
});
