/**
 * Tells a person's windows that a case has moved on: PostgreSQL carries it to every server, server-sent events to the windows, one
 * stream a person.
 */
import type { Response } from 'express';
import pg from 'pg';
import * as z from 'zod';
import type { Notice } from '#contract';

const newsSchema = z.object({ owner: z.string(), case: z.string(), seq: z.number() });
/** That a person's case has moved on. */
export type News = z.infer<typeof newsSchema>;
const SESSION_END = 'session_end';
const HEARTBEAT_MS = 20000;
const RECONNECT_MS = 1000;
const CONNECT_MS = 5000;
/** Streams a person may have open: more than a browser opens by itself. */
const MOST_STREAMS = 20;

export class LiveUpdates {
  private readonly streams = new Map<string, Set<Response>>();
  /** By the session that they belong to; the empty one is that of whoever needs none. */
  private readonly bySession = new Map<string, Set<Response>>();
  private client: pg.Client | null = null;
  private closed = false;
  private reconnecting: NodeJS.Timeout | undefined;
  private readonly heartbeat: NodeJS.Timeout;

  constructor(private readonly url: string) {
    this.heartbeat = setInterval(() => this.everyone(': still here\n\n'), HEARTBEAT_MS);
    this.heartbeat.unref();
  }

  /** Listens to the database; when the connection is lost, again and again until it is back. */
  async connect(): Promise<void> {
    const client = new pg.Client({ connectionString: this.url, keepAlive: true, connectionTimeoutMillis: CONNECT_MS });
    let lost = false;
    const again = () => {
      if (lost || this.closed) return;
      lost = true;
      this.client = null;
      client.end().catch(() => undefined);
      this.reconnecting = setTimeout(() => void this.connect(), RECONNECT_MS);
      this.reconnecting.unref();
    };
    client.on('error', again);
    client.on('end', again);
    client.on('notification', (message) => {
      if (message.channel === SESSION_END) {
        this.endSession(message.payload ?? '');
        return;
      }
      const { owner, ...notice } = newsSchema.parse(JSON.parse(message.payload ?? '{}'));
      this.tell(owner, notice);
    });
    try {
      await client.connect();
      await client.query('listen case_event');
      await client.query(`listen ${SESSION_END}`);
      this.client = client;
      // Whatever was missed meanwhile.
      this.everyone(frame({ again: true }));
    } catch {
      again();
    }
  }

  /**
   * A stream lives as long as its session.
   * @param session what the database knows it by; empty for whoever needs none.
   * @returns false when the person has too many streams open.
   */
  subscribe(person: string, session: string, res: Response): boolean {
    const open = this.streams.get(person) ?? new Set();
    if (open.size >= MOST_STREAMS) return false;
    res.writeHead(200, { 'content-type': 'text/event-stream', 'cache-control': 'no-store', connection: 'keep-alive' });
    res.write(': listening\n\n');
    const same = this.bySession.get(session) ?? new Set();
    this.streams.set(person, open.add(res));
    this.bySession.set(session, same.add(res));
    res.on('close', () => {
      open.delete(res);
      if (!open.size) this.streams.delete(person);
      same.delete(res);
      if (!same.size) this.bySession.delete(session);
    });
    return true;
  }

  /** Whoever held it hears nothing more. */
  private endSession(session: string): void {
    for (const res of this.bySession.get(session) ?? []) res.end();
  }

  /** Streams that are open. */
  get open(): number {
    let count = 0;
    for (const open of this.streams.values()) count += open.size;
    return count;
  }

  private tell(person: string, notice: Notice): void {
    for (const res of this.streams.get(person) ?? []) res.write(frame(notice));
  }

  private everyone(text: string): void {
    for (const open of this.streams.values()) for (const res of open) res.write(text);
  }

  async close(): Promise<void> {
    this.closed = true;
    clearInterval(this.heartbeat);
    clearTimeout(this.reconnecting);
    for (const open of this.streams.values()) for (const res of open) res.end();
    await this.client?.end().catch(() => undefined);
  }
}

const frame = (notice: Notice): string => `data: ${JSON.stringify(notice)}\n\n`;
