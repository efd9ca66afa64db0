/** One line a request, with an id that also stands in every error that a person sees. No body, cookie, query or answer is in it. */
import { randomInt } from 'node:crypto';
import type { RequestHandler } from 'express';
import type { Logger } from 'pino';

declare module 'express-serve-static-core' {
  interface Request {
    /** Of this request, short enough to be read out. */
    tag?: string;
  }
}

/** No letter or digit that is taken for another. */
const LETTERS = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789';
const LENGTH = 6;

const freshTag = (): string => Array.from({ length: LENGTH }, () => LETTERS[randomInt(LETTERS.length)]).join('');

/** A path without what may name somebody or something: ids and codes. */
const plainPath = (path: string): string =>
  path
    .replaceAll(/[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}/g, ':id')
    .replaceAll(/[0-9a-f]{64}/g, ':hash')
    .replace(/^(\/join)\/.*/, '$1/:code')
    .slice(0, 200);

export function requestLog(log: Logger): RequestHandler {
  return (req, res, next) => {
    req.tag = freshTag();
    const since = performance.now();
    const path = plainPath(req.path);
    res.on('close', () => {
      const ms = Math.round(10 * (performance.now() - since)) / 10;
      log.info({ tag: req.tag, method: req.method, path, status: res.statusCode, ms, person: req.person?.id }, 'request');
    });
    next();
  };
}
