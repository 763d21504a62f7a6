import { screen, within } from '@testing-library/react';
import { Route, Routes } from 'react-router';
import { beforeEach, describe, expect, it } from 'vitest';
import { CellFrame } from '../../src/features/electrolysis/CellFrame';
import { GasFrame } from '../../src/features/gas/GasFrame';
import { StudyFrame } from '../../src/shared/study/StudyFrame';
import { user } from '../support/acts';
import { chosen, show } from '../support/render';

const part = (label: string) => ({ label, children: <p>{`inside ${label}`}</p> });
const parts = { settings: part('Settings'), answer: part('Answer'), reasons: part('Reasons') };

beforeEach(() => chosen({}));

describe('a study', () => {
  it('has what is set, the answer and the reasons, each said by its name', () => {
    show(<StudyFrame title="Dish" {...parts} />);
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent('Dish');
    for (const name of ['Settings', 'Answer', 'Reasons'])
      expect(screen.getByRole('region', { name })).toHaveTextContent(`inside ${name}`);
  });

  it('has its tools beside its title, and prints neither them nor what is set', () => {
    show(<StudyFrame title="Dish" tools={<p>Print</p>} {...parts} />);
    expect(screen.getByText('Print').closest('.no-print')).not.toBeNull();
    expect(screen.getByRole('region', { name: 'Settings' })).toHaveClass('no-print');
    expect(screen.getByRole('region', { name: 'Answer' })).not.toHaveClass('no-print');
  });

  it('has no way to other views where it has one view', () => {
    show(<StudyFrame title="Dish" {...parts} />);
    expect(screen.queryByRole('navigation')).toBeNull();
  });
});

describe('the views of a study', () => {
  const views = (name: string) =>
    within(screen.getByRole('navigation', { name }))
      .getAllByRole('link')
      .map((link) => link.textContent);

  it('of gases stand above the answer, the open one marked', () => {
    show(<GasFrame {...parts} />, '/gases/make');
    expect(views('Gases')).toEqual([
      'Routes',
      'Make and collect',
      'Apparatus',
      'Properties',
      'Unknown gas',
      'Cycles',
    ]);
    expect(screen.getByRole('link', { current: 'page' })).toHaveTextContent('Make and collect');
    expect(screen.getByRole('region', { name: 'Answer' })).toContainElement(
      screen.getByRole('navigation', { name: 'Gases' }),
    );
  });

  it('of electrolysis have the cell beside them, unless a view brings its own', () => {
    const { again } = show(<CellFrame answer={parts.answer} reasons={parts.reasons} />);
    expect(screen.getByRole('region', { name: 'What is set' })).toHaveTextContent('Dissolved');
    again(<CellFrame {...parts} />);
    expect(screen.getByRole('region', { name: 'Settings' })).toBeVisible();
    expect(screen.queryByRole('region', { name: 'What is set' })).toBeNull();
  });

  it('are gone to with a tap', async () => {
    show(
      <Routes>
        <Route path="/gases" element={<GasFrame {...parts} />} />
        <Route path="/gases/cycles" element={<p>The cycles</p>} />
      </Routes>,
      '/gases',
    );
    await user.click(screen.getByRole('link', { name: 'Cycles' }));
    expect(screen.getByText('The cycles')).toBeVisible();
  });
});
