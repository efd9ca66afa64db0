/**
 * A case as an open file: its events with their chain, from which all else follows. Version 1; the JSON Schema in
 * `docs/formats` is made from what stands here.
 */
import * as z from 'zod';
import { applyEvent, type CaseState, openCase, type Stamp } from '../record/case';
import { caseEventSchema, examinerEventSchema, type RecordedEvent, sha256Schema } from '../record/events';
import { judge } from '../record/judge';
import { caseSubjectSchema, entryWorkingSchema, operationResultSchema } from '../record/result';
import { houseRulesSchema } from '../scheme/rules';
import { plainText } from '../senses/drawing';

export const CASE_FORMAT = 'foxing-case';
export const CASE_FORMAT_VERSION = 1;
/** Events in one file. */
const MOST_EVENTS = 20000;

/** What came of an event of this kind stands beside it. */
const RESULTS: Readonly<Record<string, z.ZodType>> = {
  operation: operationResultSchema.nullable(),
  entry: entryWorkingSchema,
  'opened-up': z.strictObject({ identity: z.string().max(2000) }),
};

const asked = [...caseEventSchema.options, ...examinerEventSchema.options].map((option) => {
  const result = RESULTS[option.shape.kind.value];
  return result ? z.strictObject({ ...option.shape, result }) : option;
});

const recordedEventSchema = z.union([
  z.strictObject({
    kind: z.literal('opened'),
    payload: z.strictObject({ subject: caseSubjectSchema, rules: houseRulesSchema, chemistry: z.string().max(64).optional() }),
  }),
  z.strictObject({ kind: z.literal('unreplayable'), payload: z.strictObject({ reason: z.string().max(2000) }) }),
  ...asked,
]);

const bodySchema = z.strictObject({
  case: z.uuid(),
  seq: z.int().positive(),
  id: z.uuid(),
  /** When it arrived. */
  at: z.iso.datetime(),
  /** When it was done, where it had to wait. */
  done: z.iso.datetime().optional(),
  who: z.strictObject({ id: z.uuid(), name: z.string().min(1).max(200) }),
  /** Hash of the event before; empty for the first. */
  previous: z.union([z.literal(''), sha256Schema]),
  event: recordedEventSchema,
});

export const caseFileSchema = z.strictObject({
  format: z.literal(CASE_FORMAT, `this is no case of Foxing: "format" must be "${CASE_FORMAT}"`),
  version: z.literal(CASE_FORMAT_VERSION, `only version ${CASE_FORMAT_VERSION} of the format is read`),
  case: z.uuid(),
  /** What would tell the sample is left out: the sample is sealed, and its events no longer match their hashes. */
  sealed: z.boolean(),
  events: z
    .array(z.strictObject({ body: bodySchema, hash: sha256Schema }))
    .min(1, 'the case has no events')
    .max(MOST_EVENTS, `a case has at most ${MOST_EVENTS} events`),
});
type ParsedFile = z.infer<typeof caseFileSchema>;

/** An event with its place in the chain. */
export interface FiledEvent {
  readonly body: Omit<ParsedFile['events'][number]['body'], 'event'> & { readonly event: RecordedEvent };
  /** SHA-256 of the canonical text (RFC 8785) of the body. */
  readonly hash: string;
}

export interface CaseFile extends Omit<ParsedFile, 'events'> {
  readonly events: readonly FiledEvent[];
}

/** Without what only the simulator knows: words where the house gives none, what reacted, what was seen but not written. */
function withheld(event: RecordedEvent): RecordedEvent {
  if (event.kind !== 'operation' || !event.result) return event;
  const { result } = event;
  const vessels = Object.fromEntries(
    Object.entries(result.vessels).map(([id, v]) => [id, v && { ...v, drawing: { ...v.drawing, text: plainText(v.drawing) } }]),
  );
  return { ...event, result: { ...result, see: [], equations: [], vessels } };
}

/** A case to be taken elsewhere; of a sealed one what would tell it stays here. */
export function fileOf(id: string, state: CaseState, events: readonly FiledEvent[]): CaseFile {
  const sealed = state.subject.kind === 'simulated' && state.status !== 'opened-up';
  return {
    format: CASE_FORMAT,
    version: CASE_FORMAT_VERSION,
    case: id,
    sealed,
    events: sealed ? events.map(({ body, hash }) => ({ hash, body: { ...body, event: withheld(body.event) } })) : events,
  };
}

/** When, where in the order and by whom an event of a file was recorded. */
export const stampOf = ({ seq, at, done, who }: Pick<FiledEvent['body'], 'seq' | 'at' | 'done' | 'who'>): Stamp => ({
  seq,
  at,
  ...(done !== undefined && { done }),
  who: who.name,
});

/** What is wrong with a file; the message says where. */
export class CaseFileError extends Error {}

const MOST_DETAIL = 300;

/** @throws CaseFileError when the value is no case file. */
export function readCaseFile(value: unknown): CaseFile {
  const parsed = caseFileSchema.safeParse(value);
  if (parsed.success) return parsed.data as CaseFile;
  const issue = parsed.error.issues[0]!;
  const path = issue.path.map(String).join('.');
  throw new CaseFileError(`${path ? `${path}: ` : ''}${issue.message}`.slice(0, MOST_DETAIL));
}

/**
 * The case that a file tells.
 * @throws CaseFileError when an event could not have come where it stands.
 */
export function stateOf(file: CaseFile): CaseState {
  let state: CaseState | null = null;
  for (const { body } of file.events) {
    const stamp = stampOf(body);
    try {
      state = state ? applyEvent(state, possible(state, body.event), stamp) : openCase(body.event, stamp);
    } catch (error) {
      throw new CaseFileError(`event ${body.seq}: ${error instanceof Error ? error.message : String(error)}`);
    }
  }
  return state!;
}

function possible(state: CaseState, event: RecordedEvent): RecordedEvent {
  if (event.kind === 'opened' || event.kind === 'unreplayable') return event;
  const { result: _, ...bare } = event;
  judge(state, bare as Parameters<typeof judge>[1]);
  return event;
}
