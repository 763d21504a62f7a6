import { readFileSync } from 'node:fs';
import type { Locator, Page } from '@playwright/test';
import { expect, test } from './support/application';
import { expectReadsWell } from './support/readsWell';
import { makeLabDay, openStage, openView } from './support/steps';

const number = (page: Page, label: string) =>
  page.getByRole('textbox', { name: label, exact: true });

async function choose(page: Page, label: string, option: string | RegExp): Promise<void> {
  await page.getByRole('combobox', { name: label, exact: true }).click();
  await page.getByRole('option', { name: option }).click();
}

/** Looks for reagents only in what is named. */
async function lookIn(page: Page, substances: readonly string[]): Promise<void> {
  await page.getByRole('radiogroup', { name: 'Reagents from' }).getByText('A list').click();
  const field = page.getByRole('combobox', { name: 'What there is' });
  for (const name of substances) {
    await field.fill(name);
    await page.getByRole('option', { name }).first().click();
  }
  await page.keyboard.press('Escape');
}

const cardOf = (page: Page, text: RegExp): Locator =>
  page.getByTestId('routes').getByRole('article').filter({ hasText: text });

/** What a download holds. */
async function fileFrom(page: Page, button: string): Promise<string> {
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: button, exact: true }).click(),
  ]);
  return readFileSync(await download.path(), 'utf8');
}

test('carbon dioxide from what the shelf has; marble with sulfuric acid is refused, and says why', async ({
  page,
}) => {
  await makeLabDay(page, 'Fizz in a jar', { groups: ['Bench Tern'] });
  await openView(page, '/gases');
  const routes = page.getByTestId('routes');
  await expect(routes).toContainText(/go well/, { timeout: 60_000 });
  await expect(routes.getByRole('article').first()).toContainText('CaCO3 and 2 M HCl');
  await page.getByText(/that do not, and why/).click();
  const marble = cardOf(page, /^CaCO3 and 2 M H2SO4/);
  await expect(marble).toHaveAttribute('data-verdict', 'refused');
  await expect(marble).toContainText('seals it: a little reacts, then no more');
  await expect(page.getByTestId('proof')).toContainText('lime water: turns milky');

  // How much, how it is caught, and into a lab day.
  await page.getByRole('link', { name: 'How much, and how it is collected' }).click();
  await expect(page.getByTestId('amounts')).toContainText('limits');
  await expect(page.getByTestId('collection')).toContainText('downward delivery');
  await expect(page.getByTestId('collection')).toContainText('upward displacement of air');
  await expect(page.getByTestId('lost')).toContainText(/at most/);
  await choose(page, 'Put it into a lab day', /Fizz in a jar/);
  await page.getByRole('button', { name: /^Add .* to the day$/ }).click();
  await page.getByRole('button', { name: 'Go there' }).click();
  await openStage(page, 'Bench');
  await expect(page.getByText(/Have ready before anything is mixed/).first()).toBeVisible();
});

test('a toxic gas in syringes: what is let go, when each is changed, and what the room would breathe', async ({
  page,
}) => {
  await openView(page, '/gases');
  await choose(page, 'Gas', /^chlorine/);
  await lookIn(page, ['MnO₂', 'hydrochloric acid']);
  await expect(cardOf(page, /^MnO2 and concentrated HCl/)).toContainText('Wash with');
  await page.getByRole('link', { name: 'How much, and how it is collected' }).click();
  await choose(page, 'Caught in', 'Gas syringes');
  await number(page, 'Each, mL').fill('50');
  await number(page, 'How many').fill('2');
  await number(page, 'Air in apparatus, mL').fill('40');
  await number(page, 'Gas comes, mL/min').fill('25');
  // 40 mL · ln 10 = 92.1 mL
  await expect(page.getByTestId('discard')).toContainText('92.1 mL');
  const rows = page.getByTestId('fillings').getByRole('row');
  await expect(rows).toHaveCount(5);
  await expect(rows.nth(1)).toContainText('2 min');
  await expect(rows.nth(1)).toContainText('let go');
  await expect(rows.nth(4)).toContainText('8 min');
  await expect(rows.nth(4)).toContainText('keep');
  await expect(page.getByTestId('limits')).toContainText('0.5');
  await expect(page.getByText('hood only, and less of it', { exact: false })).toBeVisible();

  // The drawing has a wash bottle; the class gets it without names, and the key stands apart.
  await page.getByRole('link', { name: 'Apparatus', exact: true }).click();
  const drawing = page.getByRole('img', { name: /gas syringe/ });
  await expect(drawing).toHaveAttribute('aria-label', /thistle funnel.*wash bottle, water/);
  await expect(page.getByTestId('checklist')).toContainText('its end dips below the liquid');
  await page.getByRole('radiogroup', { name: 'Labels' }).getByText('Blank, for the class').click();
  await expect(drawing).not.toContainText('funnel');
  await expect(page.getByTestId('label-key')).toContainText('thistle funnel');
  const svg = await fileFrom(page, 'SVG');
  expect(svg).toContain('<svg xmlns="http://www.w3.org/2000/svg"');
  expect(svg).not.toContain('thistle');
});

