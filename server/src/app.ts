import { existsSync } from 'node:fs';
import type { IncomingHttpHeaders } from 'node:http';
import { join } from 'node:path';
import compression from 'compression';
import express, { type Express, type RequestHandler } from 'express';
import type { Doors } from '#contract';
import { rateLimit } from 'express-rate-limit';
import helmet from 'helmet';
import type { Logger } from 'pino';
import { actor, identify } from './access/access';
import type { Cases } from './cases/cases';
import { Debriefs } from './cases/debriefs';
import { classRoutes } from './classes/routes';
import type { LiveUpdates } from './cases/live';
import { caseRoutes } from './cases/routes';
import { compoundRoutes } from './compounds/routes';
import type { Db } from './db/pool';
import { exchangeRoutes } from './exchange/routes';
import { Equations } from './handbook/equations';
import { handbookRoutes } from './handbook/routes';
import { knownHost, sameOrigin, wellFormed } from './http/guards';
import { HttpProblem, problems, unknownRoute } from './http/problem';
import type { CaseReasoning } from './reasoning/case-reasoning';
import type { Passphrases } from './people/passphrase';
import { doorRoutes, peopleRoutes } from './people/routes';
import { laboratoryRoutes, openingRoutes } from './laboratory/routes';
import { photoRoutes } from './photos/routes';
import { preparationRoutes } from './preparation/routes';
import { reportRoutes } from './report/routes';
import { ruleRoutes } from './rules/rules';
import { healthRoutes } from './watch/health';
import { requestLog } from './watch/log';
import type { Metrics } from './watch/metrics';
import type { BenchTasks } from './workers/bench';
import { searchRoutes } from './search/routes';
import type { Crew } from './workers/crew';
import type { ThoughtTasks } from './workers/thought';

export interface AppParts {
  readonly db: Db;
  readonly live: LiveUpdates;
  readonly cases: Cases;
  readonly reasoning: CaseReasoning;
  readonly bench: Crew<BenchTasks>;
  readonly thought: Crew<ThoughtTasks>;
  readonly passphrases: Passphrases;
  readonly log: Logger;
  /** Folder of the built interface; absent in server tests. */
  readonly web?: string;
  /** Names besides localhost under which the server is reached. */
  readonly hosts?: readonly string[];
  /** Address of a proxy in front: what it says of an asker's address, name and line is believed, and nobody else. */
  readonly proxy?: string;
  /** Whether people reach it over TLS, ended here or by the proxy. */
  readonly isSecure?: boolean;
  readonly doors?: Doors;
  readonly metrics: Metrics;
  /** Opens /metrics for who is not on this machine. */
  readonly metricsToken?: string;
  readonly threadsReady: () => boolean;
  readonly isClosing: () => boolean;
  readonly requestsPerMinute?: number;
}

const NO_DOORS: Doors = { addresses: [], authority: null };
const SECONDS_A_YEAR = 365 * 24 * 3600;

/** Numbers are for this machine, or for who knows the token. */
const ownMachine =
  (token: string | undefined): RequestHandler =>
  (req, _res, next) => {
    const isHere = /^(127\.|::1$|::ffff:127\.)/.test(req.ip ?? '');
    if (!isHere && (token === undefined || req.get('authorization') !== `Bearer ${token}`))
      throw new HttpProblem('forbidden', 'Metrics are for this machine, or for who has the token.');
    next();
  };

/** Of one person; a keyboard in a hurry stays well below. */
const REQUESTS_PER_MINUTE = 1200;

const perPerson = (limit: number) =>
  rateLimit({
    windowMs: 60000,
    limit,
    standardHeaders: false,
    // Nobody is told apart by address here.
    validate: false,
    legacyHeaders: false,
    keyGenerator: (req) => actor(req).id,
    handler: () => {
      throw new HttpProblem('too-many', 'Too many requests in a minute; they are taken up again in a moment.');
    },
  });

/** A file that is taken in is read as a file, though a browser says of one in JSON that it is JSON. */
const TAKES_FILES = '/cases/import';
const isRequest = (req: { url?: string; headers: IncomingHttpHeaders }): boolean =>
  req.url !== TAKES_FILES && /^application\/json\b/i.test(req.headers['content-type'] ?? '');

export function createApp({
  db,
  live,
  cases,
  reasoning,
  bench,
  thought,
  passphrases,
  log,
  web,
  hosts,
  proxy,
  isSecure = false,
  doors = NO_DOORS,
  metrics,
  ...rest
}: AppParts): Express {
  const { requestsPerMinute = REQUESTS_PER_MINUTE } = rest;
  const app = express();
  if (proxy !== undefined) app.set('trust proxy', proxy);
  app.disable('x-powered-by');
  // Answers are never kept, so that no tag is needed to ask whether they changed.
  app.disable('etag');
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          defaultSrc: ["'self'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          workerSrc: ["'self'"],
          styleSrc: ["'self'", "'unsafe-inline'"],
          scriptSrc: ["'self'"],
          connectSrc: ["'self'"],
          objectSrc: ["'none'"],
          frameAncestors: ["'none'"],
          upgradeInsecureRequests: null,
        },
      },
      strictTransportSecurity: isSecure && { maxAge: SECONDS_A_YEAR, includeSubDomains: false },
    }),
  );
  app.use(requestLog(log), metrics.time);
  app.use((req, res, next) => {
    res.setHeader('x-request-id', req.tag!);
    next();
  });
  app.use(healthRoutes(db, rest.threadsReady, rest.isClosing));
  app.get('/metrics', ownMachine(rest.metricsToken), async (_req, res) => {
    res.type(metrics.registry.contentType).send(await metrics.registry.metrics());
  });
  app.use(knownHost(hosts));
  // What is asked for by reading may be long, save the stream of notices; answers to writing are short.
  app.get(/^\/(?!api\/live)/, compression());
  const equations = new Equations(thought);
  const debriefs = new Debriefs(db, cases, bench);
  const api = express.Router();
  api.use(
    sameOrigin,
    express.json({ limit: '200kb', type: isRequest }),
    wellFormed,
    (_req, res, next) => {
      res.setHeader('cache-control', 'no-store');
      next();
    },
    doorRoutes(db, passphrases),
    openingRoutes(db, passphrases),
    identify(db),
    perPerson(requestsPerMinute),
    // What is asked for most comes first.
    caseRoutes(db, cases, debriefs, live, reasoning, thought),
    peopleRoutes(db, passphrases),
    classRoutes(db, cases, debriefs, thought, passphrases),
    photoRoutes(db, cases),
    reportRoutes(db, cases, thought, equations),
    exchangeRoutes(db, cases, bench, thought),
    searchRoutes(db),
    laboratoryRoutes(db, doors),
    preparationRoutes(db, thought),
    ruleRoutes(db),
    handbookRoutes(db, thought, equations),
    compoundRoutes(db, bench, thought),
    unknownRoute,
  );
  app.use('/api', api);
  if (web && existsSync(web)) {
    app.use('/assets', express.static(join(web, 'assets'), { immutable: true, maxAge: '1y' }));
    // The service worker is asked for anew each time, so that a newer application is noticed.
    app.use(express.static(web, { index: false, setHeaders: (res) => void res.setHeader('cache-control', 'no-cache') }));
    app.get(/^\/(?!api\/|assets\/).*/, (_req, res) => {
      res.sendFile(join(web, 'index.html'));
    });
  }
  app.use(unknownRoute);
  app.use(problems(log));
  return app;
}
