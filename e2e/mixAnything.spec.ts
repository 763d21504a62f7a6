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

test('a precipitate redissolves in excess, and undo brings it back', async ({ page }) => {
  await add(page, 'aluminium nitrate');
  await add(page, 'NaOH', { [strength]: '0.3' });
  await expect(seen(page)).toContainText('white gelatinous precipitate');
  await expect(page.getByTestId('net-ionic').first()).toContainText('Al(OH)3');
  await add(page, 'NaOH', { [strength]: '2' });
  await expect(seen(page)).toContainText('the solid dissolves');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(seen(page)).toContainText('white gelatinous precipitate');
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(seen(page)).toContainText('the solid dissolves');
});

test('a metal displaces another and warms the tube', async ({ page }) => {
  await add(page, 'copper(II) sulfate', { [strength]: '0.5' });
  await add(page, 'zinc', { 'Mass, g': '0.3' });
  await expect(seen(page)).toContainText('deposit of metal');
  await expect(seen(page)).toContainText(/warmer by \d/);
  await expect(page.getByTestId('reaction').first()).toContainText('single displacement');
});

test('a current through a vessel deposits copper and sets oxygen free', async ({ page }) => {
  await add(page, 'copper(II) sulfate', { [strength]: '0.5' });
  await act(page, 'Do', 'Pass the current');
  await expect(seen(page)).toContainText('deposit of metal');
  await expect(seen(page)).toContainText('bubbles at plus');
  await expect(page.getByTestId('net-ionic').first()).toContainText('2Cu2+(aq) + 2H2O(l)');
});

test('a carbonate with acid, and two gas tests', async ({ page }) => {
  await add(page, 'calcium carbonate');
  await add(page, 'HCl', { [strength]: '2' });
  await expect(seen(page)).toContainText('bubbles');
  await act(page, 'Test', 'Lime water');
  await expect(seen(page)).toContainText('turns milky');
  await act(page, 'Test', 'Lit splint');
  await expect(seen(page)).toContainText('goes out');
});

test('a hydrate is heated, cooled and wetted again', async ({ page }) => {
  await add(page, 'CuSO4', { Way: 'Solid', 'Mass, g': '2' });
  await expect(page.getByTestId('notes').or(page.getByTestId('state'))).toContainText('CuSO4·5H2O');
  await act(page, 'Do', 'Heat strongly');
  await page.getByRole('button', { name: 'Undo' }).click();
  await act(page, 'Do', 'Heat gently');
  await expect(page.getByTestId('state')).toContainText('white CuSO4');
  await act(page, 'Do', 'Let it cool');
  await add(page, 'water', { 'Volume, mL': '1' });
  await expect(page.getByTestId('state')).toContainText('blue CuSO4·5H2O');
});

