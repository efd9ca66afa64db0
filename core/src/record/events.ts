/** What can happen to a case. Events are appended and never changed; the case is their fold. */
import type { Received } from '../vocabulary/received';
import * as z from 'zod';
import { opSchema } from '../bench/ops';
import { type HouseRules, houseRulesSchema } from '../scheme/rules';
import { observationSchema } from '../vocabulary/observation';
import type { CaseSubject, EntryWorking, OperationResult } from './result';

const text = (max: number) => z.string().trim().max(max);
const entryNumber = z.int().positive();
const suspect = z.string().min(1).max(30);
const reason = (message: string) => text(300).min(1, message);

/** Names of places and timers become keys: words that mean something to the program are refused. */
const key = (max: number) => text(max).refine((id) => !(id in {}), 'take another name: this one means something to the program');

const event = <K extends string, P extends z.ZodType>(kind: K, payload: P) => z.strictObject({ kind: z.literal(kind), payload });

/** Of the bytes of something kept beside a record, in hexadecimal. */
export const sha256Schema = z.string().regex(/^[0-9a-f]{64}$/, 'this is no SHA-256');
/** Along one side of a photo. */
const MOST_PIXELS = 4000;

/** How much an entry says of a suspect; a group test says no more than that it may be there. */
export const SAID = ['may-be-present', 'present', 'confirmed', 'absent'] as const;
export type Said = (typeof SAID)[number];

/** Events that a person at the bench sends. */
export const caseEventSchema = z.discriminatedUnion('kind', [
  event(
    'operation',
    z.strictObject({
      op: opSchema,
      test: key(60).optional(),
      /** One working of a test: which of its steps this is, and the tubes that stand for its places. */
      run: z.strictObject({ id: z.uuid(), step: z.int().nonnegative().max(200), tubes: z.record(key(10), text(24)) }).optional(),
    }),
  ),
  event(
    'entry',
    z.strictObject({
      test: key(60),
      vessel: text(24).optional(),
      /** The working of the test that it speaks of; by default the last one. */
      run: z.uuid().optional(),
      observed: z.array(observationSchema).max(20),
      /** What a blank showed, done beside it: the same steps without the sample. */
      blank: z.array(observationSchema).min(1).max(20).optional(),
      note: text(600).optional(),
      inference: text(600).optional(),
      /** What it says of single ions, elements or groups. */
      infers: z
        .array(z.strictObject({ of: suspect, says: z.enum(SAID) }))
        .max(12)
        .optional(),
      confidence: z.enum(['sure', 'unsure']).optional(),
    }),
  ),
  /** A photo that is kept beside the record; it stands with the entry named, or with the next one on its test. */
  event(
    'photo',
    z.strictObject({
      photo: sha256Schema,
      width: z.int().positive().max(MOST_PIXELS),
      height: z.int().positive().max(MOST_PIXELS),
      test: key(60),
      vessel: text(24).optional(),
      entry: entryNumber.optional(),
      caption: text(200).optional(),
    }),
  ),
  event('strike', z.strictObject({ entry: entryNumber, reason: reason('say why the entry is struck') })),
  event(
    'timer',
    z.strictObject({
      id: key(40).min(1),
      label: text(80).min(1),
      minutes: z.number().positive().max(600),
      tube: text(24).optional(),
      test: text(60).optional(),
    }),
  ),
  event('timer-done', z.strictObject({ id: key(40).min(1) })),
  /** The report, signed. */
  event(
    'conclusion',
    z.strictObject({
      found: z
        .array(
          z.strictObject({
            ion: suspect,
            claim: z.enum(['confirmed', 'may-be-present']),
            evidence: z.array(entryNumber).min(1, 'name at least one entry as evidence').max(40),
          }),
        )
        .min(1, 'name at least one ion')
        .max(20),
      formula: text(80).optional(),
      remarks: text(1000).optional(),
      signed: text(80).min(1, 'sign with your name'),
    }),
  ),
  /** The signed report is taken back, and the work goes on. */
  event('withdrawn', z.strictObject({ reason: reason('say why the report is withdrawn') })),
  /** The house's rules as they are from now on. */
  event('rules', z.strictObject({ rules: houseRulesSchema })),
  /** The identity is shown; nothing is written after. */
  event('opened-up', z.strictObject({})),
]);

/** Events of an examiner on a signed report. */
export const examinerEventSchema = z.discriminatedUnion('kind', [
  event('returned', z.strictObject({ reason: text(2000).min(1, 'say what is to be done again') })),
  event(
    'marked',
    z.strictObject({ marks: z.number().min(0).max(1000), of: z.number().positive().max(1000), remarks: text(4000).optional() }),
  ),
]);

export type CaseEvent = Received<z.infer<typeof caseEventSchema>>;
export type ExaminerEvent = Received<z.infer<typeof examinerEventSchema>>;
export type EventOf<K extends CaseEvent['kind']> = Extract<CaseEvent, { kind: K }>;

/** What stands in the record: the event, and what came of it when it happened. */
export type RecordedEvent =
  | {
      readonly kind: 'opened';
      /** The chemistry is that of the simulator then; absent for a real sample. */
      readonly payload: { readonly subject: CaseSubject; readonly rules: HouseRules; readonly chemistry?: string };
      readonly result?: undefined;
    }
  | (EventOf<'operation'> & { readonly result: OperationResult | null })
  | (EventOf<'entry'> & { readonly result: EntryWorking })
  | (Exclude<CaseEvent, EventOf<'operation' | 'entry' | 'opened-up'>> & { readonly result?: undefined })
  | (EventOf<'opened-up'> & { readonly result: { readonly identity: string } })
  | (ExaminerEvent & { readonly result?: undefined })
  /** A case from before results were kept, which today's rules could not replay from here on. */
  | { readonly kind: 'unreplayable'; readonly payload: { readonly reason: string }; readonly result?: undefined };

export type RecordedOf<K extends RecordedEvent['kind']> = Extract<RecordedEvent, { kind: K }>;

export type { CaseSubject };
