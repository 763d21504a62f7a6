import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { blankStep, procedureSchema } from '@stoichos/core/planning/procedure';
import type { Procedure, ProcedureStep } from '@stoichos/core/planning/procedure';
import type { RackEvent } from '@stoichos/core/seeing/rack';
import { useState } from 'react';
import { Outlet, Route, Routes } from 'react-router';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../src/data/api/api';
import { store } from '../../src/data/store';
import { AnalysisFields } from '../../src/features/library/AnalysisFields';
import { DayEditorPage, LibraryEditorPage } from '../../src/features/library/EditorPages';
import { EventEditor } from '../../src/features/library/EventEditor';
import { ProcedureFacts } from '../../src/features/library/ProcedureFacts';
import { ProcedurePage } from '../../src/features/library/ProcedurePage';
import { Follows, Needs } from '../../src/features/library/StepLinks';
import { VesselFields } from '../../src/features/library/VesselFields';
import { choose, fill, find, patience, tap, user } from '../support/acts';
import { dayOf, id, shipped } from '../support/day';
import { chosen, show } from '../support/render';
import { known, knownDays, refusing, serving, written } from '../support/server';

beforeEach(async () => {
  store.dispatch(api.util.resetApiState());
  await chosen({});
});

/** A part that writes, with what it wrote last. */
function Holding<T>({
  first,
  children,
  hear,
}: {
  first: T;
  children: (value: T, set: (next: T) => void) => React.ReactNode;
  hear: (next: T) => void;
}) {
  const [value, set] = useState(first);
  return children(value, (next) => {
    hear(next);
    set(next);
  });
}
const last = <T,>(hear: { mock: { calls: unknown[][] } }) => hear.mock.calls.at(-1)?.[0] as T;

describe('what is done in a step', () => {
  const writing = (event: RackEvent, range?: { at: number; low: number; high: number }) => {
    const [onChange, onRange, onRemove] = [vi.fn(), vi.fn(), vi.fn()];
    show(
      <Holding first={event} hear={onChange}>
        {(value, set) => (
          <EventEditor
            event={value}
            range={range as never}
            onChange={(next) => set(next)}
            onRange={onRange}
            onRemove={onRemove}
          />
        )}
      </Holding>,
    );
    return { onChange, onRange, onRemove };
  };
  const silver: RackEvent = {
    vessel: 'A',
    action: { do: 'add', portion: { substance: 'AgNO3', concentrationM: 0.1, volumeMl: 2 } },
  };

  it('has a field for each of its amounts', async () => {
    const { onChange } = writing(silver);
    await fill('mL', '3.5');
    expect(last(onChange)).toEqual({
      vessel: 'A',
      action: { do: 'add', portion: { substance: 'AgNO3', concentrationM: 0.1, volumeMl: 3.5 } },
    });
    await fill('mol/L', '0.2');
    expect(last<RackEvent>(onChange)).toMatchObject({
      action: { portion: { concentrationM: 0.2, volumeMl: 3.5 } },
    });
  });

  it('does not take nothing for an amount', async () => {
    const { onChange } = writing(silver);
    await fill('mL', '0');
    await fill('mL', '');
    expect(onChange).not.toHaveBeenCalled();
  });

  it('keeps its amount with another reagent that is measured the same way', async () => {
    const { onChange } = writing(silver);
    await find('Into A', 'sodium chloride', /sodium chloride/);
    await waitFor(() => expect(onChange).toHaveBeenCalled());
    expect(last(onChange)).toMatchObject({
      action: { portion: { substance: 'NaCl', concentrationM: 0.1, volumeMl: 2 } },
    });
  });

  it('may be about so much on purpose, and exact again', async () => {
    const { onRange } = writing(silver);
    await tap('About');
    expect(onRange).toHaveBeenCalledWith({ low: 1.6, high: 2.4 });
  });

  it('shows the range it lies in', async () => {
    const { onRange } = writing(silver, { at: 0, low: 1, high: 3 });
    await fill('from about', '1.5');
    expect(onRange).toHaveBeenLastCalledWith({ low: 1.5, high: 3 });
    await fill('to', '4');
    expect(onRange).toHaveBeenLastCalledWith({ low: 1, high: 4 });
    await tap('Exact');
    expect(onRange).toHaveBeenLastCalledWith(undefined);
  });

  it('has the temperature in the degrees of the school', async () => {
    await chosen({ temperature: '°F' });
    const { onChange } = writing({ vessel: 'A', action: { do: 'heat', toC: 60 } });
    expect(screen.getByLabelText('to, °F')).toHaveValue('140');
    await fill('to, °F', '176');
    expect(last(onChange)).toEqual({ vessel: 'A', action: { do: 'heat', toC: 80 } });
    await chosen({});
  });

  it('between two vessels is only told, and can be taken out', async () => {
    const { onRemove } = writing({ pour: 'A', into: 'B' });
    expect(screen.getByText('A poured into B')).toBeVisible();
    await tap('Take out: A poured into B');
    expect(onRemove).toHaveBeenCalled();
  });
});

