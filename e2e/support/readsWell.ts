import AxeBuilder from '@axe-core/playwright';
import { expect } from '@playwright/test';
import type { Page } from '@playwright/test';
import { otherReaders } from './application';

/** Rows of a long table or list that look as those before them do; the first two dozen stand for all. */
const alike = ['tbody > tr:nth-child(n+25)', 'li:nth-child(n+25)', 'dl > :nth-child(n+49)'];

/** Axe on a page without frames, telling faults only: what passes is not written down. */
function axe(page: Page): AxeBuilder {
  const builder = new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ['violations'] });
  for (const one of alike) builder.exclude(one);
  return builder;
}

/** Serious and critical faults that axe finds, by the place and the rule; colours are looked at apart, for that takes longest. */
async function seriousFaults(page: Page, where: string): Promise<string[]> {
  const { violations } = await axe(page).disableRules(['color-contrast']).analyze();
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(({ id, nodes }) => `${where} ${id} ${nodes[0]?.html}`);
}

/** Places where text cannot be told from what it stands on. */
async function poorContrast(page: Page, where: string): Promise<string[]> {
  const { violations } = await axe(page).withRules(['color-contrast']).analyze();
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

/** Numbers with a decimal point, and temperatures in °C, that can be read on a page; formulae and versions have points of their own. */
function foreignNumbers(): string[] {
  const isForeign = (text: string) =>
    text.includes('°C') || /(?<![\d.·])\d+\.\d+(?!\.?\d)(?![A-Z])/.test(text);
  const found: string[] = [];
  const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
  while (walker.nextNode()) {
    const { nodeValue, parentElement } = walker.currentNode;
    if (!parentElement?.closest('script, style, code, pre, kbd') && isForeign(nodeValue ?? ''))
      found.push(nodeValue ?? '');
  }
  for (const element of document.querySelectorAll('[aria-label], [placeholder]'))
    for (const name of ['aria-label', 'placeholder'])
      if (isForeign(element.getAttribute(name) ?? '')) found.push(element.getAttribute(name) ?? '');
  return found;
}

const desk = 1280;
const tablet = 768;
const phone = 390;

/**
 * What is wrong with a page as it stands: whatever axe finds serious, and what does not fit a desk, a tablet or a phone. With
 * `colours` also what cannot be told from its ground, by light and in the dark; the parts a page is made of are dressed in one place,
 * so a few pages of each kind stand for all.
 */
export async function faultsOf(
  page: Page,
  where: string,
  { colours = false } = {},
): Promise<string[]> {
  const faults = await seriousFaults(page, where);
  // Where a school chooses them, both ways of writing stand as examples.
  if (otherReaders.has(page) && where !== '/settings')
    for (const words of await page.evaluate(foreignNumbers)) faults.push(`${where}: ${words}`);
  for (const width of [phone, tablet, desk]) {
    await page.setViewportSize({ width, height: 900 });
    await expectNoSidewaysScroll(page, `${where} at ${width}`);
  }
  if (colours) {
    faults.push(...(await poorContrast(page, where)));
    faults.push(...(await inTheDark(page, () => poorContrast(page, `${where} in the dark`))));
  }
  return faults;
}

/** {@link faultsOf} finds none. */
export async function expectReadsWell(
  page: Page,
  where: string,
  look?: Parameters<typeof faultsOf>[2],
): Promise<void> {
  expect(await faultsOf(page, where, look)).toEqual([]);
}
