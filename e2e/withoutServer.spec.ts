import type { Page } from '@playwright/test';
import { expect, test } from './support/application';
import { recordOf } from './support/days';
import { dayWithCode, tablet } from './support/groups';
import { openDemoBench } from './support/steps';

test.use({ serviceWorkers: 'allow' });

/** Waits until what the application is made of lies in the browser, and what was read of the day too. */
async function lain(page: Page, reads: readonly string[]): Promise<void> {
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
  await expect
    .poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null), {
      timeout: 30_000,
    })
    .toBe(true);
  await expect
    .poll(() =>
      page.evaluate(async () => {
        // Opening a database that is not there would make an empty one in its place.
        const there = await indexedDB.databases();
        if (!there.some(({ name }) => name === 'stoichos-answers')) return [];
        return new Promise<string[]>((done) => {
          const opening = indexedDB.open('stoichos-answers');
          opening.onerror = () => done([]);
          opening.onsuccess = () => {
            const base = opening.result;
            const keys = base.transaction('answers').objectStore('answers').getAllKeys();
            keys.onsuccess = () => {
              base.close();
              done(
                keys.result.map((key) =>
                  typeof key === 'string' ? key.replace(/\(.*$/s, '') : '',
                ),
              );
            };
          };
        });
      }),
    )
    .toEqual(expect.arrayContaining([...reads]));
}
const away = (page: Page) =>
  page.getByRole('status').filter({ hasText: 'The server does not answer' });

test('the bench of the staff opens after a reload while the server is away, and what is recorded arrives', async ({
  page,
  application,
}) => {
  await openDemoBench(page);
  const id = /days\/([^/?]+)/.exec(page.url())?.[1] ?? '';
  const before = (await recordOf(page, id)).length;
  await lain(page, ['session', 'settings', 'day']);
  await application.kill();
  await page.reload();
  await expect(page.getByRole('heading', { name: /^What Bench .* sees$/ })).toBeVisible();
  await expect(away(page)).toBeVisible();
  await page.getByRole('button', { name: /3 KNO3/ }).click();
  await page.getByRole('button', { name: 'opaque' }).click();
  await expect(page.getByText('1 not sent yet')).toBeVisible();
  await application.start();
  await expect(page.getByText('not sent yet')).toBeHidden({ timeout: 45_000 });
  await expect(away(page)).toBeHidden();
  await expect.poll(async () => (await recordOf(page, id)).length).toBe(before + 1);
});

test('a tablet at its bench opens after a reload while the server is away', async ({
  page,
  browser,
  application,
}) => {
  const code = await dayWithCode(page, 'Without the server');
  const bench = await tablet(browser, application.url, code, 'Bench Heron');
  await lain(bench, ['session', 'settings', 'group']);
  await application.kill();
  await bench.reload();
  await expect(bench.getByRole('heading', { level: 1, name: 'Bench Heron' })).toBeVisible();
  await expect(away(bench)).toBeVisible();
  await application.start();
  await expect(away(bench)).toBeHidden({ timeout: 45_000 });
  await bench.context().close();
});

test('the first list of lab days takes fewer than 25 requests', async ({ page }) => {
  const asked: string[] = [];
  page.on('request', (request) => asked.push(new URL(request.url()).pathname));
  await page.goto('/');
  await expect(page.getByRole('link', { name: /Week 2/ })).toBeVisible();
  const untilList = asked.length;
  await page.waitForLoadState('networkidle');
  expect(untilList, asked.join('\n')).toBeLessThan(25);
});

test('what the application is made of comes compressed, and once', async ({ page }) => {
  const files: { readonly path: string; readonly encoding: string | undefined }[] = [];
  page.on('response', (response) => {
    const { pathname: path } = new URL(response.url());
    if (/\.(js|css)$/.test(path))
      files.push({ path, encoding: response.headers()['content-encoding'] });
  });
  await page.goto('/unknowns');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await page.waitForLoadState('networkidle');
  const large = files.filter(({ path }) => /chemistry|index|shared|openchemlib/.test(path));
  expect(large.length).toBeGreaterThan(2);
  for (const { path, encoding } of large) expect([path, encoding]).toEqual([path, 'br']);
  // Everything that is shipped is named in the list of what lies in the browser.
  const shipped = await (await page.request.get('/sw.js')).text();
  expect(new Set(shipped.match(/assets\/openchemlib-[\w-]+\.js/g))).toHaveProperty('size', 1);
});
