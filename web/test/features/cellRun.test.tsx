import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { cellRunSchema } from '@stoichos/core/labday/cells';
import type {
  CellEntry,
  CellRecord,
  CellRunWithRecord,
  CellSetup,
} from '@stoichos/core/labday/cells';
import { brineCell, readyCells } from '@stoichos/core/studies/electrolysis';
import { Route, Routes } from 'react-router';
import { beforeEach, describe, expect, it } from 'vitest';
import { api } from '../../src/data/api/api';
import { store } from '../../src/data/store';
import { RunPage } from '../../src/features/electrolysis/RunPage';
import { RunsPage } from '../../src/features/electrolysis/RunsPage';
import { fill, patience, tap, user } from '../support/acts';
import { id } from '../support/day';
import { chosen, show } from '../support/render';
import { answering, known, refusing, serving, written } from '../support/server';

let made = 500;
/** A run of its own for each test: what one test writes is still on its way in the next. */
let runId = id(1);
const line = (record: CellRecord | null, supersedes: string | null = null): CellEntry => ({
  id: id((made += 1)),
  runId,
  record,
  supersedes,
  recordedAt: '2027-02-03T10:00:00.000Z',
});
const reading = (timeS: number, currentA: number, cellV?: number) =>
  line({ kind: 'reading', by: 'hand', timeS, currentA, ...(cellV !== undefined && { cellV }) });
const runOf = (
  entries: readonly CellEntry[],
  setup: Partial<CellSetup> = {},
): CellRunWithRecord => ({
  ...cellRunSchema.parse({
    id: runId,
    name: 'Copper, first bath',
    madeAt: '2027-02-03T09:00:00.000Z',
    setup: {
      cell: {
        electrolyte: [{ substance: 'CuSO4', concentrationM: 0.6 }],
        cathode: 'copper',
        anode: 'copper',
        areaCm2: 20,
      },
      gapCm: 3,
      metal: 'Cu',
      electrons: 2,
      plannedA: 0.25,
      everyS: 300,
      reference: 'silverChloride',
      ...setup,
    },
  }),
  entries: [...entries],
});
const steady = [0, 300, 600, 900].map((timeS) => reading(timeS, 0.25, 1.2));
const records = () => store.getState().outbox.waiting.map(({ entry: { record } }) => record);
let before = 0;
const recordedNow = () => records().slice(before);

const page = async (run: CellRunWithRecord) => {
  answering();
  await known('instruments', undefined, []);
  await known('cell', run.id, run);
  before = records().length;
  return show(
    <Routes>
      <Route path="/electrolysis/runs/:runId" element={<RunPage />} />
    </Routes>,
    `/electrolysis/runs/${run.id}`,
  );
};

beforeEach(async () => {
  runId = id((made += 1));
  store.dispatch(api.util.resetApiState());
  await chosen({});
});

describe('runs on record', () => {
  const runs = async (list: CellRunWithRecord[]) => {
    await known('cells', undefined, { items: list, next: null });
    return show(
      <Routes>
        <Route path="/" element={<RunsPage />} />
        <Route path="/electrolysis/runs/:runId" element={<p>The run</p>} />
      </Routes>,
    );
  };

  it('are none, and then it is said how one begins', async () => {
    await runs([]);
    expect(screen.getByText(/No run is on record yet/)).toBeVisible();
  });

  it('stand there with their electrodes and their current', async () => {
    await runs([runOf([])]);
    expect(screen.getByRole('link', { name: /Copper, first bath/ })).toHaveTextContent(
      'copper and copper, 0.25 A',
    );
  });

  it('begin from the cell of the study, with the metal that plus is made of', async () => {
    localStorage.setItem(
      'stoichos.electrolysis',
      JSON.stringify({ ...brineCell, ...readyCells['Copper sulfate, copper strips'] }),
    );
    const asked = answering();
    await runs([]);
    expect(screen.getByRole('combobox', { name: 'Metal that is weighed' })).toHaveValue('Cu');
    await fill('Name of the run', 'Second bath');
    await tap('Begin the run');
    expect(await screen.findByText('The run')).toBeVisible();
    expect(written(asked)[0]?.body).toMatchObject({
      name: 'Second bath',
      setup: { metal: 'Cu', electrons: 2, plannedA: 0.25, everyS: 300 },
    });
  });

  it('are not begun without a name, or with a cell that cannot be', async () => {
    const asked = answering();
    await runs([]);
    await tap('Begin the run');
    expect(await screen.findByText(/A run needs a name/)).toBeVisible();
    await fill('Name of the run', 'x');
    await fill('Current, A', '');
    await tap('Begin the run');
    expect(await screen.findByText(/setup\.plannedA/)).toBeVisible();
    expect(written(asked)).toEqual([]);
  });

  it('say why the server did not take one', async () => {
    await runs([]);
    refusing('A run of that name is there.', 'Give it another.');
    await fill('Name of the run', 'x');
    await tap('Begin the run');
    expect(await screen.findByText(/A run of that name is there. Give it another./)).toBeVisible();
  });
});

