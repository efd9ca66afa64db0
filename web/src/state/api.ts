/** The server, reached only through the contract. */
import * as z from 'zod';
import { type HouseRules, houseRulesSchema } from '#core/scheme/rules';
import type { FiledEvent } from '#core/exchange/case-file';
import type { BranchStep } from '#core/practice/branch';
import type { Debrief } from '#core/practice/debrief';
import type { CaseReport } from '#core/report/report';
import {
  accountViewSchema,
  type Append,
  type CaseChanges,
  caseChangesSchema,
  compoundSchema,
  type Effort,
  droppedSchema,
  foundSchema,
  type KeptPhoto,
  keptPhotoSchema,
  equationsSchema,
  givenSchema,
  archivingSchema,
  type BranchRequest,
  benchesSchema,
  classSchema,
  classViewSchema,
  type DrawingOfSet,
  drawnSetSchema,
  doorsSchema,
  keepingSchema,
  laboratorySchema,
  meSchema,
  openedSchema,
  type OpeningAsked,
  type NewSetAsked,
  type Paper,
  paperViewSchema,
  partSchemeSchema,
  personSchema,
  proposedMarksSchema,
  resultsSchema,
  type Review,
  type SetChange,
  setSchema,
  type Unknown,
  waysSchema,
  importedSchema,
  listedCaseSchema,
  type importSchema,
  jarSchema,
  type NewCase,
  type PreparationPrinting,
  problemSchema,
  reasoningSchema,
  type ReckonRequest,
  reckoningSchema,
  type StockList,
  stockSchema,
} from '#contract';
import { ApiError } from './api-error';
import { whileBusy } from './patience';

interface Asking {
  /** Sent as it is when it is a file, else as JSON. */
  readonly body?: unknown;
  readonly method?: string;
  readonly signal?: AbortSignal;
}

async function problemOf(response: Response): Promise<ApiError> {
  const problem = problemSchema.safeParse(await response.json().catch(() => null));
  const seconds = Number(response.headers.get('retry-after') ?? NaN);
  const detail = problem.success ? problem.data.detail : 'Foxing did not answer as expected.';
  return new ApiError(detail, problem.data?.code ?? 'internal', Number.isFinite(seconds) ? seconds : undefined);
}

