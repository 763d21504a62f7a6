import { fork } from 'node:child_process';
import type { ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { fileURLToPath } from 'node:url';
import * as z from 'zod';
import type { InstrumentAddress } from '../instruments/instruments';

/** Simulated instruments, each a process of its own on a loopback port. */
export interface SimulatedBench {
  readonly addresses: readonly InstrumentAddress[];
  /** Ends one of them, as pulling its plug would. */
  readonly unplug: (id: string) => Promise<void>;
  readonly stop: () => Promise<void>;
}

const program = fileURLToPath(new URL('instrument.ts', import.meta.url));
const toldSchema = z.object({ port: z.number().int() });

/**
 * Starts the instruments of one bench.
 *
 * @param speed how many seconds pass for the instruments in one second.
 */
export async function startSimulatedBench(speed = 1): Promise<SimulatedBench> {
  const running = new Map<string, ChildProcess>();
  const start = async (
    kind: InstrumentAddress['kind'],
    seed: number,
    ...more: readonly string[]
  ): Promise<InstrumentAddress> => {
    const child = fork(program, [kind, String(seed), String(speed), ...more], {
      execArgv: ['--import', 'tsx'],
    });
    running.set(kind, child);
    const [told] = (await once(child, 'message')) as unknown[];
    const { port } = toldSchema.parse(told);
    return { id: kind, kind, host: '127.0.0.1', port, simulated: true };
  };
  const [balance, thermometer, supply] = await Promise.all([
    start('balance', 11),
    start('thermometer', 12),
    start('supply', 13),
  ]);
  const multimeter = await start('multimeter', 14, String(supply.port));
  const unplug = async (id: string): Promise<void> => {
    const child = running.get(id);
    if (!child || child.exitCode !== null || child.signalCode !== null) return;
    const ended = once(child, 'exit');
    child.kill('SIGKILL');
    await ended;
  };
  return {
    addresses: [balance, thermometer, multimeter, supply],
    unplug,
    stop: async () => {
      await Promise.all([...running.keys()].map(unplug));
    },
  };
}
