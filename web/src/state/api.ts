/** The server, reached only through the contract. */
import { z } from 'zod';
import { type HouseRules, houseRulesSchema } from '#core/scheme/rules';
import {
  type Append,
  caseSummarySchema,
  type CaseView,
  caseViewSchema,
  compoundSchema,
  type Effort,
  equationsSchema,
  givenSchema,
  importedSchema,
  type importSchema,
  jarSchema,
  type NewCase,
  problemSchema,
  reasoningSchema,
  type ReckonRequest,
  reckoningSchema,
} from '#contract';

export class ApiError extends Error {
  constructor(
    message: string,
    readonly code: string,
  ) {
    super(message);
  }
}

async function call<T extends z.ZodType>(
  schema: T,
  path: string,
  body?: unknown,
  method = 'POST',
  signal?: AbortSignal,
): Promise<z.infer<T>> {
  let response: Response;
  try {
    response = await fetch(`/api${path}`, {
      ...(signal && { signal }),
      ...(body !== undefined && { method, body: JSON.stringify(body), headers: { 'content-type': 'application/json' } }),
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
  create: (asked: NewCase): Promise<CaseView> => call(caseViewSchema, '/cases', asked),
  reasoning: (id: string, effort: Effort, signal: AbortSignal) =>
    call(reasoningSchema, `/cases/${id}/reasoning?effort=${effort}`, undefined, 'GET', signal),
  reckon: (id: string, asked: ReckonRequest) => call(reckoningSchema, `/cases/${id}/reckoning`, asked),
  rules: (): Promise<HouseRules> => call(houseRulesSchema, '/house-rules'),
  saveRules: (rules: HouseRules): Promise<HouseRules> => call(houseRulesSchema, '/house-rules', rules, 'PUT'),
  givenInTest: (test: string) => call(z.array(givenSchema), `/handbook/tests/${encodeURIComponent(test)}`),
  equationsOf: (test: string) => call(z.array(equationsSchema), `/handbook/tests/${encodeURIComponent(test)}/equations`),
  givenBy: (suspect: string) => call(z.array(givenSchema), `/handbook/suspects/${encodeURIComponent(suspect)}`),
  compounds: () => call(z.array(compoundSchema), '/compounds'),
  importCompounds: (asked: z.infer<typeof importSchema>) => call(importedSchema, '/compounds/list', asked),
  emptyOwnCompounds: () => call(importedSchema, '/compounds/list', {}, 'DELETE'),
  append: (id: string, request: Append): Promise<CaseView> => call(caseViewSchema, `/cases/${id}/events`, request),
};

/** Where a structure's drawing is. */
export const drawingOf = (smiles: string): string => `/api/compounds/drawing.svg?smiles=${encodeURIComponent(smiles)}`;
export const listAddress = (format: string): string => `/api/compounds/list?format=${format}`;
