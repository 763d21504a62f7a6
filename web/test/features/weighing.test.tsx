import type { HeldDay } from '@stoichos/contract';
import type { Weighing } from '@stoichos/core/labday/day';
import type { ShelfItem } from '@stoichos/core/planning/shelf';
import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { api } from '../../src/data/api/api';
import { store } from '../../src/data/store';
import { MadeMark } from '../../src/features/prepare/MadeMark';
import { PreparePage } from '../../src/features/prepare/PreparePage';
import { PrepSheetPage } from '../../src/features/prepare/PrepSheetPage';
import { ToleranceBand } from '../../src/features/prepare/ToleranceBand';
import { WastePage } from '../../src/features/prepare/WastePage';
import { fill, patience, tap, user } from '../support/acts';
import { dayOf, heldDay, id, pair, showInDay } from '../support/day';
import { chosen, show } from '../support/render';
import { answering, refusing, serving, written } from '../support/server';
import type { Asked } from '../support/server';

// 2 benches × 50 mL of 0.1 M and 20 % spare: 120 mL, 0.0120 mol. M(CuSO4·5H2O) = 249.69 g/mol and M(CuSO4) = 159.61 g/mol
// (CRC Handbook): 3.00 g of the blue crystals, 1.92 g of the white powder.
const copper = dayOf([
  {
    ...pair('CuSO4', 'NaOH'),
    a: { substance: 'CuSO4', concentrationM: 0.1, volumeMl: 50 },
  },
]);
const card = () => screen.findByRole('region', { name: 'CuSO4 0.1 M' });

/** What was sent as a mass that was weighed. */
const massesIn = (asked: readonly Asked[]) =>
  written(asked)
    .filter(({ path }) => path.includes('weighings'))
    .map(({ body }) => (body as Weighing).actualG);

beforeEach(async () => {
  store.dispatch(api.util.resetApiState());
  await chosen({});
});

/** The card of copper sulfate once the form in the jar has been told. */
async function withForm(form: string, day: HeldDay = copper) {
  await showInDay(day, <PreparePage />);
  const where = within(await card());
  const [crystals, powder] = where.getAllByRole('radio');
  const jar = form === 'CuSO4' ? powder : crystals;
  if (!jar) throw new Error('no forms');
  await user.click(jar);
  await where.findByLabelText(/^Weighed/, { selector: 'input' });
  return where;
}

describe('which form is in the jar', () => {
  it('is asked before a mass is told, for the two need different ones', async () => {
    await showInDay(copper, <PreparePage />);
    const where = await card();
    expect(where).toHaveTextContent('Which form is in the jar?');
    expect(within(where).queryByRole('button', { name: 'Record the mass' })).toBeNull();
  });

  it.each([
    ['CuSO4·5H2O', '3.00 g'],
    ['CuSO4', '1.92 g'],
  ])('%s needs %s', async (form, mass) => {
    await withForm(form);
    expect(await card()).toHaveTextContent(mass);
  });
});

