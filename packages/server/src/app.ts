import { apiDescription } from '@yellowwood/contracts';
import express, { Express, Request, Response } from 'express';
import helmet from 'helmet';
import { randomBytes, randomUUID } from 'node:crypto';
import { pino } from 'pino';
import { pinoHttp } from 'pino-http';
import { billingRoutes } from './billing/routes';
import { costsRoutes } from './costs/routes';
import { firmRoutes } from './firm/routes';
import { foundingRoutes } from './founding/routes';
import { ledgerRoutes } from './ledger/routes';
import { peopleRoutes } from './people/routes';
import { Clock } from './platform/clock';
import { Configuration } from './platform/configuration';
import { Database } from './platform/database';
import { answerFaults } from './platform/faults';
import { Platform } from './platform/mount';
import { servePage } from './platform/page';
import { problem } from './platform/problem';
import { foreignWrites, sessions } from './platform/session';
import { resultsRoutes } from './results/routes';
import { reviewRoutes } from './review/routes';
import { timeRoutes } from './time/routes';
import { workRoutes } from './work/routes';

declare module 'express-serve-static-core' {
  interface Request {
    requestId: string;
  }
}

/** Builds the application from its parts; listens to nothing yet. */
export function buildApp(configuration: Configuration, database: Database, clock: Clock): Express {
  const log = pino({ level: configuration.logLevel });
  const app = express();
  app.disable('x-powered-by');
  app.set('etag', 'weak');
  // Only then are X-Forwarded-For, -Proto and -Host believed.
  if (configuration.trustProxy) app.set('trust proxy', configuration.trustProxy);
  app.use((request, response, next) => {
    request.requestId = randomUUID();
    response.locals['nonce'] = randomBytes(16).toString('base64');
    next();
  });
  // Paths hold ids and no names; nothing of a body, a query or a cookie is logged.
  app.use(
    pinoHttp({
      logger: log,
      autoLogging: configuration.logLevel === 'debug',
      serializers: {
        req: (request: { method: string; url: string }) => ({ method: request.method, path: request.url.split('?')[0] }),
        res: (response: { statusCode: number }) => ({ status: response.statusCode }),
      },
    }),
  );
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'", (_request, response) => `'nonce-${(response as Response).locals['nonce']}'`],
          // Angular and Material insert style elements, each with the nonce; bars are sized by style attributes.
          styleSrcElem: ["'self'", (_request, response) => `'nonce-${(response as Response).locals['nonce']}'`],
          styleSrcAttr: ["'unsafe-inline'"],
          imgSrc: ["'self'", 'data:'],
          fontSrc: ["'self'"],
          connectSrc: ["'self'"],
          objectSrc: ["'none'"],
          baseUri: ["'self'"],
          formAction: ["'self'"],
          frameAncestors: ["'none'"],
        },
      },
      strictTransportSecurity: configuration.secureCookies,
    }),
  );
  app.get('/readyz', (_request: Request, response: Response) => {
    database.query('select 1').then(
      () => response.json({ ready: true }),
      () =>
        response
          .status(503)
          .set('Retry-After', '2')
          .type('application/problem+json')
          .send(JSON.stringify(problem('not-ready').document())),
    );
  });
  const description = apiDescription('0.1.0');
  app.get('/api/openapi.json', (_request: Request, response: Response) => void response.json(description));
  app.use('/api', express.json({ limit: '2mb', strict: false }), sessions(configuration, database), foreignWrites(configuration));

  const platform: Platform = { app, database, clock, log };
  peopleRoutes(platform, configuration);
  firmRoutes(platform);
  foundingRoutes(platform, configuration);
  workRoutes(platform);
  costsRoutes(platform);
  ledgerRoutes(platform);
  timeRoutes(platform);
  reviewRoutes(platform);
  billingRoutes(platform);
  resultsRoutes(platform);

  app.use('/api', (_request, _response, next) => next(problem('not-found')));
  if (configuration.webRoot) servePage(app, configuration.webRoot);
  app.use((_request, _response, next) => next(problem('not-found')));
  app.use(answerFaults(log));
  return app;
}
