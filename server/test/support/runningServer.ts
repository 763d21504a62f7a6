import { once } from 'node:events';
import type { AddressInfo } from 'node:net';
import { whichDays } from '@stoichos/contract';
import type { DaysPage, EntriesPage } from '@stoichos/contract';
import type { BenchEntry, LabDaySummary } from '@stoichos/core/labday/day';
import { procedureOfMixing } from '@stoichos/core/planning/procedure';
import { connect, createApp, migrate, openInstruments, openLive } from '../../src';
import type { InstrumentAddress } from '../../src/instruments/instruments';
import { hostsOf } from '../../src/http/refuseOtherHosts';
import { createLog } from '../../src/log';

/** A served application on an emptied database, and a way to ask it. */
export async function runningServer(
  databaseUrl: string,
  addresses: readonly InstrumentAddress[] = [],
  { keep = false, loopback = true, folder = '/nowhere' } = {},
) {
  const database = connect(databaseUrl);
  if (!keep) await database.sequelize.query('DROP SCHEMA public CASCADE; CREATE SCHEMA public');
  await migrate(database.sequelize);
  const instruments = openInstruments(addresses);
  const log = createLog('silent');
  const hub = openLive(databaseUrl, log);
  const server = createApp(database, log, folder, instruments, {
    hub,
    reach: { loopback, hosts: hostsOf(loopback) },
  }).listen(0, '127.0.0.1');
  await once(server, 'listening');
  const base = `http://127.0.0.1:${(server.address() as AddressInfo).port}/api`;
  const ask = async (
    method: string,
    path: string,
    body?: unknown,
    headers: Readonly<Record<string, string>> = {},
  ) => {
    const response = await fetch(base + path, {
      method,
      headers: { ...(body !== undefined && { 'content-type': 'application/json' }), ...headers },
      ...(body !== undefined && {
        body: typeof body === 'string' ? body : JSON.stringify(body),
      }),
    });
    const text = await response.text();
    const isJson =
      response.headers.get('content-type')?.startsWith('application/json') && text !== '';
    return {
      status: response.status,
      headers: response.headers,
      text,
      json: isJson ? JSON.parse(text) : undefined,
    };
  };
  /** Plans procedures for a day, one after the other, and tells what came of the last. */
  const plan = async (dayId: string, procedures: readonly { readonly id: string }[]) => {
    let answer;
    for (const one of procedures)
      answer = await ask('PUT', `/days/${dayId}/procedures/${one.id}`, one);
    if (!answer) throw new Error('Plan at least one.');
    return answer;
  };
  /** Every lab day, as it stands in a list, the latest first. */
  const days = async (): Promise<LabDaySummary[]> => {
    const lists = await Promise.all(
      whichDays.map((which) => ask('GET', `/days?which=${which}&today=2026-12-01`)),
    );
    const all = lists.flatMap(({ json }) => (json as DaysPage).items);
    return all.sort((one, other) => other.date.localeCompare(one.date));
  };
  /** What was written on a day. */
  const record = async (dayId: string): Promise<BenchEntry[]> =>
    ((await ask('GET', `/days/${dayId}/entries`)).json as EntriesPage).entries;
  const close = async () => {
    server.close();
    server.closeAllConnections();
    instruments.close();
    await hub.close();
    await database.sequelize.close();
  };
  return { database, instruments, hub, base, ask, plan, days, record, close };
}

/** A small valid lab day in which two solutions are brought together. */
export function sampleDay() {
  const ids = { day: crypto.randomUUID(), group: crypto.randomUUID(), test: crypto.randomUUID() };
  return {
    ids,
    day: {
      id: ids.day,
      name: 'Trial run',
      date: '2026-05-04',
      sparePercent: 20,
      groups: [{ id: ids.group, name: 'Bench Knot' }],
    },
    planned: {
      id: ids.test,
      manner: 'groups',
      procedure: procedureOfMixing(ids.test, {
        container: 'testTube',
        a: { substance: 'CuSO4', concentrationM: 0.2, volumeMl: 2 },
        b: { substance: 'NaOH', concentrationM: 0.4, volumeMl: 2 },
      }),
    },
    entry: {
      id: crypto.randomUUID(),
      workId: ids.test,
      stepId: 'mix',
      vessel: 'vessel',
      part: 'test',
      groupId: ids.group,
      record: { kind: 'precipitate', colour: 'pale blue' },
      supersedes: null as string | null,
      recordedAt: '2026-05-04T10:00:00.000Z',
    },
    weighing: {
      id: crypto.randomUUID(),
      substance: 'CuSO4',
      concentrationM: 0.2,
      volumeMl: 10,
      form: 'CuSO4·5H2O',
      purityPercent: 100,
      actualG: 0.51,
      recordedAt: '2026-05-04T08:00:00.000Z',
    },
  };
}
