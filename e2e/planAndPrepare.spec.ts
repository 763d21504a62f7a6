import { expect, test } from './support/application';
import { addProcedures, makeLabDay, openStage, openTab } from './support/steps';

const eightBenches = ['Heron', 'Tern', 'Plover', 'Dunlin', 'Knot', 'Curlew', 'Ruff', 'Stint'];
const sixProcedures = [
  'Six clear pairs',
  'Blue to white and back',
  'How much water is in the crystal?',
  'One white solid in light and in the dark',
  'Metal trees',
  'One jug, five glasses',
];

test('six procedures for eight groups: planned, scheduled, prepared, labelled and printed', async ({
  page,
}) => {
  test.slow();
  await makeLabDay(page, 'Six at once', { groups: eightBenches, lengthMin: 120 });
  await addProcedures(page, sixProcedures);
  await expect(page.getByTestId('planned')).toHaveCount(6);
  await expect(page.getByRole('region', { name: 'The class' })).toContainText('8 groups of 3');

  // The near-name trap: the lethal neighbour is asked about before it is taken.
  await page.getByRole('link', { name: 'One jug, five glasses' }).click();
  await page.getByRole('link', { name: 'Adapt it for this day' }).click();
  await page.getByRole('button', { name: /^Glass 5: potassium thiocyanate.*min/ }).click();
  const reagent = page.getByRole('combobox', { name: 'Into glass 5' });
  await reagent.fill('potassium cyanide');
  await page.getByRole('option', { name: /potassium cyanide/ }).click();
  const question = page.getByRole('alert').filter({ hasText: 'Do you mean potassium cyanide?' });
  await expect(question).toContainText('can kill');
  await question.getByRole('button', { name: 'No, potassium thiocyanate' }).click();
  await expect(reagent).toHaveValue('potassium thiocyanate');
  await expect(page.getByRole('button', { name: 'Save', exact: true })).toBeDisabled();
  await page.getByRole('link', { name: 'Back', exact: true }).click();
  await page.getByRole('link', { name: 'Procedures of the day' }).click();

  // The timetable: every bench a row, every rule kept, moved by keyboard, kept after a reload.
  await openTab(page, 'Plan', 'Timetable');
  await page.getByRole('button', { name: 'Make the timetable' }).click();
  await expect(page.getByTestId('verdict')).toContainText('fits', { timeout: 90_000 });
  await expect(page.getByRole('group', { name: 'Heron' })).toBeVisible();
  const bar = page.getByRole('group', { name: 'Heron' }).getByRole('button').last();
  const before = await bar.getAttribute('aria-label');
  await bar.focus();
  await bar.press('ArrowRight');
  await expect(bar).toHaveAttribute('data-held', '');
  await expect(bar).not.toHaveAttribute('aria-label', before ?? '');
  await page.reload();
  await expect(page.getByTestId('verdict')).toBeVisible();
  await page.getByText('Table', { exact: true }).click();
  await expect(page.getByRole('row')).not.toHaveCount(1);

  // Prepare: the wrong hydrate and the factor of ten are caught, the right mass is kept.
  await openStage(page, 'Prepare');
  const copper = page.getByRole('region', { name: 'CuSO4 0.15 M' });
  await copper.getByText('CuSO4·5H2O').click();
  // 0.15 mol/L × 0.12 L × 249.68 g/mol ÷ 0.99; what a weaker solution takes of it is counted in.
  await expect(copper.getByTestId('target')).toContainText('4.54 g');
  const weighed = copper.getByLabel('Weighed, after tare');
  await weighed.fill('2.90');
  await expect(copper.getByRole('alert')).toContainText('That would be right for CuSO4');
  await weighed.fill('0.45');
  await expect(copper.getByRole('alert')).toContainText('a tenth of');
  await copper.getByRole('button', { name: 'Record the mass' }).click();
  await expect(copper.getByRole('button', { name: 'Keep 0.45 g all the same' })).toBeVisible();
  await weighed.fill('4.57');
  await expect(copper.getByTestId('effects')).toContainText('stays the same');
  await copper.getByRole('button', { name: 'Record the mass' }).click();
  await expect(copper.getByTestId('made')).toContainText('4.57 g of CuSO4·5H2O');
  await copper.getByRole('button', { name: /It is made: take 4.57 g off the jar/ }).click();
  await expect(copper.getByTestId('is-made')).toContainText('4.57 g taken from the jar');

  // The sheet and the labels, on paper.
  await openTab(page, 'Prepare', 'Prep sheet');
  await expect(page.getByRole('row').filter({ hasText: 'KSCN 0.2 M' })).toContainText('g');
  await expect(page.getByTestId('equipment')).toContainText('test tube');
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('navigation', { name: 'Prepare', exact: true })).toBeHidden();
  expect((await page.pdf({ format: 'A4' })).byteLength).toBeGreaterThan(10_000);
  await page.emulateMedia({ media: 'screen' });
  await openTab(page, 'Prepare', 'Labels');
  await page.getByRole('combobox', { name: 'Label sheet' }).click();
  await page.getByRole('option', { name: /10 on Letter/ }).click();
  const labels = page.getByTestId('label-sheet').getByRole('button');
  await expect(labels.filter({ hasText: 'silver nitrate' }).first()).toContainText('Warning');
  const sheets = await page.getByTestId('label-sheet').count();
  await page.emulateMedia({ media: 'print' });
  expect(pagesOf(await page.pdf({ preferCSSPageSize: true }))).toBe(sheets);
  await page.emulateMedia({ media: 'screen' });

  // Safety and waste from the engine.
  await openTab(page, 'Prepare', 'Safety');
  await expect(page.getByText('On everyone:')).toBeVisible({ timeout: 60_000 });
  await openTab(page, 'Prepare', 'Waste');
  await expect(page.getByTestId('bottle').filter({ hasText: 'Silver residues' })).toBeVisible({
    timeout: 60_000,
  });
});

