import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { LabelsPage } from '../../src/features/prepare/LabelsPage';
import { PrepSheetPage } from '../../src/features/prepare/PrepSheetPage';
import { PreparePage } from '../../src/features/prepare/PreparePage';
import { SafetyPage } from '../../src/features/prepare/SafetyPage';
import { WastePage } from '../../src/features/prepare/WastePage';
import { patience } from '../support/acts';
import { dayOf, pair, showInDay } from '../support/day';
import { chosen } from '../support/render';

const silver = dayOf([pair('AgNO3', 'NaCl')]);
beforeEach(() => chosen({}));

describe('what is weighed out', () => {
  it('is a card for each solution, with the mass of it', async () => {
    await showInDay(silver, <PreparePage />);
    // 2 groups × 2 mL of 0.1 M and 20 % spare: 4.8 mL; M(AgNO3) = 169.87 g/mol (CRC Handbook), so some 0.08 g.
    const card = await screen.findByRole('region', { name: 'AgNO3 0.1 M' });
    expect(card).toHaveTextContent('silver nitrate');
    expect(card).toHaveTextContent('AgNO3');
    expect(screen.getByRole('region', { name: 'NaCl 0.2 M' })).toBeVisible();
  });

  it('says what to do first on a day with nothing planned', async () => {
    await showInDay(dayOf([]), <PreparePage />);
    expect(screen.getByRole('link', { name: /plan|choose|procedures/i })).toBeVisible();
  });
});

describe('the prep sheet', () => {
  it('lists solutions and what is set out', async () => {
    await showInDay(silver, <PrepSheetPage />);
    expect(screen.getByRole('heading', { name: 'Prep sheet' })).toBeVisible();
    expect(document.body).toHaveTextContent('AgNO3');
    expect(screen.getByTestId('equipment')).toHaveTextContent(/test tube/i);
  });
});

describe('labels', () => {
  it('stand for every solution, with strength and pictograms, and one can be left out', async () => {
    await showInDay(silver, <LabelsPage />);
    const boxes = screen.getAllByRole('button', { name: /leave it out/ });
    expect(boxes.map((box) => box.getAttribute('aria-label'))).toEqual([
      'silver nitrate, 0.1 mol/L: leave it out',
      'sodium chloride, 0.2 mol/L: leave it out',
    ]);
    await userEvent.click(screen.getByRole('button', { name: /^sodium chloride/ }));
    expect(screen.queryByRole('button', { name: /^sodium chloride.*leave it out/ })).toBeNull();
  });

  it('come as often as is asked', async () => {
    await showInDay(silver, <LabelsPage />);
    await userEvent.click(screen.getByRole('combobox', { name: 'Of each' }));
    await userEvent.click(await screen.findByRole('option', { name: '4' }));
    expect(screen.getAllByRole('button', { name: /silver nitrate.*leave it out/ })).toHaveLength(4);
  });
});

describe('safety', () => {
  it('has every substance with its statements, and defers to the local rules', async () => {
    await showInDay(silver, <SafetyPage />);
    expect(await screen.findByRole('table', {}, patience)).toHaveTextContent('silver nitrate');
    expect(document.body).toHaveTextContent(/safety data sheet/i);
  });
});

describe('waste', () => {
  it('has the bottle that silver goes into', async () => {
    await showInDay(silver, <WastePage />);
    const [bottle] = await screen.findAllByTestId('bottle', {}, patience);
    expect(bottle).toHaveTextContent(/silver|heavy/i);
  });
});
