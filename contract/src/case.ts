/** A case over HTTP: what a list says of it, and what changed in it. */
import type { Received } from '#core/vocabulary/received';
import * as z from 'zod';
import { opSchema } from '#core/bench/ops';
import { type Wash, WASHES } from '#core/organic/data/washes';
import { caseEventSchema, SAID } from '#core/record/events';
import { entryWorkingSchema, equationSchema } from '#core/record/result';
import { LEVELS } from '#core/reasoning/data/levels';
import { houseRulesSchema } from '#core/scheme/rules';
import { type Drawing, drawingSchema, type Scene, type Showing, showingSchema } from '#core/senses/drawn';
import { observationSchema } from '#core/vocabulary/observation';

export { drawingSchema, showingSchema };
export type { Drawing, Scene, Showing };

export const statusSchema = z.enum(['open', 'signed', 'returned', 'marked', 'opened-up']);

export const caseSummarySchema = z.object({
  id: z.uuid(),
  createdAt: z.string(),
  name: z.string(),
  look: z.string(),
  kind: z.enum(['simulated', 'real']),
  matter: z.enum(['salt', 'compound']),
  updatedAt: z.string(),
  entries: z.number(),
  left: z.number(),
  of: z.number(),
  unit: z.enum(['g', 'mL']),
  minutes: z.number(),
  hinted: z.array(z.string()),
  status: statusSchema,
  concluded: z.boolean(),
  /** Of a case that was taken in from elsewhere: when, and who began it there. */
  takenIn: z.object({ at: z.string(), author: z.string() }).nullable(),
  /** Of the work that was set in a class, if it is that. */
  set: z.uuid().nullable().default(null),
});
export type CaseSummary = Received<z.infer<typeof caseSummarySchema>>;

/** As it stands in the list of cases. */
export const listedCaseSchema = caseSummarySchema.extend({ archived: z.boolean() });
export type ListedCase = Received<z.infer<typeof listedCaseSchema>>;

/** An entry or a report that was found by its words; what was looked for stands between ⟦ and ⟧. */
export const foundSchema = z.object({
  case: z.uuid(),
  name: z.string(),
  /** Of the entry; null for a report. */
  number: z.number().nullable(),
  excerpt: z.string(),
});
export type Found = Received<z.infer<typeof foundSchema>>;

export const droppedSchema = z.object({ dropped: z.literal(true) });

export const archivingSchema = z.strictObject({ archived: z.boolean() });

export const vesselSchema = z.object({
  id: z.string(),
  celsius: z.number(),
  drops: z.number(),
  lastReagent: z.string().optional(),
  family: z.array(z.string()),
  /** What a shared tube of the scheme holds, by name. */
  holds: z.string().optional(),
  drawing: drawingSchema,
});
export type VesselView = Received<z.infer<typeof vesselSchema>>;

export const entrySchema = z.object({
  number: z.number(),
  test: z.string(),
  /** Of free work, what it was in all but name, or its bottles. */
  called: z.string().optional(),
  vessel: z.string().optional(),
  observed: z.array(observationSchema),
  blank: z.array(observationSchema).optional(),
  note: z.string().optional(),
  inference: z.string().optional(),
  infers: z.array(z.object({ of: z.string(), says: z.enum(SAID) })).optional(),
  confidence: z.enum(['sure', 'unsure']),
  at: z.string(),
  /** When it was written down, where it arrived later. */
  done: z.string().optional(),
  who: z.string(),
  struck: z.object({ reason: z.string(), at: z.string(), who: z.string() }).optional(),
  /** The run, tubes and operations that it speaks of. */
  working: entryWorkingSchema,
});
export type EntryView = Received<z.infer<typeof entrySchema>>;

/** A photo beside the record, by the SHA-256 of its bytes. */
export const photoSchema = z.object({
  photo: z.string(),
  width: z.number(),
  height: z.number(),
  test: z.string(),
  vessel: z.string().optional(),
  caption: z.string().optional(),
  /** The entry with which it stands; null until its test has one. */
  entry: z.number().nullable(),
  at: z.string(),
});
export type PhotoView = Received<z.infer<typeof photoSchema>>;

