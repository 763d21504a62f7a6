import type { Locator, Page } from '@playwright/test';
import { expect, test } from './support/application';
import { recordOf } from './support/days';
import { addProcedures, makeLabDay, openStage } from './support/steps';

const group = 'Bench Heron';

/** A lab day of one group with these procedures, opened at the bench. */
async function atTheBench(page: Page, name: string, procedures: readonly string[]): Promise<void> {
  await makeLabDay(page, name, { groups: [group] });
  await addProcedures(page, procedures);
  await openStage(page, 'Bench');
}

const exact = (name: string) => ({ name, exact: true });
const panel = (page: Page): Locator => page.getByRole('region', { name: `What ${group} sees` });
const tab = (page: Page, name: string) => panel(page).getByRole('tab', exact(name)).click();

/** Taps a chip under its question, opening the fold it lies in where it is folded. */
async function tap(page: Page, question: string, chip: string, fold?: string): Promise<void> {
  const questions = panel(page).getByRole('group', { name: question });
  if (fold && !(await questions.first().isVisible()))
    await panel(page).getByText(fold, { exact: true }).click();
  await questions
    .getByRole('button', { name: new RegExp(`^${chip}( [A-Z])?$`) })
    .first()
    .click();
}

const glance = (page: Page, chip: string) => tap(page, 'At a glance', chip);

async function begin(page: Page, step: number): Promise<void> {
  await page
    .getByRole('group', exact('Steps'))
    .getByRole('button', { name: new RegExp(`^Step ${step},`) })
    .click();
  await page.getByRole('button', exact('Begin')).click();
}
const done = (page: Page) => page.getByRole('button', exact('Done')).click();

/** Reads an instrument into the record and waits until the reading stands there. */
async function take(page: Page, instrument: string, measure: string): Promise<void> {
  const block = panel(page).getByRole('region', exact(measure));
  const before = await block.getByRole('listitem').count();
  await block.getByRole('button', { name: `Read the ${instrument}` }).click();
  await expect(block.getByRole('listitem')).toHaveCount(before + 1);
}

