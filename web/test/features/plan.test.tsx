import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { firstSettings, labDaySchema } from '@stoichos/core/labday';
import type { LabDay } from '@stoichos/core/labday';
import { library, procedureOfMixing } from '@stoichos/core/planning/procedure';
import type { Mixing } from '@stoichos/core/planning/procedure';
import { describe, expect, it, vi } from 'vitest';
import { MixingTable } from '../../src/features/plan/MixingTable';
import { PlanTabs } from '../../src/features/plan/PlanTabs';
import { SafetyPanel } from '../../src/features/plan/SafetyPanel';
import { mixingsOf } from '../../src/features/plan/useMixingDraft';
import { show } from '../support/render';

const id = (n: number): string => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const pair = (a: string, b: string): Mixing => ({
  container: 'testTube',
  a: { substance: a, concentrationM: 0.1, volumeMl: 2 },
  b: { substance: b, concentrationM: 0.2, volumeMl: 3 },
});
const pairs = [pair('AgNO3', 'NaCl'), pair('KNO3', 'NaCl')];
const [whole] = library;
const day: LabDay = labDaySchema.parse({
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
});
/** The chemistry takes a moment to load. */
const patience = { timeout: 40_000 };
const table = (onSelect = vi.fn(), onNew = vi.fn()) => (
  <MixingTable
    day={day}
    lines={mixingsOf(day)}
    selected={id(10)}
    onSelect={onSelect}
    onNew={onNew}
  />
);

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
