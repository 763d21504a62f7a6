import type { Page } from '@playwright/test';
import { expect, test } from './support/application';
import { openView } from './support/steps';

/** Adds something to the chosen vessel: found by what is typed, with the amounts given by their labels. */
async function add(page: Page, text: string, amounts: Readonly<Record<string, string>> = {}) {
  await page.getByRole('tab', { name: 'Add' }).click();
  await page.getByRole('combobox', { name: 'What goes in' }).fill(text);
  await page.getByRole('option').first().click();
  const { Way: way, ...numbers } = amounts;
  if (way) await page.getByText(way, { exact: true }).click();
  for (const [label, value] of Object.entries(numbers)) await page.getByLabel(label).fill(value);
  await page.getByRole('button', { name: /^Add to/ }).click();
}

async function act(page: Page, tab: 'Do' | 'Test', button: string) {
  await page.getByRole('tab', { name: tab }).click();
  await page.getByRole('button', { name: button, exact: true }).click();
}

async function addVessel(page: Page) {
  await page.getByRole('button', { name: 'Vessel', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Test tube' }).click();
}

const seen = (page: Page) => page.getByTestId('seen');
const strength = 'Strength, mol/L';

test.beforeEach(async ({ page }) => {
  await openView(page, '/mix');
});

test('one solution is poured through three vessels', async ({ page }) => {
  await add(page, 'FeCl3');
  const into: readonly (readonly [string, Readonly<Record<string, string>>])[] = [
    ['KSCN', { [strength]: '0.01' }],
    ['Na2HPO4', { [strength]: '0.5' }],
  ];
  for (const [reagent, amounts] of into) {
    await addVessel(page);
    await add(page, reagent, amounts);
  }
  await page.getByRole('button', { name: /^Vessel A/ }).click();
  for (const name of ['B', 'C']) await act(page, 'Do', `Pour into ${name}`);
  await expect(page.getByRole('button', { name: /^Vessel [AB].*empty/ })).toHaveCount(2);
  await expect(page.getByRole('button', { name: /^Vessel C/ })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await expect(page.getByTestId('notes')).toContainText('B poured into C');
  await page.reload();
  await expect(page.getByTestId('notes')).toContainText('B poured into C');
});

test('by keyboard alone: silver chloride settles', async ({ page }) => {
  const box = page.getByRole('combobox', { name: 'What goes in' });
  await page.getByRole('tab', { name: 'Add' }).focus();
  await page.keyboard.press('Tab');
  await expect(box).toBeFocused();
  for (const reagent of ['silver nitrate', 'sodium chloride']) {
    await box.focus();
    await page.keyboard.type(reagent);
    await page.keyboard.press('Enter');
    await expect(page.getByLabel(strength)).toBeVisible();
    await page.getByLabel(strength).focus();
    await page.keyboard.press('Enter');
    await expect(page.getByTestId('state')).toBeVisible();
    await box.focus();
    await page.keyboard.press('Control+a');
  }
  await expect(seen(page)).toContainText('white curdy precipitate');
  await page.getByRole('heading', { name: 'Mix anything' }).click();
  await page.keyboard.press('Control+z');
  await expect(seen(page)).not.toContainText('precipitate');
});

test('a sequence is kept, compared with and opened again', async ({ page }) => {
  await add(page, 'lead nitrate');
  await add(page, 'potassium iodide');
  const kept = page.getByRole('dialog', { name: 'Kept sequences' });
  await page.getByRole('button', { name: 'Keep or compare' }).click();
  await kept.getByLabel('Name for what is on the bench').fill('Golden rain, small');
  await kept.getByRole('button', { name: 'Keep', exact: true }).click();
  const line = kept.getByRole('listitem').filter({ hasText: 'Golden rain, small' });
  await expect(line).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Undo' }).click();
  await add(page, 'sodium sulfate');
  await page.getByRole('button', { name: 'Keep or compare' }).click();
  await line.getByRole('button', { name: 'Compare' }).click();
  const comparison = page.getByRole('region', { name: /^Compared with Golden rain/ });
  await expect(comparison).toContainText('1 of 2 steps differ');
  await comparison.getByRole('switch', { name: 'Only what differs' }).check();
  await expect(comparison.getByRole('row')).toHaveCount(2);
  await expect(comparison.getByTestId('comparison')).toContainText('bright yellow');
  await comparison.getByRole('button', { name: 'Close the comparison' }).click();
  await page.getByRole('button', { name: 'Keep or compare' }).click();
  await line.getByRole('button', { name: 'Open' }).click();
  await expect(seen(page)).toContainText('bright yellow');
  await page.getByRole('button', { name: 'Keep or compare' }).click();
  await line.getByRole('button', { name: 'Let go' }).click();
  await expect(line).toHaveCount(0);
  await page.getByRole('button', { name: 'Keep it after all' }).click();
  await expect(line).toBeVisible();
});
