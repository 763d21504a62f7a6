import { blankStep, procedureSchema } from '@stoichos/core/planning/procedure';
import type { Measure, Procedure, ProcedureStep } from '@stoichos/core/planning/procedure';
import type { RackEvent } from '@stoichos/core/seeing/rack';
import { fireEvent, screen, within } from '@testing-library/react';
import { useState } from 'react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { AddEvent } from '../../src/features/library/AddEvent';
import { MeasureFields } from '../../src/features/library/MeasureFields';
import { StepFields } from '../../src/features/library/StepFields';
import { NotReady } from '../../src/features/bench/NotReady';
import { choose, fill, tap, user } from '../support/acts';
import { shipped } from '../support/day';
import { WithRecorder } from '../support/recorder';
import { chosen, show } from '../support/render';
import { known } from '../support/server';

const added = (vessel: string, substance: string): RackEvent => ({
  vessel,
  action: { do: 'add', portion: { substance, concentrationM: 0.1, volumeMl: 2 } },
});
const step: ProcedureStep = {
  ...blankStep('mix'),
  text: 'Bring the two together',
  events: [added('A', 'AgNO3'), added('A', 'NaCl')],
  ranges: [{ event: 1, low: 1, high: 3 }],
};
const procedure: Procedure = procedureSchema.parse({
  ...shipped('blood-red-and-back'),
  analyses: [],
  vessels: [
    { name: 'A', container: 'testTube' },
    { name: 'B', container: 'testTube' },
  ],
  steps: [step, { ...blankStep('wait'), text: 'Let it stand' }],
});

beforeEach(async () => {
  await known('shelf', undefined, []);
  await chosen({});
});

/** Shows the fields of a step that remembers what is written into it. */
function writing(first: ProcedureStep = step, of: Procedure = procedure) {
  const [changed, removed, copied] = [
    vi.fn<(next: ProcedureStep, label: string) => void>(),
    vi.fn(),
    vi.fn(),
  ];
  function Remembering() {
    const [value, setValue] = useState(first);
    return (
      <StepFields
        step={value}
        earlier={[]}
        procedure={of}
        runs={[]}
        onChange={(next, label) => {
          changed(next, label);
          setValue(next);
        }}
        onRemove={removed}
        onCopy={copied}
      />
    );
  }
  show(<Remembering />);
  return { last: () => changed.mock.lastCall?.[0], changed, removed, copied };
}

describe('a step that is written', () => {
  it('has its words, and each kind of change can be undone by its name', () => {
    const { last, changed } = writing();
    fireEvent.change(screen.getByLabelText('What is done'), {
      target: { value: 'Pour both into tube A' },
    });
    expect(last()?.text).toBe('Pour both into tube A');
    expect(changed.mock.lastCall?.[1]).toBe('text');
  });

  it('takes so many minutes, and an empty field changes nothing', async () => {
    const { last, changed } = writing();
    await fill('Minutes', '12');
    expect(last()?.minutes).toBe(12);
    const before = changed.mock.calls.length;
    await fill('Minutes', '');
    expect(changed.mock.calls).toHaveLength(before);
  });

  it('may be left alone', async () => {
    const { last } = writing();
    await user.click(screen.getByLabelText('Somebody stays with it'));
    expect(last()?.attended).toBe(false);
  });

  it('takes what the class shares, and gives it back', async () => {
    const { last } = writing();
    await user.click(screen.getByLabelText('balance'));
    expect(last()?.uses).toEqual({ balance: 1 });
    await user.click(screen.getByLabelText('hood'));
    expect(last()?.uses).toEqual({ balance: 1, hood: 1 });
    await user.click(screen.getByLabelText('balance'));
    expect(last()?.uses).toEqual({ hood: 1 });
  });

  it('keeps that it takes two hot plates when something else is added', async () => {
    const { last } = writing({ ...step, uses: { 'hot plate': 2 } });
    await user.click(screen.getByLabelText('burner'));
    expect(last()?.uses).toEqual({ 'hot plate': 2, burner: 1 });
  });

  it('may have a caution, and has none where the field is emptied', async () => {
    const { last } = writing();
    await fill('Caution beside the step', 'Goggles');
    expect(last()?.caution).toBe('Goggles');
    await fill('Caution beside the step', '');
    expect(last()).not.toHaveProperty('caution');
  });

  it('may say why it is not predicted', async () => {
    const { last } = writing();
    await fill(/^Why it is not predicted/, 'An emulsion');
    expect(last()?.notPredicted).toBe('An emulsion');
    await fill(/^Why it is not predicted/, '');
    expect(last()).not.toHaveProperty('notPredicted');
  });

  it('is copied, and taken out where there is another', async () => {
    const { removed, copied } = writing();
    await tap('Copy this step');
    expect(copied).toHaveBeenCalledOnce();
    await tap('Take this step out');
    expect(removed).toHaveBeenCalledOnce();
  });

  it('cannot be taken out where it is the only one', () => {
    writing(step, { ...procedure, steps: [step] });
    expect(screen.queryByRole('button', { name: 'Take this step out' })).toBeNull();
  });
});