/** @param base address of the server; where the page came from by default. */
export function createApi(base = '') {
  /** The server's clock less this device's, ms, as of the last answer. */
  let offset = 0;
  const readClock = ({ headers }: Response) => {
    const told = Date.parse(headers.get('date') ?? '');
    // The header tells whole seconds.
    if (!Number.isNaN(told)) offset = Math.abs(told - Date.now()) < 2000 ? 0 : told - Date.now();
  };
  async function ask(path: string, { body, method = 'POST', signal }: Asking): Promise<Response> {
    try {
      const response = await fetch(`${base}/api${path}`, {
        ...(signal && { signal }),
        ...(body instanceof Blob
          ? { method, body }
          : body !== undefined && { method, body: JSON.stringify(body), headers: { 'content-type': 'application/json' } }),
      });
      readClock(response);
      return response;
    } catch {
      throw new ApiError('Foxing cannot be reached; nothing is lost. Check the connection and try again.', 'offline');
    }
  }
  async function answered(path: string, asking: Asking): Promise<Response> {
    const response = await ask(path, asking);
    if (!response.ok) throw await problemOf(response);
    return response;
  }
  async function once<T extends z.ZodType>(schema: T, path: string, asking: Asking = {}) {
    return schema.parse(await (await answered(path, asking)).json()) as z.infer<T>;
  }
  const call = <T extends z.ZodType>(schema: T, path: string, asking: Asking = {}) =>
    whileBusy(() => once(schema, path, asking), asking.signal);
  const file = (path: string, body: unknown): Promise<Blob> => whileBusy(async () => (await answered(path, { body })).blob());
  return {
    clockOffset: () => offset,
    cases: () => call(z.array(listedCaseSchema), '/cases'),
    jars: () => call(z.array(jarSchema), '/jars'),
    /** What happened in a case after an event; all of it after 0. */
    changes: (id: string, after: number): Promise<CaseChanges> => call(caseChangesSchema, `/cases/${id}?after=${after}`),
    create: (asked: NewCase): Promise<CaseChanges> => call(caseChangesSchema, '/cases', { body: asked }),
    archive: (id: string, archived: boolean) =>
      call(archivingSchema, `/cases/${id}/archived`, { body: { archived }, method: 'PUT' }),
    drop: (id: string) => call(droppedSchema, `/cases/${id}`, { body: {}, method: 'DELETE' }),
    /** What this device keeps to go on without the server. */
    events: (id: string, after: number): Promise<readonly FiledEvent[]> =>
      call(z.array(z.custom<FiledEvent>()), `/cases/${id}/events?after=${after}`),
    sendPhoto: (id: string, photo: Blob): Promise<KeptPhoto> => call(keptPhotoSchema, `/cases/${id}/photos`, { body: photo }),
    report: (id: string) => call(z.custom<CaseReport>(), `/cases/${id}/report`),
    debrief: (id: string) => call(z.custom<Debrief>(), `/cases/${id}/debrief`),
    ways: (id: string) => call(waysSchema, `/cases/${id}/shorter`),
    branch: (id: string, instead: BranchRequest['instead']) =>
      call(z.custom<BranchStep[]>(), `/cases/${id}/branch`, { body: { instead } }),
    search: (text: string, signal: AbortSignal) =>
      call(z.array(foundSchema), `/search?q=${encodeURIComponent(text)}`, { signal }),
    takeIn: (file: Blob): Promise<CaseChanges> => call(caseChangesSchema, '/cases/import', { body: file }),
    /** Whoever sends a record sees to it that what waits is sent again. */
    append: (id: string, request: Append): Promise<CaseChanges> =>
      once(caseChangesSchema, `/cases/${id}/events`, { body: request }),
    reasoning: (id: string, effort: Effort, signal: AbortSignal) =>
      call(reasoningSchema, `/cases/${id}/reasoning?effort=${effort}`, { signal }),
    reckon: (id: string, asked: ReckonRequest) => call(reckoningSchema, `/cases/${id}/reckoning`, { body: asked }),
    stock: () => call(stockSchema, '/stock'),
    saveStock: (items: StockList) => call(stockSchema, '/stock', { body: items, method: 'PUT' }),
    printPreparation: (asked: PreparationPrinting): Promise<Blob> => file('/preparation/pdf', asked),
    me: () => call(meSchema, '/me'),
    signIn: (asked: { login: string; passphrase: string }) => call(personSchema, '/sign-in', { body: asked }),
    join: (asked: { code: string; name: string; login: string; passphrase: string }) =>
      call(personSchema, '/join', { body: asked }),
    signOut: (everywhere: boolean) => call(z.unknown(), '/sign-out', { body: { everywhere } }),
    /** One of the demo's made-up people, or the local person again. */
    be: (person: string | null) => call(personSchema, '/me', { body: { person }, method: 'PUT' }),
    turnOnAccounts: (asked: { login: string; passphrase: string }) => call(z.unknown(), '/accounts', { body: asked }),
    laboratory: () => call(laboratorySchema, '/laboratory'),
    /** Takes up the one-time address of a laboratory. */
    open: (asked: OpeningAsked) => call(openedSchema, '/opening', { body: asked }),
    doors: () => call(doorsSchema, '/doors'),
    /** For who keeps the machine: backups, and privileged acts. */
    keeping: () => call(keepingSchema, '/keeping'),
    classes: () => call(z.array(classSchema), '/classes'),
    classOf: (id: string) => call(classViewSchema, `/classes/${id}`),
    makeClass: (name: string) => call(classSchema, '/classes', { body: { name } }),
    joinClass: (code: string) => call(z.unknown(), '/classes/join', { body: { code } }),
    changeClass: (id: string, change: { gone?: boolean; code?: 'new' | 'none' }) =>
      call(classSchema, `/classes/${id}`, { body: change, method: 'PUT' }),
    changePassphrase: (asked: { current: string; passphrase: string }) =>
      call(z.unknown(), '/me/passphrase', { body: asked, method: 'PUT' }),
    people: () => call(z.array(accountViewSchema), '/people'),
    addPerson: (asked: { name: string; login: string; passphrase: string; role: 'instructor' | 'student' }) =>
      call(personSchema, '/people', { body: asked }),
    /** By who keeps the machine. */
    givePassphrase: (person: string, passphrase: string) =>
      call(z.unknown(), `/people/${person}/passphrase`, { body: { passphrase }, method: 'PUT' }),
    resetPassphrase: (id: string, person: string, passphrase: string) =>
      call(z.unknown(), `/classes/${id}/people/${person}/passphrase`, { body: { passphrase }, method: 'PUT' }),
    drawSet: (asked: DrawingOfSet) => call(drawnSetSchema, '/draws', { body: asked }),
    assess: (unknowns: readonly Unknown[], tests: readonly string[] | null) =>
      call(drawnSetSchema, '/assessments', { body: { unknowns, tests } }),
    setWork: (id: string, asked: NewSetAsked) => call(setSchema, `/classes/${id}/sets`, { body: asked }),
    paperScheme: (paper: Paper) => call(z.array(partSchemeSchema), '/papers/scheme', { body: paper }),
    paper: (set: string) => call(paperViewSchema, `/sets/${set}/paper`),
    scheme: (set: string) => call(z.array(partSchemeSchema), `/sets/${set}/scheme`),
    changeSet: (id: string, change: SetChange) => call(setSchema, `/sets/${id}`, { body: change, method: 'PUT' }),
    /** @param after only those on which something was done since. */
    benches: (id: string, after?: string) =>
      call(benchesSchema, `/sets/${id}/benches${after === undefined ? '' : `?after=${encodeURIComponent(after)}`}`),
    results: (id: string) => call(resultsSchema, `/sets/${id}/results`),
    marks: (id: string) => call(proposedMarksSchema, `/cases/${id}/marks`),
    review: (id: string, review: Review) => call(caseChangesSchema, `/cases/${id}/review`, { body: review }),
    rules: (): Promise<HouseRules> => call(houseRulesSchema, '/house-rules'),
    saveRules: (rules: HouseRules): Promise<HouseRules> => call(houseRulesSchema, '/house-rules', { body: rules, method: 'PUT' }),
    givenInTest: (test: string) => call(z.array(givenSchema), `/handbook/tests/${encodeURIComponent(test)}`),
    equationsOf: (test: string) => call(z.array(equationsSchema), `/handbook/tests/${encodeURIComponent(test)}/equations`),
    givenBy: (suspect: string) => call(z.array(givenSchema), `/handbook/suspects/${encodeURIComponent(suspect)}`),
    compounds: () => call(z.array(compoundSchema), '/compounds'),
    importCompounds: (asked: z.infer<typeof importSchema>) => call(importedSchema, '/compounds/list', { body: asked }),
    emptyOwnCompounds: () => call(importedSchema, '/compounds/list', { body: {}, method: 'DELETE' }),
  };
}

export type Api = ReturnType<typeof createApi>;
export const api = createApi();

/** Where a structure's drawing is. */
export const drawingOf = (smiles: string): string => `/api/compounds/drawing.svg?smiles=${encodeURIComponent(smiles)}`;
/** Where a case is to be had in an open format, and its report on paper. */
export const exportAddress = (id: string, format: 'json' | 'eln' | 'csv' | 'md'): string => `/api/cases/${id}/export/${format}`;
export const pdfAddress = (id: string, length: 'short' | 'full'): string => `/api/cases/${id}/report.pdf?length=${length}`;
export const listAddress = (format: string): string => `/api/compounds/list?format=${format}`;
