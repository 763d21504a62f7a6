import type { Page } from '@playwright/test';
import { expect, test } from './support/application';
import { daysOf } from './support/days';
import { expectReadsWell, faultsOf } from './support/readsWell';
import { openView } from './support/steps';

const stages = ['plan', 'prepare', 'bench', 'judge', 'report'] as const;

/** Addresses of every main view, with the demo day that has a record. The studies are looked through in use, in tests of their own. */
async function views(page: Page): Promise<string[]> {
  const days = await daysOf(page);
  // The newest first: of two-solution tests the one, of procedures with measurements the other.
  const recorded = days.filter(({ recordedCount }) => recordedCount > 0);
  const [held] = recorded;
  const planned = days.find(({ procedureCount }) => procedureCount > 0);
  const measured = recorded.at(-1);
  return [
    '/',
    '/recipes',
    '/shelf',
    '/procedures',
    '/procedures/gas-in-syringes',
    '/procedures/one-jug-five-glasses/edit',
    '/procedures/crystal-water-by-mass/worksheet',
    '/settings',
    '/data',
    '/help/glossary',
    '/help/sources?q=AgCl',
    ...stages.map((stage) => `/days/${held?.id ?? ''}/${stage}`),
    ...[
      'bench',
      'projector',
      'judge',
      'judge/circuit',
      'judge/measurements',
      'judge/activity',
      'report',
      'report/worksheets',
    ].map((view) => `/days/${measured?.id ?? ''}/${view}`),
    ...[
      'plan/procedures',
      'plan/timetable',
      'plan/alternatives',
      'prepare',
      'prepare/sheet',
      'prepare/labels',
      'prepare/safety',
      'prepare/risk',
      'prepare/waste',
    ].map((view) => `/days/${planned?.id ?? ''}/${view}`),
  ];
}

/** One view of each kind, whose colours are looked at. */
const coloured =
  /^\/(shelf|settings|procedures\/[a-z-]+)?$|\/(plan|bench|judge|report|labels|timetable)$/;

test.describe('for whoever reads °F and decimal commas', () => {
  test.use({ reads: 'otherwise' });

  test('no screen has a serious accessibility fault, scrolls sideways at 1280, 768 or 390 px, or is hard to read', async ({
    page,
  }) => {
    // Some thirty views, looked through element by element; the studies are looked through in use, in tests of their own.
    test.setTimeout(600_000);
    const faults: string[] = [];
    for (const path of await views(page)) {
      await openView(page, path);
      faults.push(...(await faultsOf(page, path, { colours: coloured.test(path) })));
    }
    expect(faults).toEqual([]);
  });
});

/** A rack in use: a clash to be warned of, a precipitate, a stopper, several vessels. */
const busyRack = {
  vessels: ['A', 'B', 'C'].map((name) => ({ name, container: 'bottle' })),
  events: [
    ['B', { do: 'add', portion: { substance: 'AgNO3', concentrationM: 0.1, volumeMl: 50 } }],
    ['B', { do: 'add', portion: { substance: 'NaCl', concentrationM: 0.1, volumeMl: 50 } }],
    ['C', { do: 'add', portion: { substance: 'water', volumeMl: 90 } }],
    ['C', { do: 'add', portion: { indicator: 'indigo carmine', drops: 9 } }],
    ['C', { do: 'close' }],
    ['A', { do: 'add', portion: { substance: 'NH3', concentrationM: 3, volumeMl: 40 } }],
  ].map(([vessel, action]) => ({ vessel, action })),
};

test.describe('for whoever reads °F and decimal commas', () => {
  test.use({ reads: 'otherwise' });

  test('the study in use reads well everywhere', async ({ page }) => {
    await page.addInitScript(
      (rack) => localStorage.setItem('stoichos.rack', JSON.stringify(rack)),
      busyRack,
    );
    await openView(page, '/mix');
    const check = (where: string) => expectReadsWell(page, where, { colours: where === 'add' });
    await page.getByRole('button', { name: /^Vessel A/ }).click();
    await page.getByRole('combobox', { name: 'What goes in' }).fill('bleach');
    await check('search');
    await page.getByRole('option').first().click();
    await expect(page.getByTestId('hazard')).toContainText('Never with');
    await page.getByRole('button', { name: 'pH and temperature by step' }).click();
    await check('add');
    for (const tab of ['Do', 'Test']) {
      await page.getByRole('tab', { name: tab }).click();
      await check(tab);
    }
    await page.getByRole('button', { name: 'Keep or compare' }).click();
    const dialog = page.getByRole('dialog', { name: 'Kept sequences' });
    await expect(dialog.getByText('Blue flask, three shakes')).toBeVisible();
    await check('kept sequences');
    await dialog.getByRole('button', { name: 'Compare' }).first().click();
    await expect(page.getByTestId('comparison')).toBeVisible();
    await check('comparison');
  });
});

test('touch targets at the bench are at least 44 px high', async ({ page }) => {
  const path = (await views(page)).find((view) => view.endsWith('/bench')) ?? '';
  await openView(page, path);
  const heights = await page
    .getByRole('region', { name: /^What Bench/ })
    .getByRole('button', { includeHidden: false })
    .evaluateAll((buttons) => buttons.map((button) => button.getBoundingClientRect().height));
  expect(Math.min(...heights.filter((height) => height > 0))).toBeGreaterThanOrEqual(41.9);
});

test('a test is recorded and judged by keyboard alone', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Lab days' })).toBeVisible();
  await page.keyboard.press('Control+k');
  await expect(page.getByPlaceholder(/^Lab day, procedure/)).toBeFocused();
  await page.keyboard.type('Week 2 bench');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'What Bench Heron sees' })).toBeVisible();
  await expect(page.getByPlaceholder(/^Lab day, procedure/)).toBeHidden();
  for (const test of [/2 CaCl2/, /3 KNO3/]) {
    await page.keyboard.press('ArrowRight');
    await expect(page.getByRole('button', { name: test })).toHaveAttribute('aria-pressed', 'true');
  }
  await page.keyboard.press('n');
  await page.keyboard.press('g');
  await expect(page.getByText('differs')).toBeVisible();
  await page.keyboard.press('z');
  await page.keyboard.press('4');
  await expect(page.getByTestId('agreement')).toBeVisible();
  await page.keyboard.press('Shift+?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
});

test('the report prints on A4 and Letter without the controls', async ({ page }) => {
  await openView(page, (await views(page)).find((view) => view.endsWith('/report')) ?? '');
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('button', { name: 'Print', exact: true })).toBeHidden();
  await expect(page.getByRole('article')).toBeVisible();
  for (const format of ['A4', 'Letter'])
    expect((await page.pdf({ format })).subarray(0, 5).toString()).toBe('%PDF-');
});
