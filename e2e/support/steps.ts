import type { Page } from '@playwright/test';
import { expect } from './application';

/** Makes a lab day on the home page and waits for its plan. */
export async function makeLabDay(page: Page, name: string): Promise<void> {
  await page.goto('/');
  await page.getByRole('button', { name: 'New lab day' }).click();
  await page.getByRole('dialog').getByLabel('Name', { exact: true }).fill(name);
  await page.getByRole('button', { name: 'Make the lab day' }).click();
  await expect(page.getByRole('heading', { level: 1, name })).toBeVisible();
}

/** Chooses one solution in the plan by typing part of a name. */
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

/** Opens a stage of the open lab day. */
export async function openStage(page: Page, stage: string): Promise<void> {
  await page.getByRole('navigation', { name: 'Stages' }).getByRole('link', { name: stage }).click();
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
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(page.getByText('Loading…')).toBeHidden();
}
