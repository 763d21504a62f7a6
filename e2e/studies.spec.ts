import type { Page } from '@playwright/test';
import { expect, test } from './support/application';
import { expectReadsWell } from './support/readsWell';
import { makeLabDay, openStage, openView, goOn } from './support/steps';

const group = 'Bench Tern';

/** Leaves wishes out of the plan of colours until only these are left, counted from 1. */
async function leaveOut(page: Page, names: readonly string[]): Promise<void> {
  for (const name of names) await page.getByRole('button', { name }).click();
}

test('colours are planned in a 250 mL beaker, walked, put into a lab day, and a wrong colour finds its cause', async ({
  page,
}) => {
  await makeLabDay(page, 'Colours by acid', { groups: [group] });
  await openView(page, '/equilibrium');
  await expect(page.getByTestId('colour')).toHaveText('blue');
  await expect(page.getByText('At rest: Q = K')).toBeVisible();

  // Blue, green, yellow-green, blue: the second green is left out.
  await page.getByRole('tab', { name: 'Plan' }).click();
  await leaveOut(page, ['Leave out green, number 4']);
  await expect(page.getByTestId('targets').getByRole('listitem')).toHaveText([
    /blue/,
    /green/,
    /yellow/,
    /blue/,
  ]);
  await page.getByRole('button', { name: 'Plan it' }).click();
  const plan = page.getByTestId('plan');
  await expect(plan.getByRole('listitem')).toHaveCount(4);
  await expect(plan).toContainText('12 M HCl → green');
  await expect(plan).toContainText(/too much still look right/);
  await expect(plan.getByText('Not reached')).toBeHidden();

  await plan.getByRole('button', { name: 'Walk it' }).click();
  const steps = page.getByRole('group', { name: 'Steps so far' });
  await expect(steps.getByRole('button')).toHaveCount(4);
  await expect(page.getByTestId('why')).toContainText('goes to the left');
  await expect(page.getByTestId('volume')).toContainText('of 310 mL to the brim');
  await steps.getByRole('button', { name: /^Step 1,/ }).click();
  await expect(page.getByTestId('colour')).toContainText('green');
  await expect(page.getByTestId('why')).toContainText('You added chloride ions');
  await page.getByText('For the instructor').click();
  await expect(page.getByTestId('why')).toContainText('counts to the power 4');
  await expect(page.getByTestId('standings').locator('tbody tr')).toHaveCount(3);

  // It stays over a reload, and what was taken back can be done again.
  await page.reload();
  await expect(steps.getByRole('button')).toHaveCount(4);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(steps.getByRole('button')).toHaveCount(3);
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(steps.getByRole('button')).toHaveCount(4);

  await page.getByRole('combobox', { name: 'Put it into a lab day' }).click();
  await page.getByRole('option', { name: /Colours by acid/ }).click();
  await page.getByRole('button', { name: /^Add .* to the day$/ }).click();
  await page.getByRole('button', { name: 'Go there' }).click();
  await expect(page.getByRole('link', { name: 'Copper(II) and chloride, shifted' })).toBeVisible();

  // At the bench the acid was forgotten: it stays blue where green is expected.
  await openStage(page, 'Bench');
  const seen = page.getByRole('region', { name: `What ${group} sees` });
  await page
    .getByRole('group', { name: 'Steps', exact: true })
    .getByRole('button', { name: /^Step 2,/ })
    .click();
  await page.getByRole('button', { name: 'Begin', exact: true }).click();
  await seen
    .getByRole('group', { name: 'At a glance' })
    .getByRole('button', { name: /^clear/ })
    .click();
  await seen
    .getByRole('group', { name: 'Liquid now' })
    .getByRole('button', { name: /^blue( [A-Z])?$/ })
    .click();
  await expect(page.getByText('partly').first()).toBeVisible();
  const causes = page.getByRole('region', { name: 'Likely causes' });
  await expect(causes.getByRole('listitem').first()).toContainText('HCl', { timeout: 30_000 });
});

