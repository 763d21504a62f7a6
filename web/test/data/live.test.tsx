import { render, waitFor } from '@testing-library/react';
import { Provider } from 'react-redux';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../src/data/api/api';
import { hear } from '../../src/data/live/hear';
import { useLiveDay, useLiveGroup } from '../../src/data/live/useLive';
import { store } from '../../src/data/store';
import { dayOf, entry, id } from '../support/day';
import { known, serving } from '../support/server';

/** Lines that were opened to the server, the newest last. */
let lines: {
  path: string;
  onmessage?: (event: { data: string }) => void;
  onerror?: () => void;
  closed: boolean;
}[] = [];
const newest = () => {
  const line = lines.at(-1);
  if (!line) throw new Error('No line is open.');
  return line;
};
const tells = (event: object) => newest().onmessage?.({ data: JSON.stringify(event) });

beforeEach(() => {
  lines = [];
  store.dispatch(api.util.resetApiState());
  vi.stubGlobal(
    'EventSource',
    class {
      closed = false;
      constructor(readonly path: string) {
        lines.push(this);
      }
      close() {
        this.closed = true;
      }
    },
  );
});
afterEach(() => vi.useRealTimers());

describe('a line to the server', () => {
  it('tells what it hears, until it is told to stop', () => {
    const heard: string[] = [];
    const stop = hear('/api/days/1/live', (text) => heard.push(text));
    newest().onmessage?.({ data: 'one' });
    newest().onmessage?.({ data: 'two' });
    expect(heard).toEqual(['one', 'two']);
    stop();
    expect(newest().path).toBe('/api/days/1/live');
  });

  it('is opened again when it is lost', async () => {
    vi.useFakeTimers();
    const heard: string[] = [];
    const stop = hear('/api/days/2/live', (text) => heard.push(text));
    const first = newest();
    first.onerror?.();
    expect(first.closed).toBe(true);
    await vi.advanceTimersByTimeAsync(2000);
    expect(lines).toHaveLength(2);
    newest().onmessage?.({ data: 'again' });
    expect(heard).toEqual(['again']);
    stop();
  });

  it('is shared by the pages of a browser: what one hears, the others are told', async () => {
    const [here, there]: [string[], string[]] = [[], []];
    const stop = hear('/api/days/3/live', (text) => here.push(text));
    const other = new BroadcastChannel('/api/days/3/live');
    other.onmessage = ({ data }: MessageEvent<string>) => there.push(data);
    newest().onmessage?.({ data: 'to all' });
    expect(here).toEqual(['to all']);
    await waitFor(() => expect(there).toEqual(['to all']));
    other.close();
    stop();
  });
});

describe('a lab day that is kept as it is', () => {
  const day = dayOf([]);
  function Listener() {
    useLiveDay(day.id);
    return null;
  }
  const entries = () => api.endpoints.day.select(day.id)(store.getState()).data?.entries ?? [];
  const listening = async () => {
    await known('day', day.id, day);
    void store.dispatch(api.endpoints.day.initiate(day.id));
    return render(
      <Provider store={store}>
        <Listener />
      </Provider>,
    );
  };

  it('has an entry of another bench as soon as it comes in, and once only', async () => {
    await listening();
    const came = entry(1, { kind: 'gas' });
    tells({ kind: 'entry', entry: came });
    tells({ kind: 'entry', entry: came });
    await waitFor(() => expect(entries()).toEqual([came]));
  });

  it('is read again when the line is new, for something may have been missed', async () => {
    await listening();
    const asked = serving({
      [`GET /days/${day.id}`]: { ...day, name: 'Read again' },
      [`GET /days/${day.id}/entries`]: { entries: [], settled: 0, more: false, anew: true },
    });
    tells({ kind: 'hello' });
    await waitFor(() => expect(asked.map(({ path }) => path)).toContain(`/days/${day.id}`));
  });

  it('does not mind what it does not know', async () => {
    await listening();
    tells({ kind: 'weather', rain: true });
    expect(entries()).toEqual([]);
  });

  it('listens to nothing before it is known which day it is', () => {
    function Unknown() {
      useLiveDay('');
      return null;
    }
    render(
      <Provider store={store}>
        <Unknown />
      </Provider>,
    );
    expect(lines).toEqual([]);
  });
});

describe('a tablet that listens', () => {
  function Tablet({ there }: { there: boolean }) {
    useLiveGroup(there);
    return null;
  }
  const at = (there: boolean) =>
    render(
      <Provider store={store}>
        <Tablet there={there} />
      </Provider>,
    );

  it('hears of its own bench only', () => {
    at(true);
    expect(newest().path).toBe('/api/group/live');
  });

  it('hears nothing before it has joined', () => {
    at(false);
    expect(lines).toEqual([]);
  });

  it('learns at once that it was put out', async () => {
    await known('session', undefined, {
      role: 'group',
      open: false,
      hasPassphrase: true,
      hasTechnician: false,
      bench: { dayId: id(1), dayName: 'A day', groupId: id(2), groupName: 'Bench Heron' },
    });
    void store.dispatch(api.endpoints.session.initiate());
    at(true);
    const asked = serving({});
    tells({ kind: 'ended' });
    await waitFor(() => expect(asked.map(({ path }) => path)).toContain('/session'));
  });
});
