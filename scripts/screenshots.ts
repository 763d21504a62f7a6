/**
 * Takes a picture of each main view of a running application with the demo data.
 * `npm run screenshots -- [folder] [width] [height] [dark]`, by default docs/screenshots at 1280 × 800, light.
 */
import { mkdirSync } from 'node:fs';
import type { Rack, RackEvent } from '@stoichos/core/seeing/rack';
import type { AnyPortion } from '@stoichos/core/vessel';
import { chromium } from '@playwright/test';
import { chromiumPath } from './machine/debian';
import { everyDay } from './machine/everyDay';

const [folder = 'docs/screenshots', width = '1280', height = '800', scheme = 'light'] =
  process.argv.slice(2);
const base = process.env.STOICHOS_URL ?? 'http://127.0.0.1:8410';

const days = await everyDay(async (path) => (await fetch(base + path)).json());
// The newest first.
const coming = days.filter(({ recordedCount }) => recordedCount === 0).at(-1);
const [full] = days.filter(({ procedureCount }) => procedureCount > 0);
const recorded = days.filter(({ recordedCount }) => recordedCount > 0);
const [held] = recorded;
const measured = recorded.at(-1);
if (!coming || !held || !full || !measured)
  throw new Error('The demo data is not loaded: start on an empty database.');

const views = {
  home: '/',
  plan: `/days/${coming.id}/plan`,
  prepare: `/days/${coming.id}/prepare`,
  judge: `/days/${measured.id}/judge`,
  measurements: `/days/${measured.id}/judge/measurements`,
  report: `/days/${measured.id}/report`,
  mix: '/mix',
  shelf: '/shelf',
  recipes: `/recipes?recipe=${encodeURIComponent(JSON.stringify({ substance: 'H2SO4', volumeMl: 500 }))}`,
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
    localStorage.setItem('stoichos.welcomed', 'true');
  },
  [scheme, JSON.stringify(rack)] as const,
);
for (const [name, path] of Object.entries(views)) {
  await page.goto(base + path);
  await page.waitForLoadState('networkidle');
  // The causes of a difference are looked for once the page stands.
  if (name === 'judge') await page.getByText('was left out').first().waitFor({ timeout: 60_000 });
  if (name === 'report') await page.getByRole('article').waitFor({ timeout: 60_000 });
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
await page.goto(`${base}/equilibrium`);
await page.getByRole('tab', { name: 'Plan' }).click();
await page.getByRole('button', { name: 'Plan it' }).click();
await page.getByRole('button', { name: 'Walk it' }).click({ timeout: 30_000 });
await page.getByRole('button', { name: 'Put the plan away' }).click();
await page.getByRole('tab', { name: 'Shift' }).click();
await page.waitForTimeout(1500);
await page.screenshot({ path: `${folder}/equilibrium.png`, fullPage: width !== '1280' });
await page.goto(`${base}/dish`);
await page.getByRole('button', { name: 'Run the dish' }).click();
await page.getByTestId('line').waitFor({ timeout: 60_000 });
await page.getByRole('slider', { name: 'Time' }).press('End');
await page.waitForTimeout(1000);
await page.screenshot({ path: `${folder}/dish.png`, fullPage: width !== '1280' });
await page.goto(`${base}/electrolysis`);
await page.getByTestId('remaining').waitFor({ timeout: 30_000 });
await page.waitForTimeout(500);
await page.screenshot({ path: `${folder}/electrolysis.png`, fullPage: width !== '1280' });
await page.goto(`${base}/gases`);
await page.getByTestId('routes').getByRole('article').first().waitFor({ timeout: 60_000 });
await page.screenshot({ path: `${folder}/gases.png`, fullPage: width !== '1280' });
await page.goto(`${base}/unknowns`);
await page.getByTestId('conclusion').waitFor({ timeout: 60_000 });
const seen = async (test: string, outcome: string) => {
  const group = page.getByRole('group', { name: `Seen: ${test}`, exact: true });
  if (!(await group.isVisible())) await page.getByText(/other tests$/).click();
  await group.getByRole('button', { name: outcome, exact: true }).click();
};
await seen('Solubility in water', 'soluble');
await seen('2,4-Dinitrophenylhydrazine', 'positive');
await seen('Iodoform', 'positive');
await page.getByText(/other tests$/).click();
await page.evaluate(() => window.scrollTo(0, 0));
await page.screenshot({ path: `${folder}/unknowns.png`, fullPage: width !== '1280' });
await page.goto(`${base}/practice`);
await page.getByRole('button', { name: 'Take an unknown' }).click({ timeout: 60_000 });
await page
  .getByRole('group', { name: 'Tests', exact: true })
  .getByRole('button', { name: 'Sodium hydroxide, a few drops', exact: true })
  .click();
await page.waitForTimeout(300);
await page.screenshot({ path: `${folder}/practice.png`, fullPage: width !== '1280' });
await page.goto(`${base}/days/${coming.id}/groups`);
const make = page.getByRole('button', { name: 'Make the code' });
await make.or(page.getByTestId('join-code')).first().waitFor();
if (await make.isVisible()) await make.click();
const code = (await page.getByTestId('join-code').textContent()) ?? '';
await page.screenshot({ path: `${folder}/groups.png`, fullPage: width !== '1280' });
// A tablet of its own, with its own session.
const tablet = await browser.newPage({ viewport: { width: 1024, height: 768 } });
await tablet.goto(`${base}/join/${code}`);
await tablet.getByRole('button', { name: coming.groups[0]?.name ?? '' }).click();
await tablet.getByTestId('step').waitFor({ timeout: 30_000 });
await tablet.waitForTimeout(500);
await tablet.screenshot({ path: `${folder}/group.png` });
await browser.close();
