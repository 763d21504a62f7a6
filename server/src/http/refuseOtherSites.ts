import type { Middleware } from 'koa';
import { Problem } from '../problem';

const safe = new Set(['GET', 'HEAD', 'OPTIONS']);

/** Refuses to change anything for a page of another site: the cookie is SameSite, and the origin must be this one besides. */
export function refuseOtherSites(): Middleware {
  return async (context, next) => {
    if (
      !safe.has(context.method) &&
      isOther(context.get('origin'), context.get('sec-fetch-site'), context.host)
    )
      throw new Problem(
        403,
        'otherSite',
        'This request comes from a page of another site.',
        null,
        'Open Stoichos itself and do it there.',
      );
    await next();
  };
}

function isOther(origin: string, site: string, host: string): boolean {
  if (site !== '' && site !== 'same-origin' && site !== 'none') return true;
  if (origin === '') return false;
  return !URL.canParse(origin) || new URL(origin).host !== host;
}
