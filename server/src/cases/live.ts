/** Tells open windows that a case has moved on: PostgreSQL notifies, server-sent events carry it. */
import type { Response } from 'express';
import pg from 'pg';
import { z } from 'zod';

const notice = z.object({ id: z.string(), seq: z.number() });
const HEARTBEAT_MS = 25000;
const RECONNECT_MS = 2000;

export class LiveUpdates {
  private readonly listeners = new Map<string, Set<Response>>();
  private client: pg.Client | null = null;
  private closed = false;
  private readonly heartbeat: NodeJS.Timeout;

  constructor(private readonly url: string) {
    this.heartbeat = setInterval(() => this.everyone((res) => res.write(': still here\n\n')), HEARTBEAT_MS);
    this.heartbeat.unref();
  }

  async connect(): Promise<void> {
    const client = new pg.Client({ connectionString: this.url });
    client.on('notification', (message) => {
      const { id, seq } = notice.parse(JSON.parse(message.payload ?? '{}'));
      for (const res of this.listeners.get(id) ?? []) res.write(`data: ${seq}\n\n`);
    });
    client.on('error', () => {
      if (!this.closed) setTimeout(() => void this.connect().catch(() => undefined), RECONNECT_MS).unref();
    });
    await client.connect();
    await client.query('listen case_event');
    this.client = client;
  }

  subscribe(caseId: string, res: Response): void {
    res.writeHead(200, { 'content-type': 'text/event-stream', 'cache-control': 'no-store', connection: 'keep-alive' });
    res.write(': listening\n\n');
    const set = this.listeners.get(caseId) ?? new Set();
    this.listeners.set(caseId, set.add(res));
    res.on('close', () => {
      set.delete(res);
      if (!set.size) this.listeners.delete(caseId);
    });
  }

  private everyone(tell: (res: Response) => void): void {
    for (const set of this.listeners.values()) for (const res of set) tell(res);
  }

  async close(): Promise<void> {
    this.closed = true;
    clearInterval(this.heartbeat);
    this.everyone((res) => res.end());
    await this.client?.end();
  }
}