describe('when a step is done', () => {
  const earlier: ProcedureStep[] = [
    { ...blankStep('one'), text: 'Weigh the dish' },
    { ...blankStep('two'), text: 'Heat it gently' },
  ];
  const third: ProcedureStep = { ...blankStep('three'), text: 'Let it cool' };

  it('is after the step before it, until waits are set', async () => {
    const hear = vi.fn();
    show(
      <Holding first={third} hear={hear}>
        {(step, set) => <Follows step={step} earlier={earlier} onChange={(next) => set(next)} />}
      </Holding>,
    );
    expect(screen.getByText('the step before it, at any later time')).toBeVisible();
    await tap('Set waits, or other steps');
    expect(last<ProcedureStep>(hear).after).toEqual([{ step: 'two' }]);
    await fill('earliest after, min', '5');
    await fill('latest after, min', '15');
    expect(last<ProcedureStep>(hear).after).toEqual([
      { step: 'two', minWaitMin: 5, maxWaitMin: 15 },
    ]);
    await choose('Add a step it follows', 'Weigh the dish');
    expect(last<ProcedureStep>(hear).after).toHaveLength(2);
    await tap('Only the step before it');
    expect(last<ProcedureStep>(hear)).not.toHaveProperty('after');
  });

  it('may have to wait for others, each with its reason', async () => {
    const hear = vi.fn();
    show(
      <Holding first={third} hear={hear}>
        {(step, set) => (
          <Needs step={step} earlier={earlier} onChange={(needs) => set({ ...step, needs })} />
        )}
      </Holding>,
    );
    await choose('Add a step that must come before', 'Weigh the dish');
    await fill('because', 'the dish is weighed empty');
    expect(last<ProcedureStep>(hear).needs).toEqual([
      { step: 'one', because: 'the dish is weighed empty' },
    ]);
    await tap('No longer');
    expect(last<ProcedureStep>(hear).needs).toEqual([]);
  });

  it('is not asked of the first one', () => {
    show(<Follows step={third} earlier={[]} onChange={vi.fn()} />);
    expect(screen.queryByText('Follows in time')).not.toBeInTheDocument();
  });
});

describe('the facts of a procedure', () => {
  const writing = (first: Procedure = shipped('blood-red-and-back')) => {
    const hear = vi.fn();
    show(
      <Holding first={first} hear={hear}>
        {(procedure, set) => (
          <ProcedureFacts
            procedure={procedure}
            onChange={(part) => set({ ...procedure, ...part })}
          />
        )}
      </Holding>,
    );
    return { hear, now: () => last<Procedure>(hear) };
  };

  it('are folded away where it has its name and purpose', async () => {
    writing();
    expect(screen.queryByLabelText('What for')).not.toBeInTheDocument();
    await tap('Show purpose, vessels, questions');
    expect(screen.getByLabelText('What for')).toBeVisible();
  });

  it('keep each question beside its answer when an empty line goes', async () => {
    const { now } = writing({
      ...shipped('blood-red-and-back'),
      questions: ['Why red?', '', 'Why paler?'],
      answers: ['The complex.', 'of nothing', 'It shifts back.'],
    });
    await tap('Show purpose, vessels, questions');
    fireEvent.blur(screen.getByLabelText('Questions for the class, one to a line'));
    expect(now().questions).toEqual(['Why red?', 'Why paler?']);
    expect(now().answers).toEqual(['The complex.', 'It shifts back.']);
  });

  it('count the apparatus', async () => {
    const { now } = writing({ ...shipped('blood-red-and-back'), apparatus: [] });
    await tap('Show purpose, vessels, questions');
    const field = screen.getByLabelText('Apparatus besides the vessels, for one group', {
      selector: 'input',
    });
    await user.type(field, '2 dropping pipette{Enter}');
    await user.type(field, 'white tile{Enter}');
    expect(now().apparatus).toEqual([
      { name: 'dropping pipette', count: 2 },
      { name: 'white tile', count: 1 },
    ]);
  });
});

