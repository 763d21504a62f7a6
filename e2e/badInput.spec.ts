import { expect, test } from './support/application';
import { chooseSolution, makeTestDay, openDemoBench } from './support/steps';

test('a lab day without a name is refused at its field', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'New lab day' }).click();
  await page.getByRole('button', { name: 'Make the lab day' }).click();
  await expect(page.getByText('A lab day needs a name')).toBeVisible();
  await expect(page.getByRole('dialog')).toBeVisible();
});

test('an absurd concentration is refused at its field, and nothing is saved', async ({ page }) => {
  await makeTestDay(page, 'Absurd amounts');
  await chooseSolution(page, 'A, in the vessel', 'NaCl', /sodium chloride/, '900');
  await chooseSolution(page, 'B, poured in', 'KNO3', /potassium nitrate/, '0.1');
  await expect(
    page.getByText('No solution is above 30 mol/L; check the decimal point'),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: 'Add to the plan' })).toBeDisabled();
});

test('a substance that is not known is not offered', async ({ page }) => {
  await makeTestDay(page, 'Unknown salt');
  await page.getByRole('group', { name: 'Solution A' }).getByLabel('Substance').fill('kryptonite');
  await expect(page.getByText('Not known.').first()).toBeVisible();
});

test('a number stays as it is typed, key by key', async ({ page }) => {
  await makeTestDay(page, 'Trailing noughts');
  const strength = page.getByRole('group', { name: 'Solution A' }).getByLabel('Concentration');
  for (const [keys, shown] of [
    ['0.050', '0.050 M'],
    ['0.05', '0.05 M'],
    ['2.0', '2.0 M'],
    ['10', '10 M'],
  ] as const) {
    await strength.fill('');
    await strength.pressSequentially(keys);
    await expect(strength).toHaveValue(shown);
  }
  // A balance and a thermometer show their last nought, and it is written down so.
  await openDemoBench(page);
  await page.getByRole('tab', { name: 'Measure' }).click();
  // Where nothing is asked for, the fold stands open.
  const panel = page.getByRole('tabpanel', { name: 'Measure' });
  await panel.getByRole('textbox', { name: 'What', exact: true }).fill('room');
  await panel.getByRole('textbox', { name: /^Value/ }).pressSequentially('21.0');
  await expect(panel.getByRole('button', { name: 'Record' }).last()).toBeEnabled();
});

test('a note that is too long is counted, and kept in the field', async ({ page }) => {
  await openDemoBench(page);
  await page.getByLabel('Note').fill('x'.repeat(3000));
  await expect(page.getByText('3000 characters; at most 2000')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Add note' })).toBeDisabled();
});

test('an unknown day and an unknown page say so and lead on', async ({ page }) => {
  await page.goto('/days/00000000-0000-4000-8000-000000000000/plan');
  await expect(page.getByRole('alert')).toContainText('There is no lab day');
  await page.goto('/no/such/page');
  await page.getByRole('link', { name: 'Go to the lab days' }).click();
  await expect(page.getByRole('heading', { name: 'Lab days' })).toBeVisible();
});
