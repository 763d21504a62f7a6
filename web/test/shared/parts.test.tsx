import { fireEvent, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { describe, expect, it, vi } from 'vitest';
import { Chip, Question } from '../../src/shared/parts/ChipRow';
import { EmptyStage } from '../../src/shared/parts/EmptyStage';
import { Fold } from '../../src/shared/parts/Fold';
import { LoadState } from '../../src/shared/parts/LoadState';
import { Mark } from '../../src/shared/parts/Mark';
import { NumberField } from '../../src/shared/parts/NumberField';
import { ProblemNote } from '../../src/shared/parts/ProblemNote';
import { SubTabs } from '../../src/shared/parts/SubTabs';
import { TaskFailure } from '../../src/shared/parts/TaskFailure';
import { TaskProgress } from '../../src/shared/parts/TaskProgress';
import { longDate, longTime } from '../../src/shared/parts/dates';
import { shortName } from '../../src/shared/parts/shortNames';
import { show } from '../support/render';

function Volume({ hear }: { hear: (value: number | '') => void }) {
  const [value, setValue] = useState<number | ''>(2);
  return (
    <>
      <NumberField
        label="Volume"
        value={value}
        onChange={(next) => {
          setValue(next);
          hear(next);
        }}
      />
      <button type="button" onClick={() => setValue(5)}>
        Reset
      </button>
    </>
  );
}

describe('a field for a number', () => {
  const field = () => screen.getByLabelText('Volume');

  it('keeps a trailing nought as it is typed, and tells the number', async () => {
    const hear = vi.fn();
    show(<Volume hear={hear} />);
    await userEvent.clear(field());
    await userEvent.type(field(), '21.0');
    expect(field()).toHaveValue('21.0');
    expect(hear).toHaveBeenLastCalledWith(21);
  });

  it('is empty, not zero, when it is cleared', async () => {
    const hear = vi.fn();
    show(<Volume hear={hear} />);
    await userEvent.clear(field());
    expect(hear).toHaveBeenLastCalledWith('');
  });

  it('shows what is set from outside in place of what was typed', async () => {
    show(<Volume hear={() => undefined} />);
    await userEvent.clear(field());
    await userEvent.type(field(), '3.50');
    await userEvent.click(screen.getByRole('button', { name: 'Reset' }));
    expect(field()).toHaveValue('5');
  });
});

describe('an answer at the bench', () => {
  it('says whether it is chosen, and is one tap', async () => {
    const onTap = vi.fn();
    show(
      <Question title="Clarity">
        <Chip chosen onTap={onTap} hotkey="L">
          cloudy
        </Chip>
        <Chip chosen={false} onTap={onTap}>
          clear
        </Chip>
      </Question>,
    );
    expect(screen.getByRole('group', { name: 'Clarity' })).toBeVisible();
    expect(screen.getByRole('button', { name: 'cloudy' })).toHaveAttribute('aria-pressed', 'true');
    await userEvent.click(screen.getByRole('button', { name: 'clear' }));
    expect(onTap).toHaveBeenCalledOnce();
  });
});

describe('something folded away', () => {
  it('is made when it is first opened', () => {
    show(
      <Fold title="Sources" lazy>
        <p>Handbook</p>
      </Fold>,
    );
    expect(screen.queryByText('Handbook')).toBeNull();
    const details = screen.getByText('Sources').closest('details');
    if (!details) throw new Error('not a fold');
    details.open = true;
    fireEvent(details, new Event('toggle'));
    expect(screen.getByText('Handbook')).toBeVisible();
  });

  it('opens by itself once it has something to say', () => {
    const { again } = show(
      <Fold title="Why" open={false} lazy>
        <p>Because</p>
      </Fold>,
    );
    again(
      <Fold title="Why" open lazy>
        <p>Because</p>
      </Fold>,
    );
    expect(screen.getByText('Because')).toBeVisible();
  });
});

describe('a judgement', () => {
  it.each([
    ['agrees', 'agrees'],
    ['partly', 'partly'],
    ['missing', 'not recorded'],
    ['notPredicted', 'not predicted'],
  ] as const)('of %s is a word as well as a shape', (of, word) => {
    show(<Mark of={of} />);
    expect(screen.getByText(word)).toBeVisible();
    expect(document.querySelector(`[data-mark="${of}"] svg`)).not.toBeNull();
  });
});

describe('what went wrong', () => {
  const refused = {
    status: 409,
    data: {
      error: {
        code: 'dayIsFull',
        message: 'A day holds at most 60 procedures.',
        field: 'procedure',
        remedy: 'Take one out first.',
      },
    },
  };

  it('is said with what to do about it', () => {
    show(<ProblemNote error={refused} />);
    expect(screen.getByRole('alert')).toHaveTextContent(
      'A day holds at most 60 procedures.Take one out first.',
    );
  });

  it('is not said while nothing did', () => {
    show(<ProblemNote error={undefined} />);
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('can be tried again where something could not be loaded', async () => {
    const retry = vi.fn();
    show(<LoadState error={refused} retry={retry} />);
    await userEvent.click(screen.getByRole('button', { name: 'Try again' }));
    expect(retry).toHaveBeenCalledOnce();
  });

  it('is “loading” while it is only late', () => {
    show(<LoadState error={undefined} retry={() => undefined} />);
    expect(screen.getByText('Loading…')).toBeVisible();
  });

  it('in long work sets the formula it is about', () => {
    show(<TaskFailure failure={{ message: 'H2O2 has no colour.', remedy: 'Choose another.' }} />);
    expect(screen.getByRole('alert')).toHaveTextContent('H2O2 has no colour.Choose another.');
    expect(document.querySelectorAll('sub')).toHaveLength(2);
  });
});

describe('long work', () => {
  it('says how far it is, and can be stopped', async () => {
    const cancel = vi.fn();
    show(<TaskProgress what="Trying each way" share={0.416} cancel={cancel} />);
    expect(screen.getByRole('status')).toHaveTextContent('Trying each way… 42 %');
    await userEvent.click(screen.getByRole('button', { name: 'Stop' }));
    expect(cancel).toHaveBeenCalledOnce();
  });

  it('is never further than the end', () => {
    show(<TaskProgress what="Trying" share={1.2} cancel={() => undefined} />);
    expect(screen.getByRole('status')).toHaveTextContent('100 %');
  });
});

describe('the views of a stage', () => {
  it('say which one is open', () => {
    const tabs = [
      { to: '/days/1/plan', label: 'Tests', note: '3' },
      { to: '/days/1/plan/timetable', label: 'Timetable' },
    ];
    show(<SubTabs label="Plan" tabs={tabs} />, '/days/1/plan/timetable');
    expect(screen.getByRole('link', { name: 'Timetable' })).toHaveAttribute('aria-current', 'page');
    expect(screen.getByRole('link', { name: /Tests/ })).not.toHaveAttribute('aria-current');
  });
});

describe('a stage with nothing in it', () => {
  it('leads to what fills it', () => {
    show(
      <EmptyStage title="Nothing to record yet" to="/days/1/plan" label="Plan something">
        Steps appear here.
      </EmptyStage>,
    );
    expect(screen.getByRole('link', { name: 'Plan something' })).toHaveAttribute(
      'href',
      '/days/1/plan',
    );
  });
});

describe('a date', () => {
  it('is read aloud', () => expect(longDate('2026-03-03')).toBe('Tuesday 3 March 2026'));
  it('has its time of day where that matters', () =>
    expect(longTime('2026-03-03T14:05:00')).toBe('Tuesday 3 March 2026, 14:05'));
});

describe('the names of benches', () => {
  const benches = [{ name: 'Bench Heron' }, { name: 'Bench Tern' }, { name: 'The window' }];
  it('leave out the word most of them begin with', () =>
    expect(shortName('Bench Heron', benches)).toBe('Heron'));
  it('stay whole where they do not begin with it', () =>
    expect(shortName('The window', benches)).toBe('The window'));
  it('stay whole where one bench stands alone', () =>
    expect(shortName('Bench Heron', [{ name: 'Bench Heron' }])).toBe('Bench Heron'));
});