/** Pages of a PDF, counted by its page objects. */
function pagesOf(pdf: Buffer): number {
  return pdf.toString('latin1').match(/\/Type\s*\/Page[^s]/g)?.length ?? 0;
}

test('a procedure is copied, changed and watched: prediction, order, undo, departures', async ({
  page,
}) => {
  await page.goto('/procedures/clear-pairs');
  await page.getByRole('link', { name: 'Copy and adapt' }).click();
  const steps = page.getByTestId('edit-step');
  await expect(steps).toHaveCount(6);

  // Another reagent, and at once another prediction.
  await expect(steps.first()).toContainText('white gelatinous precipitate');
  await page.getByRole('combobox', { name: 'Into 1' }).first().fill('sodium chloride');
  await page
    .getByRole('option', { name: /sodium chloride/ })
    .first()
    .click();
  await expect(steps.first()).toContainText('nothing happened');
  await expect(steps.first().getByTestId('was')).toContainText('white gelatinous precipitate');
  await expect(page.getByTestId('departures')).toContainText('NaCl instead of');

  // A reload loses nothing; undo and redo go back and forth.
  await page.reload();
  await expect(steps.first()).toContainText('nothing happened');
  await page.getByLabel('Name', { exact: true }).fill('Six pairs, one dull');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Six clear pairs, adapted');
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Six pairs, one dull');

  // Steps by drag, with the keyboard.
  await page.getByRole('button', { name: /^Tube 1: .*min/ }).click();
  const grip = page.getByRole('button', { name: /^Drag Tube 2/ });
  await grip.focus();
  await grip.press('Space');
  const said = page.locator('[id^="DndLiveRegion"]');
  await expect(said).toContainText('Picked up step 2');
  // The places are measured once it is picked up; until then an arrow leads nowhere.
  await expect(async () => {
    await page.keyboard.press('ArrowUp');
    await expect(said).toContainText('Now in the place of step 1', { timeout: 1000 });
  }).toPass();
  await page.keyboard.press('Space');
  await expect(steps.first()).toContainText('Tube 2');

  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Six pairs, one dull' })).toBeVisible();
  await expect(page.getByTestId('departures')).toContainText('now comes before');
  await page.goto('/procedures');
  await expect(
    page.getByTestId('procedure').filter({ hasText: 'Six pairs, one dull' }),
  ).toContainText('written here');
});

