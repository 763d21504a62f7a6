import { expect, test } from './support/application';

test('a lab day without a name is refused at its field', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'New lab day' }).click();
  await page.getByRole('button', { name: 'Make the lab day' }).click();
  await expect(page.getByText('A lab day needs a name')).toBeVisible();
  await expect(page.getByRole('dialog')).toBeVisible();
});

test('an unknown day and an unknown page say so and lead on', async ({ page }) => {
  await page.goto('/days/00000000-0000-4000-8000-000000000000/plan');
  await expect(page.getByRole('alert')).toContainText('There is no lab day');
  await page.goto('/no/such/page');
  await page.getByRole('link', { name: 'Go to the lab days' }).click();
  await expect(page.getByRole('heading', { name: 'Lab days' })).toBeVisible();
});
