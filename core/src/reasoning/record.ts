/** A record as it comes from a file or a case, made fit for reasoning. */
import * as z from 'zod';
import { SCHOOLS } from '../scheme/model';
import { FREE_WORK } from '../scheme/tests';
import { madeBefore } from '../scheme/procedure';
import { strictly } from '../vocabulary/strict';
import { observationSchema } from '../vocabulary/observation';
import { type Op, opSchema } from '../bench/ops';
import { rulesFor } from './atlas';
import { type RecordEntry, underTheirTests } from './entries';

const raw = strictly({
  kind: z.enum(['salt', 'compound']).default('salt'),
  school: z.enum(SCHOOLS).default('no-sulfide'),
  'max-cations': z.int().min(1).max(2).default(2),
  'max-anions': z.int().min(1).max(2).default(2),
  'not-available': z.array(z.string().max(60)).max(200).default([]),
  entries: z
    .array(
      strictly({
        test: z.string().max(80).default(FREE_WORK),
        /** What was done, where no test is named. */
        did: z.array(opSchema).min(1).max(200).optional(),
        observed: z.array(z.unknown()).max(60),
        /** What a blank showed that was done beside it. */
        blank: z.array(z.unknown()).max(60).optional(),
        confidence: z.enum(['sure', 'unsure']).optional(),
        control: z.literal('blank').optional(),
      }),
    )
    .max(2000),
});

export interface ParsedRecord {
  readonly school: (typeof SCHOOLS)[number];
  readonly kind: 'salt' | 'compound';
  readonly limits: { readonly cations: number; readonly anions: number };
  readonly notAvailable: readonly string[];
  readonly entries: readonly RecordEntry[];
  /** Observations that are not in the vocabulary, left out. */
  readonly unread: readonly { readonly entry: number; readonly why: string }[];
}

export class RecordError extends Error {}

/**
 * Reads a record. Observations outside the vocabulary are left out and named; a record of the wrong shape is refused.
 * @throws RecordError naming the field.
 */
export function parseRecord(value: unknown): ParsedRecord {
  const parsed = raw.safeParse(value);
  if (!parsed.success) {
    const { issues } = parsed.error;
    const issue = issues.find((i) => i.code === 'unrecognized_keys') ?? issues[0]!;
    throw new RecordError(`${issue.path.map(String).join('.') || 'record'}: ${issue.message}`);
  }
  const unread: { entry: number; why: string }[] = [];
  const scheme = parsed.data.kind === 'compound' ? 'organic' : parsed.data.school;
  const done: Op[] = [];
  const entries = parsed.data.entries.flatMap((e, i): RecordEntry[] => {
    const number = i + 1;
    const read = (told: readonly unknown[]) =>
      told.flatMap((o) => {
        const one = observationSchema.safeParse(o);
        if (one.success) return [one.data];
        const issue = one.error.issues[0]!;
        unread.push({ entry: number, why: `${issue.path.map(String).join('.') || 'observation'}: ${issue.message}` });
        return [];
      });
    const did = e.did && { before: madeBefore(done, e.did), own: e.did };
    if (e.did) done.push(...e.did);
    return [
      {
        number,
        test: e.test,
        ...(did && { did }),
        observed: read(e.observed),
        ...(e.confidence && { confidence: e.confidence }),
        ...(e.control && { control: e.control }),
      },
      ...(e.blank ? [{ number, test: e.test, ...(did && { did }), observed: read(e.blank), control: 'blank' as const }] : []),
    ];
  });
  return {
    school: parsed.data.school,
    kind: parsed.data.kind,
    limits: { cations: parsed.data['max-cations'], anions: parsed.data['max-anions'] },
    notAvailable: parsed.data['not-available'],
    entries: underTheirTests(entries, scheme, rulesFor(scheme)),
    unread,
  };
}
