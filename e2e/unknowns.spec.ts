import type { Page } from '@playwright/test';
import { expect, test } from './support/application';
import { expectNoSidewaysScroll, expectReadsWell } from './support/readsWell';
import { dayWithCode, tablet } from './support/groups';
import { openView, goOn } from './support/steps';

/** Taps what a test shows, wherever among the tests it stands. */
async function saw(page: Page, label: string, outcome: string): Promise<void> {
  const group = page.getByRole('group', { name: `Seen: ${label}`, exact: true });
  if (!(await group.isVisible())) await page.getByText(/other tests$/).click();
  await group.getByRole('button', { name: outcome, exact: true }).click();
}

test('an organic unknown is found, after a test that was misread is repeated', async ({ page }) => {
  test.slow();
  await openView(page, '/unknowns');
  await page.getByLabel('Code on the jar').fill('K-7');
  await expect(page.getByRole('heading', { level: 1, name: 'Unknown K-7' })).toBeVisible();
  // Carbohydrates and amino acids are not issued this term.
  await page.getByRole('button', { name: 'carbohydrate', exact: true }).click();
  await page.getByRole('button', { name: 'amino acid', exact: true }).click();
  await expect(page.getByTestId('conclusion')).toHaveText(/^Any of 2\d\d$/);
  await expect(page.getByTestId('schools')).toContainText('Solubility in water');

  await saw(page, 'Solubility in water', 'insoluble');
  await saw(page, '2,4-Dinitrophenylhydrazine', 'positive');
  // Misread: acetophenone gives no mirror.
  await saw(page, 'Ammoniacal silver, warmed', 'positive');
  await saw(page, 'Iodoform', 'positive');
  await saw(page, 'Decolourised fuchsin', 'negative');
  await saw(page, 'Burning', 'sooty flame');
  await saw(page, 'Bromine water', 'negative');
  await saw(page, 'Appearance', 'colourless liquid');
  await saw(page, 'Ceric nitrate', 'negative');
  await saw(page, 'Copper(II) tartrate', 'negative');
  await expect(page.getByRole('alert')).toContainText(
    'Ammoniacal silver, warmed showed “positive”',
  );
  // Once more, twice, with a fresh blank: the record keeps all three.
  for (let times = 0; times < 2; times += 1) {
    await page.getByRole('button', { name: 'Once more Ammoniacal silver, warmed' }).first().click();
    await saw(page, 'Once more: Ammoniacal silver, warmed', 'negative');
  }
  await expect(page.getByTestId('record').getByText('Ammoniacal silver, warmed')).toHaveCount(3);
  await expect(
    page.getByTestId('Likelihoods by class').getByRole('listitem').first(),
  ).toContainText('ketone');

  if (!(await page.getByLabel('Boiling point, °C').isVisible()))
    await page.getByText(/other tests$/).click();
  const boiling = page.getByRole('region', { name: 'Boiling point' });
  await boiling.getByLabel('Boiling point, °C').fill('201');
  await boiling.getByRole('button', { name: 'Record' }).click();
  await expect(page.getByTestId('conclusion')).toContainText('It is acetophenone');
  await expect(page.getByRole('img', { name: 'Structure of acetophenone' })).toBeVisible();
  await expect(page.getByText('To prove it: 2,4-dinitrophenylhydrazone')).toBeVisible();
  await expect(page.getByTestId('flow')).toContainText('acetophenone');

  // It stands after a reload, and on paper.
  await page.reload();
  await expect(page.getByTestId('conclusion')).toContainText('It is acetophenone');
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByTestId('record')).toBeVisible();
  await expect(page.getByRole('group', { name: /^Seen:/ })).toHaveCount(0);
});

