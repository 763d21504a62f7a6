import { hashPassphrase, verifyPassphrase } from '../access/passphrase';
import type { Database } from './connect';
import { endAllOf } from './sessions';

type AccountRole = 'instructor' | 'technician';

/** Which passphrases are set, and whether this machine stays open beside them. */
export async function accountsThere({ accounts }: Database): Promise<{
  readonly instructor: boolean;
  readonly technician: boolean;
  readonly openHere: boolean;
}> {
  const rows = await accounts.findAll();
  const instructor = rows.find(({ role }) => role === 'instructor');
  return {
    instructor: instructor !== undefined,
    technician: rows.some(({ role }) => role === 'technician'),
    openHere: instructor?.openHere ?? true,
  };
}

/** Sets a passphrase anew and ends every session that was begun with the old one. */
export async function setPassphrase(
  database: Database,
  role: AccountRole,
  passphrase: string,
  openHere = false,
): Promise<void> {
  await database.accounts.upsert({
    role,
    passphraseHash: await hashPassphrase(passphrase),
    openHere,
    changedAt: new Date(),
  });
  await endAllOf(database, role);
}

/** Whether a passphrase is that of a role; an account that is not there takes as long to say no. */
export async function isPassphrase(
  { accounts }: Database,
  role: AccountRole,
  passphrase: string,
): Promise<boolean> {
  const row = await accounts.findByPk(role);
  if (!row) {
    await hashPassphrase(passphrase);
    return false;
  }
  return verifyPassphrase(passphrase, row.passphraseHash);
}
