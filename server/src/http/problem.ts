import type { ErrorRequestHandler, RequestHandler } from 'express';
import type { Logger } from 'pino';
import { type ZodError, type z } from 'zod';
import type { Problem } from '#contract';
import { troubleIn } from '../db/pool';

const STATUS = {
  'bad-input': 422,
  'not-found': 404,
  stale: 409,
  forbidden: 403,
  'signed-out': 401,
  'too-many': 429,
  busy: 503,
  away: 503,
  internal: 500,
} as const satisfies Record<Problem['code'], number>;

/** Seconds after which it is worth asking again. */
const RETRY_AFTER: Partial<Record<Problem['code'], number>> = { 'too-many': 5, busy: 2, away: 3 };

/** An error that the person can do something about; the message says what. */
export class HttpProblem extends Error {
  constructor(
    readonly code: Problem['code'],
    readonly detail: string,
    readonly extra: Readonly<Record<string, unknown>> = {},
  ) {
    super(detail);
  }
}

export function check<T extends z.ZodType>(schema: T, value: unknown): z.infer<T> {
  const parsed = schema.safeParse(value);
  if (parsed.success) return parsed.data;
  throw new HttpProblem('bad-input', firstIssue(parsed.error));
}

const MOST_DETAIL = 400;

function firstIssue(error: ZodError): string {
  const issue = error.issues[0]!;
  const path = issue.path.map(String).join('.');
  return (path ? `${path}: ${issue.message}` : issue.message).slice(0, MOST_DETAIL);
}

export const unknownRoute: RequestHandler = (req) => {
  throw new HttpProblem('not-found', `There is nothing at ${req.method} ${req.path.slice(0, 200)}.`);
};

/** Everything that goes wrong leaves as problem+json; what we did not expect is logged and told without detail. */
export const problems =
  (log: Logger): ErrorRequestHandler =>
  (error: unknown, req, res, next) => {
    if (res.headersSent) {
      next(error);
      return;
    }
    const known = asProblem(error);
    if (!known) log.error({ err: error, tag: req.tag, method: req.method }, 'unexpected');
    if (troubleIn(error) === 'disk-full') log.error('the disk is full: nothing can be saved until there is room on it');
    const tag = req.tag ?? '';
    const problem =
      known ??
      new HttpProblem(
        'internal',
        `Something went wrong on our side; nothing was saved. Try again; if it happens again, tell the administrator: ${tag}.`,
      );
    const status = STATUS[problem.code];
    const retry = RETRY_AFTER[problem.code];
    if (retry) res.setHeader('retry-after', String(retry));
    res
      .status(status)
      .type('application/problem+json')
      .json({
        type: 'about:blank',
        title: problem.code,
        status,
        code: problem.code,
        detail: problem.detail,
        tag,
        ...problem.extra,
      });
  };

const TROUBLE = {
  away: 'The database cannot be reached just now; nothing was lost. Try again in a moment.',
  'disk-full': 'The disk of the server is full; this was not saved. Make room on it, then repeat it.',
} as const;

/** Words for what express and its parsers refuse. */
const REFUSED: Readonly<Record<string, string>> = {
  'entity.parse.failed': 'The request is not valid JSON.',
  'charset.unsupported': 'The request is in a character set that is not read here; send UTF-8.',
  'encoding.unsupported': 'The request is compressed in a way that is not read here; send it plain.',
  'request.aborted': 'The request broke off.',
};

function asProblem(error: unknown): HttpProblem | null {
  if (error instanceof HttpProblem) return error;
  const trouble = troubleIn(error);
  if (trouble) return new HttpProblem('away', TROUBLE[trouble]);
  const { status, type, limit } = (error ?? {}) as { status?: number; type?: string; limit?: number };
  if (type === 'entity.too.large')
    return new HttpProblem('bad-input', `The request is too large; send at most ${Math.round((limit ?? 0) / 1024)} kB.`);
  if (type !== undefined && Object.hasOwn(REFUSED, type)) return new HttpProblem('bad-input', REFUSED[type]!);
  if (status !== undefined && status >= 400 && status < 500)
    return new HttpProblem('bad-input', 'The request could not be read.');
  return null;
}
