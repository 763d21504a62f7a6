import { setTimeout } from 'node:timers/promises';
import type { Page } from '@playwright/test';
import { expect, test } from './support/application';
import { addProcedures, chooseSolution, makeLabDay, openStage, openTab } from './support/steps';

// What somebody meets who has just installed it: no day, no jar, no procedure of their own.
test.use({ hasDemo: false });

/** Puts something into a vessel in the step that is open in the editor. */
async function putIn(page: Page, typed: string, option: RegExp, amount: string, label: string) {
  await page.getByRole('combobox', { name: 'What goes in' }).fill(typed);
  await page.getByRole('option', { name: option }).first().click();
  await page.getByRole('textbox', { name: label }).fill(amount);
  await page.getByRole('button', { name: /^Add to / }).click();
}

test('a first class goes from nothing to its report, with substances that are not on the shelf', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Show me around' }).click();
  const tour = page.getByRole('dialog');
  for (let at = 0; at < 2; at += 1) await tour.getByRole('button', { name: 'Next' }).click();
  await expect(tour).toContainText('Begin here');
  await page.keyboard.press('Escape');

  await makeLabDay(page, 'Hard water', { groups: ['Bench Dunlin'] });
  await openTab(page, 'Plan', 'Two-solution tests');
  await chooseSolution(page, 'A, in the vessel', 'epsom', /magnesium sulfate/, '0.20');
  await chooseSolution(page, 'B, poured in', 'barium hyd', /barium hydroxide/, '0.10');
  // Two solids out of one pair.
  const why = page.getByRole('region', { name: 'Why, hazards and waste' });
  await expect(why).toContainText('BaSO4(s)');
  await expect(why).toContainText('Mg(OH)2(s)');
  // The next one is typed over the first while that is still on its way, and leaves it as it is.
  await page.route('**/api/days/*/procedures/*', async (route) => {
    await setTimeout(2000);
    await route.continue();
  });
  await page.getByRole('button', { name: 'Add to the plan' }).click();
  await chooseSolution(page, 'A, in the vessel', 'washing soda', /sodium carbonate/, '0.2');
  await page.getByRole('button', { name: 'Add as another test' }).click();
  await expect(page.getByRole('region', { name: 'Tests of the day' })).toContainText('MgSO4');
  await expect(page.getByRole('region', { name: 'Tests of the day' })).toContainText('Na2CO3');
  await page.getByRole('button', { name: 'Another test' }).click();
  await expect(page.getByText('Choose two solutions')).toBeVisible();

  await openStage(page, 'Prepare');
  await openTab(page, 'Prepare', 'Prep sheet');
  const missing = page.getByRole('region', { name: 'Shortages' });
  await expect(missing).toContainText('MgSO4: not on the shelf in any form');

  await openStage(page, 'Bench');
  await page.getByRole('button', { name: 'opaque' }).click();
  await openStage(page, 'Judge');
  await expect(page.getByText(/incomplete|agrees|partly/).first()).toBeVisible();
  await openStage(page, 'Report');
  await expect(page.getByRole('article')).toContainText('MgSO4 with Ba(OH)2');
});

