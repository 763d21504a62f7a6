import Koa from 'koa';
import conditional from 'koa-conditional-get';
import etag from '@koa/etag';
import helmet from 'koa-helmet';
import type { Logger } from 'pino';
import type { Database } from './database/connect';
import type { Instruments } from './instruments/instruments';
import type { LiveHub } from './live/hub';
import { identifier } from './access/identify';
import type { Reach } from './access/identify';
import { handlersOf } from './handlers';
import { answerErrors } from './http/answerErrors';
import { compressAnswers } from './http/compressAnswers';
import { logRequests } from './http/logRequests';
import { refuseOtherHosts } from './http/refuseOtherHosts';
import { refuseOtherSites } from './http/refuseOtherSites';
import { routesOf } from './http/routes';
import { serveApplication } from './http/serveApplication';

/** What is said when whoever asked is no longer there. */
const goneAway = new Set(['ERR_STREAM_PREMATURE_CLOSE', 'EPIPE', 'ECONNRESET']);

/** The server as a list of middlewares: log, headers, errors in words, the routes, the application. */
export function createApp(
  database: Database,
  log: Logger,
  applicationFolder: string,
  instruments: Instruments,
  { hub, reach }: { readonly hub: LiveHub; readonly reach: Reach },
): Koa {
  const app = new Koa();
  // Behind a proxy the address and the TLS of whoever asks are what it says they are.
  app.proxy = reach.proxy === true;
  // Whoever hears what happens goes away in the middle of it; that is no error.
  app.on('error', (error: NodeJS.ErrnoException) => {
    if (!goneAway.has(error.code ?? '')) log.error({ err: error }, 'answer failed');
  });
  app.use(logRequests(log));
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          defaultSrc: ["'self'"],
          // The component library sets styles on elements.
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'data:'],
          scriptSrc: ["'self'"],
          frameAncestors: ["'none'"],
          upgradeInsecureRequests: null,
        },
      },
      strictTransportSecurity: false,
    }),
  );
  app.use(compressAnswers());
  // Who has an answer already is told so, in place of the answer.
  app.use(conditional());
  app.use(etag({ weak: true }));
  app.use(answerErrors(log));
  app.use(refuseOtherHosts(reach.hosts));
  app.use(refuseOtherSites());
  app.use(
    routesOf(handlersOf(database, instruments, hub), {
      identify: identifier(database, reach),
      onEnd: (session, end) => hub.onEnd(session, end),
    }).routes(),
  );
  app.use(serveApplication(applicationFolder));
  return app;
}
