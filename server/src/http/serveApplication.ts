import { createReadStream, existsSync } from 'node:fs';
import { join } from 'node:path';
import type { Middleware } from 'koa';
import serve from 'koa-static';
import { Problem } from '../problem';

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
  return async (context) => {
    // Whatever is spelled like the API and is none of its routes is no page.
    if (isOfApi(context.path)) throw noAddress(context.method, context.path);
    await files(context, () => {
      const isPage = context.method === 'GET' && !context.path.includes('.');
      if (!isPage || !existsSync(index)) return Promise.resolve();
      context.type = 'html';
      context.set('Cache-Control', 'no-cache');
      context.body = createReadStream(index);
      return Promise.resolve();
    });
    if (context.status === 404) throw noAddress(context.method, context.path);
  };
}

/** A courtesy to whoever mistyped an address, and no more: nothing behind it is the API’s. */
const isOfApi = (path: string): boolean => /^[/\\.]*api(?![a-z0-9-])/i.test(path);

const noAddress = (method: string, path: string): Problem =>
  new Problem(
    404,
    'unknownPath',
    `${method} ${path.slice(0, 200)} is not an address of this server.`,
    null,
    'Check the address.',
  );
