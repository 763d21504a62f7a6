import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { InstrumentInfo } from '@stoichos/core/labday/bench';
import type { Measure } from '@stoichos/core/planning/procedure';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../src/data/api/api';
import { capturesSlice } from '../../src/data/captures/capturesSlice';
import { store } from '../../src/data/store';
import { timersSlice } from '../../src/data/timers/timersSlice';
import { CaptureRunner } from '../../src/shell/CaptureRunner';
import { InstrumentPanel } from '../../src/shared/recording/InstrumentPanel';
import { MeasurePanel } from '../../src/shared/recording/MeasurePanel';
import { TimerPanel } from '../../src/shared/recording/TimerPanel';
import { TimerAlarms } from '../../src/shared/timers/TimerAlarms';
import { choose, fill, tap, user } from '../support/acts';
import { id } from '../support/day';
import { place, WithRecorder } from '../support/recorder';
import { chosen, show } from '../support/render';
import { answering, refusing, serving, written } from '../support/server';

const balance: InstrumentInfo = {
  id: 'balance',
  name: 'Balance',
  kind: 'balance',
  quantities: ['mass'],
  commands: [{ name: 'tare', label: 'Tare', takes: 'nothing' }],
  simulated: true,
  state: 'ready',
  detail: '',
};
const reading = (part: object = {}) => ({
  quantity: 'mass',
  value: 12.345,
  uncertainty: 0.005,
  resolution: 0.001,
  stable: true,
  at: '2027-02-03T10:00:00.000Z',
  ...part,
});
const follow = { dayId: id(1), workId: id(100), stepId: 'weigh', vessel: 'dish', groupId: id(2) };
const mass: Measure = { name: 'dish', quantity: 'mass' };
const measuring = (
  hear: (record: unknown) => void,
  part: Partial<Parameters<typeof MeasurePanel>[0]> = {},
) =>
  show(
    <WithRecorder hear={hear}>
      {(recorder) => (
        <MeasurePanel
          recorder={recorder}
          dayId={id(1)}
          measures={[mass]}
          instruments={[]}
          follow={undefined}
          zeroOf={() => undefined}
          {...part}
        />
      )}
    </WithRecorder>,
  );

beforeEach(async () => {
  store.dispatch(api.util.resetApiState());
  await chosen({});
});
afterEach(async () => {
  vi.useRealTimers();
  for (const { id: one } of store.getState().timers) store.dispatch(timersSlice.actions.ended(one));
  for (const { id: one } of store.getState().captures)
    store.dispatch(capturesSlice.actions.ended(one));
  await chosen({});
});

describe('a number that is measured', () => {
  it('is recorded with its name and quantity, and the field is free for the next', async () => {
    const hear = vi.fn();
    measuring(hear);
    await fill('dish, g', '12.34');
    await tap('Record', 'button', within(screen.getByRole('region', { name: 'dish' })));
    expect(hear).toHaveBeenCalledWith({
      kind: 'measurement',
      name: 'dish',
      quantity: 'mass',
      value: 12.34,
    });
    expect(screen.getByLabelText('dish, g')).toHaveValue('');
  });

  it('is recorded by the Enter key too', async () => {
    const hear = vi.fn();
    measuring(hear);
    await fill('dish, g', '3');
    fireEvent.keyDown(screen.getByLabelText('dish, g'), { key: 'Enter' });
    expect(hear).toHaveBeenCalledWith(expect.objectContaining({ value: 3 }));
  });

  it('cannot be recorded while there is none', () => {
    measuring(vi.fn());
    const block = within(screen.getByRole('region', { name: 'dish' }));
    expect(block.getByRole('button', { name: 'Record' })).toBeDisabled();
  });

  it('may be about so much: a range, with its middle as the value', async () => {
    const hear = vi.fn();
    measuring(hear);
    await user.click(screen.getByRole('switch', { name: 'about' }));
    await fill('dish, from, g', '4');
    await fill('dish, to, g', '3');
    await tap('Record', 'button', within(screen.getByRole('region', { name: 'dish' })));
    expect(hear).toHaveBeenCalledWith(expect.objectContaining({ value: 3.5, low: 3, high: 4 }));
  });

  it('of temperature is typed in the degrees of the school, and kept in °C beside what was typed', async () => {
    await chosen({ temperature: '°F' });
    const hear = vi.fn();
    measuring(hear, { measures: [{ name: 'bath', quantity: 'temperature' }] });
    await fill('bath, °F', '212');
    await tap('Record', 'button', within(screen.getByRole('region', { name: 'bath' })));
    const [record] = hear.mock.calls.at(-1) as [{ value: number; typed: object }];
    expect(record.value).toBeCloseTo(100, 9);
    expect(record.typed).toEqual({ value: 212, unit: '°F' });
  });

  it('has the time on the clock of its step, where one runs', async () => {
    const hear = vi.fn();
    measuring(hear, { zeroOf: () => Date.now() - 90_000 });
    await fill('dish, g', '1');
    await tap('Record', 'button', within(screen.getByRole('region', { name: 'dish' })));
    const [record] = hear.mock.calls.at(-1) as [{ elapsedS: number }];
    expect(record.elapsedS).toBeGreaterThan(89);
    expect(record.elapsedS).toBeLessThan(95);
  });

  it('may be of something that the procedure does not ask for', async () => {
    const hear = vi.fn();
    measuring(hear, { measures: [] });
    await fill('What', ' gas in the tube ');
    await choose('Quantity', 'volume');
    await fill(/^Value, mL/, '17.5');
    await tap('Record');
    expect(hear).toHaveBeenCalledWith({
      kind: 'measurement',
      name: 'gas in the tube',
      quantity: 'volume',
      value: 17.5,
    });
  });
});

