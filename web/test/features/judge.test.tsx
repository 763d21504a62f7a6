import { screen, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { ActivityPage } from '../../src/features/judge/ActivityPage';
import { CircuitPage } from '../../src/features/judge/CircuitPage';
import { JudgePage } from '../../src/features/judge/JudgePage';
import { MeasurementsPage } from '../../src/features/judge/MeasurementsPage';
import { patience } from '../support/acts';
import { chosen } from '../support/render';
import { dayOf, entry, id, pair, shipped, showInDay } from '../support/day';

const silver = [pair('AgNO3', 'NaCl')];
const white = { kind: 'precipitate', colour: 'white' } as const;
beforeEach(() => chosen({}));

describe('the board', () => {
  it('agrees where what tells the test was seen, and differs where it was not', async () => {
    const day = dayOf(silver, {
      entries: [entry(1, white), entry(2, { kind: 'noChange' }, { groupId: id(3) })],
    });
    await showInDay(day, <JudgePage />);
    const [board] = await screen.findAllByRole('table', {}, patience);
    const marks = [...(board?.querySelectorAll('[data-mark]') ?? [])];
    expect(marks.map((mark) => mark.getAttribute('data-mark'))).toEqual(['agrees', 'differs']);
  });

  it('says so where nothing is recorded', async () => {
    await showInDay(dayOf(silver), <JudgePage />);
    expect(await screen.findByText('Nothing to judge yet', {}, patience)).toBeVisible();
    expect(document.querySelector('[data-mark="differs"]')).toBeNull();
  });
});

describe('a record that says what tells the test', () => {
  it('is whole, and is offered the rest', async () => {
    await showInDay(dayOf(silver, { entries: [entry(1, white)] }), <JudgePage />);
    const table = await screen.findByTestId('comparison', {}, patience);
    expect(table).toHaveTextContent('precipitate');
    expect(table).not.toHaveTextContent('not recorded');
    expect(screen.getByText(/Could be looked at as well: .*clarity/)).toBeVisible();
  });
});

describe('what a step and a record mean', () => {
  it('stand apart: a bench that saw nothing has no equation to its name', async () => {
    const day = dayOf(silver, { entries: [entry(1, { kind: 'noChange' })] });
    await showInDay(day, <JudgePage />);
    const expected = await screen.findByRole('region', { name: 'What is expected' }, patience);
    expect(expected).toHaveTextContent(/chemical/);
    expect(expected).toHaveTextContent('AgCl');
    const record = screen.getByRole('region', { name: 'What this record says' });
    expect(record).toHaveTextContent(/physical/);
    expect(record).not.toHaveTextContent('AgCl');
  });
});

describe('physical or chemical', () => {
  it('takes a new solid for evidence of a chemical change, with its equation', async () => {
    await showInDay(dayOf(silver, { entries: [entry(1, white)] }), <CircuitPage />);
    const [, row] = await screen.findAllByRole('row');
    expect(row).toHaveTextContent('white precipitate');
    expect(row).toHaveTextContent('chemical');
    expect(row).toHaveTextContent('AgCl');
  });

  it('says what will stand there while a bench has recorded nothing', async () => {
    await showInDay(dayOf(silver), <CircuitPage />);
    expect(await screen.findByText(/Bench Heron has recorded nothing yet/)).toBeVisible();
    expect(screen.queryByRole('table')).toBeNull();
  });
});

describe('what was measured', () => {
  it('is worked out for the bench that read it', async () => {
    const [step] = shipped('sand-salt-iron').steps;
    const day = dayOf(['sand-salt-iron'], {
      entries: [
        entry(
          1,
          { kind: 'measurement', name: 'the salt', quantity: 'mass', value: 1.8 },
          { stepId: step?.id ?? '', vessel: null },
        ),
      ],
    });
    await showInDay(day, <MeasurementsPage />);
    const found = await screen.findByTestId('found-recovery');
    // 1.8 g of 2 g: nine tenths came back.
    expect(found).toHaveTextContent(/90\.?0* ± .* % \(1\.8 g\)/);
  });

  it('stands alone where it goes into nothing that is worked out', async () => {
    const procedure = shipped('sand-salt-iron');
    const day = dayOf(['sand-salt-iron'], {
      entries: [
        entry(
          1,
          { kind: 'measurement', name: 'room', quantity: 'temperature', value: 20 },
          { stepId: procedure.steps[0]?.id ?? '', vessel: null },
        ),
      ],
    });
    await showInDay(day, <MeasurementsPage />);
    expect(screen.getByText(/room, °C: Bench Heron 20/)).toBeVisible();
  });
});

describe('the activity series', () => {
  it('puts a metal that drove another out above it', async () => {
    const procedure = shipped('metal-trees');
    const day = dayOf(['metal-trees'], {
      entries: procedure.steps.flatMap((step, at) =>
        step.events.length > 0
          ? [
              entry(
                at,
                { kind: 'deposit', formula: 'Cu', colour: 'red-brown' },
                {
                  stepId: step.id,
                  vessel: procedure.vessels[0]?.name ?? null,
                },
              ),
            ]
          : [],
      ),
    });
    await showInDay(day, <ActivityPage />);
    const order = await screen.findByRole('list', { name: 'Most active first' });
    const symbols = within(order).getAllByRole('listitem');
    // Copper is below whatever sets it free: E° of Cu2+/Cu is +0.34 V (CRC Handbook).
    expect(symbols.at(-1)).toHaveTextContent('Cu');
    expect(symbols.length).toBeGreaterThan(1);
  });
});
