import { expect } from '@playwright/test';
import type { Browser, Page } from '@playwright/test';
import { chooseSolution, makeLabDay, openTab } from './steps';

/** A lab day with two benches and one test, and its code. */
export async function dayWithCode(page: Page, name: string): Promise<string> {
  await makeLabDay(page, name, { groups: ['Bench Heron', 'Bench Tern'] });
  await openTab(page, 'Plan', 'Two-solution tests');
  await chooseSolution(page, 'A, in the vessel', 'calcium chl', /calcium chloride/, '0.2');
  await chooseSolution(page, 'B, poured in', 'washing', /sodium carbonate/, '0.25');
  await page.getByRole('button', { name: 'Add to the plan' }).click();
  await expect(page.getByRole('button', { name: 'Test 1: CaCl2 with Na2CO3' })).toBeVisible();
  await page.getByRole('link', { name: 'Groups of the lab day' }).click();
  await page.getByRole('button', { name: 'Make the code' }).click();
  return (await page.getByTestId('join-code').textContent()) ?? '';
}

/** A tablet of its own, with its own cookies, at a bench. */
export async function tablet(
  browser: Browser,
  url: string,
  code: string,
  bench: string,
): Promise<Page> {
  const context = await browser.newContext({
    baseURL: url,
    viewport: { width: 768, height: 1024 },
  });
  const page = await context.newPage();
  await page.goto('/join');
  await page.getByLabel('Code on the wall').fill(code.toLowerCase());
  await page.getByRole('button', { name: 'Go on' }).click();
  await page.getByRole('button', { name: bench }).click();
  await expect(page.getByRole('heading', { level: 1, name: bench })).toBeVisible();
  return page;
}
