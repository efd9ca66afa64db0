/** The operations that a bench script or a person can ask for, as spec'd fields. */
import * as z from 'zod';
import { type Wash, WASHES } from '../organic/data/washes';
import { isOrganicTest, ORGANIC_TEST_IDS } from '../organic/testids';
import { PAPERS } from '../vocabulary/words';

const vessel = z
  .string()
  .min(1)
  .max(24)
  .regex(/^[\w .'-]+$/, 'a vessel is named with letters, digits, spaces or dashes')
  .refine((id) => !(id in {}), 'a vessel needs another name: this one means something to the program');
/** Gases from a generator, and what they are. */
export const PASSED_GASES = { 'hydrogen-sulfide': 'H2S', 'carbon-dioxide': 'CO2', chlorine: 'Cl2' } as const;
type PassedGas = keyof typeof PASSED_GASES;

const mL = z.number().positive().max(1000);
const grams = z.number().positive().max(100);
const minutes = z.number().nonnegative().max(100000);
const reagent = z.string().min(1).max(60);

export const opSchema = z.discriminatedUnion('op', [
  z.strictObject({ op: z.literal('set-up'), vessel, as: z.enum(['beaker', 'dish']) }),
  z.strictObject({
    op: z.literal('take'),
    to: vessel,
    mL,
    from: vessel,
    /** The dropper was not rinsed since it stood in this vessel. */
    unrinsed: vessel.optional(),
  }),
  z.strictObject({ op: z.literal('take-solid'), to: vessel, grams }),
  z.strictObject({ op: z.literal('dissolve'), to: vessel, grams, in: reagent, mL, warm: z.boolean().optional() }),
  z.strictObject({
    op: z.literal('add'),
    to: vessel,
    reagent,
    drops: z.int().positive().max(1000).optional(),
    mL: mL.optional(),
    grams: grams.optional(),
    until: z.enum(['just-basic', 'just-acidic', 'in-excess']).optional(),
    max_mL: mL.optional(),
    layered: z.boolean().optional(),
  }),
  z.strictObject({
    op: z.literal('pass'),
    to: vessel,
    gas: z.enum(Object.keys(PASSED_GASES) as [PassedGas, ...PassedGas[]]),
    minutes,
  }),
  z.strictObject({
    op: z.literal('heat'),
    vessel,
    to: z.enum(['warm', 'boil', 'strong']),
    minutes: minutes.optional(),
  }),
  z.strictObject({
    op: z.literal('evaporate'),
    vessel,
    to_mL: z.number().nonnegative().optional(),
    dry: z.boolean().optional(),
    /** Until sulfuric acid fumes. */
    fumes: z.boolean().optional(),
  }),
  /** Leads the gas in the mouth of one vessel into the liquid of another. */
  z.strictObject({ op: z.literal('lead'), from: vessel, to: vessel }),
  z.strictObject({ op: z.literal('cool'), vessel }),
  z.strictObject({ op: z.literal('shake'), vessel }),
  z.strictObject({ op: z.literal('centrifuge'), vessel }),
  z.strictObject({ op: z.literal('stand'), vessel, minutes }),
  z.strictObject({ op: z.literal('decant'), from: vessel, to: vessel }),
  z.strictObject({ op: z.literal('filter'), from: vessel, to: vessel, residue: vessel.optional() }),
  z.strictObject({ op: z.literal('wash'), vessel, with: reagent, mL, times: z.int().positive().max(20) }),
  z.strictObject({
    op: z.literal('paper'),
    vessel,
    paper: z.enum(PAPERS),
    where: z.enum(['liquid', 'mouth']),
    damp: z.boolean(),
  }),
  z.strictObject({ op: z.literal('splint'), vessel, splint: z.enum(['lit', 'glowing']) }),
  z.strictObject({ op: z.literal('limewater'), vessel }),
  z.strictObject({ op: z.literal('smell'), vessel }),
  z.strictObject({ op: z.literal('look'), vessel }),
  z.strictObject({ op: z.literal('rod'), vessel, dipped: z.enum(['hydrochloric-acid-conc', 'ammonia-conc']) }),
  z.strictObject({
    op: z.literal('flame'),
    from: vessel,
    through: z.enum(['none', 'cobalt-glass']).optional(),
    wire: z.enum(['clean', 'dirty']).optional(),
  }),
  z.strictObject({
    op: z.literal('bead'),
    from: vessel,
    zone: z.enum(['oxidising', 'reducing']),
    look: z.enum(['hot', 'cold']),
  }),
  z.strictObject({ op: z.literal('dry-heat'), to: vessel, grams, strong: z.boolean().optional() }),
  z.strictObject({
    op: z.literal('charcoal'),
    zone: z.enum(['oxidising', 'reducing']).optional(),
    then: z.literal('cobalt-nitrate').optional(),
  }),
  z.strictObject({ op: z.literal('carbonate-extract'), to: vessel, grams }),
  z.strictObject({
    op: z.literal('fuse'),
    sodium_mg: z.number().positive().max(500, 'more than 500 mg of sodium is never needed'),
    sample_mg: z.number().positive().max(1000),
    gentle_minutes: z.number().nonnegative().max(60),
    red_hot: z.boolean(),
    tubes: z.int().min(1).max(6),
    water_mL: z.number().positive().max(20),
    boil_to_mL: z.number().positive().max(20),
    order: z.enum(['melt-first', 'cover']).optional(),
    dried: z.boolean().optional(),
    covered: z.boolean().optional(),
  }),
  /** Shakes the sample in ether with an acid or base; what is set free of the washings becomes a portion. */
  z.strictObject({
    op: z.literal('shake-out'),
    with: z.enum(Object.keys(WASHES) as [Wash, ...Wash[]]),
    times: z.int().min(1).max(5),
    portion: vessel,
  }),
  /** Puts the sample aside as a portion and goes on with another. */
  z.strictObject({ op: z.literal('work-on'), portion: vessel, aside: vessel }),
  z.strictObject({
    op: z.literal('test'),
    test: z.string().refine(isOrganicTest, {
      error: (issue) => `there is no organic test "${String(issue.input)}"; there are ${ORGANIC_TEST_IDS.join(', ')}`,
    }),
    control: z.enum(['positive', 'negative']).optional(),
    /** Melting point: °C a minute near the end; not dried; a reference ground with it, as SMILES. */
    rate: z.number().positive().max(60).optional(),
    damp: z.boolean().optional(),
    'mixed-with': z.string().min(1).max(500).optional(),
  }),
]);

export type Op = z.infer<typeof opSchema>;
export type OpOf<K extends Op['op']> = Extract<Op, { op: K }>;

/** The fields of an operation that name places to work on; `to` of a heating says how hot. */
export const placeFields = (op: Op) =>
  op.op === 'heat' ? (['vessel'] as const) : (['to', 'from', 'vessel', 'residue'] as const);

const named = (op: Op, fields: readonly string[]): string[] => {
  const values: Readonly<Record<string, unknown>> = op;
  return fields.map((f) => values[f]).filter((v): v is string => typeof v === 'string' && v !== 'sample');
};

/** The places that an operation speaks of. */
export const placesIn = (op: Op): string[] => named(op, placeFields(op));

/** Every vessel that an operation touches. */
export const vesselsIn = (op: Op): string[] => named(op, [...placeFields(op), 'unrinsed']);

/** The vessel in which what an operation does is seen. */
export const workedOn = (op: Op): string | null => ('to' in op && op.op !== 'heat' ? op.to : 'vessel' in op ? op.vessel : null);
