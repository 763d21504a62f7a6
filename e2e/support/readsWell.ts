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
async function seriousFaults(page: Page, where: string): Promise<string[]> {
  const { violations } = await axe(page).analyze();
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(({ id, nodes }) => `${where} ${id} ${nodes[0]?.html}`);
}

/** Places where text cannot be told from what it stands on: all that a dark look can make worse. */
async function poorContrast(page: Page, where: string): Promise<string[]> {
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

/** The same page in the dark, without loading it again. */
async function inTheDark<T>(page: Page, look: () => Promise<T>): Promise<T> {
  const setLook = (scheme: string) =>
    page.evaluate((one) => {
      document.documentElement.dataset.mantineColorScheme = one;
    }, scheme);
  await setLook('dark');
  const found = await look();
  await setLook('light');
  return found;
}

const desk = 1280;
const tablet = 768;
const phone = 390;

/**
 * What is wrong with a page as it stands: on a desk whatever axe finds serious, in the dark what cannot be told from its ground;
 * and it fits a desk, a tablet and a phone.
 */
export async function faultsOf(page: Page, where: string): Promise<string[]> {
  const seeAt = async (width: number) => {
    await page.setViewportSize({ width, height: 900 });
    await expectNoSidewaysScroll(page, `${where} at ${width}`);
  };
  await seeAt(desk);
  const faults = await seriousFaults(page, where);
  await seeAt(phone);
  await seeAt(tablet);
  faults.push(...(await inTheDark(page, () => poorContrast(page, `${where} in the dark`))));
  await page.setViewportSize({ width: desk, height: 900 });
  return faults;
}

/** {@link faultsOf} finds none. */
export async function expectReadsWell(page: Page, where: string): Promise<void> {
  expect(await faultsOf(page, where)).toEqual([]);
}
