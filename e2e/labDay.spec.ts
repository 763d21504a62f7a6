import { readFileSync } from 'node:fs';
import { expect, test } from './support/application';
import { chooseSolution, makeTestDay, openStage } from './support/steps';

test('a precipitation test from plan to report, with reloads in the middle', async ({ page }) => {
  await makeTestDay(page, 'Chalk from two clear liquids');

  // Plan: the prediction appears as the solutions are chosen, before anything is saved.
  await chooseSolution(page, 'A, in the vessel', 'calcium chl', /calcium chloride/, '0.2');
  await chooseSolution(page, 'B, poured in', 'washing', /sodium carbonate/, '0.25');
  await expect(page.getByTestId('expected')).toContainText('white fine precipitate');
  await expect(page.getByTestId('molecular')).toHaveText(
    'CaCl2(aq) + Na2CO3(aq) → CaCO3(s) + 2 NaCl(aq)',
  );
  await expect(page.getByTestId('net-ionic')).toHaveText('Ca2+(aq) + CO32−(aq) → CaCO3(s)');
  await expect(page.getByTestId('net-ionic').locator('sup').first()).toHaveText('2+');
  await expect(page.getByText('Causes serious eye irritation (H319)').first()).toBeVisible();
  await expect(page.getByText('Aqueous waste, low hazard')).toBeVisible();
  await page.reload();
  await expect(page.getByTestId('expected')).toContainText('white fine precipitate');
  await page.getByRole('button', { name: 'Add to the plan' }).click();
  await expect(page.getByRole('button', { name: 'Test 1: CaCl2 with Na2CO3' })).toBeVisible();

  // Prepare: the form is asked for, a slip of a factor of ten is challenged, the actual mass is kept.
  await openStage(page, 'Prepare');
  const calcium = page.getByRole('region', { name: 'CaCl2 0.2 M' });
  await expect(calcium).toContainText('Which form is in the jar?');
  await calcium.getByText('CaCl2·2H2O').click();
  await expect(calcium.getByTestId('target')).toContainText('0.59 g');
  await calcium.getByLabel('Weighed, after tare').fill('5.9');
  await calcium.getByRole('button', { name: 'Record the mass' }).click();
  await expect(calcium.getByRole('alert')).toContainText('ten times');
  await calcium.getByLabel('Weighed, after tare').fill('0.61');
  await calcium.getByRole('button', { name: 'Record the mass' }).click();
  await expect(calcium.getByTestId('made')).toContainText(
    '0.61 g of CaCl2·2H2O in 20 mL → 0.205 M',
  );
  await page.reload();
  await expect(calcium.getByTestId('made')).toContainText('0.205 M');

  // Bench: one tap for each thing seen; expected beside seen.
  await openStage(page, 'Bench');
  await page.getByRole('button', { name: 'opaque' }).click();
  await page
    .getByRole('group', { name: 'Precipitate' })
    .getByRole('button', { name: 'white' })
    .click();
  await page
    .getByRole('group', { name: 'Liquid now' })
    .getByRole('button', { name: 'colourless' })
    .click();
  await page.getByLabel('Note').fill('Settled within two minutes.');
  await page.getByRole('button', { name: 'Add note' }).click();
  await expect(page.getByText('“Settled within two minutes.”')).toBeVisible();
  await expect(page.getByText('agrees')).toBeVisible();
  await expect(
    page.getByRole('img', { name: /^Seen: colourless liquid, opaque, white precipitate/ }),
  ).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: 'opaque' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await expect(page.getByText('“Settled within two minutes.”')).toBeVisible();

  // A correction, then undone.
  await page.getByRole('button', { name: 'no precipitate' }).click();
  await expect(page.getByText('differs')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('agrees')).toBeVisible();

  // Judge.
  await page.getByRole('link', { name: 'Judge it' }).click();
  await expect(page.getByTestId('agreement')).toHaveText('agrees');
  await expect(page.getByTestId('change')).toContainText('chemical');
  await expect(page.getByText('double displacement').first()).toBeVisible();
  await expect(page.getByText('precipitation', { exact: true })).toBeVisible();

  // Report: on the page and as a table.
  await openStage(page, 'Report');
  await expect(page.getByRole('article')).toContainText('0.61 g CaCl2·2H2O');
  await expect(page.getByRole('article')).toContainText('Settled within two minutes.');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Results, CSV' }).click(),
  ]);
  expect(readFileSync(await download.path(), 'utf8')).toContain(
    'Bench 1,CaCl2 with Na2CO3,mix,vessel,vessel: added 3 mL 0.205 M CaCl2',
  );
});

test('a lab day is planned again for another date, without its record', async ({ page }) => {
  await makeTestDay(page, 'Every spring');
  await chooseSolution(page, 'A, in the vessel', 'calcium chl', /calcium chloride/, '0.2');
  await chooseSolution(page, 'B, poured in', 'washing', /sodium carbonate/, '0.25');
  await page.getByRole('button', { name: 'Add to the plan' }).click();
  await expect(page.getByRole('button', { name: 'Test 1: CaCl2 with Na2CO3' })).toBeVisible();
  await page.getByRole('button', { name: 'Plan the lab day again' }).click();
  const again = page.getByRole('dialog', { name: 'Plan it again' });
  await again.getByLabel('Name').fill('Every spring, next year');
  await again.getByLabel('Date').fill('2027-04-12');
  await again.getByRole('button', { name: 'Plan it again' }).click();
  await expect(
    page.getByRole('heading', { level: 1, name: 'Every spring, next year' }),
  ).toBeVisible();
  await expect(page.getByText('Monday 12 April 2027', { exact: false })).toBeVisible();
  await expect(page.getByRole('link', { name: 'CaCl2 with Na2CO3' })).toBeVisible();
});