test('a whole circuit of eight small tests, with a server kill and a reload in the middle', async ({
  page,
  application,
}) => {
  await atTheBench(page, 'Circuit of changes', ['Eight small changes']);
  await begin(page, 1);
  await glance(page, 'clear');
  await tap(page, 'Liquid now', 'colourless');
  await tap(page, 'What becomes of it', 'dissolves', 'A solid in the vessel');
  await tap(page, 'By touch', 'cold');
  await expect(page.getByText('agrees')).toBeVisible();
  await done(page);

  await begin(page, 2);
  for (const sight of ['melts', 'browns or chars'])
    await tap(page, 'What else is seen', sight, 'Melting, glowing, burning…');
  await done(page);

  await begin(page, 3);
  for (const sight of ['turns to vapour', 'settles again where it is cooler'])
    await tap(page, 'What else is seen', sight, 'Melting, glowing, burning…');
  await done(page);

  // The server goes down in the middle of a step; the bench does not stop for that.
  await begin(page, 4);
  await application.kill();
  await glance(page, 'clear');
  await tap(page, 'Liquid now', 'colourless');
  await tap(page, 'What becomes of it', 'dissolves', 'A solid in the vessel');
  await glance(page, 'bubbles');
  await glance(page, 'vigorous');
  await tap(page, 'By touch', 'hot');
  await expect(page.getByRole('status').filter({ hasText: 'not sent yet' })).toBeVisible();
  await application.start();
  await expect(page.getByRole('status').filter({ hasText: 'not sent yet' })).toBeHidden({
    timeout: 15_000,
  });
  await page.reload();
  await expect(page.getByTestId('elapsed')).toBeVisible();
  await expect(panel(page).getByRole('button', { name: /^vigorous/ })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await done(page);

  // Bench Heron forgets the ammonia: no solid, and the blue stays pale.
  await begin(page, 5);
  await glance(page, 'no precipitate');
  await glance(page, 'clear');
  await tap(page, 'Liquid now', 'blue');
  await tap(page, 'How blue', 'pale blue');
  await expect(page.getByText('differs')).toBeVisible();
  const causes = page.getByRole('region', { name: 'Likely causes' });
  await expect(causes.getByRole('listitem').first()).toContainText('NH3 was left out', {
    timeout: 30_000,
  });
  await done(page);

  await begin(page, 6);
  await tap(page, 'Magnet', 'draws something', 'Flame and magnet');
  await done(page);
  await begin(page, 7);
  await tap(page, 'What else is seen', 'glows', 'Melting, glowing, burning…');
  await tap(page, 'Magnet', 'draws something', 'Flame and magnet');
  await done(page);
  await begin(page, 8);
  await glance(page, 'cloudy');
  await glance(page, 'bubbles');
  await tap(page, 'Liquid now', 'colourless');
  await tap(page, 'What becomes of it', 'dissolves in part', 'A solid in the vessel');
  await tap(page, 'Which test', 'Lime water', 'Tests of the gas');
  await tap(page, 'Lime water: outcome', 'turns milky');
  await expect(page.getByText('agrees')).toBeVisible();
  await done(page);

  // Judged: seven agree, one differs; four are physical changes and say why.
  await openStage(page, 'Judge');
  const board = page.getByRole('region', { name: 'Class board' });
  await expect(board.getByRole('button', { name: /: agrees/ })).toHaveCount(7);
  await expect(board.getByRole('button', { name: /: differs/ })).toHaveCount(1);
  await page.getByRole('link', { name: 'Physical or chemical' }).click();
  const verdicts = page.getByRole('table').locator('tbody tr td:nth-child(3)');
  // The record speaks for itself; where what was done says otherwise, that stands below it.
  await expect(verdicts).toHaveText([
    /^physical$/,
    /^chemical$/,
    /^physical$/,
    /^chemical$/,
    /^physical\s*expected: chemical$/,
    /^physical$/,
    /^undecided\s*expected: chemical$/,
    /^chemical$/,
  ]);
  await expect(page.getByRole('table')).toContainText('dissolving warms or cools by itself');

  // The instructor overrides with a reason; what was computed stays beside it, and the log shows both.
  await page.getByRole('link', { name: 'Class board' }).click();
  await board.getByRole('button', { name: /: differs/ }).click();
  const word = page.getByRole('region', { name: 'The instructor’s word on this record' });
  await word.getByRole('combobox', { name: 'Verdict instead' }).click();
  await page.getByRole('option', exact('agrees')).click();
  await word.getByRole('textbox', { name: 'Reason' }).fill('They were told to leave it out.');
  await word.getByRole('button', { name: 'Override' }).click();
  await expect(page.getByTestId('agreement')).toHaveText('agrees');
  await expect(word).toContainText('They were told to leave it out.');
  await expect(word.locator('[data-mark="differs"]')).toBeVisible();
  await word.getByRole('button', { name: 'Sign off this record' }).click();
  await expect(word.getByRole('button', { name: /^Record signed off by/ })).toBeVisible();
  await page.reload();
  await expect(board.getByRole('button', { name: /: agrees/ })).toHaveCount(8);
});

test('a hydrate to constant mass on the simulated balance, with the order guard and a departure', async ({
  page,
}) => {
  await atTheBench(page, 'Crystal water', ['How much water is in the crystal?']);
  // The instrument is told of the vessel before it is given time to come to rest.
  const put = async (measure: string) => {
    const told = page.waitForResponse((answer) => answer.url().endsWith('/follow'));
    await panel(page)
      .getByRole('region', exact(measure))
      .getByRole('button', { name: 'Put crucible on it' })
      .click();
    await told;
  };
  const weigh = async (step: number, measure: string) => {
    await begin(page, step);
    await put(measure);
    await page.waitForTimeout(700);
    await take(page, 'balance', measure);
    await done(page);
  };
  await weigh(1, 'crucible and lid');
  await weigh(2, 'with the crystals');

  // Weighing before it is cold asks first.
  await begin(page, 5);
  const guard = page.getByRole('dialog', { name: 'Not ready for this yet' });
  await expect(guard).toContainText('a hot crucible lifts air and reads light');
  await guard.getByRole('button', { name: 'Go to that step first' }).click();

  await begin(page, 3);
  await expect(page.getByRole('region', { name: 'Running by themselves' })).toContainText(
    'Heat with the lid ajar',
  );
  await tab(page, 'Departures');
  const departures = panel(page).getByRole('region', { name: 'Departures from the procedure' });
  await departures.getByRole('textbox', exact('Done')).fill('8 min');
  await departures.getByRole('button', { name: 'Record the departure' }).click();
  await expect(departures).toContainText('time: 9 min → 8 min');
  await done(page);
  await begin(page, 4);
  await done(page);
  await weigh(5, 'after heating');
  for (const step of [6, 7]) {
    await begin(page, step);
    await done(page);
  }
  await page.reload();
  await weigh(8, 'after heating');

  await openStage(page, 'Judge');
  await page.getByRole('link', { name: 'Measurements' }).click();
  await expect(page.getByTestId('found-hydrate')).toContainText('MgSO4·7H2O: agrees');
  await expect(page.getByText('constant mass reached')).toBeVisible();
  await page.getByRole('button', { name: 'As a table' }).click();
  await expect(page.getByRole('rowheader', { name: 'after heating 2' })).toBeVisible();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'CSV' }).click(),
  ]);
  expect(download.suggestedFilename()).toContain('Mass after each heating');
});

