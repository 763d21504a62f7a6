import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { BenchRecord, StandingEntry } from '@stoichos/core/labday/day';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { ColourChips } from '../../src/shared/recording/ColourChips';
import { DropCounter } from '../../src/shared/recording/DropCounter';
import { Departures } from '../../src/shared/recording/Departures';
import { Notes } from '../../src/shared/recording/NotePanel';
import { ReadingList } from '../../src/shared/recording/ReadingList';
import { RecordLog } from '../../src/shared/recording/RecordLog';
import { RecordPanel } from '../../src/shared/recording/RecordPanel';
import { place, WithRecorder } from '../support/recorder';
import { blankStep } from '@stoichos/core/planning/procedure';
import { chosen, show } from '../support/render';

const tap = (name: string | RegExp) => userEvent.click(screen.getByRole('button', { name }));
const step = {
  ...blankStep('zinc'),
  text: 'Put in the zinc.',
  minutes: 10,
  events: [
    { vessel: 'tube', action: { do: 'add' as const, portion: { substance: 'Zn', massG: 0.3 } } },
  ],
};
const quiet = { ...step, events: [] };
beforeEach(() => sessionStorage.clear());

describe('what a bench sees', () => {
  it('is recorded with one tap, and says that it is', async () => {
    const hear = vi.fn();
    show(
      <WithRecorder hear={hear}>
        {(recorder) => <RecordPanel recorder={recorder} asked={[]} />}
      </WithRecorder>,
    );
    await tap(/^cloudy/);
    expect(hear).toHaveBeenLastCalledWith({ kind: 'clarity', to: 'cloudy' });
    expect(screen.getByRole('button', { name: /^cloudy/ })).toHaveAttribute('aria-pressed', 'true');
  });
});

describe('a colour', () => {
  it('is a hue first, and then how pale or deep', async () => {
    const onPick = vi.fn();
    const { again } = show(<ColourChips value={undefined} onPick={onPick} />);
    await tap('blue');
    expect(onPick).toHaveBeenLastCalledWith('blue');
    again(<ColourChips value="blue" onPick={onPick} />);
    await tap('pale blue');
    expect(onPick).toHaveBeenLastCalledWith('pale blue');
    again(<ColourChips value="pale blue" onPick={onPick} />);
    await tap('pale blue');
    expect(onPick).toHaveBeenLastCalledWith('blue');
  });

  it('is never colourless for a solid', () => {
    show(<ColourChips value={undefined} without={['colourless']} onPick={() => undefined} />);
    expect(screen.queryByRole('button', { name: 'colourless' })).toBeNull();
  });

  it('has no depth where it is white', () => {
    show(<ColourChips value="white" onPick={() => undefined} />);
    expect(screen.queryByRole('group', { name: 'How white' })).toBeNull();
  });
});

describe('drops', () => {
  const counter = (hear: (record: BenchRecord) => void) => (
    <WithRecorder hear={hear}>
      {(recorder) => (
        <DropCounter recorder={recorder} measure={{ name: 'Drops', quantity: 'drops' } as never} />
      )}
    </WithRecorder>
  );
  const drop = () => tap(/^Drop \d/);

  it('are counted by tap, taken back one by one, and recorded with where the colour came and stayed', async () => {
    const hear = vi.fn();
    show(counter(hear));
    for (let at = 0; at < 3; at += 1) await drop();
    await tap('First colour');
    await drop();
    await drop();
    await tap('Undo drop');
    await tap('Colour stays');
    expect(screen.getByTestId('drops')).toHaveTextContent('4');
    await tap('Record 4 drops');
    expect(hear).toHaveBeenCalledWith({
      kind: 'measurement',
      name: 'Drops',
      quantity: 'drops',
      value: 4,
      firstColourAt: 3,
      lastingColourAt: 4,
    });
    expect(screen.getByTestId('drops')).toHaveTextContent('0');
  });

  it('go on after a reload', async () => {
    const { unmount } = show(counter(() => undefined));
    await drop();
    await drop();
    unmount();
    show(counter(() => undefined));
    expect(screen.getByTestId('drops')).toHaveTextContent('2');
  });
});

describe('a note', () => {
  it('is kept in the words it was written in', async () => {
    const hear = vi.fn();
    show(<WithRecorder hear={hear}>{(recorder) => <Notes recorder={recorder} />}</WithRecorder>);
    await userEvent.type(screen.getByLabelText('Note'), 'It stood for a minute. ');
    await tap('Add note');
    expect(hear).toHaveBeenCalledWith({ kind: 'note', text: 'It stood for a minute.' });
    expect(screen.getByLabelText('Note')).toHaveValue('');
  });
});

