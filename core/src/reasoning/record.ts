/** A record as it comes from a file or a case, made fit for reasoning. */
import * as z from 'zod';
import { SCHOOLS } from '../scheme/model';
import { observationSchema } from '../vocabulary/observation';
import type { RecordEntry } from './entries';

const raw = z.object({
  kind: z.enum(['salt', 'compound']).default('salt'),
  school: z.enum(SCHOOLS).default('no-sulfide'),
  'max-cations': z.int().min(1).max(2).default(2),
  'max-anions': z.int().min(1).max(2).default(2),
  'not-available': z.array(z.string().max(60)).max(200).default([]),
  entries: z
    .array(
      z.object({
        test: z.string().max(80),
        observed: z.array(z.unknown()).max(60),
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
    const issue = parsed.error.issues[0]!;
    throw new RecordError(`${issue.path.map(String).join('.') || 'record'}: ${issue.message}`);
  }
  const unread: { entry: number; why: string }[] = [];
  const entries = parsed.data.entries.map((e, i): RecordEntry => {
    const observed = e.observed.flatMap((o) => {
      const one = observationSchema.safeParse(o);
      if (one.success) return [one.data];
      const issue = one.error.issues[0]!;
      unread.push({ entry: i + 1, why: `${issue.path.map(String).join('.') || 'observation'}: ${issue.message}` });
      return [];
    });
    return {
      number: i + 1,
      test: e.test,
      observed,
      ...(e.confidence && { confidence: e.confidence }),
      ...(e.control && { control: e.control }),
    };
  });
  return {
    school: parsed.data.school,
    kind: parsed.data.kind,
    limits: { cations: parsed.data['max-cations'], anions: parsed.data['max-anions'] },
    notAvailable: parsed.data['not-available'],
    entries,
    unread,
  };
}
