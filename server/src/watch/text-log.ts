/** A log for people: the same lines, written out. */
import { Writable } from 'node:stream';

const LEVELS: Readonly<Record<number, string>> = { 30: '', 40: 'warning: ', 50: 'error: ', 60: 'error: ' };

interface Line {
  readonly time: number;
  readonly level: number;
  readonly msg?: string;
  readonly method?: string;
  readonly path?: string;
  readonly status?: number;
  readonly ms?: number;
  readonly tag?: string;
  readonly err?: { readonly message?: string };
}

const written = ({ time, level, msg = '', method, path, status, ms, tag, err }: Line): string => {
  const what = path === undefined ? [msg, err?.message].filter(Boolean).join(': ') : `${method} ${path} ${status} in ${ms} ms`;
  return `${new Date(time).toISOString()} ${LEVELS[level] ?? ''}${what}${tag === undefined ? '' : ` [${tag}]`}\n`;
};

export const textual = (): Writable =>
  new Writable({
    write(chunk: Buffer, _encoding, done) {
      process.stderr.write(written(JSON.parse(chunk.toString()) as Line), () => done());
    },
  });