test('unknowns are dealt by code, answered and marked; no answer to a bench ever holds a key', async ({
  page,
  browser,
  application,
}) => {
  test.slow();
  const keys = ['MnSO4', 'NiSO4', 'KSCN'];
  const code = await dayWithCode(page, 'Jars without a label');
  const heron = await tablet(browser, application.url, code, 'Bench Heron');
  const answers: string[] = [];
  heron.on('response', (response) => {
    if (response.url().includes('/api/'))
      void response.text().then(
        (text) => answers.push(text),
        () => undefined,
      );
  });
  const unknowns = page.getByRole('region', { name: 'Unknowns' });
  await unknowns.getByText('Deal them out').click();
  await unknowns
    .getByRole('radiogroup', { name: 'Kind of unknown' })
    .getByText('Inorganic')
    .click();
  const salts = unknowns.getByRole('combobox', { name: 'Salts and mixtures it may be' });
  await unknowns.getByRole('button', { name: 'Take all out' }).click();
  for (const salt of keys) {
    await salts.fill(salt);
    await salts.press('Enter');
  }
  const deal = unknowns.getByRole('button', { name: 'Deal to 2 benches' });
  await expect(deal).toBeEnabled({ timeout: 60_000 });
  await deal.click();
  await expect(page.getByTestId('dealt').getByRole('row')).toHaveCount(3);
  const own =
    (await page
      .getByTestId('dealt')
      .getByRole('row')
      .filter({ hasText: 'Bench Heron' })
      .getByRole('cell')
      .first()
      .textContent()) ?? '';
  expect(own).toMatch(/^[A-Z]-\d\d$/);
  await expect(heron.getByRole('heading', { name: `Your unknown: ${own}` })).toBeVisible();

  // The bench tests, and hands in; what it had not handed in survives a reload.
  const panel = heron.getByRole('region', { name: 'Your unknown' });
  const doTest = async (label: string, outcome: string, blank?: string) => {
    await panel.getByRole('combobox', { name: 'A test' }).fill(label);
    await heron.getByRole('option', { name: label, exact: true }).click();
    if (blank !== undefined) await panel.getByRole('button', { name: blank }).click();
    await panel
      .getByRole('group', { name: 'What you saw' })
      .getByRole('button', { name: outcome, exact: true })
      .click();
  };
  await doTest('Sodium hydroxide, a few drops', 'green precipitate', 'stayed as it should');
  // With a test chosen the panel is at its widest.
  await panel.getByRole('combobox', { name: 'A test' }).fill('Dilute hydrochloric acid');
  await heron.getByRole('option', { name: 'Dilute hydrochloric acid', exact: true }).click();
  await heron.setViewportSize({ width: 390, height: 844 });
  await expectNoSidewaysScroll(heron, 'the unknown at 390');
  await heron.setViewportSize({ width: 768, height: 1024 });
  await heron.reload();
  await expect(panel.getByTestId('unknown-record')).toContainText('green precipitate');
  // A blank stands beside a test only where the bench says so.
  await doTest('Dimethylglyoxime in ammonia', 'red precipitate');
  const record = panel.getByTestId('unknown-record').getByRole('listitem');
  await expect(record.nth(0)).toContainText('blank stayed as it should');
  await expect(record.nth(1)).toContainText('blank none was run');
  await panel.getByRole('combobox', { name: 'It is' }).fill('nickel');
  await panel.getByRole('button', { name: 'Hand in' }).click();
  await expect(panel.getByTestId('handed-in')).toContainText('nickel');
  const row = page.getByTestId('dealt').getByRole('row').filter({ hasText: 'Bench Heron' });
  await expect(row).toContainText('nickel');
  await expect(row).toContainText('by 2 tests');

  // The key is sealed until it is asked for; then the answer has its mark with reasons.
  for (const key of keys) await expect(row).not.toContainText(key);
  await page.getByRole('button', { name: 'Show the keys' }).click();
  await expect(page.getByTestId('key-Bench Heron')).toContainText(/MnSO4|NiSO4|KSCN/);
  await expect(page.getByTestId('key-Bench Heron')).toContainText(/of 10/, { timeout: 60_000 });
  await page.getByTestId('key-Bench Heron').getByText(/of 10/).click();
  await expect(page.getByTestId('key-Bench Heron')).toContainText('Evidence');
  // Dealing again would take the jar away that was answered for, so it asks.
  await unknowns.getByRole('button', { name: 'Deal anew to 2 benches' }).click();
  await expect(unknowns.getByRole('alert')).toContainText('One answer is handed in already');
  await expect(row).toContainText('nickel');
  expect(answers.length).toBeGreaterThan(2);
  for (const text of answers) for (const key of keys) expect(text).not.toContain(key);
  await heron.context().close();
});

test.describe('for whoever reads °F and decimal commas', () => {
  test.use({ reads: 'otherwise' });

  test('unknowns and practice read well', async ({ page }) => {
    test.slow();
    for (const [view, ready] of [
      ['/unknowns', 'conclusion'],
      ['/unknowns/separation', undefined],
      ['/unknowns/set', undefined],
      ['/practice', undefined],
      ['/practice/drills', 'question'],
    ] as const) {
      await goOn(page, view);
      if (ready) await expect(page.getByTestId(ready)).toBeVisible({ timeout: 30_000 });
      if (view === '/unknowns') await saw(page, 'Solubility in water', 'soluble');
      if (view === '/unknowns/separation') {
        await page.getByRole('button', { name: 'Separate' }).click();
        await expect(page.getByTestId('separation')).toBeVisible({ timeout: 30_000 });
      }
      await expectReadsWell(page, view);
    }
  });
});
