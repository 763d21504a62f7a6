import { expect, test } from './support/application';
import { openDemoBench } from './support/steps';

const record = (name: string) => ({ name, exact: true });

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
  await page
    .getByRole('group', { name: 'Groups' })
    .getByRole('button', { name: /Bench Plover/ })
    .click();
  await application.kill();
  await page.getByRole('button', { name: 'clear' }).click();
  await page
    .getByRole('group', { name: 'Precipitate' })
    .getByRole('button', record('green'))
    .click();
  await expect(page.getByRole('status')).toContainText('2 not sent yet');
  await expect(page.getByRole('button', { name: 'clear' })).toHaveAttribute('aria-pressed', 'true');
  await application.start();
  await expect(page.getByRole('status')).toBeHidden({ timeout: 15_000 });
  await page.reload();
  await expect(page.getByRole('button', { name: 'clear' })).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByRole('button', { name: /Bench Plover 2 recorded/ })).toBeVisible();
});

test('unsent entries survive a reload', async ({ page, application }) => {
  await openDemoBench(page);
  await page
    .getByRole('group', { name: 'Groups' })
    .getByRole('button', { name: /Bench Plover/ })
    .click();
  await page.getByRole('button', { name: /3 KNO3/ }).click();
  // The pages still load, only the record cannot be sent: as behind a proxy whose server is away.
  await page.route('**/api/entries', (route) => route.abort());
  await page.getByRole('button', { name: 'nothing happened' }).click();
  await expect(page.getByRole('status')).toContainText('1 not sent yet');
  await page.reload();
  await expect(page.getByRole('button', { name: 'nothing happened' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await expect(page.getByRole('status')).toContainText('not sent yet');
  await page.unroute('**/api/entries');
  await expect(page.getByRole('status')).toBeHidden({ timeout: 15_000 });
  expect(application.url).toContain('127.0.0.1');
});
