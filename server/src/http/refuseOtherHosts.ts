import { hostname, networkInterfaces } from 'node:os';
import type { Middleware } from 'koa';
import { Problem } from '../problem';

/** Names under which a machine knows itself. */
const loopbackNames = ['localhost', '127.0.0.1', '[::1]'] as const;

/**
 * The names a server answers to: its own on loopback; beyond it also the addresses of the machine, its name, and those it was told.
 *
 * @param named as STOICHOS_HOSTS lists them, with commas between.
 */
export function hostsOf(loopback: boolean, named = ''): ReadonlySet<string> {
  const told = named
    .split(',')
    .map((name) => name.trim().toLowerCase())
    .filter((name) => name !== '');
  if (loopback) return new Set([...loopbackNames, ...told]);
  const addresses = Object.values(networkInterfaces())
    .flatMap((all) => all ?? [])
    .map(({ address, family }) =>
      family === 'IPv6' ? `[${address.split('%', 1)[0] ?? ''}]` : address,
    );
  const own = hostname().toLowerCase();
  return new Set([...loopbackNames, ...addresses, own, `${own}.local`, ...told]);
}

/** The name in a Host header, without its port and without the dot that ends a full name. */
export function nameIn(host: string): string {
  const [, name = ''] = /^(\[[0-9a-f:.]+\]|[^:[\]]+)(?::\d+)?$/i.exec(host) ?? [];
  return name.toLowerCase().replace(/\.$/, '');
}

/**
 * Answers only what was sent to one of the server’s own names: a page of another site that makes its own name point here (DNS rebinding)
 * reaches nothing, not even where the machine stands open.
 */
export function refuseOtherHosts(hosts: ReadonlySet<string>): Middleware {
  return async (context, next) => {
    const sent = context.req.headers.host ?? '';
    // Behind a proxy both count: what it was sent to, and what it says it was asked for.
    for (const host of new Set([sent, context.host]))
      if (!hosts.has(nameIn(host)))
        throw new Problem(
          421,
          'otherHost',
          `This server does not go by the name “${host.slice(0, 100)}”.`,
          null,
          'Open it by its own address; where it has another name, start it with that name in STOICHOS_HOSTS.',
        );
    await next();
  };
}