describe('a mass that was weighed', () => {
  it('makes a strength, and is close enough within ten per cent', async () => {
    const where = await withForm('CuSO4·5H2O');
    await fill('Weighed, after tare', '3.05', where);
    expect(await card()).toHaveTextContent('Makes 0.102 M: close enough to 0.1 M.');
    expect(where.queryByRole('alert')).toBeNull();
  });

  it('is sent with the form and the volume, and the field is free', async () => {
    const asked = answering();
    const where = await withForm('CuSO4·5H2O');
    await fill('Weighed, after tare', '3.05', where);
    await tap('Record the mass', 'button', where);
    await waitFor(() => expect(massesIn(asked)).toEqual([3.05]));
    expect(written(asked)[0]?.body).toMatchObject({
      substance: 'CuSO4',
      concentrationM: 0.1,
      volumeMl: 120,
      form: 'CuSO4·5H2O',
    });
    await waitFor(() => expect(where.getByLabelText(/^Weighed/)).toHaveValue(''));
  });

  it('that is the mass of the other form is asked about before it is kept', async () => {
    const asked = answering();
    const where = await withForm('CuSO4·5H2O');
    await fill('Weighed, after tare', '1.92', where);
    const slip = await where.findByRole('alert');
    expect(slip).toHaveTextContent('Is that right?');
    expect(slip).toHaveTextContent('CuSO4');
    expect(slip).toHaveTextContent('instead of 0.1 M');
    await tap('Record the mass', 'button', where);
    expect(massesIn(asked)).toEqual([]);
    await tap('Keep 1.92 g all the same', 'button', where);
    await waitFor(() => expect(massesIn(asked)).toEqual([1.92]));
  });

  it('ten times too large is asked about again once another is typed', async () => {
    const where = await withForm('CuSO4·5H2O');
    await fill('Weighed, after tare', '30', where);
    await tap('Record the mass', 'button', where);
    expect(where.getByRole('button', { name: 'Keep 30 g all the same' })).toBeVisible();
    await fill('Weighed, after tare', '31', where);
    expect(where.getByRole('button', { name: 'Record the mass' })).toBeEnabled();
  });

  it('has the boat taken off where it was not tared', async () => {
    const asked = answering();
    const where = await withForm('CuSO4·5H2O');
    await tap('Not tared: weigh the boat', 'button', where);
    await fill('Boat alone', '1.250', where);
    await fill('With the boat', '4.25', where);
    expect(await card()).toHaveTextContent('3 g. Makes 0.100 M');
    await tap('Record the mass', 'button', where);
    await waitFor(() => expect(massesIn(asked)).toEqual([3]));
  });

  it('cannot be recorded where the boat weighs more than both', async () => {
    const where = await withForm('CuSO4·5H2O');
    await tap('Not tared: weigh the boat', 'button', where);
    await fill('Boat alone', '5', where);
    await fill('With the boat', '4.25', where);
    expect(where.getByRole('button', { name: 'Record the mass' })).toBeDisabled();
  });

  it('stays in its field where the server would not take it', async () => {
    refusing('The day is archived.', 'Take it out of the archive first.');
    const where = await withForm('CuSO4·5H2O');
    await fill('Weighed, after tare', '3.05', where);
    await tap('Record the mass', 'button', where);
    await waitFor(() =>
      expect(where.getByRole('button', { name: 'Record the mass' })).toBeEnabled(),
    );
    expect(where.getByLabelText(/^Weighed/)).toHaveValue('3.05 g');
  });

  it('says what it changes at the bench, or that nothing changes', async () => {
    const where = await withForm('CuSO4·5H2O');
    await fill('Weighed, after tare', '3.05', where);
    expect(await where.findByTestId('effects', {}, patience)).toHaveTextContent('stays the same');
  });

  it('a second time is “weighed again”', async () => {
    const weighed = heldDay({
      ...copper,
      weighings: [
        {
          id: id(50),
          substance: 'CuSO4',
          concentrationM: 0.1,
          volumeMl: 120,
          form: 'CuSO4·5H2O',
          purityPercent: 100,
          actualG: 3.02,
          recordedAt: '2027-02-03T08:00:00.000Z',
        },
      ],
    });
    const where = await withForm('CuSO4·5H2O', weighed);
    expect(where.getByLabelText('Weighed again', { selector: 'input' })).toBeVisible();
    expect(await card()).toHaveTextContent('3.02');
  });
});

describe('where a mass lies against its target', () => {
  it.each([
    [1, '0 % over the target', '0 %'],
    [1.05, '5 % over the target', '+5 %'],
    [0.92, '8 % under the target', '%'],
    [0.1, '90 % under the target', '%'],
  ])('%f of it is %s', (ratio, read, shown) => {
    show(<ToleranceBand ratio={ratio} />);
    const band = screen.getByRole('img', { name: new RegExp(read) });
    expect(band).toHaveTextContent(shown);
  });
});

const jar: ShelfItem = {
  id: id(70),
  substance: 'CuSO4',
  form: 'CuSO4·5H2O',
  amount: 100,
  unit: 'g',
  place: 'Cupboard 2',
  reorderAt: 10,
  expires: null,
  cost: null,
  supplier: '',
  note: '',
} as unknown as ShelfItem;

