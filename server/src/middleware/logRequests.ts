import type { Middleware } from 'koa';
import type { Logger } from 'pino';

/** One structured line for each API request. */
export function logRequests(log: Logger): Middleware {
  return async (context, next) => {
    const start = performance.now();
    await next();
    if (!context.path.startsWith('/api')) return;
    const { method, path, status } = context;
    log.info({ method, path, status, ms: Math.round(performance.now() - start) }, 'request');
  };
}
