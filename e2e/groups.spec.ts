import type { Page } from '@playwright/test';
import { expect, test } from './support/application';
import { expectReadsWell } from './support/readsWell';
import { dayWithCode, tablet } from './support/groups';
import { openStage, openView } from './support/steps';

const tap = (page: Page, name: string) =>
  page.getByRole('button', { name, exact: true }).first().click();

test('two benches join, record and are seen live; what is expected appears when it is released', async ({
  page,
  browser,
  application,
}) => {
  test.slow();
  const code = await dayWithCode(page, 'Two benches on the quay');
  const heron = await tablet(browser, application.url, code, 'Bench Heron');
  const tern = await tablet(browser, application.url, code, 'Bench Tern');
  await expect(page.getByTestId('benches')).toContainText('joined');

  // Recorded at one bench, seen by the instructor without a reload and by no other bench.
  await expect(heron.getByTestId('step')).toContainText('Put 3 mL');
  await tap(heron, 'opaque');
  const own = page.getByTestId('benches').getByRole('row').filter({ hasText: 'Bench Heron' });
  await expect(own.getByRole('cell').nth(1)).toHaveText('1', { timeout: 3000 });
  await tern.getByRole('tab', { name: 'Our table' }).click();
  await expect(tern.getByText('Nothing has been recorded here yet.')).toBeVisible();

  // Nothing expected until it is released, and after recording only to whoever has recorded.
  await expect(heron.getByTestId('expectation')).toHaveCount(0);
  const released = page.getByRole('radiogroup', { name: /is shown$/ });
  await released.getByText('After recording').click();
  await expect(heron.getByTestId('expectation')).toContainText('white fine precipitate');
  await tern.getByRole('tab', { name: 'See' }).click();
  await expect(tern.getByTestId('expectation')).toHaveCount(0);
  await released.getByText('Always').click();
  await expect(tern.getByTestId('expectation')).toContainText('white fine precipitate');
  await released.getByText('Never').click();
  await expect(heron.getByTestId('expectation')).toHaveCount(0);

  // A word to one bench.
  await page.getByRole('combobox', { name: 'To' }).click();
  await page.getByRole('option', { name: 'Bench Tern' }).click();
  await page.getByRole('textbox', { name: 'Words' }).fill('Rinse the pipette first');
  await page.getByRole('button', { name: 'Send' }).click();
  await expect(tern.getByTestId('message')).toContainText('Rinse the pipette first');
  await expect(heron.getByTestId('message')).toHaveCount(0);

  // A step to be looked at again, and one that was checked.
  const saying = page.getByRole('region', { name: 'Messages' });
  const kinds = saying.getByRole('radiogroup', { name: 'What is sent' });
  await kinds.getByText('Look again at').click();
  await expect(saying.getByRole('button', { name: 'Send' })).toBeDisabled();
  await saying.getByRole('combobox', { name: 'Step' }).click();
  await page.getByRole('option').first().click();
  await saying.getByRole('textbox', { name: 'Words' }).fill('is it cloudy?');
  await saying.getByRole('button', { name: 'Send' }).click();
  await expect(tern.getByTestId('flag')).toContainText('is it cloudy?');
  await expect(heron.getByTestId('flag')).toHaveCount(0);
  await expect(tern.getByText('checked by the instructor')).toHaveCount(0);
  await kinds.getByText('Checked').click();
  await saying.getByRole('button', { name: 'Send' }).click();
  await expect(tern.getByText('checked by the instructor')).toBeVisible();

  // The server is killed in the middle; what is tapped meanwhile is kept and sent once.
  await application.kill();
  await tap(heron, 'no precipitate');
  await expect(heron.getByText(/not sent yet/)).toBeVisible();
  await application.start();
  await expect(heron.getByText(/not sent yet/)).toBeHidden({ timeout: 30_000 });
  await heron.reload();
  await expect(heron.getByRole('button', { name: 'no precipitate' })).toHaveAttribute(
    'aria-pressed',
    'true',
    { timeout: 30_000 },
  );
  await expect(own.getByRole('cell').nth(1)).toHaveText('2', { timeout: 15_000 });

  // Put out: at once, with what it had not sent kept for its return.
  await page.getByRole('button', { name: 'Put out tablet 1 of Bench Heron' }).click();
  await expect(
    heron.getByRole('heading', { name: 'This tablet has left the lab day' }),
  ).toBeVisible();
  await expect(tern.getByRole('heading', { level: 1, name: 'Bench Tern' })).toBeVisible();
  await heron.getByRole('link', { name: 'Join again' }).click();
  await heron.getByLabel('Code on the wall').fill(code);
  await heron.getByRole('button', { name: 'Go on' }).click();
  await heron.getByRole('button', { name: 'Bench Heron' }).click();
  await expect(heron.getByRole('button', { name: 'no precipitate' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );

  // Nothing lost, nothing doubled.
  await tern.getByRole('button', { name: 'clear', exact: true }).click();
  const other = page.getByTestId('benches').getByRole('row').filter({ hasText: 'Bench Tern' });
  await expect(other.getByRole('cell').nth(1)).toHaveText('1', { timeout: 5000 });
  await expect(own.getByRole('cell').nth(1)).toHaveText('2');

  // A bench sees nothing but its own page.
  await heron.goto('/shelf');
  await expect(heron.getByRole('heading', { level: 1, name: 'Bench Heron' })).toBeVisible();
  await openStage(page, 'Judge');
  await heron.context().close();
  await tern.context().close();
});

test('pages of one browser share one line: eight of them stay live, and another takes over', async ({
  page,
  browser,
  application,
}) => {
  test.slow();
  const code = await dayWithCode(page, 'Many pages');
  const address = page.url();
  const pages = await Promise.all(
    Array.from({ length: 7 }, async () => {
      const one = await page.context().newPage();
      await one.goto(address);
      return one;
    }),
  );
  const heron = await tablet(browser, application.url, code, 'Bench Heron');
  await tap(heron, 'opaque');
  const entriesOf = (one: Page) =>
    one
      .getByTestId('benches')
      .getByRole('row')
      .filter({ hasText: 'Bench Heron' })
      .getByRole('cell')
      .nth(1);
  for (const one of [page, ...pages]) await expect(entriesOf(one)).toHaveText('1');
  // The page that listened for all is closed.
  await page.close();
  await tap(heron, 'no precipitate');
  for (const one of pages) await expect(entriesOf(one)).toHaveText('2', { timeout: 15_000 });
  await heron.context().close();
});

test('a wrong and an old code open nothing', async ({ page, browser, application }) => {
  const code = await dayWithCode(page, 'Codes on the quay');
  await page.getByRole('button', { name: 'A new code' }).click();
  await expect(page.getByTestId('join-code')).not.toHaveText(code);
  const context = await browser.newContext({ baseURL: application.url });
  const visitor = await context.newPage();
  await visitor.goto(`/join/${code}`);
  await expect(visitor.getByText('No lab day is joined with that code now.')).toBeVisible();
  await visitor.goto('/join/AAAABBBB');
  await expect(visitor.getByText('No lab day is joined with that code now.')).toBeVisible();
  await context.close();
});

test.describe('for whoever reads °F and decimal commas', () => {
  test.use({ reads: 'otherwise' });

  test('the pages of groups read well', async ({ page, browser, application }) => {
    const code = await dayWithCode(page, 'Read by everybody');
    const bench = await tablet(browser, application.url, code, 'Bench Tern');
    await expect(bench.getByTestId('step')).toBeVisible();
    await expectReadsWell(bench, 'group');
    await expectReadsWell(page, 'groups');
    await openView(page, '/access');
    await expectReadsWell(page, 'access');
    await bench.goto('/join');
    await expect(bench.getByLabel('Code on the wall')).toBeVisible();
    await expectReadsWell(bench, 'join');
    await bench.context().close();
  });
});

test('a passphrase closes the machine, opens it again, and signs out everywhere', async ({
  page,
}) => {
  await openView(page, '/access');
  await expect(page.getByText('This machine stands open')).toBeVisible();
  const own = page.getByRole('region', { name: 'Passphrase of the instructor' });
  const set = async (open: boolean) => {
    const now = own.getByLabel('The instructor’s passphrase now');
    if (await now.isVisible()) await now.fill('nets-and-lanterns');
    await own.getByLabel('New passphrase').fill('nets-and-lanterns');
    const toggle = own.getByRole('switch');
    await toggle.setChecked(open);
    await own.getByRole('button', { name: 'Set the passphrase' }).click();
    await expect(own.getByLabel('New passphrase')).toHaveValue('');
  };
  await set(false);
  await expect(page.getByText('You are signed in as the instructor')).toBeVisible();
  await page.getByRole('button', { name: 'Sign out everywhere' }).click();
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  await page.goto('/');
  await page.getByLabel('Passphrase').fill('wrong-passphrase');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByText('That is not the passphrase.')).toBeVisible();
  await page.getByLabel('Passphrase').fill('nets-and-lanterns');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Lab days' })).toBeVisible();
  // The machine stands open again for the tests that follow.
  await openView(page, '/access');
  await set(true);
  await page.getByRole('button', { name: 'Sign out', exact: true }).click();
  await openView(page, '/');
  await expect(page.getByRole('heading', { level: 1, name: 'Lab days' })).toBeVisible();
});