describe('a line that is made', () => {
  const mark = (day: HeldDay, taking = true) => (
    <MadeMark
      word="made"
      day={day}
      lineKey="CuSO4 0.1"
      {...(taking && { taking: { jar, amount: 3.0 } })}
    />
  );

  it('takes what it needed off the jar', async () => {
    const asked = answering();
    show(mark(copper));
    await tap('It is made: take 3 g off the jar');
    await waitFor(() => expect(written(asked)).toHaveLength(1));
    expect(written(asked)[0]?.body).toMatchObject({
      key: 'CuSO4 0.1',
      takings: [{ itemId: id(70), amount: 3 }],
    });
  });

  it('takes nothing where no jar is on the shelf', async () => {
    const asked = answering();
    show(mark(copper, false));
    await tap('It is made');
    await waitFor(() => expect(written(asked)[0]?.body).toMatchObject({ takings: [] }));
  });

  it('is given back to the jar when it is undone', async () => {
    const asked = answering();
    const made = heldDay({
      ...copper,
      preparations: [
        {
          id: id(71),
          key: 'CuSO4 0.1',
          madeBy: 'A. Ferrow',
          confirmedAt: '2027-02-03T08:00:00.000Z',
          takings: [{ itemId: id(70), amount: 3 }],
        },
      ],
    });
    show(mark(made));
    expect(screen.getByTestId('is-made')).toHaveTextContent('Made, 3 g taken from the jar');
    await tap('Undo');
    await waitFor(() =>
      expect(written(asked).map(({ method, path }) => `${method} ${path}`)).toEqual([
        `DELETE /preparations/${id(71)}`,
      ]),
    );
  });

  it('stays unmade where the server refused', async () => {
    refusing('The jar holds only 1 g.', 'Choose another jar.');
    show(mark(copper));
    await tap(/^It is made/);
    await waitFor(() => expect(screen.getByRole('button', { name: /^It is made/ })).toBeEnabled());
    expect(screen.queryByTestId('is-made')).toBeNull();
  });
});

describe('the prep sheet', () => {
  const mixed = dayOf([pair('AgNO3', 'NaCl'), 'crystal-water-by-mass', 'sand-salt-iron']);

  it('has a line for each solution: how much, of what, and the working', async () => {
    await showInDay(mixed, <PrepSheetPage />);
    const lines = within(
      screen.getByRole('table', { name: 'Solutions in the order to make them' }),
    ).getAllByRole('row');
    expect(lines.map((line) => line.textContent)).toEqual([
      expect.stringContaining('Take'),
      expect.stringMatching(/AgNO3 0.1 M.*20.mL.*0.34 g AgNO3/),
      expect.stringMatching(/NaCl 0.2 M.*30.mL.*0.35 g NaCl/),
    ]);
    // M(AgNO3) = 169.87 g/mol (CRC Handbook).
    expect(lines[1]).toHaveTextContent('0.002 mol × 169.873 g/mol');
    expect(lines[1]).toHaveTextContent('amber glass');
  });

  it('sets out what is used as it is, and the equipment', async () => {
    await showInDay(mixed, <PrepSheetPage />);
    expect(document.body).toHaveTextContent('MgSO4·7H2O');
    expect(screen.getByTestId('equipment')).toHaveTextContent('2 × crucible lid');
  });

  it('says what the shelf cannot give', async () => {
    await showInDay(mixed, <PrepSheetPage />);
    expect(document.body).toHaveTextContent('AgNO3: needs 0.34 g; there is none');
    expect(screen.getByRole('link', { name: 'Open the shelf' })).toBeVisible();
  });

  it('marks what was set out', async () => {
    const asked = serving({});
    await showInDay(dayOf(['crystal-water-by-mass']), <PrepSheetPage />);
    await tap('It is set out');
    await waitFor(() => expect(written(asked)).toHaveLength(1));
    expect(written(asked)[0]?.path).toBe(`/days/${id(1)}/preparations`);
  });

  it('says that there is nothing to make where everything is used as it is', async () => {
    await showInDay(dayOf(['crystal-water-by-mass']), <PrepSheetPage />);
    expect(document.body).toHaveTextContent('No solution is to be made.');
  });
});

describe('what may stay dissolved in the waste', () => {
  it('is set by the school, one element at a time, and put back as in the regulation', async () => {
    const asked = answering();
    await showInDay(dayOf([pair('AgNO3', 'NaCl')]), <WastePage />);
    const [bottle] = await screen.findAllByTestId('bottle', {}, patience);
    expect(bottle).toHaveTextContent('Silver residues');
    // 40 CFR 261.24, Table 1: silver 5.0 mg/L.
    const silver = screen.getByLabelText('silver', { selector: 'input' });
    expect(silver).toHaveValue('5');
    await fill('silver', '0.5');
    expect(screen.getByLabelText('silver', { selector: 'input' })).toHaveValue('0.5');
    await tap('As in the regulation');
    await waitFor(() =>
      expect(screen.getByLabelText('silver', { selector: 'input' })).toHaveValue('5'),
    );
    expect(written(asked)).toEqual([]);
  });
});