/** A photo as it was kept. */
export const keptPhotoSchema = photoSchema.pick({ photo: true, width: true, height: true });
export type KeptPhoto = Received<z.infer<typeof keptPhotoSchema>>;

export const reportSchema = z.object({
  found: z.array(z.object({ ion: z.string(), claim: z.enum(['confirmed', 'may-be-present']), evidence: z.array(z.number()) })),
  formula: z.string().optional(),
  remarks: z.string().optional(),
  signed: z.string(),
  at: z.string(),
});

const workedTestSchema = z.object({
  id: z.string(),
  vessels: z.array(z.string()),
  /** Its last run: how many steps are done, and which tubes stand for its places. */
  run: z.object({ id: z.string(), done: z.number(), tubes: z.record(z.string(), z.string()) }).optional(),
});

/** What of a case is not as it was after an event; after event 0, all of it. */
export const caseChangesSchema = z.object({
  /** These changes go on from event `after` and lead to event `seq`. */
  after: z.number(),
  seq: z.number(),
  summary: caseSummarySchema,
  vessels: z.array(vesselSchema),
  gone: z.array(z.string()),
  entries: z.array(entrySchema),
  photos: z.array(photoSchema),
  /** Standard tests on which something was done. */
  tests: z.array(workedTestSchema),
  warnings: z.array(z.string()),
  timers: z.array(
    z.object({ id: z.string(), label: z.string(), due: z.string(), tube: z.string().optional(), test: z.string().optional() }),
  ),
  rules: houseRulesSchema,
  /** The signed report in force. */
  report: reportSchema.nullable(),
  returned: z.object({ reason: z.string(), at: z.string() }).nullable(),
  marks: z.object({ marks: z.number(), of: z.number(), remarks: z.string().optional() }).nullable(),
  /** What it was, once it was opened up. */
  identity: z.string().nullable(),
  /** Why nothing more can be done in it. */
  readOnly: z.string().nullable(),
  /** Its last operation was worked out with a chemistry that has been corrected since. */
  olderChemistry: z.boolean(),
  /** The vessel of the last operation. */
  active: z.string().nullable(),
  /** Words for what the last operation showed, when the house rules give that help. */
  words: z.array(observationSchema).optional(),
  showing: showingSchema.nullable(),
  /** What was washed out of a mixture of compounds. */
  portions: z.array(z.object({ id: z.string(), wash: z.enum(Object.keys(WASHES) as [Wash, ...Wash[]]), formed: z.boolean() })),
  /** What the last sodium fusion taught. */
  fusion: z.object({ good: z.boolean(), remarks: z.array(z.string()) }).nullable(),
  /** What reacted in the last operation, once the identity may be known. */
  equations: z.array(equationSchema).optional(),
});
export type CaseChanges = Received<z.infer<typeof caseChangesSchema>>;

/** A case as it is known: all changes from the first event on. */
export type CaseView = CaseChanges;

/** Items in their order, the newer in the place of the older. */
function merged<T, K>(before: readonly T[], now: readonly T[], keyOf: (item: T) => K): T[] {
  const all = new Map(before.map((item) => [keyOf(item), item]));
  for (const item of now) all.set(keyOf(item), item);
  return [...all.values()];
}

/**
 * The case after further changes; changes that are known already alter nothing.
 * @throws RangeError when changes in between are missing.
 */
export function withChanges(known: CaseView, changes: CaseChanges): CaseView {
  if (changes.seq <= known.seq) return known;
  if (changes.after > known.seq)
    throw new RangeError(`changes after event ${changes.after} do not go on from event ${known.seq}`);
  return {
    ...changes,
    after: 0,
    vessels: merged(known.vessels, changes.vessels, (v) => v.id).filter((v) => !changes.gone.includes(v.id)),
    gone: [],
    entries: merged(known.entries, changes.entries, (e) => e.number),
    photos: merged(known.photos, changes.photos, (p) => p.photo),
    tests: merged(known.tests, changes.tests, (t) => t.id),
    warnings: [...new Set([...known.warnings, ...changes.warnings])],
  };
}

