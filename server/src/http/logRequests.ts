import type { Middleware } from 'koa';
import type { Logger } from 'pino';

/** One structured line for each request that no file answers. */
export function logRequests(log: Logger): Middleware {
  return async (context, next) => {
    const start = performance.now();
    await next();
    const { method, path, status } = context;
    log.info({ method, path, status, ms: Math.round(performance.now() - start) }, 'request');
  };
}
