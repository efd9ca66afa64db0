/** The HTTP interface as schemas: what the server promises and the browser relies on. */
import { z } from 'zod';
import { caseEventSchema } from '#core/record/events';
import { observationSchema } from '#core/senses/vocabulary';

export const personSchema = z.object({ id: z.uuid(), name: z.string() });
export type Person = z.infer<typeof personSchema>;

/** A jar on the shelf: what its label says, never what is in it. */
export const jarSchema = z.object({ id: z.string(), name: z.string(), look: z.string(), story: z.string() });
export type Jar = z.infer<typeof jarSchema>;

export const caseSummarySchema = z.object({
  id: z.uuid(),
  name: z.string(),
  look: z.string(),
  kind: z.enum(['simulated']),
  createdAt: z.string(),
  updatedAt: z.string(),
  entries: z.number(),
  left: z.number(),
  of: z.number(),
  unit: z.enum(['g', 'mL']),
  minutes: z.number(),
  hinted: z.array(z.string()),
  concluded: z.boolean(),
});
export type CaseSummary = z.infer<typeof caseSummarySchema>;

const drawnSolid = z.object({ hex: z.string(), texture: z.string(), fill: z.number(), hanging: z.boolean() });

/** What is needed to draw a vessel: colours and proportions, no words of chemistry. */
export const drawingSchema = z.object({
  mL: z.number(),
  liquid: z.object({ hex: z.string(), cloudy: z.boolean() }).optional(),
  solid: drawnSolid.optional(),
  layer: z.object({ hex: z.string(), mL: z.number(), position: z.enum(['upper', 'lower']) }).optional(),
  beneath: z.object({ mL: z.number(), ring: z.string().optional() }).optional(),
  dry: z.object({ hex: z.string(), fill: z.number() }).optional(),
  sublimate: z.string().optional(),
  droplets: z.boolean(),
  bubbles: z.number(),
  fumes: z.string().optional(),
  /** The same in words. */
  text: z.string(),
});
export type Drawing = z.infer<typeof drawingSchema>;

export const vesselSchema = z.object({
  id: z.string(),
  celsius: z.number(),
  drops: z.number(),
  lastReagent: z.string().optional(),
  family: z.array(z.string()),
  drawing: drawingSchema,
});
export type VesselView = z.infer<typeof vesselSchema>;

/** Something held up beside the tube by the last operation: a paper, a flame, a splint, a smell. */
export const showingSchema = z.object({
  kind: z.enum(['paper', 'flame', 'splint', 'smell', 'limewater', 'fumes', 'bead', 'charcoal']),
  title: z.string(),
  hex: z.string().optional(),
  before: z.string().optional(),
  text: z.string(),
});
export type Showing = z.infer<typeof showingSchema>;

export const entrySchema = z.object({
  number: z.number(),
  test: z.string(),
  vessel: z.string().optional(),
  observed: z.array(observationSchema),
  note: z.string().optional(),
  inference: z.string().optional(),
  confidence: z.enum(['sure', 'unsure']),
  at: z.string(),
  who: z.string(),
  struck: z.object({ reason: z.string(), at: z.string(), who: z.string() }).optional(),
});
export type EntryView = z.infer<typeof entrySchema>;

export const conclusionSchema = z.object({
  found: z.array(z.object({ ion: z.string(), claim: z.enum(['confirmed', 'may-be-present']), evidence: z.array(z.number()) })),
  formula: z.string().optional(),
  remarks: z.string().optional(),
  signed: z.string(),
  at: z.string(),
});

export const suspectSchema = z.object({
  ion: z.string(),
  state: z.enum(['open', 'hinted', 'ruled-out']),
  because: z.array(z.object({ entry: z.number(), speaks: z.enum(['for', 'against']), text: z.string() })),
});
export type SuspectView = z.infer<typeof suspectSchema>;

export const caseViewSchema = z.object({
  summary: caseSummarySchema,
  seq: z.number(),
  vessels: z.array(vesselSchema),
  entries: z.array(entrySchema),
  /** Standard tests on which something was done. */
  worked: z.record(z.string(), z.array(z.string())),
  suspects: z.array(suspectSchema),
  timers: z.array(z.object({ id: z.string(), label: z.string(), due: z.string() })),
  conclusion: conclusionSchema.nullable(),
  showing: showingSchema.nullable(),
  /** The vessel of the last operation. */
  active: z.string().nullable(),
  warnings: z.array(z.string()),
});
export type CaseView = z.infer<typeof caseViewSchema>;

export const newCaseSchema = z.strictObject({ jar: z.string().min(1).max(40) });

/** An event as sent: it says which event it follows, and carries its own id so that a repeat is known for one. */
export const appendSchema = z.strictObject({ id: z.uuid(), after: z.int().nonnegative(), event: caseEventSchema });
export type Append = z.infer<typeof appendSchema>;

/** RFC 9457 problem details, with a stable code and what to do. */
export const problemSchema = z.object({
  type: z.string(),
  title: z.string(),
  status: z.number(),
  code: z.enum(['bad-input', 'not-found', 'stale', 'forbidden', 'too-many', 'internal']),
  detail: z.string(),
});
export type Problem = z.infer<typeof problemSchema>;
