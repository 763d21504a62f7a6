import { readFileSync } from 'node:fs';
import type { Locator, Page } from '@playwright/test';
import { expect, test } from './support/application';
import { expectReadsWell } from './support/readsWell';
import { makeLabDay, openStage, openView, goOn } from './support/steps';

async function choose(page: Page, label: string, option: string | RegExp): Promise<void> {
  await page.getByRole('combobox', { name: label, exact: true }).click();
  await page.getByRole('option', { name: option }).click();
}

const cardOf = (page: Page, text: RegExp): Locator =>
  page.getByTestId('routes').getByRole('article').filter({ hasText: text });

/** What a download holds. */
async function fileFrom(page: Page, button: string): Promise<string> {
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: button, exact: true }).click(),
  ]);
  return readFileSync(await download.path(), 'utf8');
}

test('carbon dioxide from what the shelf has; marble with sulfuric acid is refused, and says why', async ({
  page,
}) => {
  await makeLabDay(page, 'Fizz in a jar', { groups: ['Bench Tern'] });
  await openView(page, '/gases');
  const routes = page.getByTestId('routes');
  await expect(routes).toContainText(/go well/, { timeout: 60_000 });
  await expect(routes.getByRole('article').first()).toContainText('CaCO3 and 2 M HCl');
  await page.getByText(/that do not, and why/).click();
  const marble = cardOf(page, /^CaCO3 and 2 M H2SO4/);
  await expect(marble).toHaveAttribute('data-verdict', 'refused');
  await expect(marble).toContainText('seals it: a little reacts, then no more');
  await expect(page.getByTestId('proof')).toContainText('lime water: turns milky');

  // How much, how it is caught, and into a lab day.
  await page.getByRole('link', { name: 'How much, and how it is collected' }).click();
  await expect(page.getByTestId('amounts')).toContainText('limits');
  await expect(page.getByTestId('collection')).toContainText('downward delivery');
  await expect(page.getByTestId('collection')).toContainText('upward displacement of air');
  await expect(page.getByTestId('lost')).toContainText(/at most/);
  await choose(page, 'Put it into a lab day', /Fizz in a jar/);
  await page.getByRole('button', { name: /^Add .* to the day$/ }).click();
  await page.getByRole('button', { name: 'Go there' }).click();
  await openStage(page, 'Bench');
  await expect(page.getByText(/Have ready before anything is mixed/).first()).toBeVisible();
});

test('a carbonate cycle is drawn, weighed and printed, and one of one’s own is led round', async ({
  page,
}) => {
  await openView(page, '/gases/cycles');
  const ring = page.getByRole('img', { name: 'Ring: CaCO₃ → CaO → Ca(OH)₂ → CaCO₃' });
  await expect(ring).toBeVisible();
  await expect(page.getByRole('region', { name: 'Arrow 1' })).toContainText(
    'CaCO3(s) → CaO(s) + CO2(g)',
  );
  await expect(page.getByRole('region', { name: 'Arrow 1' })).toContainText('decomposition');
  await expect(page.getByRole('region', { name: 'Arrow 2' })).toContainText(
    'steams as it is slaked',
  );
  await page.getByRole('textbox', { name: /^Begin with, g/ }).fill('5');
  const rows = page.getByTestId('ring-masses').getByRole('row');
  await expect(rows.nth(1)).toContainText('2.8 g');
  await page.getByRole('textbox', { name: 'Weighed after arrow 1 of 3, g' }).fill('2.5');
  await expect(rows.nth(1)).toContainText('89.2 %');
  await page.getByRole('textbox', { name: 'Weighed after arrow 1 of 3, g' }).fill('3.4');
  await expect(rows.nth(1)).toContainText('more than there can be');
  expect(await fileFrom(page, 'SVG')).toContain('CaCO₃');

  // On paper: the ring and its arrows, without the controls.
  await page.emulateMedia({ media: 'print' });
  await expect(ring).toBeVisible();
  await expect(page.getByRole('button', { name: 'SVG' })).toBeHidden();
  await expect(page.getByRole('region', { name: 'Arrow 3' })).toBeVisible();
  await page.emulateMedia({ media: 'screen' });

  // One of one’s own: only what really comes is offered.
  await choose(page, 'Cycle', 'One of your own');
  const own = page.getByRole('group', { name: 'Your ring' });
  await expect(own).toContainText('MgO becomes');
  await own.getByRole('button', { name: 'MgSO4' }).click();
  await expect(page.getByText('Not closed yet', { exact: false })).toBeVisible();
  await own.getByRole('button', { name: 'MgCO3' }).click();
  await own.getByRole('button', { name: 'MgO', exact: true }).click();
  await expect(own).toContainText('Closed: it ends where it began');
  await expect(page.getByRole('img', { name: 'Ring: MgO → MgSO₄ → MgCO₃ → MgO' })).toBeVisible();
});

const views = ['', '/make', '/apparatus', '/properties', '/unknown', '/cycles'];
test.describe('for whoever reads °F and decimal commas', () => {
  test.use({ reads: 'otherwise' });

  test('the study of gases reads well', async ({ page }) => {
    test.slow();
    for (const view of views) {
      await goOn(page, `/gases${view}`);
      await expect(page.getByText(/Trying reagents|Calculating what/)).toHaveCount(0, {
        timeout: 60_000,
      });
      await expect(
        page.getByTestId(/^(routes|amounts|checklist|circuit-summary|posterior|ring-masses)$/),
      ).toBeVisible({ timeout: 60_000 });
      await expectReadsWell(page, view, { colours: view === '/make' });
    }
  });
});
