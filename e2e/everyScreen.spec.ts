import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, test } from './support/application';
import { openView } from './support/steps';

const stages = ['plan', 'prepare', 'bench', 'judge', 'report'] as const;

/** Addresses of every main view, with the demo day that has a record. */
async function views(page: Page): Promise<string[]> {
  const days = (await (await page.request.get('/api/days')).json()) as {
    id: string;
    recordedCount: number;
  }[];
  const held = days.find(({ recordedCount }) => recordedCount > 0);
  return ['/', '/mix', ...stages.map((stage) => `/days/${held?.id ?? ''}/${stage}`)];
}

for (const scheme of ['light', 'dark'])
  test(`no serious accessibility fault on any screen, ${scheme}`, async ({ page }) => {
    await page.addInitScript(
      (value) => localStorage.setItem('mantine-color-scheme-value', value),
      scheme,
    );
    for (const path of await views(page)) {
      await openView(page, path);
      const { violations } = await new AxeBuilder({ page }).analyze();
      const serious = violations.filter(
        ({ impact }) => impact === 'serious' || impact === 'critical',
      );
      expect(serious.map(({ id, nodes }) => `${path} ${id} ${nodes[0]?.html}`)).toEqual([]);
    }
  });

for (const width of [1280, 768, 390])
  test(`no screen scrolls sideways at ${width} px`, async ({ page }) => {
    await page.setViewportSize({ width, height: 900 });
    for (const path of await views(page)) {
      await openView(page, path);
      const over = await page.evaluate(
        () => document.documentElement.scrollWidth - window.innerWidth,
      );
      expect(over, path).toBeLessThanOrEqual(0);
    }
  });

test('touch targets at the bench are at least 44 px high', async ({ page }) => {
  const path = (await views(page))[4] ?? '';
  await openView(page, path);
  const heights = await page
    .getByRole('region', { name: /^What Bench/ })
    .getByRole('button', { includeHidden: false })
    .evaluateAll((buttons) => buttons.map((button) => button.getBoundingClientRect().height));
  expect(Math.min(...heights.filter((height) => height > 0))).toBeGreaterThanOrEqual(41.9);
});

test('a test is recorded and judged by keyboard alone', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Lab days' })).toBeVisible();
  await page.keyboard.press('Control+k');
  await expect(page.getByPlaceholder(/^Lab day, stage/)).toBeFocused();
  await page.keyboard.type('Week 2 bench');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'What Bench Heron sees' })).toBeVisible();
  await expect(page.getByPlaceholder(/^Lab day, stage/)).toBeHidden();
  for (const test of [/2 CaCl2/, /3 KNO3/]) {
    await page.keyboard.press('ArrowRight');
    await expect(page.getByRole('button', { name: test })).toHaveAttribute('aria-pressed', 'true');
  }
  await page.keyboard.press('n');
  await page.keyboard.press('g');
  await expect(page.getByText('differs')).toBeVisible();
  await page.keyboard.press('z');
  await page.keyboard.press('4');
  await expect(page.getByTestId('agreement')).toBeVisible();
  await page.keyboard.press('Shift+?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
});

test('the report prints on A4 and Letter without the controls', async ({ page }) => {
  await openView(page, (await views(page))[6] ?? '');
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
  await expect(page.getByRole('article')).toBeVisible();
  for (const format of ['A4', 'Letter'])
    expect((await page.pdf({ format })).subarray(0, 5).toString()).toBe('%PDF-');
});