describe('an instrument', () => {
  it('is read with one tap, with its uncertainty and its name', async () => {
    serving({ 'GET /instruments/balance/reading': reading() });
    const hear = vi.fn();
    measuring(hear, { instruments: [balance], follow });
    await tap('Read the balance');
    await waitFor(() =>
      expect(hear).toHaveBeenCalledWith(
        expect.objectContaining({ value: 12.345, uncertainty: 0.005, instrument: 'Balance' }),
      ),
    );
    expect(await screen.findByTestId('live-mass')).toHaveTextContent('12.345 g');
  });

  it('says that it had not come to rest', async () => {
    serving({ 'GET /instruments/balance/reading': reading({ stable: false }) });
    measuring(vi.fn(), { instruments: [balance], follow });
    await tap('Read the balance');
    expect(await screen.findByText(/had not come to rest/)).toBeVisible();
    expect(screen.getByTestId('live-mass')).toHaveTextContent('moving');
  });

  it('says why there is no reading, and nothing is recorded', async () => {
    refusing('The balance does not answer.', 'Look at its cable.');
    const hear = vi.fn();
    measuring(hear, { instruments: [balance], follow });
    await tap('Read the balance');
    expect(
      await screen.findByText('The balance does not answer. Look at its cable.'),
    ).toBeVisible();
    expect(hear).not.toHaveBeenCalled();
  });

  it('that measures something else is not offered', () => {
    measuring(vi.fn(), {
      measures: [{ name: 'bath', quantity: 'temperature' }],
      instruments: [balance],
      follow,
    });
    expect(screen.queryByRole('button', { name: /^Read the/ })).not.toBeInTheDocument();
  });

  it('is told what it can do, and put to a vessel where it is simulated', async () => {
    const asked = serving({ 'GET /instruments/balance/reading': reading() });
    show(<InstrumentPanel instruments={[balance]} follow={follow} />);
    await tap('Tare');
    await tap('Put dish on it');
    await tap('Take it off');
    await waitFor(() =>
      expect(written(asked).map(({ path }) => path)).toEqual([
        '/instruments/balance/commands',
        '/instruments/balance/follow',
        '/instruments/balance/clear',
      ]),
    );
  });

  it('says that it is not plugged in, and to type meanwhile', () => {
    answering(reading());
    show(
      <InstrumentPanel
        instruments={[{ ...balance, state: 'unplugged', detail: 'No cable' }]}
        follow={undefined}
      />,
    );
    expect(screen.getByRole('alert')).toHaveTextContent('No cable. Type the readings meanwhile.');
    expect(screen.queryByRole('button', { name: /Put .* on it/ })).not.toBeInTheDocument();
  });

  it('takes a number, or is switched on and off', async () => {
    const asked = serving({ 'GET /instruments/supply/reading': reading() });
    const supply: InstrumentInfo = {
      ...balance,
      id: 'supply',
      name: 'Supply',
      kind: 'supply',
      quantities: [],
      commands: [
        { name: 'voltage', label: 'Voltage, V', takes: 'number' },
        { name: 'output', label: 'Output', takes: 'onOff' },
      ],
    };
    show(<InstrumentPanel instruments={[supply]} follow={undefined} />);
    expect(screen.getByRole('button', { name: 'Set' })).toBeDisabled();
    await fill('Voltage, V', '6');
    await tap('Set');
    await user.click(screen.getByRole('switch', { name: 'Output' }));
    await waitFor(() =>
      expect(written(asked).map(({ body }) => body)).toEqual([
        { command: 'voltage', value: 6 },
        { command: 'output', value: 1 },
      ]),
    );
  });

  it('is not there', () => {
    show(<InstrumentPanel instruments={[]} follow={undefined} />);
    expect(screen.getByText(/No instrument is within reach/)).toBeVisible();
  });
});