test('a cooling reaction read by the simulated probe on a schedule, over a reload', async ({
  page,
}) => {
  await atTheBench(page, 'Frozen board', ['The beaker that freezes to its board']);
  const log = 'temperature of the slush';
  await begin(page, 1);
  await done(page);
  await begin(page, 2);
  const block = panel(page).getByRole('region', exact(log));
  await block.getByRole('button', { name: 'Put it into beaker' }).click();
  for (let time = 0; time < 3; time += 1) await take(page, 'thermometer', log);
  await done(page);
  await begin(page, 3);
  await block.getByRole('textbox', { name: 'Seconds between readings' }).fill('1');
  await block.getByRole('button', { name: 'Every' }).click();
  await block.getByRole('button', { name: 'Put it into beaker' }).click();
  await expect(block.getByRole('listitem').nth(2)).toBeVisible({ timeout: 15_000 });
  await page.reload();
  // The schedule goes on where it was.
  const stop = block.getByRole('button', { name: /^Stop reading every 1 s/ });
  await expect(stop).toBeVisible();
  await expect(block.getByRole('listitem').nth(9)).toBeVisible({ timeout: 30_000 });
  await stop.click();
  await done(page);
  await openStage(page, 'Judge');
  await page.getByRole('link', { name: 'Measurements' }).click();
  const result = page.getByTestId('found-temperature');
  await expect(result).toContainText('endothermic');
  await expect(page.getByText(/Film of water freezes: yes/)).toBeVisible();
  await expect(page.getByRole('img', { name: /^Temperature against time/ })).toBeVisible();
  // The other scale is a setting.
  await page.getByRole('button', { name: 'Names and reaction types' }).click();
  await page.getByRole('radio', { name: '°F' }).click();
  await page.keyboard.press('Escape');
  await expect(result).toContainText('°F');
  await page.getByRole('button', { name: 'Names and reaction types' }).click();
  await page.getByRole('radio', { name: '°C' }).click();
});