test('sulfur dioxide through two coloured reagents: recorded beside what is expected', async ({
  page,
}) => {
  await makeLabDay(page, 'One gas, two colours', { groups: ['Bench Plover'] });
  await openView(page, '/gases/properties');
  await choose(page, 'Gas', /^sulfur dioxide/);
  const through = (name: string) => page.getByRole('region', { name: `Through ${name}` });
  await expect(page.getByTestId('expected-permanganate')).toContainText('→ colourless');
  await expect(page.getByTestId('expected-dichromate')).toContainText(/orange → .*green/);
  await through('acidified permanganate')
    .getByRole('button', { name: 'colour goes', exact: true })
    .click();
  await through('acidified dichromate').getByRole('button', { name: 'no change' }).click();
  await expect(through('acidified permanganate')).toContainText('agrees');
  await expect(through('acidified dichromate')).toContainText('differs');
  await expect(page.getByTestId('circuit-summary')).toContainText('2 of');
  await expect(page.getByTestId('circuit-summary')).toContainText('1 as expected');
  await page.reload();
  await expect(through('acidified permanganate')).toContainText('agrees');

  // The same in a lab day, where the engine foretells both colours at the bench.
  await page.getByRole('link', { name: 'Make and collect' }).first().click();
  await expect(page.getByTestId('amounts')).toBeVisible({ timeout: 60_000 });
  await choose(page, 'Put it into a lab day', /One gas, two colours/);
  await page.getByRole('button', { name: /^Add .* to the day$/ }).click();
  await page.getByRole('button', { name: 'Go there' }).click();
  await openStage(page, 'Bench');
  await expect(page.getByRole('button', { name: /acidified permanganate/ }).first()).toBeVisible();
});

test('a cracking run: first tube let go, delivery tube out before the flame, and a control', async ({
  page,
}) => {
  await openView(page, '/gases');
  await choose(page, 'Gas', /^ethene/);
  await lookIn(page, ['hexadecane', 'aluminium oxide']);
  await expect(cardOf(page, /C16H34 and Al2O3/)).toContainText('a mixture of gases');
  await page.getByRole('link', { name: 'How much, and how it is collected' }).click();
  await expect(page.getByTestId('fillings').getByRole('row').nth(1)).toContainText('let go');
  await expect(page.getByTestId('fillings')).toContainText('keep');
  await page.getByRole('link', { name: 'Apparatus', exact: true }).click();
  await expect(page.getByRole('img', { name: /mineral wool/ })).toBeVisible();
  await expect(page.getByTestId('order')).toContainText(
    'Delivery tube out of the water while it is still hot',
  );

  await page.getByRole('link', { name: 'Properties', exact: true }).click();
  const pair = page
    .getByRole('region', { name: 'Unsaturated? With the control' })
    .or(page.getByRole('region', { name: 'Unsaturation, with its control' }));
  const said = page.getByTestId('unsaturation');
  const tap = (name: string, outcome: string) =>
    pair.getByRole('radiogroup', { name }).getByText(outcome, { exact: true }).click();
  await tap('Bromine water with the gas', 'is decolourised');
  await tap('Bromine water with the control', 'not done');
  await expect(said).toContainText('Undecided');
  await tap('Bromine water with the control', 'keeps its colour');
  await expect(said).toContainText('Unsaturated: bromine added to the gas');
});

test('an unknown gas is narrowed down by the test that tells most', async ({ page }) => {
  await openView(page, '/gases/unknown');
  await expect(page.getByTestId('leading')).toHaveText('Any of them', { timeout: 60_000 });
  const see = async (test: string, outcome: string) =>
    page
      .getByRole('group', { name: `Seen: ${test}` })
      .getByRole('button', { name: outcome, exact: true })
      .click();
  await see('Inverted tube in water', 'the water rises quickly, well up the tube');
  await see('Lead acetate paper', 'turns black');
  await expect(page.getByTestId('leading')).toContainText('hydrogen sulfide');
  await see('Starch–iodide paper', 'stays white');
  await expect(page.getByTestId('leading')).toContainText(/^It is hydrogen sulfide/);
  await expect(page.getByTestId('results').getByRole('listitem')).toHaveCount(3);
  await page.reload();
  await expect(page.getByTestId('leading')).toContainText(/^It is hydrogen sulfide/, {
    timeout: 60_000,
  });
  await page.getByRole('button', { name: 'A new gas' }).click();
  await expect(page.getByTestId('leading')).toHaveText('Any of them');
});