test('a procedure written for a day has its cautions, comes back to it, and is not recorded by being begun', async ({
  page,
}) => {
  await makeLabDay(page, 'Metals that swim', { groups: ['Bench Curlew'] });
  await page.getByRole('link', { name: 'Write one' }).click();
  await page.getByRole('textbox', { name: 'Name', exact: true }).fill('One metal on water');
  await page.getByRole('textbox', { name: 'What for' }).fill('How potassium meets water.');
  await page.getByRole('textbox', { name: 'What is done' }).fill('Drop a grain into the water.');
  await page.getByRole('button', { name: 'Add what is put in, done or tested' }).click();
  await putIn(page, 'water', /distilled water/, '60', 'Volume, mL');
  await putIn(page, 'potassium', /^K\s?potassium$/, '0.050', 'Mass, g');
  const mind = page.getByRole('note', { name: 'Mind' });
  await expect(mind).toContainText('is more than the vessel holds (test tube');
  await expect(mind).toContainText('is too much');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await page.getByRole('button', { name: 'Add One metal on water to the day' }).click();
  await page.getByRole('link', { name: 'Back to Metals that swim' }).click();
  await expect(page.getByRole('link', { name: 'One metal on water' })).toBeVisible();

  await openStage(page, 'Prepare');
  await expect(page.getByText('No solution is to be made')).toBeVisible();
  await openStage(page, 'Bench');
  await expect(page.getByRole('note', { name: 'Mind' })).toContainText('K with water');
  await page.getByRole('button', { name: 'Begin' }).click();
  const stages = page.getByRole('navigation', { name: 'Stages' });
  await expect(stages).toContainText('0 of 1 recorded');
  await page.getByRole('button', { name: 'bubbles', exact: true }).click();
  await expect(stages).toContainText('1 of 1 recorded');
});

test('a mixture is taken apart with a magnet, water and heat, as one writes it', async ({
  page,
}) => {
  await makeLabDay(page, 'Three powders', { groups: ['Bench Dunlin'] });
  await page.getByRole('link', { name: 'Write one' }).click();
  await page.getByRole('textbox', { name: 'Name', exact: true }).fill('Magnet before water');
  await page.getByRole('textbox', { name: 'What for' }).fill('Iron leaves before water comes.');
  for (const name of ['Vessel', 'Vessel'])
    await page.getByRole('button', { name, exact: true }).click();
  const did = page.getByRole('button', { name: 'Add what is put in, done or tested' });
  await page.getByRole('textbox', { name: 'What is done' }).fill('Part the powders.');
  await did.click();
  await putIn(page, 'iron', /^Fe\s?iron$/, '2', 'Mass, g');
  // The field is empty for the next, and says what it wrote.
  await expect(page.getByText('In the list: 2 g Fe.')).toBeVisible();
  await putIn(page, 'sand', /silicon dioxide/, '2', 'Mass, g');
  await page.getByRole('tab', { name: 'Do', exact: true }).click();
  await page.getByRole('button', { name: 'What a magnet draws, into B' }).click();
  const step = page.getByRole('region', { name: 'Steps' });
  await expect(step).toContainText('B: grey solid in the vessel');

  // A vessel in use is called otherwise, everywhere; two cannot be called the same.
  const second = page.getByRole('textbox', { name: 'Name of vessel 2' });
  await second.fill('A');
  await second.press('Tab');
  await expect(page.getByText('Another vessel is called “A”.')).toBeVisible();
  await second.fill('Iron dish');
  await second.press('Tab');
  await expect(step).toContainText('what a magnet draws from A put into Iron dish');

  // Giving it up is undone like anything else.
  await page.getByRole('button', { name: 'Start again' }).click();
  await expect(page.getByRole('textbox', { name: 'Name', exact: true })).toHaveValue('');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('textbox', { name: 'Name', exact: true })).toHaveValue(
    'Magnet before water',
  );
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Magnet before water is saved.')).toBeVisible();
  await expect.poll(() => page.evaluate(() => window.scrollY)).toBe(0);
});