test('one solution is poured through seven vessels', async ({ page }) => {
  await add(page, 'FeCl3');
  const into: readonly (readonly [string, Readonly<Record<string, string>>])[] = [
    ['KSCN', { [strength]: '0.01' }],
    ['Na2HPO4', { [strength]: '0.5' }],
    ['HCl', { [strength]: '2', 'Volume, mL': '2' }],
    ['NaOH', { [strength]: '2' }],
    ['water', {}],
    ['H2C2O4', { [strength]: '0.5' }],
  ];
  for (const [reagent, amounts] of into) {
    await addVessel(page);
    await add(page, reagent, amounts);
  }
  await page.getByRole('button', { name: /^Vessel A/ }).click();
  for (const name of ['B', 'C', 'D', 'E', 'F', 'G']) await act(page, 'Do', `Pour into ${name}`);
  await expect(page.getByRole('button', { name: /^Vessel [A-F].*empty/ })).toHaveCount(6);
  await expect(page.getByRole('button', { name: /^Vessel G/ })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await expect(page.getByTestId('notes')).toContainText('F poured into G');
  await page.reload();
  await expect(page.getByTestId('notes')).toContainText('F poured into G');
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

test('nonsense is answered in words and changes nothing', async ({ page }) => {
  await act(page, 'Do', 'Heat strongly');
  await expect(page.getByRole('alert')).toContainText('nothing in the vessel to heat');
  await add(page, 'NaCl', { 'Volume, mL': '500' });
  await expect(page.getByText(/more than the vessel holds/)).toBeVisible();
  await act(page, 'Test', 'Magnet');
  await expect(seen(page)).toContainText('no solid in the liquid');
  await add(page, 'CaCO3', { 'Mass, g': '0' });
  await expect(page.getByText(/0 g is not/)).toBeVisible();
  await page.getByRole('combobox', { name: 'What goes in' }).fill('unobtainium');
  await expect(page.getByText(/Not known/)).toBeVisible();
  await expect(page.getByTestId('notes')).not.toContainText('CaCO3');
});

test('a dye bottle is shaken three times', async ({ page }) => {
  await page.getByRole('button', { name: 'Vessel', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Conical flask' }).click();
  await add(page, 'water', { 'Volume, mL': '90' });
  await add(page, 'glucose', { Way: 'Solid', 'Mass, g': '2' });
  await add(page, 'sodium hydroxide', { Way: 'Solid', 'Mass, g': '2' });
  await add(page, 'methylene blue', { Drops: '15' });
  await expect(seen(page)).toContainText('blue');
  await act(page, 'Do', 'Close');
  await expect(page.getByTestId('stopper')).toBeVisible();
  for (let shake = 0; shake < 3; shake += 1) {
    await act(page, 'Do', 'Let stand 5 min');
    await expect(seen(page)).toContainText('blue → colourless');
    await expect(page.getByText(/Shaking with air brings the colour back/)).toBeVisible();
    await act(page, 'Do', 'Shake with air');
    await expect(seen(page)).toContainText('colourless → blue');
  }
  await add(page, 'water', { 'Volume, mL': '1' });
  await expect(page.getByRole('alert')).toContainText('Take the stopper out first');
});

test('what must not meet is said before it goes in', async ({ page }) => {
  await add(page, 'ammonia', { [strength]: '2' });
  await page.getByRole('combobox', { name: 'What goes in' }).fill('sodium hypochlorite');
  await page.getByRole('option').first().click();
  await expect(page.getByTestId('hazard')).toContainText('Never with NH3: chloramines, toxic');
  await expect(page.getByTestId('hazard')).toContainText('Keep apart from');
  await expect(page.getByTestId('hazard')).toContainText('recalled from memory');
  await expect(page.getByTestId('hazard')).toContainText('lists of incompatible chemicals');
});

test('a control and a blank stand beside the test', async ({ page }) => {
  await add(page, 'silver nitrate');
  const beside = async (name: RegExp) => {
    await page.getByRole('button', { name: 'Vessel', exact: true }).click();
    await page.getByRole('menuitem', { name }).click();
  };
  await beside(/^Control/);
  await add(page, 'sodium chloride');
  await beside(/^Blank/);
  await expect(page.getByRole('button', { name: /^Vessel A: .*white precipitate/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Vessel B control: colourless/ })).toBeVisible();
  await page.getByRole('button', { name: /^Vessel C blank: colourless liquid, clear/ }).click();
  await expect(page.getByTestId('state')).toContainText('10.0 mL');
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

test('species and course are charted, and can be read as tables', async ({ page }) => {
  await add(page, 'HCl', { [strength]: '0.1' });
  await add(page, 'NaOH', { [strength]: '0.05' });
  await expect(page.getByRole('img', { name: /^What is dissolved, mol\/L: / })).toBeVisible();
  const dissolved = page.getByRole('region', { name: 'What is dissolved' });
  await dissolved.getByText('Table', { exact: true }).click();
  await expect(page.getByTestId('species')).toContainText('Na+');
  await page.getByRole('button', { name: 'pH and temperature by step' }).click();
  await expect(page.getByRole('img', { name: /step 2: pH 1\.\d/ })).toBeVisible();
});
