import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';
import { Explained } from './report';

/**
 * Makes sure that only one start runs on a data folder. A lock whose process is gone is taken over.
 *
 * @returns what lets the lock go.
 */
export function takeLock(path: string): () => void {
  const pid = holderOf(path);
  if (pid !== undefined)
    throw new Explained(
      `Stoichos is already running here (process ${pid}).`,
      'Use the address it printed, or end it with Ctrl-C first.',
    );
  mkdirSync(dirname(path), { recursive: true });
  writeFileSync(path, String(process.pid));
  return () => rmSync(path, { force: true });
}

/** The process of another start that runs on a data folder; undefined where none does. */
export function holderOf(path: string): number | undefined {
  if (!existsSync(path)) return undefined;
  const pid = Number(readFileSync(path, 'utf8'));
  return pid !== process.pid && isStart(pid) ? pid : undefined;
}

/** Whether a process is there and is a start script; a number taken over by another program is not. */
function isStart(pid: number): boolean {
  try {
    return readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('scripts/start.ts');
  } catch {
    return false;
  }
}
