import { accessSync, constants, existsSync, mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { Explained } from './report';

/** What the machine says of a folder it cannot write into, in words, and what to do. */
const words: Readonly<Record<string, readonly [problem: string, remedy: string]>> = {
  ENOSPC: [
    'the disk is full',
    'Free some space, a gigabyte is plenty, and start again. What was stored is kept.',
  ],
  EDQUOT: [
    'your share of the disk is used up',
    'Free some space and start again. What was stored is kept.',
  ],
  EROFS: [
    'it lies on a disk that can only be read',
    'Name another folder by STOICHOS_DATA_DIR, or make that disk writable.',
  ],
  EACCES: [
    'it may not be written into by this user',
    'Give this user the right to write there, or name another folder by STOICHOS_DATA_DIR.',
  ],
  EPERM: ['nothing may be made there', 'Name another folder by STOICHOS_DATA_DIR.'],
  ENOTDIR: ['a part of its path is a file', 'Name a folder by STOICHOS_DATA_DIR.'],
};

/** An error of the file system on the way to the data folder, explained; anything else as it was. */
export function explainFolder(folder: string, error: unknown): unknown {
  const code = error instanceof Error && 'code' in error ? String(error.code) : '';
  const [problem, remedy] = words[code] ?? [];
  return problem && remedy
    ? new Explained(`The data folder ${folder} cannot be used: ${problem} (${code}).`, remedy)
    : error;
}

/** The folder itself, or the nearest above it that is there. */
function nearestThere(folder: string): string {
  const above = dirname(folder);
  return existsSync(folder) || above === folder ? folder : nearestThere(above);
}

/** As much as a start writes before the database does, bytes. */
const trialBytes = 1_000_000;

/** Makes the data folder if it is not there, and makes sure that it can be written into. @throws Explained. */
export function checkDataFolder(folder: string): void {
  const trial = join(folder, '.can-be-written');
  try {
    // Asked of what is there: making a folder below a disk that can only be read fails with another word.
    accessSync(nearestThere(resolve(folder)), constants.W_OK);
    mkdirSync(folder, { recursive: true });
    writeFileSync(trial, Buffer.alloc(trialBytes));
    rmSync(trial);
  } catch (error) {
    try {
      rmSync(trial, { force: true });
    } catch {
      // Nothing was written, so nothing is left.
    }
    throw explainFolder(folder, error);
  }
}