test('a class that is too short is told what to cut, and takes the advice', async ({ page }) => {
  test.slow();
  await makeLabDay(page, 'In a hurry', { groups: ['A', 'B', 'C'], lengthMin: 20 });
  await addProcedures(page, ['How much water is in the crystal?', 'Sand, salt and iron']);
  await openTab(page, 'Plan', 'Timetable');
  await page.getByRole('button', { name: 'Make the timetable' }).click();
  await expect(page.getByTestId('verdict')).toContainText('too long for the class', {
    timeout: 60_000,
  });
  await page.getByRole('button', { name: 'Find what would fit' }).click();
  const cuts = page.getByTestId('cuts');
  await expect(cuts).toContainText('Leave Sand, salt and iron for another day', {
    timeout: 60_000,
  });
  await cuts
    .getByRole('listitem')
    .filter({ hasText: 'Leave Sand, salt and iron' })
    .getByRole('button', { name: 'Do that' })
    .click();
  await expect(page.getByText('The plan has changed since')).toBeVisible();
});

test('the shelf: a bad file changes nothing and says why, a good one is taken over', async ({
  page,
}) => {
  await page.goto('/shelf');
  const count = await page.getByRole('status').first().textContent();
  const choose = async (text: string) => {
    const chooser = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Read a file' }).click();
    await (
      await chooser
    ).setFiles({ name: 'shelf.csv', mimeType: 'text/csv', buffer: Buffer.from(text, 'latin1') });
  };
  const dialog = page.getByRole('dialog');
  for (const [text, problem] of [
    ['substance,amount\nNaCl,5', 'The column “unit” is missing'],
    ['substance,amount,unit\nNaCl,5,kg', 'is not a unit of the shelf'],
    ['substance,amount,unit\nNaCl,5,g\nNaCl,6,g', 'stands in line 2 already'],
    ['substance,amount,unit,place\nNaCl,5,g,Caf\xe9', 'not in UTF-8'],
    ['substance,amount,unit\nNaCl,=1+1,g', 'is a formula of a spreadsheet'],
    [
      `substance,amount,unit,place\n${Array.from({ length: 10_000 }, (_, at) => `NaCl,5,g,Bay ${at}`).join('\n')}`,
      'The file has 10000 rows',
    ],
  ] as const) {
    await choose(text);
    await expect(dialog.getByRole('alert')).toContainText('the shelf is as it was');
    await expect(dialog).toContainText(problem);
    await dialog.getByRole('button', { name: 'Close', exact: true }).click();
  }
  await expect(page.getByRole('status').first()).toHaveText(count ?? '');
  await choose('substance,amount,unit,place\nNaCl,125,g,Window sill');
  await expect(dialog).toContainText('1 jars are new');
  await dialog.getByRole('button', { name: 'Take it over' }).click();
  await page.getByRole('textbox', { name: 'Search', exact: true }).fill('window');
  await expect(page.getByRole('button', { name: /NaCl.*125 g/ })).toBeVisible();
});

test('other reagents that show the same are found on the shelf and ranked', async ({ page }) => {
  await makeLabDay(page, 'Something harmless');
  await openTab(page, 'Plan', 'Other reagents');
  await page.getByRole('combobox', { name: 'Substance' }).fill('sodium carbonate');
  await page
    .getByRole('option', { name: /^Na2CO3/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Try the shelf' }).click();
  const found = page.getByTestId('alternatives').getByRole('listitem');
  await expect(found.first()).toContainText('no classified hazard', { timeout: 60_000 });
  await expect(found.first()).toContainText('on black');
  await found.first().getByRole('link', { name: 'Plan a test' }).click();
  await expect(page.getByRole('group', { name: 'Solution A, in the vessel' })).toBeVisible();
});
