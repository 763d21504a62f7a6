import { createHash } from 'node:crypto';
import type { RestorePlan } from '@stoichos/core/report/exchange';
import type { runningServer } from './runningServer';

type Server = Awaited<ReturnType<typeof runningServer>>;

/** The text of a backup of everything. */
export const savedBackup = async (server: Server): Promise<string> =>
  (await server.ask('GET', '/backup')).text;

/** Sends a backup, with whatever type it is said to have. */
export async function restored(server: Server, text: string, apply = true) {
  const headers = { 'content-type': 'application/x-ndjson' };
  const answer = await server.ask('POST', `/restore?apply=${String(apply)}`, text, headers);
  return { ...answer, json: answer.json as RestorePlan & { error: Record<string, string> } };
}

/** The rows of the tables of a backup, a line each. */
export function tablesOf(text: string): Map<string, string[]> {
  const tables = new Map<string, string[]>();
  let rows: string[] = [];
  for (const line of text.split('\n')) {
    const read: object = line === '' ? {} : (JSON.parse(line) as object);
    if ('table' in read) tables.set(String(read.table), (rows = []));
    else if ('row' in read) rows.push(line);
  }
  return tables;
}

const sha256 = (text: string): string => createHash('sha256').update(text).digest('hex');

/** A backup whose tables were changed by somebody who counts and sums them anew. */
export function forged(text: string, change: (tables: Map<string, string[]>) => void): string {
  const tables = tablesOf(text);
  change(tables);
  let [whole, count] = [`${text.slice(0, text.indexOf('\n'))}\n`, 0];
  for (const [table, lines] of tables) {
    const rows = lines.map((line) => `${line}\n`);
    count += rows.length;
    const end = { rows: rows.length, sha256: sha256(rows.join('')) };
    whole += `${JSON.stringify({ table })}\n${rows.join('')}${JSON.stringify(end)}\n`;
  }
  return `${whole}${JSON.stringify({ tables: tables.size, rows: count, sha256: sha256(whole) })}\n`;
}