describe('one run', () => {
  it('says what it is of, on the screen and on paper', async () => {
    await page(runOf([line({ kind: 'mass', electrode: 'cathode', when: 'before', massG: 10 })]));
    const [cell] = screen.getAllByText(/copper at minus, copper at plus; 0.25 A planned, 12.5 mA/);
    expect(cell).toBeVisible();
    expect(screen.getByText('Minus 10 g before.')).toBeInTheDocument();
  });

  it('writes a reading by hand, with the half-cells where they were read', async () => {
    await page(runOf([]));
    await fill('Minute', '5');
    await fill('Ammeter, A', '0.26');
    await fill('Cell, V', '1.3');
    await user.click(screen.getByRole('switch', { name: 'Half-cells too' }));
    await fill('Minus near, V', '-0.2');
    await tap('Write the reading');
    expect(recordedNow()).toEqual([
      {
        kind: 'reading',
        by: 'hand',
        timeS: 300,
        currentA: 0.26,
        cellV: 1.3,
        cathodeNearV: -0.2,
      },
    ]);
    expect(screen.getByLabelText('Ammeter, A')).toHaveValue('');
  });

  it.each([
    ['', '0.25', /There is no time/],
    ['5', '', /There is no current/],
    ['5', '-0.25', /leads.*are swapped/],
  ])(
    'does not write minute “%s” and %s A, and keeps what was typed',
    async (minute, amps, words) => {
      await page(runOf([]));
      if (minute) await fill('Minute', minute);
      if (amps) await fill('Ammeter, A', amps);
      await tap('Write the reading');
      expect(screen.getByText(words)).toBeVisible();
      expect(recordedNow()).toEqual([]);
      expect(screen.getByLabelText('Minute')).toHaveValue(minute);
    },
  );

  it('counts from the switch once its clock runs, and says when the next reading is due', async () => {
    await page(runOf([]));
    await tap('Switched on: start the clock');
    expect(await screen.findByText('Read now', {}, patience)).toHaveAttribute('role', 'alert');
    expect(screen.getByLabelText('Minute, or now')).toBeVisible();
    await fill('Ammeter, A', '0.25');
    await tap('Write the reading');
    expect(recordedNow()[0]).toMatchObject({ currentA: 0.25 });
    await waitFor(() => expect(screen.getByText(/Next reading in 5 min/)).toBeVisible());
  });

  it('has its readings in the order of time, and takes a wrong one back', async () => {
    const wrong = reading(600, 2.5);
    await page(runOf([reading(300, 0.25), wrong, reading(0, 0.26)]));
    const log = screen.getByTestId('log');
    const lines = within(log).getAllByRole('row').slice(1);
    expect(lines.map((row) => row.textContent)).toEqual(['00.260', '50.250', '102.500']);
    await tap('Take back minute 10');
    expect(store.getState().outbox.waiting.at(-1)?.entry).toMatchObject({
      record: null,
      supersedes: wrong.id,
    });
    await waitFor(() =>
      expect(screen.getByText(/2 readings; \d+ lines were corrected or taken back/)).toBeVisible(),
    );
  });

  it('says what the log comes to: 225 C (Q = I·t)', async () => {
    await page(runOf(steady));
    expect(screen.getByTestId('charge')).toHaveTextContent('225 C');
    expect(screen.getByTestId('charge')).toHaveTextContent('in 15 min, on average 0.250 A');
  });

  it('says where the current was not as planned, and where nothing was read', async () => {
    await page(runOf([reading(0, 0.3), reading(1200, 0.3)]));
    expect(screen.getByText(/20 % more than 0.25 A/)).toBeVisible();
    expect(screen.getByTestId('gap')).toHaveTextContent('20 min');
  });

  it('judges what was weighed against Faraday’s law: 0.0741 g of copper', async () => {
    await page(
      runOf([
        ...steady,
        line({ kind: 'mass', electrode: 'cathode', when: 'before', massG: 10 }),
        line({ kind: 'mass', electrode: 'cathode', when: 'after', massG: 10.074 }),
      ]),
    );
    const found = screen.getByTestId('efficiency');
    expect(found).toHaveTextContent('Minus gained 74 mg');
    expect(found).toHaveTextContent('74.1 mg');
    expect(found).toHaveTextContent('of the current');
  });

  it('says what cannot be, and why', async () => {
    await page(
      runOf([
        ...steady,
        line({ kind: 'mass', electrode: 'cathode', when: 'before', massG: 10 }),
        line({ kind: 'mass', electrode: 'cathode', when: 'after', massG: 10.25 }),
      ]),
    );
    expect(screen.getByTestId('efficiency')).toHaveTextContent('more than all of the current');
    expect(within(screen.getByTestId('causes')).getAllByRole('listitem')[0]).toHaveTextContent(/%/);
  });

  it('shows where the volts go, part by part', async () => {
    await page(runOf(steady));
    const balance = await screen.findByTestId('balance', {}, patience);
    expect(balance).toHaveTextContent(/cell1.20 V/);
    expect(screen.getByTestId('stack')).toHaveAttribute(
      'aria-label',
      expect.stringMatching(/^1.20 V in all: /),
    );
  });
});

