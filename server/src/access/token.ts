import { createHash, randomBytes, randomInt } from 'node:crypto';
import { joinAlphabet, joinCodeLength } from '@stoichos/core/labday/access';

/** A session’s secret: 256 bits, in the cookie and nowhere else. */
export const newToken = (): string => randomBytes(32).toString('base64url');
/** What is stored of it. */
export const hashToken = (token: string): string =>
  createHash('sha256').update(token).digest('hex');

/** A code for a lab day: 31⁸, about 8.5 · 10¹¹, of which a few can be tried in ten minutes. */
export function newJoinCode(): string {
  return Array.from(
    { length: joinCodeLength },
    () => joinAlphabet[randomInt(joinAlphabet.length)] ?? 'A',
  ).join('');
}
