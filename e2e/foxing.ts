/** A Foxing for the browser to visit, in a process of its own. */
import { fork } from 'node:child_process';
import { once } from 'node:events';
import { bundleOf } from '../atlas/src/bundle';

export interface Foxing {
  readonly url: string;
  stop(): Promise<void>;
  /** Serves again what its database holds. */
  start(): Promise<void>;
  remove(): Promise<void>;
}

export async function foxingAt(port: number): Promise<Foxing> {
  const child = fork(await bundleOf(new URL('./server.ts', import.meta.url)), {
    env: { ...process.env, PORT: String(port) },
    stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
  });
  const gone = once(child, 'exit');
  const ended = gone.then(([code]) => Promise.reject(new Error(`the server of the browser tests ended (${code})`)));
  const answer = async () => ((await Promise.race([once(child, 'message'), ended])) as [{ url?: string }])[0];
  const tell = async (word: 'start' | 'stop') => {
    child.send(word);
    await answer();
  };
  const { url } = await answer();
  return {
    url: url!,
    stop: () => tell('stop'),
    start: () => tell('start'),
    remove: async () => {
      child.kill('SIGTERM');
      await gone;
    },
  };
}