describe('readings on a schedule', () => {
  const waiting = () => store.getState().outbox.waiting;

  it('begin with a tap, say how many were read, and stop with another', async () => {
    serving({ 'GET /instruments/balance/reading': reading() });
    measuring(vi.fn(), { measures: [{ ...mass, series: true }], instruments: [balance], follow });
    await fill('Seconds between readings', '10');
    await tap('Every');
    expect(store.getState().captures[0]).toMatchObject({
      name: 'dish',
      everyS: 10,
      instrumentId: 'balance',
      where: place,
    });
    await tap('Stop reading every 10 s (0 read)');
    expect(store.getState().captures).toEqual([]);
  });

  it('are taken on every page, the first at once, and those missed are not made up for', async () => {
    serving({ 'GET /instruments/balance/reading': reading() });
    const before = waiting().length;
    store.dispatch(
      capturesSlice.actions.started({
        id: 'c',
        dayId: id(1),
        where: { workId: id(100), stepId: 'weigh', groupId: id(2), vessel: null, part: 'test' },
        name: 'dish',
        quantity: 'mass',
        instrumentId: 'balance',
        everyS: 60,
        startedAt: Date.now() - 150_000,
        zeroAt: Date.parse('2027-02-03T09:59:00.000Z'),
        taken: 0,
        trouble: null,
      }),
    );
    show(<CaptureRunner />);
    await waitFor(() => expect(store.getState().captures[0]?.taken).toBe(3));
    const [line, ...others] = waiting().slice(before);
    expect(others).toEqual([]);
    expect(line?.entry.record).toMatchObject({ name: 'dish', value: 12.345, elapsedS: 60 });
  });

  it('say what went wrong with the last, and go on', async () => {
    refusing('The balance does not answer.', 'Look at its cable.');
    store.dispatch(
      capturesSlice.actions.started({
        id: 'c',
        dayId: id(1),
        where: place,
        name: 'dish',
        quantity: 'mass',
        instrumentId: 'balance',
        everyS: 60,
        startedAt: Date.now(),
        zeroAt: Date.now(),
        taken: 0,
        trouble: null,
      }),
    );
    show(<CaptureRunner />);
    await waitFor(() =>
      expect(store.getState().captures[0]?.trouble).toBe(
        'The balance does not answer. Look at its cable.',
      ),
    );
  });
});

describe('timers', () => {
  const panel = () => show(<TimerPanel dayId={id(1)} what="Heating" />);

  it('count down from a length of one tap, named after what is done', async () => {
    panel();
    await tap('5 min');
    const [timer] = store.getState().timers;
    expect(timer).toMatchObject({ name: 'Heating', kind: 'countdown', seconds: 300 });
    expect(
      within(screen.getByRole('list', { name: 'Running timers' })).getByText('Heating'),
    ).toBeVisible();
  });

  it('may have a name and a length of their own', async () => {
    panel();
    await fill('Name', 'Second tube');
    await fill('Minutes', '1.5');
    await tap('Start');
    expect(store.getState().timers[0]).toMatchObject({ name: 'Second tube', seconds: 90 });
  });

  it('remind again and again, or only run', async () => {
    panel();
    await user.click(screen.getByRole('radio', { name: 'Remind me' }));
    await tap('30 s');
    await user.click(screen.getByRole('radio', { name: 'Stopwatch' }));
    await tap('Start');
    expect(store.getState().timers.map(({ kind }) => kind)).toEqual(['reminder', 'stopwatch']);
  });

  it('of another day are not in the list', () => {
    store.dispatch(
      timersSlice.actions.started({
        id: 't',
        dayId: id(9),
        name: 'Elsewhere',
        kind: 'countdown',
        startedAt: Date.now(),
        seconds: 60,
        rung: 0,
        stopped: false,
      }),
    );
    panel();
    expect(screen.queryByText('Elsewhere')).not.toBeInTheDocument();
  });

  it('say that the time is up until somebody has heard it', async () => {
    store.dispatch(
      timersSlice.actions.started({
        id: 't',
        dayId: id(1),
        name: 'First tube',
        kind: 'countdown',
        startedAt: Date.now() - 61_000,
        seconds: 60,
        rung: 0,
        stopped: false,
      }),
    );
    show(<TimerAlarms />);
    expect(screen.getByRole('alert')).toHaveTextContent('First tube: time is up');
    await waitFor(() => expect(store.getState().timers[0]?.rung).toBe(1));
    await tap('Heard');
    expect(store.getState().timers).toEqual([]);
  });

  it('that still run say nothing', () => {
    store.dispatch(
      timersSlice.actions.started({
        id: 't',
        dayId: id(1),
        name: 'First tube',
        kind: 'countdown',
        startedAt: Date.now(),
        seconds: 60,
        rung: 0,
        stopped: false,
      }),
    );
    show(<TimerAlarms />);
    expect(screen.queryByRole('alert')).not.toBeInTheDocument();
    act(() => undefined);
  });
});