test('a carbonate cycle is drawn, weighed and printed, and one of one’s own is led round', async ({
  page,
}) => {
  await openView(page, '/gases/cycles');
  const ring = page.getByRole('img', { name: 'Ring: CaCO₃ → CaO → Ca(OH)₂ → CaCO₃' });
  await expect(ring).toBeVisible();
  await expect(page.getByRole('region', { name: 'Arrow 1' })).toContainText(
    'CaCO3(s) → CaO(s) + CO2(g)',
  );
  await expect(page.getByRole('region', { name: 'Arrow 1' })).toContainText('decomposition');
  await expect(page.getByRole('region', { name: 'Arrow 2' })).toContainText(
    'steams as it is slaked',
  );
  await page.getByRole('textbox', { name: /^Begin with, g/ }).fill('5');
  const rows = page.getByTestId('ring-masses').getByRole('row');
  await expect(rows.nth(1)).toContainText('2.8 g');
  await page.getByRole('textbox', { name: 'Weighed after arrow 1 of 3, g' }).fill('2.5');
  await expect(rows.nth(1)).toContainText('89.2 %');
  await page.getByRole('textbox', { name: 'Weighed after arrow 1 of 3, g' }).fill('3.4');
  await expect(rows.nth(1)).toContainText('more than there can be');
  expect(await fileFrom(page, 'SVG')).toContain('CaCO₃');

  // On paper: the ring and its arrows, without the controls.
  await page.emulateMedia({ media: 'print' });
  await expect(ring).toBeVisible();
  await expect(page.getByRole('button', { name: 'SVG' })).toBeHidden();
  await expect(page.getByRole('region', { name: 'Arrow 3' })).toBeVisible();
  await page.emulateMedia({ media: 'screen' });

  // One of one’s own: only what really comes is offered.
  await choose(page, 'Cycle', 'One of your own');
  const own = page.getByRole('group', { name: 'Your ring' });
  await expect(own).toContainText('MgO becomes');
  await own.getByRole('button', { name: 'MgSO4' }).click();
  await expect(page.getByText('Not closed yet', { exact: false })).toBeVisible();
  await own.getByRole('button', { name: 'MgCO3' }).click();
  await own.getByRole('button', { name: 'MgO', exact: true }).click();
  await expect(own).toContainText('Closed: it ends where it began');
  await expect(page.getByRole('img', { name: 'Ring: MgO → MgSO₄ → MgCO₃ → MgO' })).toBeVisible();
});

test('nonsense is answered in words, and nothing is lost', async ({ page }) => {
  await openView(page, '/gases');
  await page.getByRole('radiogroup', { name: 'Reagents from' }).getByText('A list').click();
  await expect(page.getByRole('alert')).toContainText('There is nothing to make a gas from');
  await lookIn(page, ['sodium chloride']);
  await expect(page.getByTestId('routes')).toContainText('Nothing here gives carbon dioxide');
  await lookIn(page, ['calcium carbonate', 'hydrochloric acid']);
  await page.getByRole('link', { name: 'How much, and how it is collected' }).click();
  await expect(page.getByTestId('fits')).toContainText('Fits a 100 mL generator');
  // Ten litres in a test tube.
  await number(page, 'Generator, mL').fill('25');
  await number(page, 'How many').fill('40');
  await number(page, 'Each, mL').fill('250');
  await expect(page.getByTestId('fits')).toContainText('Does not fit');
  await expect(page.getByTestId('fits')).toContainText(/fill it \d+ times/);
  await number(page, 'Each, mL').fill('-250');
  await expect(page.getByRole('alert').first()).toContainText('The volume of each is -250');
  await number(page, 'Each, mL').fill('30');
  await number(page, 'Pure to, %').fill('100');
  await expect(page.getByRole('alert').first()).toContainText('The wanted purity is 100 %');
  await page.reload();
  await expect(number(page, 'Pure to, %')).toHaveValue('100');
  await number(page, 'Pure to, %').fill('80');
  await expect(page.getByTestId('fillings')).toBeVisible();
});

const views = ['', '/make', '/apparatus', '/properties', '/unknown', '/cycles'];
test('the study of gases reads well', async ({ page }) => {
  test.slow();
  for (const view of views) {
    await openView(page, `/gases${view}`);
    await expect(page.getByText(/Trying reagents|Calculating what/)).toHaveCount(0, {
      timeout: 60_000,
    });
    await expect(
      page.getByTestId(/^(routes|amounts|checklist|circuit-summary|posterior|ring-masses)$/),
    ).toBeVisible({ timeout: 60_000 });
    await expectReadsWell(page, view, { colours: view === '/make' });
  }
});
