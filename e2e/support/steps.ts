import type { Page } from '@playwright/test';
import { expect } from './application';

/** Makes a lab day on the home page, with the usual groups or those named, and waits for its plan. */
export async function makeLabDay(
  page: Page,
  name: string,
  { groups, lengthMin }: { groups?: readonly string[]; lengthMin?: number } = {},
): Promise<void> {
  await page.goto('/');
  await page.getByRole('button', { name: 'New lab day' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Name', { exact: true }).fill(name);
  if (lengthMin !== undefined) await dialog.getByLabel('Length').fill(String(lengthMin));
  if (groups) {
    const field = dialog.getByLabel('Groups');
    await field.focus();
    for (let at = 0; at < 4; at += 1) await field.press('Backspace');
    for (const group of groups) {
      await field.fill(group);
      await field.press('Enter');
    }
  }
  await page.getByRole('button', { name: 'Make the lab day' }).click();
  await expect(page.getByRole('heading', { level: 1, name })).toBeVisible();
}

/** Makes a lab day and opens its plan of two-solution tests. */
export async function makeTestDay(page: Page, name: string): Promise<void> {
  await makeLabDay(page, name);
  await openTab(page, 'Plan', 'Two-solution tests');
}

/** Opens one of the views of a stage. */
export async function openTab(page: Page, stage: 'Plan' | 'Prepare', tab: string): Promise<void> {
  await page
    .getByRole('navigation', { name: stage, exact: true })
    .getByRole('link', { name: tab })
    .click();
}

/** Puts procedures of the library into the open lab day, each found by its name. */
export async function addProcedures(page: Page, names: readonly string[]): Promise<void> {
  await page.getByRole('link', { name: 'Add from the library' }).click();
  for (const name of names) {
    await page.getByRole('textbox', { name: 'Search', exact: true }).fill(name);
    await page.getByRole('button', { name: `Add ${name} to the day` }).click();
    await expect(page.getByRole('button', { name: `Add ${name} to the day` })).toHaveText(
      'Add again',
    );
  }
  await page.getByRole('link', { name: /^Back to/ }).click();
}

/** Chooses one solution in the plan of two-solution tests by typing part of a name. */
export async function chooseSolution(
  page: Page,
  side: 'A, in the vessel' | 'B, poured in',
  typed: string,
  option: RegExp,
  concentrationM: string,
): Promise<void> {
  const fields = page.getByRole('group', { name: `Solution ${side}` });
  await fields.getByLabel('Substance').fill(typed);
  await page.getByRole('option', { name: option }).click();
  await fields.getByLabel('Concentration').fill(concentrationM);
}

/** Opens a stage of the open lab day, and waits until it is the one that is open. */
export async function openStage(page: Page, stage: string): Promise<void> {
  const link = page.getByRole('navigation', { name: 'Stages' }).getByRole('link', { name: stage });
  await link.click();
  await expect(link).toHaveAttribute('aria-current', 'page');
}

/** Opens the bench of the demo day that has a record. */
export async function openDemoBench(page: Page): Promise<void> {
  await page.goto('/');
  await page.getByRole('link', { name: /Week 2/ }).click();
  await openStage(page, 'Bench');
}

/** Goes to an address and waits until its content is there. */
export async function openView(page: Page, path: string): Promise<void> {
  await page.goto(path);
  await isThere(page);
}

/** Goes on to another view of the studies as a link does, without loading the application again. */
export async function goOn(page: Page, path: string): Promise<void> {
  if (page.url() === 'about:blank') return openView(page, path);
  await page.evaluate((to) => {
    document.querySelector('h1')?.setAttribute('data-left', '');
    history.pushState({}, '', to);
    dispatchEvent(new PopStateEvent('popstate', { state: {} }));
  }, path);
  // Each view of a study has a heading of its own.
  await expect(page.locator('h1[data-left]')).toHaveCount(0);
  await isThere(page);
}

async function isThere(page: Page): Promise<void> {
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(page.getByText('Loading…')).toBeHidden();
}