describe('the vessels of a procedure', () => {
  const writing = (first: Procedure = shipped('blood-red-and-back')) => {
    const hear = vi.fn();
    show(
      <Holding first={first} hear={hear}>
        {(procedure, set) => (
          <VesselFields procedure={procedure} onChange={(part) => set({ ...procedure, ...part })} />
        )}
      </Holding>,
    );
    return () => last<Procedure>(hear);
  };

  it('are renamed in every step too', () => {
    const now = writing();
    const [first] = shipped('blood-red-and-back').vessels;
    const field = screen.getByLabelText('Name of vessel 1');
    fireEvent.change(field, { target: { value: 'start' } });
    fireEvent.blur(field);
    expect(now().vessels[0]?.name).toBe('start');
    expect(JSON.stringify(now().steps)).not.toContain(`"vessel":"${first?.name ?? ''}"`);
  });

  it('cannot be called like another, or like nothing', () => {
    writing({
      ...shipped('blood-red-and-back'),
      vessels: [
        { name: 'A', container: 'testTube' },
        { name: 'B', container: 'testTube' },
      ],
      steps: [],
    });
    const field = screen.getByLabelText('Name of vessel 1');
    fireEvent.change(field, { target: { value: 'B' } });
    fireEvent.blur(field);
    expect(screen.getByText('Another vessel is called “B”.')).toBeVisible();
    fireEvent.change(field, { target: { value: ' ' } });
    fireEvent.blur(field);
    expect(screen.getByText('A vessel needs a name.')).toBeVisible();
  });

  it('get the first letter that is free, and go only where nothing is done to them', async () => {
    const now = writing({
      ...shipped('blood-red-and-back'),
      vessels: [{ name: 'A', container: 'testTube' }],
      steps: [],
    });
    await tap('Vessel');
    expect(now().vessels.map(({ name }) => name)).toEqual(['A', 'B']);
    await tap('Take out vessel B');
    expect(now().vessels).toHaveLength(1);
  });

  it('that a step uses cannot be taken out', () => {
    writing();
    const [first] = shipped('blood-red-and-back').vessels;
    expect(
      screen.queryByRole('button', { name: `Take out vessel ${first?.name ?? ''}` }),
    ).not.toBeInTheDocument();
  });
});

describe('what is evaluated of a procedure', () => {
  const measured = procedureSchema.parse({
    ...shipped('blood-red-and-back'),
    analyses: [],
    steps: [
      {
        ...blankStep('weigh'),
        text: 'Weigh and measure',
        measures: [
          { name: 'block', quantity: 'mass' },
          { name: 'water', quantity: 'volume' },
        ],
      },
    ],
  });
  const writing = (first: Procedure = measured) => {
    const hear = vi.fn();
    show(
      <Holding first={first} hear={hear}>
        {(procedure, set) => (
          <AnalysisFields
            procedure={procedure}
            onChange={(analyses) => set({ ...procedure, analyses })}
          />
        )}
      </Holding>,
    );
    return () => last<Procedure>(hear);
  };

  it('needs something that is measured', () => {
    writing({ ...measured, steps: [blankStep('one')] });
    expect(screen.getByText(/Say in a step what is measured/)).toBeVisible();
  });

  it('is a density of a mass and a volume, and only those are offered', async () => {
    const now = writing();
    await choose('Work out', /density/i);
    expect(screen.getByRole('button', { name: 'Work it out' })).toBeDisabled();
    await choose('Mass', 'block');
    await choose('Volume', 'water');
    await tap('Work it out');
    expect(now().analyses).toEqual([{ kind: 'density', mass: 'block', volume: 'water' }]);
    await tap(/^No longer work out/);
    expect(now().analyses).toEqual([]);
  });
});

