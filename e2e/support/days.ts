import type { Page } from '@playwright/test';
import type { EntriesPage } from '@stoichos/contract';
import { everyDay } from '../../scripts/machine/everyDay';

/** The lab days of the application, the latest first. */
export const daysOf = (page: Page) =>
  everyDay(async (path) => (await page.request.get(path)).json());

/** What was written on a lab day. */
export const recordOf = async (page: Page, dayId: string) =>
  ((await (await page.request.get(`/api/days/${dayId}/entries`)).json()) as EntriesPage).entries;
