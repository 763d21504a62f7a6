/**
 * `npm run certificate [-- name …]`: makes a certificate for this machine with OpenSSL, so that what tablets send crosses the school’s network
 * encrypted, and says how they come to trust it. The names are those tablets open it by; without any, the machine’s own.
 */
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { hostname, networkInterfaces } from 'node:os';
import { join } from 'node:path';
import { installPackage } from './machine/debian';
import { Explained, fail, say } from './machine/report';

/** As long as common browsers take one at most, days (CA/Browser Forum, baseline requirements 6.3.2). */
const lastsDays = 398;

/** What tablets may open this machine by. */
function ownNames(): string[] {
  const addresses = Object.values(networkInterfaces())
    .flatMap((all) => all ?? [])
    .filter(({ family }) => family === 'IPv4')
    .map(({ address }) => address);
  return [...new Set(['localhost', hostname(), `${hostname()}.local`, ...addresses])];
}

const isAddress = (name: string): boolean => /^[\d.]+$|:/.test(name);

function openssl(...args: string[]): void {
  if (spawnSync('openssl', ['version']).status !== 0) installPackage('openssl');
  const { status, stderr } = spawnSync('openssl', args, { encoding: 'utf8' });
  if (status !== 0)
    throw new Explained(
      `OpenSSL made nothing: ${stderr.trim().slice(-400)}`,
      'Check the names, then try again.',
    );
}

try {
  const names = process.argv.slice(2);
  const odd = names.find((name) => !/^[\w.:-]{1,253}$/.test(name));
  if (odd !== undefined)
    throw new Explained(`“${odd}” is no name of a machine.`, 'Name it as tablets open it.');
  const wanted = names.length > 0 ? names : ownNames();
  const folder = join(process.env.STOICHOS_DATA_DIR ?? '.data', 'tls');
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const at = (file: string): string => join(folder, file);
  if (!existsSync(at('authority.crt'))) {
    // An authority of the school’s own: trusted once on each tablet, it vouches for every later certificate.
    openssl(
      ...['req', '-x509', '-newkey', 'ec', '-pkeyopt', 'ec_paramgen_curve:P-256', '-nodes'],
      ...['-keyout', at('authority.key'), '-out', at('authority.crt'), '-days', '3650'],
      ...['-subj', '/CN=Stoichos of this school'],
      ...['-addext', 'basicConstraints=critical,CA:TRUE,pathlen:0'],
      ...['-addext', 'keyUsage=critical,keyCertSign,cRLSign'],
    );
  }
  const list = wanted.map((name) => `${isAddress(name) ? 'IP' : 'DNS'}:${name}`).join(',');
  writeFileSync(
    at('server.ext'),
    `subjectAltName=${list}\nbasicConstraints=critical,CA:FALSE\nkeyUsage=critical,digitalSignature\nextendedKeyUsage=serverAuth\n`,
  );
  openssl(
    ...['req', '-new', '-newkey', 'ec', '-pkeyopt', 'ec_paramgen_curve:P-256', '-nodes'],
    ...['-keyout', at('server.key'), '-out', at('server.csr'), '-subj', '/CN=Stoichos'],
  );
  openssl(
    ...['x509', '-req', '-in', at('server.csr'), '-days', String(lastsDays)],
    ...['-CA', at('authority.crt'), '-CAkey', at('authority.key'), '-CAcreateserial'],
    ...['-extfile', at('server.ext'), '-out', at('server.crt')],
  );
  // Browsers are sent both, so that they find the way to the authority.
  writeFileSync(
    at('chain.crt'),
    readFileSync(at('server.crt'), 'utf8') + readFileSync(at('authority.crt'), 'utf8'),
  );
  say(`A certificate for ${wanted.join(', ')}, good for ${lastsDays} days.`);
  console.log(`
  Start with it:
    STOICHOS_TLS_CERT=${at('chain.crt')} STOICHOS_TLS_KEY=${at('server.key')} HOST=0.0.0.0 npm start

  On each tablet, once: bring ${at('authority.crt')} over (by cable or mail) and
    Android:  Settings, Security, Install a certificate, CA certificate
    iPad:     open it, Settings, Profile downloaded, Install; then General, About, Certificate trust settings
    Windows:  open it, Install certificate, Local machine, Trusted root certification authorities
    macOS:    open it in Keychain Access and set it to Always trust
  Then open https://${wanted.find((name) => name !== 'localhost') ?? 'localhost'}:8410 there. Keep ${at('authority.key')} to yourself.
`);
} catch (error) {
  fail(error);
}
