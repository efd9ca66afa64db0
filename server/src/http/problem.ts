import type { ErrorRequestHandler, RequestHandler } from 'express';
import { type ZodError, type z } from 'zod';
import type { Problem } from '#contract';

const STATUS = { 'bad-input': 422, 'not-found': 404, stale: 409, forbidden: 403, 'too-many': 429, internal: 500 } as const;

/** An error that the person can do something about; the message says what. */
export class HttpProblem extends Error {
  constructor(
    readonly code: Problem['code'],
    readonly detail: string,
    readonly extra: Record<string, unknown> = {},
  ) {
    super(detail);
  }
}

export function check<T extends z.ZodType>(schema: T, value: unknown): z.infer<T> {
  const parsed = schema.safeParse(value);
  if (parsed.success) return parsed.data;
  throw new HttpProblem('bad-input', firstIssue(parsed.error));
}

function firstIssue(error: ZodError): string {
  const issue = error.issues[0]!;
  const path = issue.path.map(String).join('.');
  return path ? `${path}: ${issue.message}` : issue.message;
}

export const unknownRoute: RequestHandler = (req) => {
  throw new HttpProblem('not-found', `There is nothing at ${req.method} ${req.path}.`);
};

/** Everything that goes wrong leaves as problem+json; what we did not expect is logged and told without detail. */
export const problems: ErrorRequestHandler = (error: unknown, req, res, _next) => {
  const known = asProblem(error);
  if (!known) req.log.error({ err: error }, 'unexpected');
  const problem = known ?? new HttpProblem('internal', 'Something went wrong on our side; nothing was saved. Try again.');
  const status = STATUS[problem.code];
  res
    .status(status)
    .type('application/problem+json')
    .json({ type: 'about:blank', title: problem.code, status, code: problem.code, detail: problem.detail, ...problem.extra });
};

function asProblem(error: unknown): HttpProblem | null {
  if (error instanceof HttpProblem) return error;
  const { status, type } = error as { status?: number; type?: string };
  if (type === 'entity.parse.failed') return new HttpProblem('bad-input', 'The request is not valid JSON.');
  if (type === 'entity.too.large') return new HttpProblem('bad-input', 'The request is too large; send at most 200 kB.');
  if (status === 400) return new HttpProblem('bad-input', 'The request could not be read.');
  return null;
}
