/** What can happen to a case. Events are appended and never changed; the case is their fold. */
import { z } from 'zod';
import { opSchema } from '../bench/ops';
import { observationSchema } from '../senses/vocabulary';

const text = (max: number) => z.string().trim().max(max);
const entryNumber = z.int().positive();
const ion = z.string().min(1).max(30);

export const caseEventSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('operation'),
    payload: z.strictObject({
      op: opSchema,
      test: text(60).optional(),
      /** One working of a test: which of its steps this is, and the tubes that stand for its places. */
      run: z.strictObject({ id: z.uuid(), step: z.int().nonnegative().max(200), tubes: z.record(text(10), text(24)) }).optional(),
    }),
  }),
  z.strictObject({
    kind: z.literal('entry'),
    payload: z.strictObject({
      test: text(60),
      vessel: text(24).optional(),
      observed: z.array(observationSchema).max(20),
      note: text(600).optional(),
      inference: text(600).optional(),
      confidence: z.enum(['sure', 'unsure']).optional(),
    }),
  }),
  z.strictObject({
    kind: z.literal('strike'),
    payload: z.strictObject({ entry: entryNumber, reason: text(300).min(1, 'say why the entry is struck') }),
  }),
  z.strictObject({
    kind: z.literal('timer'),
    payload: z.strictObject({
      id: text(40).min(1),
      label: text(80).min(1),
      minutes: z.number().positive().max(600),
      tube: text(24).optional(),
      test: text(60).optional(),
    }),
  }),
  z.strictObject({ kind: z.literal('timer-done'), payload: z.strictObject({ id: text(40).min(1) }) }),
  z.strictObject({
    kind: z.literal('conclusion'),
    payload: z.strictObject({
      found: z
        .array(
          z.strictObject({
            ion,
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
  }),
]);

export type CaseEvent = z.infer<typeof caseEventSchema>;
export type EventOf<K extends CaseEvent['kind']> = Extract<CaseEvent, { kind: K }>;