describe('a procedure of the library', () => {
  const page = async (procedureId: string, own: object[] = []) => {
    await known('procedures', undefined, own as never);
    await knownDays([]);
    return show(
      <Routes>
        <Route path="/procedures" element={<p>The library</p>} />
        <Route path="/procedures/:procedureId" element={<ProcedurePage />} />
        <Route path="/procedures/:procedureId/edit" element={<LibraryEditorPage />} />
      </Routes>,
      `/procedures/${procedureId}`,
    );
  };
  const own = {
    id: id(90),
    procedure: {
      ...shipped('blood-red-and-back'),
      id: id(90),
      from: 'blood-red-and-back',
      name: 'Ours',
    },
    savedAt: '2027-02-03T10:00:00.000Z',
  };

  it('says how long it takes, and leads to what can be done with it', async () => {
    await page('blood-red-and-back');
    expect(screen.getByText(/min one after the other, .* of them by hand/)).toBeVisible();
    expect(screen.getByRole('link', { name: 'Copy and adapt' })).toHaveAttribute(
      'href',
      '/procedures/blood-red-and-back/edit',
    );
    expect(screen.queryByRole('button', { name: 'Let it go' })).not.toBeInTheDocument();
  });

  it('of one’s own is changed or let go, and says what it departs from', async () => {
    const asked = serving({});
    await page(id(90), [own]);
    expect(screen.getByRole('region', { name: 'Departures' })).toHaveTextContent(/Adapted from/);
    expect(screen.getByRole('link', { name: 'Change' })).toBeVisible();
    await tap('Let it go');
    expect(await screen.findByText('The library')).toBeVisible();
    expect(written(asked)[0]).toMatchObject({ method: 'DELETE', path: `/procedures/${id(90)}` });
  });

  it('that is not there is said so', async () => {
    await page('no-such-procedure');
    expect(screen.getByText(/There is no such page/)).toBeVisible();
  });

  it('is adapted as a copy under another name, and saved beside it', async () => {
    const asked = serving({});
    await page('blood-red-and-back');
    await user.click(screen.getByRole('link', { name: 'Copy and adapt' }));
    const name = await screen.findByLabelText('Name');
    expect(name).toHaveValue(`${shipped('blood-red-and-back').name}, adapted`);
    await waitFor(
      () => expect(screen.getByRole('button', { name: 'Save' })).toBeEnabled(),
      patience,
    );
    await tap('Save');
    await waitFor(() => expect(written(asked)).toHaveLength(1));
    const { id: savedId, procedure } = written(asked)[0]?.body as {
      id: string;
      procedure: Procedure;
    };
    expect(procedure).toMatchObject({ id: savedId, from: 'blood-red-and-back' });
  });

  it('stays in the browser where it could not be saved', async () => {
    await page('blood-red-and-back');
    await user.click(screen.getByRole('link', { name: 'Copy and adapt' }));
    refusing('The server is full.', 'Try later.');
    await fill('Name', 'What I wrote');
    await waitFor(
      () => expect(screen.getByRole('button', { name: 'Save' })).toBeEnabled(),
      patience,
    );
    await tap('Save');
    await waitFor(() =>
      expect(localStorage.getItem('stoichos-procedure-blood-red-and-back')).toContain(
        'What I wrote',
      ),
    );
  });
});

describe('a procedure that is adapted for one day', () => {
  const day = dayOf(['blood-red-and-back']);
  const page = () =>
    show(
      <Routes>
        <Route element={<Outlet context={day} />}>
          <Route path="/days/:dayId/plan/procedures/:plannedId/edit" element={<DayEditorPage />} />
          <Route path="/days/:dayId/plan/procedures/:plannedId" element={<p>The plan</p>} />
        </Route>
      </Routes>,
      `/days/${day.id}/plan/procedures/${id(100)}/edit`,
    );

  it('is saved by itself, and the original stays', async () => {
    const asked = serving({});
    page();
    await fill('Name', 'Redder');
    await waitFor(
      () => expect(screen.getByRole('button', { name: 'Save' })).toBeEnabled(),
      patience,
    );
    await tap('Save');
    expect(await screen.findByText('The plan')).toBeVisible();
    expect(written(asked)).toMatchObject([
      {
        method: 'PUT',
        path: `/days/${day.id}/procedures/${id(100)}`,
        body: {
          manner: 'groups',
          version: expect.any(Number) as number,
          procedure: { name: 'Redder' },
        },
      },
    ]);
  });

  it('has nothing to save before something is changed', () => {
    page();
    expect(screen.getByRole('button', { name: 'Save' })).toBeDisabled();
    expect(
      within(screen.getByRole('region', { name: 'Steps' })).getAllByTestId('edit-step'),
    ).toHaveLength(shipped('blood-red-and-back').steps.length);
  });
});
