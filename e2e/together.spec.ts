import type { Page } from '@playwright/test';
import { expect, test } from './support/application';
import { daysOf } from './support/days';

interface HeldDay {
  readonly id: string;
  readonly name: string;
  readonly lengthMin: number;
  readonly procedures: readonly { readonly procedure: { readonly name: string } }[];
}
const dayNamed = async (page: Page, name: string): Promise<HeldDay> => {
  const found = (await daysOf(page)).find((day) => day.name.startsWith(name));
  if (!found) throw new Error(`There is no day ${name}.`);
  return readDay(page, found.id);
};
const readDay = async (page: Page, id: string): Promise<HeldDay> =>
  (await (await page.request.get(`/api/days/${id}`)).json()) as HeldDay;
const namesIn = ({ procedures }: HeldDay): string[] =>
  procedures.map(({ procedure }) => procedure.name);
const add = (page: Page, name: string) =>
  page.getByRole('button', { name: `Add ${name} to the day` });

/** A network that takes its time with what is read. */
const slowly = (page: Page, ms: number) =>
  page.route('**/api/days/*', async (route) => {
    if (route.request().method() === 'GET') await new Promise((done) => setTimeout(done, ms));
    await route.continue();
  });

test('three procedures tapped in faster than the network are all in the day', async ({ page }) => {
  const day = await dayNamed(page, 'Week 3');
  await page.goto(`/procedures?day=${day.id}`);
  const offered = page.getByRole('button', { name: /^Add .* to the day$/ });
  await expect(offered.first()).toBeVisible();
  await slowly(page, 1500);
  const names = (
    await Promise.all([0, 1, 2].map((at) => offered.nth(at).getAttribute('aria-label')))
  ).map((label) => /^Add (.*) to the day$/.exec(label ?? '')?.[1] ?? '');
  expect(new Set(names).size).toBe(3);
  for (const name of names) await add(page, name).click();
  await expect(page.getByText(`${names[2] ?? ''} is in ${day.name}`)).toBeVisible();
  const now = namesIn(await readDay(page, day.id));
  for (const name of names) expect(now).toContain(name);
  expect(now).toHaveLength(day.procedures.length + 3);
});

test('what is added right after another day was chosen goes into that one', async ({ page }) => {
  const [one, other] = [await dayNamed(page, 'Week 3'), await dayNamed(page, 'Week 4')];
  await page.goto(`/procedures?day=${one.id}`);
  const offered = page.getByRole('button', { name: /^Add .* to the day$/ });
  await expect(offered.first()).toBeVisible();
  let arrive = () => {};
  const arrived = new Promise<void>((done) => {
    arrive = done;
  });
  await page.route(`**/api/days/${other.id}`, async (route) => {
    if (route.request().method() === 'GET') await arrived;
    await route.continue();
  });
  // The same page, with another day in mind.
  await page.evaluate((id) => {
    history.pushState({}, '', `/procedures?day=${id}`);
    dispatchEvent(new PopStateEvent('popstate'));
  }, other.id);
  // Before the other day is there, nothing is offered that would go anywhere else.
  await expect(offered).toHaveCount(0);
  arrive();
  await offered.first().click();
  await expect(page.getByText(`is in ${other.name}`)).toBeVisible();
  expect(namesIn(await readDay(page, one.id))).toEqual(namesIn(one));
  expect(namesIn(await readDay(page, other.id))).toHaveLength(other.procedures.length + 1);
});

test('two instructors change the same day: both changes stand, and where they differ one chooses', async ({
  page,
  browser,
  application,
}) => {
  const day = await dayNamed(page, 'Week 4');
  const second = await browser.newPage();
  await second.goto(application.url);
  await second.evaluate(() => localStorage.setItem('stoichos.welcomed', 'true'));
  const open = async (at: Page) => {
    await at.goto(`${application.url}/days/${day.id}/plan/procedures`);
    await at.getByRole('button', { name: 'Change', exact: true }).click();
    await expect(at.getByRole('dialog', { name: 'Change the lab day' })).toBeVisible();
  };
  await open(page);
  await open(second);
  await second.getByRole('textbox', { name: 'Name' }).fill('Week 4: gas by two');
  await second.getByRole('textbox', { name: 'Length' }).fill('110');
  await second.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(second.getByRole('heading', { level: 1, name: 'Week 4: gas by two' })).toBeVisible();
  await page.getByRole('textbox', { name: 'Name' }).fill('Week 4: gas by one');
  await page.getByRole('textbox', { name: 'Spare solution' }).fill('35');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  const asked = page.getByRole('dialog', { name: 'Somebody else has changed the lab day' });
  await expect(asked).toBeVisible();
  // What only one of them changed is not asked about.
  await expect(asked.getByRole('radiogroup')).toHaveCount(1);
  await asked.getByRole('radio', { name: 'Yours: Week 4: gas by one' }).check();
  await asked.getByRole('button', { name: 'Save what I chose' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Week 4: gas by one' })).toBeVisible();
  const now = await readDay(page, day.id);
  expect(now).toMatchObject({ name: 'Week 4: gas by one', lengthMin: 110, sparePercent: 35 });
  await second.close();
});
