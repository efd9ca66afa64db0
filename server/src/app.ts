import { existsSync } from 'node:fs';
import { join } from 'node:path';
import compression from 'compression';
import express, { type Express } from 'express';
import { rateLimit } from 'express-rate-limit';
import helmet from 'helmet';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import { identify } from './access/access';
import type { LiveUpdates } from './cases/live';
import { caseRoutes } from './cases/routes';
import { compoundRoutes } from './compounds/routes';
import type { Db } from './db/pool';
import { handbookRoutes } from './handbook/routes';
import type { Reasoner } from './reasoning/reasoner';
import { ruleRoutes } from './rules/rules';
import { HttpProblem, problems, unknownRoute } from './http/problem';

export interface AppParts {
  readonly db: Db;
  readonly live: LiveUpdates;
  readonly reasoner: Reasoner;
  readonly log: Logger;
  /** Folder of the built interface; absent in server tests. */
  readonly web?: string;
}

const REQUESTS_PER_MINUTE = 1200;

/** Only this server's own pages may write: a request from another origin is refused. */
const sameOrigin: express.RequestHandler = (req, _res, next) => {
  const origin = req.get('origin');
  if (origin && req.method !== 'GET' && new URL(origin).host !== req.get('host'))
    throw new HttpProblem('forbidden', 'This request came from another site.');
  next();
};

export function createApp({ db, live, reasoner, log, web }: AppParts): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(pinoHttp({ logger: log, autoLogging: false }));
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          defaultSrc: ["'self'"],
          imgSrc: ["'self'", 'data:'],
          styleSrc: ["'self'", "'unsafe-inline'"],
          scriptSrc: ["'self'"],
          connectSrc: ["'self'"],
          objectSrc: ["'none'"],
          frameAncestors: ["'none'"],
          upgradeInsecureRequests: null,
        },
      },
      strictTransportSecurity: false,
    }),
  );
  const live_ = /^\/api\/cases\/[^/]+\/live$/;
  app.use(compression({ filter: (req, res) => !live_.test(req.originalUrl) && compression.filter(req, res) }));
  const api = express.Router();
  api.use(
    rateLimit({
      windowMs: 60000,
      limit: REQUESTS_PER_MINUTE,
      standardHeaders: 'draft-8',
      legacyHeaders: false,
      handler: () => {
        throw new HttpProblem('too-many', 'Too many requests in a minute; wait a little.');
      },
    }),
    sameOrigin,
    express.json({ limit: '200kb' }),
    identify(db),
    (_req, res, next) => {
      res.setHeader('cache-control', 'no-store');
      next();
    },
    ruleRoutes(db),
    handbookRoutes(db),
    compoundRoutes(db),
    caseRoutes(db, live, reasoner),
    unknownRoute,
  );
  app.use('/api', api);
  if (web && existsSync(web)) {
    app.use('/assets', express.static(join(web, 'assets'), { immutable: true, maxAge: '1y' }));
    app.use(express.static(web, { index: false }));
    app.get(/^\/(?!api\/|assets\/).*/, (_req, res) => {
      res.sendFile(join(web, 'index.html'));
    });
  }
  app.use(unknownRoute);
  app.use(problems);
  return app;
}
