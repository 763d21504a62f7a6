import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { firstSettings } from '@stoichos/core/labday/settings';
import { labDaySchema } from '@stoichos/core/labday/day';
import { library, procedureOfMixing } from '@stoichos/core/planning/procedure';
import type { Mixing } from '@stoichos/core/planning/procedure';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { MixingTable } from '../../src/features/plan/MixingTable';
import { PlanTabs } from '../../src/features/plan/PlanTabs';
import { SafetyPanel } from '../../src/features/plan/SafetyPanel';
import { mixingsOf } from '../../src/features/plan/useMixingDraft';
import { PlanPage } from '../../src/features/plan/PlanPage';
import { linkToNewTest } from '../../src/shared/labday/linkToNewTest';
import { patience, user } from '../support/acts';
import { heldDay, dayOf, id, pair, showInDay } from '../support/day';
import { chosen, show } from '../support/render';

const pairs = [pair('AgNO3', 'NaCl'), pair('KNO3', 'NaCl')];
const [whole] = library;
const day = heldDay(
  labDaySchema.parse({
    id: id(1),
    name: 'Which pairs turn solid?',
    date: '2026-05-04',
    sparePercent: 20,
    groups: [{ id: id(2), name: 'Bench Knot' }],
    procedures: [
      ...(whole ? [{ id: id(9), manner: 'groups', procedure: whole }] : []),
      ...pairs.map((mixing, at) => ({
        id: id(10 + at),
        manner: 'groups',
        procedure: procedureOfMixing(id(10 + at), mixing),
      })),
    ],
    timetable: null,
    preparations: [],
    weighings: [],
    entries: [],
  }),
);
const table = (onSelect = vi.fn(), onNew = vi.fn()) => (
  <MixingTable
    day={day}
    lines={mixingsOf(day)}
    selected={id(10)}
    onSelect={onSelect}
    onNew={onNew}
  />
);

beforeEach(() => chosen({}));

describe('the table of two-solution tests', () => {
  it('has a line for each, and none for a procedure of more', () => {
    show(table());
    const lines = screen.getAllByRole('row').slice(1);
    expect(lines).toHaveLength(2);
    expect(lines[0]).toHaveTextContent('AgNO3 0.1 M, 2 mLNaCl 0.2 M, 3 mLTest tube');
  });

  it('says what each should show, once that is calculated', async () => {
    show(table());
    const [, silver, none] = screen.getAllByRole('row');
    if (!silver || !none) throw new Error('no lines');
    expect(await within(silver).findByText(/white/, {}, patience)).toBeVisible();
    expect(
      await within(none).findByText(/no (visible )?change|nothing/i, {}, patience),
    ).toBeVisible();
  });

  it('opens a line with a tap, and says which one is open', async () => {
    const onSelect = vi.fn();
    show(table(onSelect));
    const second = screen.getByRole('button', { name: 'Test 2: KNO3 with NaCl' });
    expect(second).toHaveAttribute('aria-pressed', 'false');
    await userEvent.click(second);
    expect(onSelect).toHaveBeenCalledWith(id(11));
    expect(screen.getByRole('button', { name: 'Test 1: AgNO3 with NaCl' })).toHaveAttribute(
      'aria-pressed',
      'true',
    );
  });

  it('begins a new line', async () => {
    const onNew = vi.fn();
    show(table(vi.fn(), onNew));
    await userEvent.click(screen.getByRole('button', { name: 'New test' }));
    expect(onNew).toHaveBeenCalledOnce();
  });
});

describe('the views of Plan', () => {
  it('count all procedures, and the two-solution tests among them', () => {
    show(<PlanTabs day={day} />, `/days/${day.id}/plan`);
    expect(screen.getByRole('link', { name: /^Procedures/ })).toHaveTextContent('Procedures3');
    expect(screen.getByRole('link', { name: /^Two-solution/ })).toHaveTextContent(
      'Two-solution tests2',
    );
  });
});

describe('hazards while planning', () => {
  it('are those of what was chosen, each with its statement', () => {
    show(<SafetyPanel substances={['AgNO3']} />);
    expect(document.body.textContent).toMatch(/H314/);
    expect(firstSettings.naming).toBe('stock');
  });
});

