import Router from '@koa/router';
import Koa from 'koa';
import helmet from 'koa-helmet';
import type { Logger } from 'pino';
import type { Database } from './database/connect';
import type { Instruments } from './instruments/instruments';
import { answerErrors } from './middleware/answerErrors';
import { logRequests } from './middleware/logRequests';
import { readJson } from './middleware/readJson';
import { serveApplication } from './middleware/serveApplication';
import { benchRoutes } from './routes/bench';
import { dayRoutes } from './routes/days';
import { generalRoutes } from './routes/general';
import { instrumentRoutes } from './routes/instruments';
import { procedureRoutes } from './routes/procedures';
import { reportRoutes } from './routes/reports';
import { runRoutes } from './routes/runs';
import { shelfRoutes } from './routes/shelf';

/** The server as a list of middlewares: log, headers, errors in words, JSON in, the API, the application. */
export function createApp(
  database: Database,
  log: Logger,
  applicationFolder: string,
  instruments: Instruments,
): Koa {
  const api = new Router({ prefix: '/api' });
  for (const routes of [
    dayRoutes,
    procedureRoutes,
    shelfRoutes,
    benchRoutes,
    runRoutes,
    generalRoutes,
    reportRoutes,
  ])
    api.use(routes(database).routes());
  api.use(instrumentRoutes(database, instruments).routes());
  const app = new Koa();
  app.use(logRequests(log));
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          defaultSrc: ["'self'"],
          // The component library sets styles on elements.
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'data:'],
          upgradeInsecureRequests: null,
        },
      },
      strictTransportSecurity: false,
    }),
  );
  app.use(answerErrors(log));
  app.use(readJson());
  app.use(api.routes());
  app.use(serveApplication(applicationFolder));
  return app;
}