/** Told over the event stream: a case of the person has moved on; or any may have, so look again. */
export const noticeSchema = z.union([z.object({ case: z.uuid(), seq: z.number() }), z.object({ again: z.literal(true) })]);
export type Notice = Received<z.infer<typeof noticeSchema>>;

export const realSampleSchema = z.strictObject({
  name: z.string().trim().min(1, 'give it a name or number').max(60),
  look: z.string().trim().min(1, 'say what it looks like').max(80),
  grams: z.number().positive('weigh it: grams, above nothing').max(1000),
  matter: z.enum(['salt', 'compound']).default('salt'),
});
export type RealSample = Received<z.infer<typeof realSampleSchema>>;

/** A structure that someone sets as an unknown: what it is stays on the server once the case is begun. */
export const ownStructureSchema = z.strictObject({
  name: z.string().trim().min(1, 'give it a name or number that does not tell').max(60),
  smiles: z.string().trim().min(1, 'write its SMILES, such as CC(=O)O').max(500),
  grams: z.number().positive('grams, above nothing').max(100),
});
export type OwnStructure = Received<z.infer<typeof ownStructureSchema>>;

export const MOST_SALTS = 6;

/** A salt or a mixture that someone sets as an unknown, by formulas and masses. */
export const ownSaltsSchema = z.strictObject({
  name: z.string().trim().min(1, 'give it a name or number that does not tell').max(60),
  salts: z
    .array(
      z.strictObject({
        formula: z.string().trim().min(1, 'write its formula, such as CuSO4·5H2O').max(80),
        grams: z.number().positive('grams, above nothing').max(100, 'no more than 100 g of each'),
      }),
    )
    .min(1, 'write at least one formula')
    .max(MOST_SALTS, `no more than ${MOST_SALTS} salts in one jar`),
});
export type OwnSalts = Received<z.infer<typeof ownSaltsSchema>>;

export const newCaseSchema = z.union([
  z.strictObject({ jar: z.string().min(1).max(40) }),
  z.strictObject({ random: z.enum(LEVELS) }),
  z.strictObject({ salts: ownSaltsSchema }),
  z.strictObject({ real: realSampleSchema }),
  z.strictObject({ structure: ownStructureSchema }),
  z.strictObject({ portion: z.strictObject({ case: z.uuid(), id: z.string().min(1).max(24) }) }),
]);
export type NewCase = Received<z.infer<typeof newCaseSchema>>;

const waySchema = z.object({ tests: z.array(z.string()), minutes: z.number() });
export type WayView = Received<z.infer<typeof waySchema>>;

/** One's own way to a report, and a shorter one where it could be worked out. */
export const waysSchema = z.object({ own: waySchema, shorter: waySchema.nullable() });
export type Ways = Received<z.infer<typeof waysSchema>>;

/** What would have been done in the place of operations of a case that was opened up. */
export const branchRequestSchema = z.strictObject({
  instead: z
    .array(z.strictObject({ seq: z.int().positive(), ops: z.array(opSchema).max(6) }))
    .min(1)
    .max(20),
});
export type BranchRequest = Received<z.infer<typeof branchRequestSchema>>;

export const reckonRequestSchema = z.strictObject({ tube: z.string().min(1).max(24), reagent: z.string().min(1).max(60) });
export type ReckonRequest = Received<z.infer<typeof reckonRequestSchema>>;

export const reckoningSchema = z.object({
  mL: z.number(),
  acid: z.number(),
  waterTo: z.number().optional(),
  neutralise: z.object({ end: z.enum(['just-basic', 'just-acidic']), mL: z.number() }).optional(),
  enough: z.number().optional(),
});
export type ReckoningView = Received<z.infer<typeof reckoningSchema>>;

/** An event as sent: it says which event it follows, and carries its own id so that a repeat is known for one. */
export const appendSchema = z.strictObject({
  id: z.uuid(),
  after: z.int().nonnegative(),
  event: caseEventSchema,
  /** When it was done, where it had to wait: by the device's clock, put right by what is known of its error. */
  done: z.iso.datetime().optional(),
});
export type Append = Received<z.infer<typeof appendSchema>>;