test('a dish is run to its line, compared with three groups, and its clear-up printed', async ({
  page,
}) => {
  await openView(page, '/dish');
  await page.getByRole('button', { name: 'Run the dish' }).click();
  const line = page.getByTestId('line');
  await expect(line).toContainText('% of the gap', { timeout: 45_000 });
  await expect(line).toContainText('by diffusion alone', { ignoreCase: true });
  await expect(page.getByTestId('why-nearer').getByRole('listitem')).toHaveCount(3);
  await expect(page.getByTestId('effusion')).toContainText('Not by the law of gas effusion');
  await expect(page.getByTestId('residual')).toContainText('mmol/L Pb');

  // Paused and run through by hand.
  const time = page.getByRole('slider', { name: 'Time' });
  await time.press('Home');
  await expect(page.getByTestId('time')).toHaveText(/^0 min/);
  await expect(page.getByRole('img', { name: /no line yet/ })).toBeVisible();
  await time.press('End');
  await expect(page.getByRole('img', { name: /a bright yellow line between them/ })).toBeVisible();

  // Three groups; their mean time sets the mixing factor.
  for (const [name, place, minutes] of [
    ['Bench Heron', '52', '4'],
    ['Bench Tern', '56', '6'],
    ['Bench Plover', '55', '5'],
  ] as const) {
    await page.getByRole('textbox', { name: 'Group' }).fill(name);
    await page.getByRole('textbox', { name: 'Place, % of the gap' }).fill(place);
    await page.getByRole('textbox', { name: 'First line, min' }).fill(minutes);
    await page.getByRole('button', { name: 'Add this mark' }).click();
  }
  await expect(page.getByTestId('marks').locator('tbody tr')).toHaveCount(3);
  await expect(page.getByTestId('compared')).toContainText('The place agrees');
  await expect(line).toContainText('5 min');
  await expect(line).toContainText('mixing factor');
  await page.getByRole('button', { name: 'Add this mark' }).click();
  await expect(page.getByText('Name the group')).toBeVisible();

  const clearUp = page.getByTestId('clear-up');
  await expect(clearUp).toContainText('Lead and cadmium waste', { timeout: 20_000 });
  await expect(clearUp).toContainText('Na2CO3');
  await expect(clearUp).toContainText('filtrate');
  await expect(page.getByTestId('substitutes').locator('tbody tr').nth(1)).toBeVisible({
    timeout: 60_000,
  });

  await page.emulateMedia({ media: 'print' });
  await expect(clearUp).toBeVisible();
  await expect(page.getByRole('button', { name: 'Run the dish' })).toBeHidden();
  await expect(page.getByRole('button', { name: 'Add this mark' })).toBeHidden();
  const pdf = await page.pdf({ format: 'A4' });
  expect(pdf.length).toBeGreaterThan(10_000);
});

test.describe('for whoever reads °F and decimal commas', () => {
  test.use({ reads: 'otherwise' });

  test('the studies read well in use', async ({ page }) => {
    test.slow();
    const check = (where: string) => expectReadsWell(page, where);
    await goOn(page, '/equilibrium');
    await page.getByRole('button', { name: '+ 5 mL' }).click();
    await check('shift');
    await page.getByRole('tab', { name: 'Start' }).click();
    await check('start');
    await page.getByRole('tab', { name: 'Plan' }).click();
    await page.getByRole('button', { name: 'Plan it' }).click();
    await expect(page.getByTestId('plan')).toBeVisible({ timeout: 30_000 });
    await check('plan');
    await goOn(page, '/dish');
    await page.getByRole('button', { name: 'Run the dish' }).click();
    await expect(page.getByTestId('line')).toBeVisible({ timeout: 60_000 });
    await expect(page.getByTestId('clear-up')).toContainText('waste', { timeout: 20_000 });
    await check('dish');
  });
});
