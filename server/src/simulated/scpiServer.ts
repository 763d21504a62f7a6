import { createServer } from 'node:net';
import type { Server, Socket } from 'node:net';
import { matches, parseLine } from '../instruments/scpi';
import type { ScpiCommand } from '../instruments/scpi';
import type { Model } from './models';

/** What can be wrong with an instrument, to try how the bench takes it. */
type Fault = 'NONE' | 'SILENT' | 'GARBLED';
const mostErrors = 20;

/** Serves a model as lines of SCPI, with the common commands of IEEE 488.2 and an error queue. */
export function serveScpi(model: Model): Server {
  const errors: string[] = [];
  let fault: Fault = 'NONE';
  const complain = (error: string): void => {
    if (errors.length < mostErrors) errors.push(error);
  };

  const common: Readonly<Record<string, () => string | undefined>> = {
    '*IDN': () => model.identity,
    '*OPC': () => '1',
    '*TST': () => '0',
    '*STB': () => (errors.length > 0 ? '4' : '0'),
    '*ESR': () => (errors.length > 0 ? '32' : '0'),
    'SYSTEM:ERROR': () => errors.shift() ?? '0,"No error"',
    'SYST:ERR': () => errors.shift() ?? '0,"No error"',
  };

  const answer = async ({
    keywords,
    isQuery,
    parameters,
  }: ScpiCommand): Promise<string | undefined> => {
    if (isQuery) {
      const known = common[keywords];
      if (known) return known();
      const found = Object.entries(model.queries).find(([written]) => matches(keywords, written));
      if (found) return found[1](parameters);
    } else {
      if (keywords === '*RST') return void model.reset();
      if (keywords === '*CLS') return void errors.splice(0);
      if (keywords === '*WAI' || keywords === '*OPC') return undefined;
      if (matches(keywords, 'SIMulate:FAULt')) {
        const [kind = 'NONE'] = parameters;
        fault = kind === 'SILENT' || kind === 'GARBLED' ? kind : 'NONE';
        return undefined;
      }
      const found = Object.entries(model.commands).find(([written]) => matches(keywords, written));
      if (found) return void found[1](parameters);
    }
    complain('-113,"Undefined header"');
    return undefined;
  };

  const serveLine = async (socket: Socket, line: string): Promise<void> => {
    const answers: string[] = [];
    for (const command of parseLine(line)) {
      try {
        const one = await answer(command);
        if (one !== undefined) answers.push(one);
      } catch (error) {
        complain(error instanceof RangeError ? error.message : '-200,"Execution error"');
      }
    }
    if (answers.length === 0 || fault === 'SILENT' || socket.destroyed) return;
    socket.write(fault === 'GARBLED' ? '\u0007~?#\u0000\n' : `${answers.join(';')}\n`);
  };

  return createServer((socket) => {
    let heard = '';
    let last = Promise.resolve();
    socket.setEncoding('latin1');
    socket.on('error', () => socket.destroy());
    socket.on('data', (chunk: Buffer | string) => {
      heard += String(chunk);
      if (heard.length > 4096) {
        heard = '';
        complain('-223,"Too much data"');
      }
      const lines = heard.split('\n');
      heard = lines.pop() ?? '';
      for (const line of lines) last = last.then(() => serveLine(socket, line));
    });
  });
}
