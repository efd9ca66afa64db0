/** What is measured of a server while it runs, in the text format of Prometheus. */
import type { RequestHandler } from 'express';
import { collectDefaultMetrics, Counter, Gauge, Histogram, Registry } from 'prom-client';
import type { Db } from '../db/pool';

/** Seconds; the last is what an operation may take at most. */
const BUCKETS = [0.005, 0.01, 0.025, 0.05, 0.1, 0.25, 0.5, 1, 2.5, 5, 10, 20];

/** Where a number is read off when it is asked for. */
export interface Gauged {
  readonly db: Db;
  readonly streams: () => number;
  /** Tasks that wait and that are being done, by crew. */
  readonly crews: Readonly<Record<string, () => { readonly waiting: number; readonly running: number }>>;
  /** Looks that wait, by effort. */
  readonly looks: () => Readonly<Record<string, number>>;
  /** When the last backup succeeded, s since 1970; null where there was none. */
  readonly lastBackup: () => Promise<number | null>;
  /** Backups that failed. */
  readonly failedBackups: () => Promise<number>;
}

export class Metrics {
  readonly registry = new Registry();
  private readonly requests: Histogram<'method' | 'route' | 'status'>;
  readonly thinking: Histogram<'effort'>;
  readonly events: Counter<'kind'>;

  constructor({ db, streams, crews, looks, lastBackup, failedBackups }: Gauged) {
    const registers = [this.registry];
    collectDefaultMetrics({ register: this.registry });
    this.requests = new Histogram({
      name: 'foxing_request_seconds',
      help: 'Time of requests by method, route and status.',
      labelNames: ['method', 'route', 'status'],
      buckets: BUCKETS,
      registers,
    });
    this.thinking = new Histogram({
      name: 'foxing_thinking_seconds',
      help: 'Time that looks at a record took a thread, by effort.',
      labelNames: ['effort'],
      buckets: BUCKETS,
      registers,
    });
    this.events = new Counter({
      name: 'foxing_events_total',
      help: 'Events appended to cases, by kind.',
      labelNames: ['kind'],
      registers,
    });
    new Gauge({
      name: 'foxing_streams',
      help: 'Event streams that are open.',
      registers,
      collect() {
        this.set(streams());
      },
    });
    new Gauge({
      name: 'foxing_tasks',
      help: 'Tasks of worker threads, by crew and by whether they wait or run.',
      labelNames: ['crew', 'state'],
      registers,
      collect() {
        for (const [crew, of] of Object.entries(crews))
          for (const [state, count] of Object.entries(of())) this.set({ crew, state }, count);
      },
    });
    new Gauge({
      name: 'foxing_looks_waiting',
      help: 'Looks at records that wait for a thread, by effort.',
      labelNames: ['effort'],
      registers,
      collect() {
        for (const [effort, count] of Object.entries(looks())) this.set({ effort }, count);
      },
    });
    new Gauge({
      name: 'foxing_database_connections',
      help: 'Connections of the pool, by state.',
      labelNames: ['state'],
      registers,
      collect() {
        this.set({ state: 'idle' }, db.idleCount);
        this.set({ state: 'busy' }, db.totalCount - db.idleCount);
        this.set({ state: 'waited-for' }, db.waitingCount);
      },
    });
    new Gauge({
      name: 'foxing_last_backup_timestamp_seconds',
      help: 'When the last backup succeeded.',
      registers,
      async collect() {
        this.set((await lastBackup()) ?? 0);
      },
    });
    new Gauge({
      name: 'foxing_failed_backups',
      help: 'Backups that failed, of those that are remembered.',
      registers,
      async collect() {
        this.set(await failedBackups());
      },
    });
  }

  /** Times every request, under the path that its route was written with, so that no id is a label. */
  readonly time: RequestHandler = (req, res, next) => {
    const end = this.requests.startTimer({ method: req.method });
    res.on('finish', () => {
      const route = typeof req.route?.path === 'string' ? `${req.baseUrl}${req.route.path as string}` : 'other';
      end({ route, status: res.statusCode });
    });
    next();
  };
}
