import { createReadStream, existsSync } from 'node:fs';
import { join } from 'node:path';
import type { Middleware } from 'koa';
import serve from 'koa-static';

/** Serves the built web application; every other address is the application's own, so it gets index.html. */
export function serveApplication(folder: string): Middleware {
  const index = join(folder, 'index.html');
  const files = serve(folder, {
    setHeaders: (response, path) => {
      // Names of built files carry a hash of their content; index.html names the current ones.
      const forever = path.includes('/assets/');
      response.setHeader(
        'Cache-Control',
        forever ? 'public, max-age=31536000, immutable' : 'no-cache',
      );
    },
  });
  return async (context, next) => {
    if (context.path.startsWith('/api')) {
      await next();
      return;
    }
    await files(context, () => {
      const isPage = context.method === 'GET' && !context.path.includes('.');
      if (!isPage || !existsSync(index)) return Promise.resolve();
      context.type = 'html';
      context.set('Cache-Control', 'no-cache');
      context.body = createReadStream(index);
      return Promise.resolve();
    });
  };
}