test('another salt in the crucible is worked out as that salt', async ({ page }) => {
  const name = 'How much water is in the crystal?';
  await makeLabDay(page, 'Blue crystals', { groups: ['Bench Dunlin'] });
  await addProcedures(page, [name]);
  await page.getByRole('link', { name }).click();
  await page.getByRole('link', { name: 'Adapt it for this day' }).click();
  await page.getByRole('button', { name: /^Put in the magnesium.*min$/ }).click();
  await page.getByRole('combobox', { name: 'Into crucible' }).fill('blue vitriol');
  await page.getByRole('option', { name: /copper\(II\) sulfate/ }).click();
  await expect(page.getByRole('combobox', { name: 'Form on the shelf' })).toHaveValue('CuSO4·5H2O');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await openStage(page, 'Bench');
  const weigh = async (step: number, what: string, grams: string) => {
    await page.getByRole('button', { name: new RegExp(`^Step ${step}\\b`) }).click();
    await page.getByRole('tab', { name: 'Measure' }).click();
    const block = page.getByRole('region', { name: what, exact: true });
    await block.getByRole('textbox').first().pressSequentially(grams);
    await block.getByRole('button', { name: 'Record' }).click();
    await expect(block).toContainText('g');
  };
  await weigh(1, 'crucible and lid', '21.40');
  await weigh(2, 'with the crystals', '24.20');
  await weigh(5, 'after heating', '23.20');
  await weigh(8, 'after heating', '23.19');
  await openStage(page, 'Judge');
  await page.getByRole('link', { name: 'Measurements' }).click();
  // 2.80 g of blue vitriol lose 1.01 g: 5 water to one CuSO4 (IUPAC atomic masses).
  await expect(page.getByText('x = 5.00 ± 0.10, so CuSO4·5H2O')).toBeVisible();
});

test('an empty shelf hides no route to a gas', async ({ page }) => {
  await page.goto('/gases');
  await expect(page.getByText('There is no jar on the shelf yet')).toBeVisible();
  await expect(page.getByText(/^Carbon dioxide: \d+ go well/)).toBeVisible({ timeout: 60_000 });
  await page.getByRole('textbox', { name: 'Only with' }).fill('baking soda heat');
  await expect(page.getByText('Carbon dioxide: 1 goes well.')).toBeVisible();
});

test('a day of nothing but unknowns has its report', async ({ page }) => {
  await makeLabDay(page, 'Two jars', { groups: ['Bench Dunlin'] });
  await page.getByRole('link', { name: 'Groups of the lab day' }).click();
  const unknowns = page.getByRole('region', { name: 'Unknowns' });
  await unknowns.getByText('Deal them out').click();
  const kind = unknowns.getByRole('radiogroup', { name: 'Kind of unknown' });
  await kind.getByText('Inorganic').click();
  await unknowns.getByRole('button', { name: 'Take all out' }).click();
  const salts = unknowns.getByRole('combobox', { name: 'Salts and mixtures it may be' });
  for (const salt of ['CuSO4', 'KSCN']) {
    await salts.fill(salt);
    await salts.press('Enter');
  }
  await unknowns.getByRole('button', { name: 'Deal to 1 bench' }).click({ timeout: 60_000 });
  await expect(page.getByTestId('dealt')).toContainText('nothing yet');
  // Every stage says what it has to do with them; a jar without a label is no harmless day.
  const dealt = page.getByRole('region', { name: 'Unknowns of the day' });
  await openStage(page, 'Prepare');
  await dealt.getByRole('link', { name: 'prep sheet' }).click();
  await expect(dealt).toContainText('potassium chromate');
  await openTab(page, 'Prepare', 'Safety');
  await expect(dealt).toContainText('treat it as harmful');
  await expect(dealt).toContainText('Hydrogen sulfide is very toxic');
  await openTab(page, 'Prepare', 'Waste');
  await expect(dealt).toContainText('without the key, to the heavy metal waste');
  for (const stage of ['Bench', 'Judge']) {
    await openStage(page, stage);
    await expect(dealt).toContainText(/hands? in/);
  }
  await dealt.getByRole('link', { name: 'Codes, answers and keys' }).click();
  await expect(page.getByTestId('dealt')).toContainText('nothing yet');
  await openStage(page, 'Report');
  await page.getByRole('combobox', { name: 'Report on' }).click();
  await page.getByRole('option', { name: /^Unknown .*: Bench Dunlin/ }).click();
  await expect(page.getByRole('article')).toContainText('not handed in', { timeout: 30_000 });
  await page.goto('/');
  await expect(page.getByText('1 unknown · 1 group')).toBeVisible();
});