describe('what is done in a step', () => {
  it('has its range move up with it when the one before goes', async () => {
    const { last } = writing();
    const [first] = screen.getAllByRole('button', { name: /^Take out/ });
    if (!first) throw new Error('nothing to take out');
    await user.click(first);
    expect(last()?.events).toEqual([added('A', 'NaCl')]);
    expect(last()?.ranges).toEqual([{ event: 0, low: 1, high: 3 }]);
  });

  it('loses its range when it goes itself', async () => {
    const { last } = writing();
    const [, second] = screen.getAllByRole('button', { name: /^Take out/ });
    if (!second) throw new Error('nothing to take out');
    await user.click(second);
    expect(last()?.ranges).toEqual([]);
  });

  it('is added at the end, one after another, until that is all', async () => {
    const { last } = writing();
    await tap('Add what is put in, done or tested');
    await tap('Do', 'tab');
    await tap('Shake with air');
    await tap('Test', 'tab');
    await tap('Damp red litmus');
    expect(last()?.events.slice(2)).toEqual([
      { vessel: 'A', action: { do: 'shakeWithAir' } },
      { vessel: 'A', action: { do: 'test', test: 'dampRedLitmus' } },
    ]);
    await tap('That is all');
    expect(screen.queryByRole('tab', { name: 'Do' })).toBeNull();
  });
});

describe('something that is added to a step', () => {
  const adding = (usual?: string, vessels = procedure.vessels) => {
    const onAdd = vi.fn<(event: RackEvent) => void>();
    show(<AddEvent vessels={vessels} usual={usual} runs={[]} onAdd={onAdd} />);
    return () => onAdd.mock.lastCall?.[0];
  };

  it('goes into the vessel of the step so far', async () => {
    const last = adding('B');
    await tap('Do', 'tab');
    await tap('Shake with air');
    expect(last()).toEqual({ vessel: 'B', action: { do: 'shakeWithAir' } });
  });

  it('goes into another where that is chosen', async () => {
    const last = adding('B');
    const [choice] = screen.getAllByRole('radiogroup', { name: 'Vessel' });
    if (!choice) throw new Error('no choice of vessel');
    await user.click(within(choice).getByRole('radio', { name: 'A' }));
    await tap('Do', 'tab');
    await tap('Evaporate');
    expect(last()).toEqual({ vessel: 'A', action: { do: 'evaporate' } });
  });

  it('cannot be added before there is a vessel', () => {
    adding(undefined, []);
    expect(screen.getByText('Give the procedure a vessel first.')).toBeVisible();
  });
});

describe('what is measured in a step', () => {
  const mass: Measure = { name: 'mass of the dish', quantity: 'mass' };
  const measuring = (first: readonly Measure[]) => {
    const hear = vi.fn<(next: Measure[]) => void>();
    function Remembering() {
      const [value, setValue] = useState(first);
      return (
        <MeasureFields
          measures={value}
          onChange={(next) => {
            hear(next);
            setValue(next);
          }}
        />
      );
    }
    show(<Remembering />);
    return () => hear.mock.lastCall?.[0];
  };

  it('begins as a mass without a name', async () => {
    const last = measuring([]);
    await tap('Measurement');
    expect(last()).toEqual([{ name: '', quantity: 'mass' }]);
  });

  it('has a name and a quantity', async () => {
    const last = measuring([mass]);
    await fill('Measurement 1', 'time to the first cloud');
    await choose('Quantity of measurement 1', /^time/);
    expect(last()).toEqual([{ name: 'time to the first cloud', quantity: 'time' }]);
  });

  it('may be read again and again, or once', async () => {
    const last = measuring([mass]);
    await user.click(screen.getByLabelText('again and again'));
    expect(last()).toEqual([{ ...mass, series: true }]);
    await user.click(screen.getByLabelText('again and again'));
    expect(last()).toEqual([mass]);
  });

  it('is taken out by its name, and the others stay', async () => {
    const last = measuring([mass, { name: 'volume of gas', quantity: 'volume' }]);
    await tap('Take out measurement mass of the dish');
    expect(last()).toEqual([{ name: 'volume of gas', quantity: 'volume' }]);
  });

  it('is at most ten things', () => {
    measuring(Array.from({ length: 10 }, (_, at) => ({ ...mass, name: `mass ${at}` })));
    expect(screen.queryByRole('button', { name: 'Measurement' })).toBeNull();
  });
});

describe('a step that is begun before its time', () => {
  const needed = { ...blankStep('dry'), text: 'Dry the crucible' };
  const asking = (unmet = [{ step: needed, because: 'a wet crucible cracks' }]) => {
    const [hear, begin, goTo, close] = [vi.fn(), vi.fn(), vi.fn(), vi.fn()];
    show(
      <WithRecorder hear={hear}>
        {(recorder) => (
          <NotReady
            opened
            close={close}
            step={step}
            unmet={unmet}
            recorder={recorder}
            begin={begin}
            goTo={goTo}
          />
        )}
      </WithRecorder>,
    );
    return { hear, begin, goTo, close };
  };

  it('says what should have been done, and why', async () => {
    asking();
    const asked = await screen.findByRole('dialog', { name: 'Not ready for this yet' });
    expect(asked).toHaveTextContent('Dry the crucible: a wet crucible cracks.');
  });

  it('leads to that step first', async () => {
    const { goTo, hear, close } = asking();
    await tap('Go to that step first');
    expect(goTo).toHaveBeenCalledWith('dry');
    expect(close).toHaveBeenCalledOnce();
    expect(hear).not.toHaveBeenCalled();
  });

  it('is a departure that stays on record where it is begun all the same', async () => {
    const { hear, begin } = asking();
    await tap('Begin all the same');
    expect(begin).toHaveBeenCalledOnce();
    expect(hear).toHaveBeenCalledWith({
      kind: 'departure',
      what: 'order',
      planned: 'after “Dry the crucible”',
      done: 'begun before it',
    });
  });

  it('names every step before it, cut where the record is full', async () => {
    const { hear } = asking(
      Array.from({ length: 12 }, (_, at) => ({
        step: { ...needed, id: `s${at}`, text: `Do the long thing number ${at} with care` },
        because: 'it is so',
      })),
    );
    await tap('Begin all the same');
    const [departure] = hear.mock.lastCall as [{ planned: string }];
    expect(departure.planned).toHaveLength(160);
  });
});
