/** The HTTP interface as schemas: what the server promises and the browser relies on. */
import { z } from 'zod';
import { caseEventSchema } from '#core/record/events';
import { LIST_FORMATS } from '#core/exchange/formats';
import { houseRulesSchema } from '#core/scheme/rules';
import { observationSchema } from '#core/senses/vocabulary';

export const personSchema = z.object({ id: z.uuid(), name: z.string() });
export type Person = z.infer<typeof personSchema>;

/** A jar on the shelf: what its label says, never what is in it. */
export const jarSchema = z.object({
  id: z.string(),
  name: z.string(),
  look: z.string(),
  story: z.string(),
  matter: z.enum(['salt', 'compound']),
});
export type Jar = z.infer<typeof jarSchema>;

export const caseSummarySchema = z.object({
  id: z.uuid(),
  name: z.string(),
  look: z.string(),
  kind: z.enum(['simulated', 'real']),
  matter: z.enum(['salt', 'compound']),
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
  /** What a shared tube of the scheme holds, by name. */
  holds: z.string().optional(),
  drawing: drawingSchema,
});
export type VesselView = z.infer<typeof vesselSchema>;

/** Something held up beside the tube by the last operation: a paper, a flame, a splint, a smell. */
export const showingSchema = z.object({
  kind: z.enum(['paper', 'flame', 'splint', 'smell', 'limewater', 'fumes', 'bead', 'charcoal', 'test']),
  title: z.string(),
  hex: z.string().optional(),
  before: z.string().optional(),
  text: z.string(),
  /** A classification test: the sample, and the controls that were run beside it. */
  tubes: z
    .array(
      z.object({
        of: z.enum(['sample', 'positive', 'negative']),
        drawing: drawingSchema.optional(),
        /** A flame or a paper, where nothing is in a tube. */
        held: z.object({ shape: z.enum(['flame', 'paper']), hex: z.string() }).optional(),
        /** What a thermometer read, °C. */
        celsius: z.tuple([z.number(), z.number()]).optional(),
        text: z.string(),
      }),
    )
    .optional(),
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
  id: z.string(),
  state: z.enum(['open', 'hinted', 'indicated', 'confirmed', 'ruled-out', 'conflict']),
  probability: z.number(),
  because: z.array(z.object({ entry: z.number(), decibans: z.number(), text: z.string() })),
  /** Of what is likely but not confirmed: the quickest test that would prove it. */
  proof: z.string().nullable(),
});
export type SuspectView = z.infer<typeof suspectSchema>;

export const adviceSchema = z.object({
  test: z.string(),
  bits: z.number(),
  minutes: z.number(),
  sample_mg: z.number(),
  hazard: z.enum(['low', 'medium', 'high']),
  why: z.string(),
  splits: z.array(z.object({ outcome: z.string(), probability: z.number() })),
  /** Another test worth doing, that is done while one waits for this one. */
  meanwhile: z.string().optional(),
});
export type AdviceView = z.infer<typeof adviceSchema>;

export const compoundSchema = z.object({
  name: z.string(),
  smiles: z.string(),
  formula: z.string(),
  melts: z.number().optional(),
  boils: z.number().optional(),
  decomposes: z.boolean(),
  /** The sources differ, or we are unsure. */
  uncertain: z.boolean(),
  inWater: z.enum(['soluble', 'partly', 'insoluble']).optional(),
  holds: z.array(z.string()),
  hazards: z.array(z.string()),
  source: z.string(),
  own: z.boolean(),
});
export type CompoundView = z.infer<typeof compoundSchema>;

export const importSchema = z.strictObject({
  format: z.enum(LIST_FORMATS),
  text: z.string().min(1, 'the file is empty').max(150000, 'the file is too large; split it'),
});
export const importedSchema = z.object({ taken: z.number(), refused: z.array(z.object({ at: z.number(), why: z.string() })) });

/** What the samples that hold an ion, element or group show in a test, the commonest first; of the many, some are named. */
export const givenSchema = z.object({
  test: z.string(),
  suspect: z.string(),
  samples: z.number(),
  outcomes: z.array(z.object({ see: z.array(observationSchema), samples: z.number(), such: z.array(z.string()) })),
});
export type GivenView = z.infer<typeof givenSchema>;

const equationSideSchema = z.array(z.object({ count: z.number(), formula: z.string(), solid: z.boolean() }));
/** The net ionic equations by which a test shows an ion or element. */
export const equationsSchema = z.object({
  suspect: z.string(),
  equations: z.array(z.object({ left: equationSideSchema, right: equationSideSchema })),
});
export type EquationsView = z.infer<typeof equationsSchema>;