describe('the electrodes of a run on the balance', () => {
  const minus = () => within(screen.getByRole('group', { name: 'Minus' }));

  it('are both weighed where both change, and one where plus is inert', async () => {
    const { unmount } = await page(runOf([]));
    expect(screen.getByRole('group', { name: 'Plus' })).toBeVisible();
    unmount();
    await page(
      runOf([], {
        cell: {
          electrolyte: [{ substance: 'CuSO4', concentrationM: 0.6 }],
          cathode: 'copper',
          anode: 'graphite',
        },
      }),
    );
    expect(screen.queryByRole('group', { name: 'Plus' })).not.toBeInTheDocument();
  });

  it('are written, and corrected', async () => {
    await page(runOf([line({ kind: 'mass', electrode: 'cathode', when: 'before', massG: 10 })]));
    expect(minus().getByText('on record: 10 g')).toBeVisible();
    fireEvent.change(minus().getByLabelText('Minus, before'), { target: { value: '10.02' } });
    await user.click(minus().getByRole('button', { name: 'Correct' }));
    expect(recordedNow()).toEqual([
      { kind: 'mass', electrode: 'cathode', when: 'before', massG: 10.02 },
    ]);
  });

  it('are asked about where the balance may show kilograms', async () => {
    await page(runOf([]));
    fireEvent.change(minus().getByLabelText('Minus, before'), { target: { value: '0.01002' } });
    await user.click(minus().getAllByRole('button', { name: 'Write' })[0] as HTMLElement);
    expect(minus().getByText(/Does the balance show kilograms/)).toBeVisible();
    expect(recordedNow()).toEqual([]);
    await user.click(minus().getByRole('button', { name: '10.02 g' }));
    expect(recordedNow()).toEqual([
      { kind: 'mass', electrode: 'cathode', when: 'before', massG: 10.02 },
    ]);
  });

  it('are kept as typed where somebody says so', async () => {
    await page(runOf([line({ kind: 'mass', electrode: 'cathode', when: 'before', massG: 10 })]));
    fireEvent.change(minus().getByLabelText('Minus, after'), { target: { value: '17' } });
    await user.click(minus().getByRole('button', { name: 'Write' }));
    expect(minus().getByText(/far from the 10 g before/)).toBeVisible();
    await user.click(minus().getByRole('button', { name: 'Keep 17 g' }));
    expect(recordedNow()).toEqual([
      { kind: 'mass', electrode: 'cathode', when: 'after', massG: 17 },
    ]);
  });
});

describe('what is seen of a run', () => {
  it('is how the deposit looks, a tap each, together in one line', async () => {
    await page(runOf([]));
    const deposit = within(screen.getByRole('region', { name: 'The deposit' }));
    const [first, second] = deposit.getAllByRole('checkbox');
    await user.click(first as HTMLElement);
    await user.click(second as HTMLElement);
    const [, both] = recordedNow() as [unknown, { kind: string; words: string[] }];
    expect(both.kind).toBe('deposit');
    expect(both.words).toHaveLength(2);
    await user.click(first as HTMLElement);
    await user.click(second as HTMLElement);
    expect(recordedNow().at(-1)).toBeNull();
  });

  it('is anything unexpected too, with what it means and what proves it', async () => {
    await page(runOf([]));
    await user.click(screen.getByText('Anything unexpected?'));
    const chips = screen.getAllByRole('checkbox');
    await user.click(chips.at(-1) as HTMLElement);
    expect(await screen.findByTestId('hint')).toHaveTextContent(/Proof: .* Then: /);
    await user.click(chips.at(-1) as HTMLElement);
    await waitFor(() => expect(screen.queryByTestId('hint')).not.toBeInTheDocument());
  });
});

describe('a run that reads its own supply', () => {
  const supply = {
    id: 'supply',
    name: 'Supply',
    kind: 'supply' as const,
    quantities: [],
    commands: [],
    simulated: true,
    state: 'ready' as const,
    detail: '',
  };
  const withSupply = async (answers: Record<string, unknown>) => {
    await page(runOf([]));
    await known('instruments', undefined, [supply]);
    const asked = serving(answers);
    await user.click(screen.getByText('Supply and multimeter'));
    return asked;
  };

  it('is set, switched on and read at once', async () => {
    const asked = await withSupply({
      [`GET /cells/${runId}/reading`]: { timeS: 2, currentA: 0.25, cellV: 1.2 },
      [`POST /cells/${runId}/reading`]: { timeS: 2, currentA: 0.25, cellV: 1.2 },
    });
    await tap('Output on, and read');
    await waitFor(() =>
      expect(
        written(asked).flatMap(({ body }) =>
          typeof body === 'object' && body && 'command' in body ? [body] : [],
        ),
      ).toEqual([
        { command: 'voltage', value: 12 },
        { command: 'current', value: 0.25 },
        { command: 'output', value: 1 },
      ]),
    );
    expect(screen.getByRole('switch', { name: /Read by itself/ })).toBeChecked();
  });

  it('has no supply within reach, and says to type', async () => {
    await page(runOf([]));
    await user.click(screen.getByText('Supply and multimeter'));
    expect(screen.getByText(/No supply is within reach/)).toBeVisible();
  });
});
