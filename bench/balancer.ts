/** A small balancer: every request to the next server in turn, streams included. */
import { createServer, request } from 'node:http';
import type { AddressInfo } from 'node:net';

export interface Balancer {
  readonly url: string;
  /** Requests that each server was given. */
  readonly given: readonly number[];
  close(): Promise<void>;
}

export async function balance(servers: readonly string[]): Promise<Balancer> {
  const given = servers.map(() => 0);
  let turn = 0;
  const front = createServer((asked, answer) => {
    const i = turn++ % servers.length;
    given[i]!++;
    const behind = request(
      new URL(asked.url ?? '/', servers[i]),
      { method: asked.method ?? 'GET', headers: asked.headers },
      (from) => {
        answer.writeHead(from.statusCode ?? 502, from.headers);
        from.pipe(answer);
      },
    );
    behind.on('error', () => (answer.headersSent ? answer.destroy() : answer.writeHead(502).end()));
    answer.on('close', () => behind.destroy());
    asked.pipe(behind);
  });
  await new Promise<void>((listening) => front.listen(0, '127.0.0.1', listening));
  return {
    url: `http://127.0.0.1:${(front.address() as AddressInfo).port}`,
    given,
    close: async () => {
      front.closeAllConnections();
      await new Promise((closed) => front.close(closed));
    },
  };
}
