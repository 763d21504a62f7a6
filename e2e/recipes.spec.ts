import { expect, test } from './support/application';

test('a recipe is asked for in the search, opens filled in, and prints with its label', async ({
  page,
}) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Lab days' })).toBeVisible();
  await page.keyboard.press('Control+k');
  await page
    .getByRole('textbox', { name: 'Search', exact: true })
    .fill('500 mL 1 M sodium sulfate');
  await page.getByRole('button', { name: /^Recipe: 500 mL 1 M sodium sulfate/ }).click();
  const recipe = page.getByTestId('recipe');
  await expect(recipe).toContainText('of Na2SO4 weigh 71.02 g');
  await page.getByRole('combobox', { name: 'Form in the jar' }).click();
  await page.getByRole('option').first().click();
  await expect(recipe).toContainText('1 M asked; this makes 1 M');
  // A zero typed for the letter O is asked about, and nothing is weighed out for it.
  await page.getByRole('textbox', { name: 'Substance' }).fill('NaN03');
  await expect(page.getByRole('alert')).toContainText('Did you mean NaNO3');
  await expect(recipe).toBeHidden();
  // The address of a recipe can be sent on.
  await page.getByRole('textbox', { name: 'Substance' }).fill('sulfuric acid');
  await expect(recipe).toContainText('slowly into the water');
  await page.reload();
  await expect(recipe).toContainText('slowly into the water');
});
