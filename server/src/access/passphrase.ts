import { randomBytes } from 'node:crypto';
import { argon2Verify, argon2id } from 'hash-wasm';

/** Cost of one guess: 19 MiB, two passes, one lane (OWASP Password Storage Cheat Sheet, first choice for argon2id). */
const cost = { memorySize: 19_456, iterations: 2, parallelism: 1, hashLength: 32 } as const;

/** The hash of a passphrase with its salt and cost, as it is stored. */
export function hashPassphrase(passphrase: string): Promise<string> {
  return argon2id({
    password: passphrase.normalize('NFC'),
    salt: randomBytes(16),
    ...cost,
    outputType: 'encoded',
  });
}

/** Whether a passphrase is the one that was hashed. */
export function verifyPassphrase(passphrase: string, hash: string): Promise<boolean> {
  return argon2Verify({ password: passphrase.normalize('NFC'), hash });
}
