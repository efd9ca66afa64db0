/** What is refused before anything is done: other sites, other hosts, text that cannot be kept. */
import type { RequestHandler } from 'express';
import { isText, keepable } from './keepable';
import { HttpProblem } from './problem';

/** Names by which a machine calls itself. */
export const LOCAL_HOSTS = ['localhost', '127.0.0.1', '[::1]'];

/** Only names of this server are answered to: a page elsewhere cannot reach it under a name of its own. */
export function knownHost(more: readonly string[] = []): RequestHandler {
  const known = new Set([...LOCAL_HOSTS, ...more.map((h) => h.toLowerCase())]);
  return (req, _res, next) => {
    if (!known.has((req.hostname ?? '').toLowerCase()))
      throw new HttpProblem(
        'forbidden',
        'This server does not go by that name; if it should, start it with --name, or add the name to FOXING_HOSTS.',
      );
    next();
  };
}

const originHost = (origin: string): string | null => (URL.canParse(origin) ? new URL(origin).host : null);

/** Only this server's own pages may write: a request from another origin is refused. */
export const sameOrigin: RequestHandler = (req, _res, next) => {
  const origin = req.get('origin');
  if (origin !== undefined && req.method !== 'GET' && originHost(origin) !== req.host)
    throw new HttpProblem('forbidden', 'This request came from another site.');
  next();
};

export const wellFormed: RequestHandler = (req, _res, next) => {
  if (!keepable(req.body) || !keepable(req.query) || !isText(req.url))
    throw new HttpProblem('bad-input', 'The request holds characters or keys that cannot be kept, or is nested too deep.');
  next();
};