test('drops are counted by tap and by space bar, marked, undone, compared, over a server kill and a reload', async ({
  page,
  application,
}) => {
  await atTheBench(page, 'Drops', ['One proton or two, counted in drops']);
  const count = async (step: number, acid: string, drops: number) => {
    await begin(page, step);
    const block = panel(page).getByRole('region', exact(`drops, ${acid}`));
    const target = block.getByRole('button', { name: /^Drop \d+/ });
    for (let drop = 0; drop < drops - 2; drop += 1) await target.click();
    await block.getByRole('button', { name: 'First colour' }).click();
    await page.getByRole('heading', { name: `What ${group} sees` }).click();
    for (let drop = 0; drop < 3; drop += 1) await page.keyboard.press('Space');
    await expect(block.getByTestId('drops')).toHaveText(String(drops + 1));
    await block.getByRole('button', { name: 'Undo drop' }).click();
    await block.getByRole('button', { name: 'Colour stays' }).click();
    await block.getByRole('button', { name: `Record ${drops} drops` }).click();
    await expect(block.getByRole('listitem')).toHaveCount(1);
    await done(page);
  };
  await count(1, 'hydrochloric acid', 20);
  await application.kill();
  await count(2, 'sulfuric acid', 40);
  await application.start();
  await expect(page.getByRole('status').filter({ hasText: 'not sent yet' })).toBeHidden({
    timeout: 15_000,
  });
  await page.reload();
  await count(3, 'ethanoic acid', 21);
  await openStage(page, 'Judge');
  await page.getByRole('link', { name: 'Measurements' }).click();
  const ratios = page.getByTestId('found-drops');
  await expect(ratios).toContainText('sulfuric acid takes twice the drops of hydrochloric acid');
  await expect(ratios).toContainText('ethanoic acid and hydrochloric acid agree within a drop');
});

test('timers ring, survive a reload, and stand on the wall beside the present step', async ({
  page,
}) => {
  await atTheBench(page, 'Clocks', ['Blue to white and back']);
  await begin(page, 1);
  await tab(page, 'Timers');
  const timers = panel(page).getByRole('region', { name: 'Timers' });
  await timers.getByRole('textbox', { name: 'Name' }).fill('Steam bath');
  await timers.getByLabel('Minutes').fill('0.1');
  await timers.getByRole('button', exact('Start')).click();
  await timers.getByText('Remind me').click();
  await timers.getByRole('textbox', { name: 'Name' }).fill('Read the log');
  await timers.getByRole('button', { name: '30 s' }).click();
  await page.reload();
  await expect(page.getByRole('list', { name: 'Running timers' }).first()).toContainText(
    'Read the log',
  );
  await expect(page.getByRole('alert').filter({ hasText: 'Steam bath: time is up' })).toBeVisible({
    timeout: 15_000,
  });
  const [wall] = await Promise.all([
    page.waitForEvent('popup'),
    page.getByRole('link', { name: 'Projector' }).click(),
  ]);
  await expect(wall.getByRole('heading', { level: 1 })).toContainText(
    'copper(II) sulfate crystals',
  );
  await expect(wall.getByRole('img', { name: /^Expected/ })).toBeVisible();
  await expect(wall.getByText('Read the log')).toBeVisible();
  await page.getByRole('button', { name: 'Heard' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'time is up' })).toBeHidden();
  // What is recorded at the bench appears on the wall by itself.
  await tab(page, 'See');
  await tap(page, 'Colour of the solid now', 'blue', 'A solid in the vessel');
  await expect(wall.getByRole('img', { name: /^Seen:.*blue/ })).toBeVisible({ timeout: 10_000 });
});

test('a blank beside its test, a range, and a correction that the log shows with what it corrects', async ({
  page,
}) => {
  await atTheBench(page, 'Blank beside test', ['Six clear pairs']);
  await begin(page, 1);
  await tap(page, 'Recorded for', 'blank');
  await tap(page, 'Precipitate', 'white');
  await expect(page.getByText('Blank recorded beside it.')).toBeVisible();
  await tap(page, 'Recorded for', 'test');
  await tap(page, 'Precipitate', 'white');
  await tap(page, 'Precipitate', 'yellow');
  await tab(page, 'Log');
  await expect(panel(page)).toContainText('white precipitate');
  await expect(panel(page)).toContainText('corrects “white precipitate”');
  await tab(page, 'Measure');
  await panel(page).getByRole('textbox', { name: 'What' }).fill('alkali added');
  await panel(page).getByRole('combobox', { name: 'Quantity' }).click();
  await page.getByRole('option', exact('volume')).click();
  await panel(page).getByRole('textbox', { name: 'Value, mL' }).fill('3.5');
  await panel(page).getByRole('button', exact('Record')).last().click();
  const block = panel(page).getByRole('region', exact('alkali added'));
  await block.getByRole('switch', { name: 'about' }).click();
  await block.getByRole('textbox', { name: 'alkali added, from, mL' }).fill('3');
  await block.getByRole('textbox', { name: 'alkali added, to, mL' }).fill('4');
  await block.getByRole('button', exact('Record')).click();
  await expect(block).toContainText('3–4 mL');
});

