/**
 * Takes a picture of each main view of a running application with the demo data.
 * `npm run screenshots -- [folder] [width] [height] [dark]`, by default docs/screenshots at 1280 × 800, light.
 */
import { mkdirSync } from 'node:fs';
import { labDaySummarySchema } from '@stoichos/core';
import type { AnyPortion, Rack, RackEvent } from '@stoichos/core';
import { chromium } from '@playwright/test';
import * as z from 'zod';
import { chromiumPath } from './machine/debian';

const [folder = 'docs/screenshots', width = '1280', height = '800', scheme = 'light'] =
  process.argv.slice(2);
const base = process.env.STOICHOS_URL ?? 'http://127.0.0.1:8410';

const answer = await fetch(`${base}/api/days`);
const days = z.array(labDaySummarySchema).parse(await answer.json());
const [coming] = days.filter(
  ({ recordedCount, testCount }) => recordedCount === 0 && testCount > 0,
);
const [full] = days.filter(({ procedureCount }) => procedureCount > 0);
const [held] = days.filter(({ recordedCount }) => recordedCount > 0);
const [measured] = days.filter(
  ({ recordedCount, procedureCount }) => recordedCount > 0 && procedureCount > 0,
);
if (!coming || !held || !full || !measured)
  throw new Error('The demo data is not loaded: start on an empty database.');

const views = {
  home: '/',
  procedures: `/days/${full.id}/plan/procedures`,
  plan: `/days/${coming.id}/plan`,
  prepare: `/days/${coming.id}/prepare`,
  judge: `/days/${measured.id}/judge`,
  measurements: `/days/${measured.id}/judge/measurements`,
  projector: `/days/${held.id}/projector?group=${held.groups[0]?.id ?? ''}`,
  report: `/days/${held.id}/report`,
  mix: '/mix',
  library: '/procedures',
  editor: '/procedures/one-jug-five-glasses/edit',
  sheet: `/days/${coming.id}/prepare/sheet`,
  labels: `/days/${full.id}/prepare/labels`,
  shelf: '/shelf',
};

/** A rack in use, as the study keeps it in the browser. */
const add = (vessel: string, portion: AnyPortion): RackEvent => ({
  vessel,
  action: { do: 'add', portion },
});
const rack: Rack = {
  vessels: [...'ABCD'].map((name) => ({ name, container: 'testTube' })),
  events: [
    add('A', { substance: 'CuSO4', concentrationM: 0.5, volumeMl: 5 }),
    add('A', { substance: 'Zn', massG: 0.2 }),
    add('B', { substance: 'FeCl3', concentrationM: 0.01, volumeMl: 5 }),
    add('B', { substance: 'KSCN', concentrationM: 0.01, volumeMl: 5 }),
    add('C', { substance: 'Pb(NO3)2', concentrationM: 0.1, volumeMl: 5 }),
    add('C', { substance: 'KI', concentrationM: 0.1, volumeMl: 5 }),
    add('D', { substance: 'CaCO3', massG: 0.5 }),
    add('D', { substance: 'HCl', concentrationM: 2, volumeMl: 8 }),
    { vessel: 'D', action: { do: 'test', test: 'limewater' } },
    add('A', { substance: 'NH3', concentrationM: 2, volumeMl: 5 }),
  ],
};

mkdirSync(folder, { recursive: true });
const browser = await chromium.launch({
  executablePath: chromiumPath(),
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});
const page = await browser.newPage({
  viewport: { width: Number(width), height: Number(height) },
});
await page.addInitScript(
  ([look, kept]) => {
    localStorage.setItem('mantine-color-scheme-value', look);
    localStorage.setItem('stoichos.rack', kept);
  },
  [scheme, JSON.stringify(rack)] as const,
);
for (const [name, path] of Object.entries(views)) {
  await page.goto(base + path);
  await page.waitForLoadState('networkidle');
  // The causes of a difference are looked for once the page stands.
  if (name === 'judge') await page.getByText('was left out').first().waitFor({ timeout: 60_000 });
  await page.screenshot({ path: `${folder}/${name}.png`, fullPage: width !== '1280' });
}
await page.goto(`${base}/days/${measured.id}/bench`);
await page.getByRole('group', { name: 'Work of the day' }).getByRole('button').first().click();
await page.getByRole('button', { name: /^Step 5/ }).click();
await page.waitForTimeout(500);
await page.screenshot({ path: `${folder}/bench.png`, fullPage: width !== '1280' });
await page.goto(`${base}/days/${full.id}/plan/timetable`);
await page.getByRole('button', { name: /^Make/ }).click();
await page.getByRole('status').filter({ hasText: 'Fitting' }).waitFor({ state: 'hidden' });
await page.getByTestId('verdict').waitFor({ timeout: 90_000 });
await page.locator('[data-waiting]').nth(2).click();
await page.screenshot({ path: `${folder}/timetable.png`, fullPage: width !== '1280' });
await page.goto(`${base}/days/${full.id}/prepare/waste`);
await page.getByTestId('bottle').first().waitFor({ timeout: 60_000 });
await page.screenshot({ path: `${folder}/waste.png`, fullPage: width !== '1280' });
await page.goto(`${base}/days/${full.id}/plan/alternatives`);
await page.getByRole('combobox', { name: 'Substance' }).fill('sodium carbonate');
await page
  .getByRole('option', { name: /sodium carbonate/ })
  .first()
  .click();
await page.getByRole('button', { name: 'Try the shelf' }).click();
await page.getByTestId('alternatives').waitFor({ timeout: 90_000 });
await page.screenshot({ path: `${folder}/alternatives.png`, fullPage: width !== '1280' });
await page.goto(`${base}/mix`);
await page.getByRole('button', { name: 'Keep or compare' }).click();
await page
  .getByRole('listitem')
  .filter({ hasText: 'Copper clouds' })
  .getByRole('button', { name: 'Open' })
  .click();
await page.getByRole('dialog').waitFor({ state: 'hidden' });
await page.getByRole('tab', { name: 'Add' }).click();
await page.getByRole('combobox', { name: 'What goes in' }).fill('hydrochloric acid');
await page.getByRole('option').first().click();
await page.getByRole('button', { name: /^Add to/ }).click();
await page.getByRole('button', { name: 'Keep or compare' }).click();
await page
  .getByRole('listitem')
  .filter({ hasText: 'Copper clouds' })
  .getByRole('button', { name: 'Compare' })
  .click();
await page.getByTestId('comparison').scrollIntoViewIfNeeded();
await page.waitForTimeout(500);
await page.screenshot({ path: `${folder}/compare.png`, fullPage: width !== '1280' });
await browser.close();
