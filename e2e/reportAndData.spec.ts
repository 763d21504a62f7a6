import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expect, test } from './support/application';
import { makeTestDay, openStage, openView } from './support/steps';

/** The demo day whose record is the longest. */
async function openRecordedReport(page: Page): Promise<void> {
  await page.goto('/');
  await page.getByRole('link', { name: /Week 1/ }).click();
  await openStage(page, 'Report');
  await expect(page.getByRole('article')).toBeVisible({ timeout: 60_000 });
}

/** A file that is saved by a click. */
async function saved(
  page: Page,
  click: () => Promise<void>,
): Promise<{ name: string; content: Buffer }> {
  const [download] = await Promise.all([
    page.waitForEvent('download', { timeout: 60_000 }),
    click(),
  ]);
  return { name: download.suggestedFilename(), content: readFileSync(await download.path()) };
}
const press = (page: Page, name: string) => () =>
  page.getByRole('button', { name, exact: true }).click();

test('a report is chosen part by part, for the class and with the key, and leaves in every format', async ({
  page,
  browser,
}) => {
  await openRecordedReport(page);
  const article = page.getByRole('article');
  await expect(article).toContainText('For the instructor, with the key');
  await expect(article).toContainText('Expected');
  await expect(article).toContainText('Waste record');

  await page.getByRole('radiogroup', { name: 'For whom' }).getByText('Class').click();
  await expect(article).toContainText('For the class');
  await expect(article).not.toContainText('Judgement');
  await expect(article).not.toContainText('Net ionic');

  // One group, without the waste.
  await page.getByRole('combobox', { name: 'Report on' }).click();
  await page.getByRole('option', { name: 'Group: Bench Tern' }).click();
  await expect(article).toContainText('Bench Tern', { timeout: 60_000 });
  await expect(article).not.toContainText('Bench Heron');
  await page.getByText('Parts', { exact: true }).click();
  await page.getByRole('button', { name: 'Waste record' }).click();
  await expect(article.getByRole('heading', { name: 'Waste' })).toHaveCount(0);
  await page.reload();
  await expect(article).toContainText('Bench Tern', { timeout: 60_000 });
  await expect(article.getByRole('heading', { name: 'Waste' })).toHaveCount(0);

  const markdown = await saved(page, press(page, 'Markdown'));
  expect(markdown.name).toMatch(/, class\.md$/);
  expect(markdown.content.toString()).toContain('# Week 1: what is a change?');
  const pdf = await saved(page, press(page, 'PDF'));
  expect(pdf.content.subarray(0, 5).toString()).toBe('%PDF-');
  expect(pdf.content.toString('latin1')).toMatch(/SourceSans3|Source.?Sans/);

  // The HTML file stands alone: no address in it but its own.
  const html = (await saved(page, press(page, 'HTML'))).content.toString();
  expect(html).toContain('font/woff2;base64,');
  expect(html).not.toMatch(/(?:src|href)="(?!data:|#)/);
  const alone = await (await browser.newContext({ offline: true })).newPage();
  await alone.setContent(html);
  await expect(alone.getByRole('heading', { level: 1 })).toHaveText('Week 1: what is a change?');
  await expect(alone.getByRole('table').first()).toBeVisible();
  await alone.context().close();
});

test('a report is printed on A4 and Letter without its controls, no row cut in two', async ({
  page,
}) => {
  await openRecordedReport(page);
  await page.emulateMedia({ media: 'print' });
  for (const hidden of [
    page.getByRole('button', { name: 'PDF', exact: true }),
    page.getByRole('combobox', { name: 'Report on' }),
    page.getByRole('link', { name: 'Raw record, CSV' }),
  ])
    await expect(hidden).toBeHidden();
  for (const format of ['A4', 'Letter'])
    expect((await page.pdf({ format })).subarray(0, 5).toString()).toBe('%PDF-');
  const breaks = await page
    .getByRole('article')
    .locator('tr')
    .evaluateAll((rows) => rows.map((row) => getComputedStyle(row).breakInside));
  expect(new Set(breaks)).toEqual(new Set(['avoid']));
});

test('worksheets are made in copies, with their key apart', async ({ page }) => {
  await openView(page, '/procedures/crystal-water-by-mass/worksheet');
  const article = page.getByRole('article');
  await expect(article).toContainText('What I saw or read');
  await expect(article).not.toContainText('Answer');
  await page.getByRole('textbox', { name: 'Copies' }).fill('2');
  await expect(article.getByRole('heading', { name: 'Questions, copy B' })).toBeVisible();
  const before = await article.textContent();
  await page.getByRole('textbox', { name: 'Numbers by seed' }).fill('12');
  await expect(async () => expect(await article.textContent()).not.toBe(before)).toPass();
  await page.getByRole('button', { name: 'Compute', exact: true }).click();
  await expect(article).not.toContainText('A dish weighs');
  await page.getByRole('radiogroup', { name: 'For whom' }).getByText('Key, with marks').click();
  await expect(article).toContainText('Answer');
  const key = await saved(page, press(page, 'Markdown'));
  expect(key.name).toBe('How much water is in the crystal_, key.md');
});

test('a lab day leaves as a file, and comes in again beside itself once it differs', async ({
  page,
}) => {
  await makeTestDay(page, 'Goes out and in');
  await openStage(page, 'Report');
  const file = await saved(page, () =>
    page.getByRole('link', { name: 'Whole lab day with keys, JSON' }).click(),
  );
  const text = file.content.toString();
  await openView(page, '/data');
  const take = async (name: string, content: string) =>
    page
      .locator('input[type=file]')
      .first()
      .setInputFiles({
        name,
        mimeType: 'application/json',
        buffer: Buffer.from(content),
      });
  const plan = page.getByTestId('import-plan');
  await take('same.json', text);
  await expect(plan).toContainText('It is here already, just so');
  await page.getByRole('button', { name: 'Leave everything as it is' }).click();

  await take('other.json', text.replace('Goes out and in', 'Came in beside it'));
  await expect(plan).toContainText('name is not the same');
  await page.getByRole('button', { name: 'Take it in beside it' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Came in beside it' })).toBeVisible();

  await openView(page, '/data');
  await take('later.json', text.replace('"version": 2', '"version": 9'));
  await expect(page.getByRole('alert')).toContainText(
    'version 9; this application reads versions up to 2',
  );
  await take('torn.json', text.slice(0, 200));
  await expect(page.getByRole('alert')).toContainText('no JSON, or was cut off');

  // A backup shows what it would put in place of what is here, and is left.
  const backup = await saved(page, () => page.getByRole('link', { name: 'Save a backup' }).click());
  await take('backup.ndjson', backup.content.toString());
  await expect(page.getByTestId('restore-plan')).toContainText('Lab days');
  await expect(page.getByRole('button', { name: 'Restore' })).toBeDisabled();
  await page.getByRole('button', { name: 'Leave everything as it is' }).click();
});

test('a term is planned again with its dates shifted, and a lab day is archived', async ({
  page,
}) => {
  await makeTestDay(page, 'Last term');
  await page.goto('/');
  await page.getByRole('button', { name: 'Plan a term again' }).click();
  const dialog = page.getByRole('dialog', { name: 'Plan a term again' });
  const boxes = dialog.getByRole('checkbox');
  for (let at = 0; at < (await boxes.count()); at += 1) await boxes.nth(at).setChecked(false);
  await dialog.getByRole('checkbox', { name: /Last term/ }).check();
  await dialog.getByLabel('The first of them falls on').fill('2028-03-06');
  await expect(dialog.getByText('Monday 6 March 2028')).toBeVisible();
  await dialog.getByRole('button', { name: 'Plan 1 day again' }).click();
  const row = page.getByRole('link', { name: /6 March 2028.*Last term/ });
  await row.click();
  await page.getByRole('button', { name: 'Archive the lab day' }).click();
  await expect(page.getByText(/is archived/)).toBeVisible();
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Lab days' })).toBeVisible();
  await expect(row).toBeHidden();
  await page.getByText('Archived lab days').click();
  await row.click();
  await page.getByRole('button', { name: 'Take the lab day out of the archive' }).click();
  await page.goto('/');
  await expect(row).toBeVisible();
});

test('settings are the school’s: decimals, institution, drops; and the browser’s: text', async ({
  page,
}) => {
  await openView(page, '/settings');
  const forAll = page.getByRole('region', { name: 'For all', exact: true });
  const institution = forAll.getByLabel('Institution');
  await institution.fill('Lantern Quay Evening School');
  await institution.blur();
  await forAll.getByLabel('with a comma').click();
  await expect(forAll.getByLabel('with a comma')).toBeChecked();
  await forAll.getByRole('textbox', { name: 'Drops to 1 mL' }).fill('3');
  await expect(forAll.getByText('at least 5 drops')).toBeVisible();
  await forAll.getByRole('textbox', { name: 'Drops to 1 mL' }).fill('25');
  await forAll.getByRole('textbox', { name: 'Drops to 1 mL' }).blur();
  const own = page.getByRole('region', { name: 'For this browser' });
  await own.getByText('Larger').click();
  await expect(page.locator('html')).toHaveCSS('font-size', '20.8px');
  await own.getByText('Usual').click();

  await openRecordedReport(page);
  const article = page.getByRole('article');
  await expect(article).toContainText('Lantern Quay Evening School');
  await expect(article).toContainText('0,15 M');
  await expect(article).not.toContainText('0.15 M');
  const markdown = (await saved(page, press(page, 'Markdown'))).content.toString();
  expect(markdown).toContain('0,15 M');
  // Files for other programs keep the point.
  const csv = await saved(page, () => page.getByRole('link', { name: 'Results, CSV' }).click());
  expect(csv.content.toString()).toContain('0.15 M');
  await page.getByRole('link', { name: 'Prepare' }).click();
  await page.getByRole('link', { name: 'Prep sheet' }).click();
  await expect(page.getByText('25 drops to the millilitre')).toBeVisible();

  // They are the installation’s: they are back before the next test looks.
  await page.request.patch('/api/settings', {
    data: { institution: '', decimalSeparator: '.', dropsPerMl: 20 },
  });
});

test('search finds everything, and begins with where one was last', async ({ page }) => {
  await openView(page, '/help/glossary');
  await expect(page).toHaveTitle('Glossary – Stoichos');
  await openView(page, '/shelf');
  await expect(page).toHaveTitle(/Stoichos$/);
  await page.keyboard.press('Control+k');
  const search = page.getByPlaceholder(/^Lab day, procedure/);
  await expect(search).toBeFocused();
  await expect(page.getByRole('button', { name: 'Glossary', exact: true })).toBeVisible();
  const find = async (typed: string, option: RegExp) => {
    await search.fill(typed);
    await expect(page.getByRole('button', { name: option }).first()).toBeVisible();
  };
  await find('backup', /^Data/);
  await find('suck', /^Suck-back/);
  await find('jar of NaCl', /^Jar of NaCl/);
  await find('week 2 report', /Week 2: clouds in the tube · Report/);
  await find('crystal', /How much water is in the crystal/);
  await find('silver nitrate', /What is tabulated of it/);
  await page
    .getByRole('button', { name: /What is tabulated of it/ })
    .first()
    .click();
  await expect(page.getByRole('heading', { level: 1, name: 'Sources' })).toBeVisible();
  await expect(page.getByRole('status')).toContainText('constants');
  await expect(page.getByLabel('from memory').nth(1)).toBeVisible();
});

test('a newcomer is shown around, and every page says what it is', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Show me around' }).click();
  const guide = page.locator('.driver-popover');
  await expect(guide).toContainText('Each class is a lab day');
  const next = guide.getByRole('button', { name: 'Next', exact: true });
  for (const words of [
    'Try something out',
    'Five stages',
    'Expected beside seen',
    'Report',
    'Search',
  ]) {
    await next.click();
    await expect(guide).toContainText(words, { timeout: 15_000 });
  }
  await next.click();
  await guide.getByRole('button', { name: 'Done' }).click();
  await expect(guide).toBeHidden();
  await page.goto('/');
  await expect(page.getByRole('button', { name: 'Show me around' })).toBeHidden();

  for (const [path, words] of [
    ['/equilibrium', 'Shift a coloured equilibrium'],
    ['/gases/make', 'Reagents and apparatus'],
    ['/data', 'Files in and out'],
  ] as const) {
    await openView(page, path);
    await page.keyboard.press('F1');
    await expect(page.getByRole('dialog')).toContainText(words);
    await page.keyboard.press('Escape');
  }
  await openView(page, '/help/glossary');
  await page.getByLabel('Look for').fill('vitriol');
  await expect(page.getByRole('cell', { name: 'blue vitriol', exact: true })).toBeVisible();
});