describe('a departure from the procedure', () => {
  it('is what was planned beside what was done', async () => {
    const hear = vi.fn();
    show(
      <WithRecorder hear={hear}>
        {(recorder) => <Departures recorder={recorder} step={quiet} />}
      </WithRecorder>,
    );
    expect(screen.getByRole('button', { name: 'Record the departure' })).toBeDisabled();
    await userEvent.type(screen.getByLabelText('Done'), '8 min');
    await tap('Record the departure');
    expect(hear).toHaveBeenCalledWith({
      kind: 'departure',
      what: 'time',
      planned: '10 min',
      done: '8 min',
    });
  });

  it('in numbers says which reagent, and how much instead', async () => {
    const hear = vi.fn();
    show(
      <WithRecorder hear={hear}>
        {(recorder) => <Departures recorder={recorder} step={step} />}
      </WithRecorder>,
    );
    expect(screen.getByLabelText('Planned', { selector: 'input' })).toHaveValue(
      'tube: added 0.3 g Zn',
    );
    expect(screen.getByRole('button', { name: 'Record the departure' })).toBeDisabled();
    await userEvent.type(screen.getByLabelText('Done'), '0.1');
    await tap('Record the departure');
    expect(hear).toHaveBeenCalledWith({
      kind: 'departure',
      what: 'amount',
      planned: 'tube: added 0.3 g Zn',
      done: 'tube: added 0.1 g Zn',
      instead: {
        event: 0,
        done: { vessel: 'tube', action: { do: 'add', portion: { substance: 'Zn', massG: 0.1 } } },
      },
    });
    await tap('left out');
    await tap('Record the departure');
    expect(hear).toHaveBeenLastCalledWith({
      kind: 'departure',
      what: 'left out',
      planned: 'tube: added 0.3 g Zn',
      done: 'left out',
      instead: { event: 0, done: null },
    });
  });

  it('in numbers says how warm it became instead, and how long it took', async () => {
    const hear = vi.fn();
    const heated: Parameters<typeof Departures>[0]['step'] = {
      ...step,
      events: [
        { vessel: 'tube', action: { do: 'heat', toC: 60 } },
        { vessel: 'tube', action: { do: 'wait', minutes: 10 } },
      ],
    };
    show(
      <WithRecorder hear={hear}>
        {(recorder) => <Departures recorder={recorder} step={heated} />}
      </WithRecorder>,
    );
    await tap('temperature');
    await userEvent.type(screen.getByLabelText('Done'), '40');
    await tap('Record the departure');
    expect(hear.mock.lastCall?.[0]).toMatchObject({
      what: 'temperature',
      instead: { event: 0, done: { vessel: 'tube', action: { do: 'heat', toC: 40 } } },
    });
    await tap('time');
    await userEvent.type(screen.getByLabelText('Done'), '3');
    await tap('Record the departure');
    expect(hear.mock.lastCall?.[0]).toMatchObject({
      what: 'time',
      instead: { event: 1, done: { vessel: 'tube', action: { do: 'wait', minutes: 3 } } },
    });
  });
});

describe('what was read', () => {
  const reading = (value: number, more: object = {}): StandingEntry =>
    ({
      id: `r${value}`,
      record: { kind: 'measurement', name: 'T', quantity: 'temperature', value, ...more },
    }) as StandingEntry;

  it('stands newest first, each to be taken back', async () => {
    const withdraw = vi.fn();
    show(<ReadingList readings={[reading(21), reading(7)]} withdraw={withdraw} />);
    const [first] = screen.getAllByRole('listitem');
    expect(first).toHaveTextContent('7 °C');
    await tap('Take back 21 °C');
    expect(withdraw).toHaveBeenCalledWith(reading(21));
  });

  it('is in °F for a school that reads in °F', async () => {
    await chosen({ temperature: '°F' });
    show(<ReadingList readings={[reading(20.555_555_555_555_554)]} withdraw={() => undefined} />);
    expect(screen.getByRole('listitem')).toHaveTextContent('69 °F');
    expect(document.body.textContent).not.toContain('°C');
    await chosen({});
  });
});

describe('the log of a place', () => {
  const line = (id: string, record: object | null, supersedes: string | null = null) =>
    ({
      id,
      ...place,
      record,
      supersedes,
      recordedAt: '2026-03-03T14:05:00.000Z',
    }) as never;

  it('leaves out nothing, and shows what corrects what', () => {
    const entries = [
      line('1', { kind: 'note', text: 'white' }),
      line('2', { kind: 'note', text: 'pale blue' }, '1'),
      line('3', null, '2'),
    ];
    show(<RecordLog day={{ entries }} at={{ workId: 'w', groupId: 'g' }} />);
    const lines = screen.getAllByRole('listitem').map(({ textContent }) => textContent);
    expect(lines).toHaveLength(3);
    expect(lines[1]).toContain('corrects');
    expect(lines[2]).toContain('taken back');
  });

  it('says so where nothing is recorded', () => {
    show(<RecordLog day={{ entries: [] }} at={{ workId: 'w', groupId: 'g' }} />);
    expect(screen.getByText('Nothing has been recorded here yet.')).toBeVisible();
  });
});