describe('two solutions that are typed', () => {
  const typed = (a: Partial<Mixing['a']>, b: Partial<Mixing['b']>) => {
    const draft = { id: id(99), ...pair('NaCl', 'KNO3') };
    localStorage.setItem(
      `stoichos-draft-${id(1)}`,
      JSON.stringify({ ...draft, a: { ...draft.a, ...a }, b: { ...draft.b, ...b } }),
    );
    return showInDay(dayOf([]), <PlanPage />);
  };

  it('are those a link asks for, whatever else was being typed, and stay once they are changed', async () => {
    localStorage.setItem(
      `stoichos-draft-${id(1)}`,
      JSON.stringify({ id: id(99), ...pair('NaCl', 'KNO3') }),
    );
    const asked = linkToNewTest(id(1), [
      { substance: 'Na2CO3', concentrationM: 0.2 },
      { substance: 'CH3COOH', concentrationM: 1 },
    ]);
    await showInDay(dayOf([]), <PlanPage />, asked);
    const [a, b] = screen.getAllByRole('group', { name: /^Solution [AB]/ });
    if (!a || !b) throw new Error('no solutions');
    expect(a).toHaveTextContent('Na2CO3');
    expect(within(a).getByLabelText('Concentration')).toHaveValue('0.2 M');
    expect(b).toHaveTextContent('CH3COOH');
    expect(within(b).getByLabelText('Concentration')).toHaveValue('1 M');
    await user.type(
      within(a).getByLabelText('Volume'),
      '{Backspace}{Backspace}{Backspace}{Backspace}5',
    );
    await waitFor(() => expect(within(a).getByLabelText('Volume')).toHaveValue('5 mL'));
    expect(screen.getAllByRole('group', { name: /^Solution [AB]/ })[0]).toHaveTextContent('Na2CO3');
  });

  it('are not predicted where an organic substance is oxidised, and it says so', async () => {
    await typed({ substance: 'KMnO4', concentrationM: 0.01 }, { substance: 'C6H8O7' });
    await waitFor(() => expect(screen.getByText(/organic substance/)).toBeVisible(), patience);
  });

  it('are told with the potentials that decide where electrons move', async () => {
    await typed({ substance: 'FeCl3' }, { substance: 'KI', concentrationM: 0.05 });
    const [ionic] = await screen.findAllByTestId('net-ionic', {}, patience);
    expect(ionic).toHaveTextContent('2 Fe3+(aq) + 2 I−(aq)');
    // E°(Fe3+/Fe2+) = 0.771 V (CRC Handbook)
    expect(screen.getAllByTestId('reaction')[0]).toHaveTextContent('E° = 0.771 V');
  });

  it('are named and sorted as the school does', async () => {
    await chosen({ naming: 'oxo', reactionTypes: 'drivingForce' });
    const old = await typed({ substance: 'CuSO4' }, { substance: 'NaOH', concentrationM: 0.3 });
    const solution = screen.getByRole('group', { name: /^Solution A/ });
    expect(within(solution).getByRole('combobox', { name: 'Substance' })).toHaveValue(
      'copper(II) tetraoxosulfate(VI)',
    );
    expect(await screen.findByText('precipitation', {}, patience)).toBeVisible();
    old.unmount();
    await chosen({});
    await typed({ substance: 'CuSO4' }, { substance: 'NaOH', concentrationM: 0.3 });
    expect(await screen.findByText('double displacement', {}, patience)).toBeVisible();
  });

  it('are refused above 30 mol/L, at the field, and cannot be saved', async () => {
    await typed({ concentrationM: 900 }, {});
    expect(
      screen.getByText('No solution is above 30 mol/L; check the decimal point'),
    ).toBeVisible();
    expect(screen.getByRole('button', { name: 'Add to the plan' })).toBeDisabled();
  });

  it('keep the noughts that are typed', async () => {
    await typed({}, {});
    const strength = within(screen.getByRole('group', { name: /^Solution A/ })).getByLabelText(
      'Concentration',
    );
    for (const [keys, told] of [
      ['0.050', '0.050 M'],
      ['2.0', '2.0 M'],
    ] as const) {
      await user.clear(strength);
      await user.type(strength, keys);
      expect(strength).toHaveValue(told);
    }
  });
});
