import { hash, verify } from '@node-rs/argon2';
import pLimit from 'p-limit';
import { Problem } from '../problem';

/** Cost of one guess: 19 MiB, two passes, one lane (OWASP Password Storage Cheat Sheet, first choice for argon2id). */
const cost = { memoryCost: 19_456, timeCost: 2, parallelism: 1, outputLen: 32 } as const;

/** It runs on threads of its own, so that no request waits for it; so many at once, which leaves threads for files. */
const atOnce = 2;
/** More than these do not wait: what is not looked at within a second or two is better asked again. */
const mostWaiting = 16;
const turn = pLimit(atOnce);

/** @throws Problem 503 when too many wait already. */
function inTurn<T>(work: () => Promise<T>): Promise<T> {
  if (turn.pendingCount >= mostWaiting)
    throw new Problem(
      503,
      'busy',
      'Too many passphrases are being checked at the moment.',
      null,
      'Wait a moment and try again.',
    );
  return turn(work);
}

/** The hash of a passphrase with its salt and cost, as it is stored. @throws Problem 503 when too many wait already. */
export const hashPassphrase = async (passphrase: string): Promise<string> =>
  inTurn(() => hash(passphrase.normalize('NFC'), cost));

/** Whether a passphrase is the one that was hashed. @throws Problem 503 when too many wait already. */
export const verifyPassphrase = async (passphrase: string, hashed: string): Promise<boolean> =>
  inTurn(() => verify(hashed, passphrase.normalize('NFC')));
