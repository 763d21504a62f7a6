import { createReadStream, createWriteStream } from 'node:fs';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';

/** Puts what comes into a file that only this user reads, so that it can be read more than once, and takes it away after the work. */
export async function withSpooled<T>(
  source: AsyncIterable<Uint8Array>,
  work: (open: () => AsyncIterable<Uint8Array>) => Promise<T>,
): Promise<T> {
  const folder = await mkdtemp(join(tmpdir(), 'stoichos-'));
  const path = join(folder, 'upload');
  try {
    await pipeline(source, createWriteStream(path, { mode: 0o600 }));
    return await work(() => createReadStream(path));
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
}
