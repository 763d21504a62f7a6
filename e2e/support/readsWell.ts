import AxeBuilder from '@axe-core/playwright';
import { expect } from '@playwright/test';
import type { Page } from '@playwright/test';

/** Serious and critical faults that axe finds, by the place and the rule. */
export async function seriousFaults(page: Page, where: string): Promise<string[]> {
  const { violations } = await new AxeBuilder({ page }).analyze();
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(({ id, nodes }) => `${where} ${id} ${nodes[0]?.html}`);
}

/** Places where text cannot be told from what it stands on: all that a dark look can make worse. */
export async function poorContrast(page: Page, where: string): Promise<string[]> {
  const { violations } = await new AxeBuilder({ page }).withRules(['color-contrast']).analyze();
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

/** A page that fits its window and in which axe finds nothing serious. */
export async function expectReadsWell(page: Page, where: string): Promise<void> {
  await expectNoSidewaysScroll(page, where);
  expect(await seriousFaults(page, where)).toEqual([]);
}