/** How long to think about a record: as long as someone waits, or until mixtures were looked at thoroughly. */
export const effortSchema = z.enum(['prompt', 'thorough']);
export type Effort = z.infer<typeof effortSchema>;

/** What the record proves; or, when the house wants the person's own inference first, the entries that wait for one. */
export const reasoningSchema = z.union([
  z.object({ waiting: z.array(z.number()).min(1) }),
  z.object({
    waiting: z.null(),
    candidates: z.array(suspectSchema),
    identities: z.array(
      z.object({
        ions: z.array(z.string()),
        probability: z.number(),
        against: z.array(z.number()),
        name: z.string().optional(),
        compound: compoundSchema.optional(),
      }),
    ),
    /** Of a compound: the test that best parts the likeliest few. */
    parting: adviceSchema.nullable(),
    /** Of a compound: nothing in the library explains the record; only elements and groups are certain. */
    beyond: z.boolean(),
    conflicts: z.array(
      z.object({
        entry: z.number(),
        ions: z.array(z.string()),
        against: z.array(z.number()),
        text: z.string(),
        settle: z.string().nullable(),
      }),
    ),
    unused: z.array(z.object({ entry: z.number(), why: z.string() })),
    next: z.array(adviceSchema),
    /** A thorough look may find better: the likeliest is a mixture, or leaves something unexplained. */
    further: z.boolean(),
  }),
]);
export type ReasoningView = z.infer<typeof reasoningSchema>;

export const caseViewSchema = z.object({
  summary: caseSummarySchema,
  seq: z.number(),
  vessels: z.array(vesselSchema),
  entries: z.array(entrySchema),
  /** Standard tests on which something was done. */
  worked: z.record(z.string(), z.array(z.string())),
  timers: z.array(
    z.object({ id: z.string(), label: z.string(), due: z.string(), tube: z.string().optional(), test: z.string().optional() }),
  ),
  /** The last working of each test: how many steps are done, and which tubes stand for its places. */
  runs: z.record(z.string(), z.object({ id: z.string(), done: z.number(), tubes: z.record(z.string(), z.string()) })),
  rules: houseRulesSchema,
  /** Words for what the last operation showed, when the house rules give that help. */
  words: z.array(observationSchema).optional(),
  conclusion: conclusionSchema.nullable(),
  showing: showingSchema.nullable(),
  /** What the last sodium fusion taught. */
  fusion: z.object({ good: z.boolean(), remarks: z.array(z.string()) }).nullable(),
  /** The vessel of the last operation. */
  active: z.string().nullable(),
  warnings: z.array(z.string()),
});
export type CaseView = z.infer<typeof caseViewSchema>;

export const realSampleSchema = z.strictObject({
  name: z.string().trim().min(1, 'give it a name or number').max(60),
  look: z.string().trim().min(1, 'say what it looks like').max(80),
  grams: z.number().positive('weigh it: grams, above nothing').max(1000),
  matter: z.enum(['salt', 'compound']).default('salt'),
});
export type RealSample = z.infer<typeof realSampleSchema>;

/** A structure that someone sets as an unknown: what it is stays on the server once the case is begun. */
export const ownStructureSchema = z.strictObject({
  name: z.string().trim().min(1, 'give it a name or number that does not tell').max(60),
  smiles: z.string().trim().min(1, 'write its SMILES, such as CC(=O)O').max(500),
  grams: z.number().positive('grams, above nothing').max(100),
});
export type OwnStructure = z.infer<typeof ownStructureSchema>;

export const newCaseSchema = z.union([
  z.strictObject({ jar: z.string().min(1).max(40) }),
  z.strictObject({ real: realSampleSchema }),
  z.strictObject({ structure: ownStructureSchema }),
]);
export type NewCase = z.infer<typeof newCaseSchema>;

export const reckonRequestSchema = z.strictObject({ tube: z.string().min(1).max(24), reagent: z.string().min(1).max(60) });
export type ReckonRequest = z.infer<typeof reckonRequestSchema>;

export const reckoningSchema = z.object({
  mL: z.number(),
  acid: z.number(),
  waterTo: z.number().optional(),
  neutralise: z.object({ end: z.enum(['just-basic', 'just-acidic']), mL: z.number() }).optional(),
  enough: z.number().optional(),
});
export type ReckoningView = z.infer<typeof reckoningSchema>;

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
