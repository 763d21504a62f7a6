import Router from '@koa/router';
import Koa from 'koa';
import helmet from 'koa-helmet';
import type { Logger } from 'pino';
import type { Database } from './database/connect';
import type { Instruments } from './instruments/instruments';
import type { LiveHub } from './live/hub';
import { answerErrors } from './middleware/answerErrors';
import { enforcePolicy } from './middleware/enforcePolicy';
import { identify } from './middleware/identify';
import type { Reach } from './middleware/identify';
import { logRequests } from './middleware/logRequests';
import { readJson } from './middleware/readJson';
import { refuseOtherSites } from './middleware/refuseOtherSites';
import { serveApplication } from './middleware/serveApplication';
import { accessRoutes } from './routes/access';
import { benchRoutes } from './routes/bench';
import { cellRunRoutes } from './routes/cellRuns';
import { labDayRoutes } from './routes/labDays';
import { exchangeRoutes } from './routes/exchange';
import { generalRoutes } from './routes/general';
import { groupRoutes } from './routes/groups';
import { instrumentRoutes } from './routes/instruments';
import { liveRoutes } from './routes/live';
import { procedureRoutes } from './routes/procedures';
import { reportRoutes } from './routes/reports';
import { keptRunRoutes } from './routes/keptRuns';
import { shelfRoutes } from './routes/shelf';

/** Every address of the API. */
export function apiRouter(database: Database, instruments: Instruments, hub: LiveHub): Router {
  const api = new Router({ prefix: '/api' });
  for (const routes of [
    labDayRoutes,
    procedureRoutes,
    shelfRoutes,
    benchRoutes,
    keptRunRoutes,
    generalRoutes,
    reportRoutes,
    exchangeRoutes,
    accessRoutes,
    groupRoutes,
  ])
    api.use(routes(database).routes());
  api.use(instrumentRoutes(database, instruments).routes());
  api.use(cellRunRoutes(database, instruments).routes());
  api.use(liveRoutes(database, hub).routes());
  return api;
}

/** What is said when whoever asked is no longer there. */
const goneAway = new Set(['ERR_STREAM_PREMATURE_CLOSE', 'EPIPE', 'ECONNRESET']);

/** The server as a list of middlewares: log, headers, errors in words, JSON in, the API, the application. */
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
  app.use(answerErrors(log));
  app.use(refuseOtherSites());
  app.use(readJson());
  app.use(identify(database, reach));
  app.use(enforcePolicy('/api'));
  app.use(apiRouter(database, instruments, hub).routes());
  app.use(serveApplication(applicationFolder));
  return app;
}
