import AxeBuilder from '@axe-core/playwright';
import { expect } from '@playwright/test';
import type { Page } from '@playwright/test';

/** Rows of a long table or list that look as those before them do; the first two dozen stand for all. */
const alike = ['tbody > tr:nth-child(n+25)', 'li:nth-child(n+25)', 'dl > :nth-child(n+49)'];

/** Axe on a page without frames, telling faults only: what passes is not written down. */
function axe(page: Page, rules?: readonly string[]): AxeBuilder {
  const builder = new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ['violations'] });
  for (const one of alike) builder.exclude(one);
  return rules ? builder.withRules([...rules]) : builder;
}

/** Serious and critical faults that axe finds, by the place and the rule. */
export async function seriousFaults(page: Page, where: string): Promise<string[]> {
  const { violations } = await axe(page).analyze();
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(({ id, nodes }) => `${where} ${id} ${nodes[0]?.html}`);
}

/** Places where text cannot be told from what it stands on: all that a dark look can make worse. */
export async function poorContrast(page: Page, where: string): Promise<string[]> {
  const { violations } = await axe(page, ['color-contrast']).analyze();
  return violations.map(({ id, nodes }) => `${where} ${id} ${nodes[0]?.html}`);
}

/** Nothing stands out of the window; a chart may take a moment to follow a new width. */
export async function expectNoSidewaysScroll(page: Page, where: string): Promise<void> {
  await expect
    .poll(() => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth), {
      message: where,
    })
    .toBeLessThanOrEqual(0);
}

/** Narrower than this, a page holds what it holds on a desk, one thing below the other. */
const deskWidth = 1000;

/** A page that fits its window. On a desk axe finds nothing serious in it; a dark look is looked through for what it changes, the contrast. */
export async function expectReadsWell(page: Page, where: string): Promise<void> {
  await expectNoSidewaysScroll(page, where);
  const isDark = await page.locator('html[data-mantine-color-scheme="dark"]').count();
  if (isDark > 0) expect(await poorContrast(page, where)).toEqual([]);
  else if ((page.viewportSize()?.width ?? 0) >= deskWidth)
    expect(await seriousFaults(page, where)).toEqual([]);
}

/** The same page in the dark, without loading it again. */
export async function inTheDark<T>(page: Page, look: () => Promise<T>): Promise<T> {
  const setLook = (scheme: string) =>
    page.evaluate((one) => {
      document.documentElement.dataset.mantineColorScheme = one;
    }, scheme);
  await setLook('dark');
  const found = await look();
  await setLook('light');
  return found;
}
