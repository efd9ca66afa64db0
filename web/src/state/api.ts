/** The server, reached only through the contract. */
import { z } from 'zod';
import { type Append, caseSummarySchema, type CaseView, caseViewSchema, jarSchema, problemSchema } from '#contract';

export class ApiError extends Error {
  constructor(
    message: string,
    readonly code: string,
  ) {
    super(message);
  }
}

async function call<T extends z.ZodType>(schema: T, path: string, body?: unknown): Promise<z.infer<T>> {
  let response: Response;
  try {
    response = await fetch(`/api${path}`, {
      ...(body !== undefined && { method: 'POST', body: JSON.stringify(body), headers: { 'content-type': 'application/json' } }),
    });
  } catch {
    throw new ApiError('Foxing cannot be reached; nothing is lost. Check the connection and try again.', 'offline');
  }
  const data: unknown = await response.json().catch(() => null);
  if (!response.ok) {
    const problem = problemSchema.safeParse(data);
    throw new ApiError(
      problem.success ? problem.data.detail : 'Foxing did not answer as expected.',
      problem.data?.code ?? 'internal',
    );
  }
  return schema.parse(data);
}

export const api = {
  cases: () => call(z.array(caseSummarySchema), '/cases'),
  jars: () => call(z.array(jarSchema), '/jars'),
  open: (id: string): Promise<CaseView> => call(caseViewSchema, `/cases/${id}`),
  create: (jar: string): Promise<CaseView> => call(caseViewSchema, '/cases', { jar }),
  append: (id: string, request: Append): Promise<CaseView> => call(caseViewSchema, `/cases/${id}/events`, request),
};