test('entries of two tabs both arrive, though the server is away and one tab is closed', async ({
  page,
  application,
  context,
}) => {
  await atTheBench(page, 'Two tabs', ['Six clear pairs']);
  await begin(page, 1);
  await expect(page.getByRole('status').filter({ hasText: 'not sent yet' })).toBeHidden();
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(panel(other)).toBeVisible();
  await application.kill();
  await glance(page, 'cloudy');
  await tap(other, 'Precipitate', 'white');
  await expect(other.getByRole('status').filter({ hasText: '1 not sent yet' })).toBeVisible();
  await other.close();
  await application.start();
  await page.reload();
  await expect(page.getByRole('status').filter({ hasText: 'not sent yet' })).toBeHidden({
    timeout: 15_000,
  });
  await page.reload();
  for (const chip of [/^cloudy/, /^white/])
    await expect(panel(page).getByRole('button', { name: chip }).first()).toHaveAttribute(
      'aria-pressed',
      'true',
    );
  const id = /days\/([^/]+)/.exec(page.url())?.[1] ?? '';
  expect((await recordOf(page, id)).map(({ record }) => record?.kind).sort()).toEqual([
    'clarity',
    'precipitate',
    'step',
  ]);
});

test('an instrument that is unplugged says so, and the reading is typed', async ({
  page,
  application,
}) => {
  await atTheBench(page, 'No multimeter', ['Two gases from water, two to one']);
  await tab(page, 'Instruments');
  await application.unplug('multimeter');
  const meter = panel(page).getByRole('region', { name: 'Multimeter' });
  await expect(meter).toContainText('not plugged in', { timeout: 15_000 });
  await expect(meter.getByRole('alert')).toContainText('Type the readings meanwhile');
  await tab(page, 'Measure');
  await panel(page).getByRole('textbox', { name: 'What' }).fill('current');
  await panel(page).getByRole('combobox', { name: 'Quantity' }).click();
  await page.getByRole('option', exact('current')).click();
  await panel(page).getByRole('textbox', { name: 'Value, A' }).fill('0.35');
  await panel(page).getByRole('button', exact('Record')).last().click();
  await expect(panel(page).getByRole('region', exact('current'))).toContainText('0.35 A');
});

test('what is measured and what is worked out of it is said in the editor', async ({ page }) => {
  await page.goto('/procedures/metal-trees/edit');
  await page.getByRole('textbox', exact('Name')).fill('Trees by weight');
  await page
    .getByRole('region', exact('Steps'))
    .getByRole('button', { expanded: false })
    .first()
    .click();
  await page.getByRole('button', exact('Measurement')).click();
  await page.getByRole('textbox', { name: 'Measurement 1' }).fill('dry copper');
  await page.getByRole('button', { name: /^Show purpose/ }).click();
  await page.getByRole('combobox', { name: 'Work out' }).click();
  await page.getByRole('option', exact('What was recovered')).click();
  await page.getByRole('combobox', { name: 'Recovered' }).click();
  await page.getByRole('option', exact('dry copper')).click();
  await page.getByRole('textbox', { name: 'There was, g' }).fill('0.05');
  await page.getByRole('button', exact('Work it out')).click();
  await expect(page.getByText('What was recovered: dry copper')).toBeVisible();
  await page.getByRole('button', exact('Save')).click();
  await expect(page.getByText('Measure: dry copper')).toBeVisible();
});
