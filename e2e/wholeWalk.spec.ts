import { library } from '@stoichos/core/planning/procedure';
import type { Page } from '@playwright/test';
import { expect, test } from './support/application';
import { addProcedures, makeLabDay, openStage, openTab } from './support/steps';

/**
 * Jobs of the trade, each with a procedure of the library that does it; their numbers are those of docs/coverage.md. One of each kind
 * goes through the interface: by freezing, by a melt, by a gas in syringes, by a current, by an unknown. All of them go through the
 * core in its own tests.
 */
const jobs: readonly (readonly [number: number, procedureId: string])[] = [
  [3, 'frozen-board'],
  [7, 'salt-that-conducts-when-molten'],
  [10, 'two-gases-from-water'],
  [15, 'gas-in-syringes'],
  [18, 'jar-without-a-label'],
];

/** Records at the open step what is easiest to record there, and ends it. */
async function recordStep(page: Page): Promise<void> {
  // Where something is measured, that stands open first.
  await page.getByRole('tab', { name: 'See', exact: true }).click();
  await page.getByRole('button', { name: 'nothing happened' }).click();
  await expect(page.getByRole('button', { name: 'nothing happened' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
}

// Each job has a day of its own, so whoever is free takes the next.
test.describe.configure({ mode: 'parallel' });

for (const [number, id] of jobs) {
  const procedure = library.find((one) => one.id === id);
  const name = procedure?.name ?? id;
  test(`job ${number} from an empty day to its report: ${name}`, async ({ page }) => {
    await makeLabDay(page, `Walk ${number}`, { groups: ['Bench Dunlin'], lengthMin: 240 });
    await addProcedures(page, [name]);

    // Plan: what it should show, or why that is not said.
    await page.getByRole('link', { name, exact: true }).first().click();
    await expect(page.getByText(procedure?.purpose.slice(0, 40) ?? '')).toBeVisible();
    await expect(page.getByTestId('step')).toHaveCount(procedure?.steps.length ?? 0);
    await expect(
      page
        .getByTestId('vessel')
        .or(page.getByText(/not predicted/i))
        .first(),
    ).toBeVisible();
    await openStage(page, 'Plan');
    await openTab(page, 'Plan', 'Timetable');
    await page.getByRole('button', { name: 'Make the timetable' }).click();
    await expect(page.getByTestId('verdict')).toBeVisible({ timeout: 60_000 });

    // Prepare: what to set out, and where it goes afterwards.
    await openStage(page, 'Prepare');
    await openTab(page, 'Prepare', 'Prep sheet');
    await expect(page.getByTestId('equipment').getByRole('listitem').first()).toBeVisible();
    await openTab(page, 'Prepare', 'Waste');
    await expect(page.getByTestId('bottle').first()).toBeVisible({ timeout: 60_000 });

    // Bench: the first step that does something to a vessel.
    await openStage(page, 'Bench');
    const at = procedure?.steps.findIndex(({ events }) => events.length > 0) ?? 0;
    await page.getByRole('button', { name: new RegExp(`^Step ${at + 1}\\b`) }).click();
    await recordStep(page);

    // Judge and report.
    await openStage(page, 'Judge');
    await expect(
      page.getByText(/agrees|differs|partly|not predicted|incomplete/).first(),
    ).toBeVisible();
    await openStage(page, 'Report');
    const report = page.getByRole('article');
    await expect(report).toContainText(name, { timeout: 60_000 });
    await expect(report).toContainText('nothing happened');
    await expect(report).toContainText('Waste');
  });
}
