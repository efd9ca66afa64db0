/**
 * What is sent to be drawn: vessels, and what is held up beside them. Shapes only, so that whoever draws needs none of what made
 * them.
 */
import type { Received } from '../vocabulary/received';
import * as z from 'zod';

const drawnSolid = z.object({ hex: z.string(), texture: z.string(), fill: z.number(), hanging: z.boolean() });

/** What is needed to draw a vessel: colours and proportions. */
export const drawingSchema = z.object({
  mL: z.number(),
  liquid: z.object({ hex: z.string(), cloudy: z.boolean() }).optional(),
  solid: drawnSolid.optional(),
  layer: z.object({ hex: z.string(), mL: z.number(), position: z.enum(['upper', 'lower']) }).optional(),
  beneath: z.object({ mL: z.number(), ring: z.string().optional() }).optional(),
  dry: z
    .object({ hex: z.string(), fill: z.number(), /** Of other grains among them. */ grains: z.array(z.string()).optional() })
    .optional(),
  sublimate: z.string().optional(),
  droplets: z.boolean(),
  bubbles: z.number(),
  fumes: z.string().optional(),
  /** The same in words, but for bubbles, which cease. */
  text: z.string(),
});
export type Drawing = Received<z.infer<typeof drawingSchema>>;

const hex = z.string();

/** One colour in a flame: it stays, or only flashes up. */
const light = z.object({ hex, flash: z.boolean() });

/** What is held up or held over a burner, with colours where they are seen. */
export const sceneSchema = z.discriminatedUnion('is', [
  z.object({ is: z.literal('flame'), lights: z.array(light), throughGlass: z.boolean() }),
  z.object({ is: z.literal('bead'), hex, hot: z.boolean(), zone: z.enum(['oxidising', 'reducing']) }),
  z.object({
    is: z.literal('charcoal'),
    /** None where nothing is left in the cavity. */
    residue: hex.nullable(),
    /** A bead of metal, not a powder. */
    metal: z.boolean(),
    film: hex.nullable(),
    /** Moistened with cobalt nitrate and heated again. */
    cobalt: hex.nullable(),
  }),
  z.object({
    is: z.literal('hard-glass'),
    hot: hex.nullable(),
    cold: hex.nullable(),
    melted: z.boolean(),
    charred: z.boolean(),
    droplets: z.boolean(),
    sublimate: hex.nullable(),
    gas: hex.nullable(),
  }),
  z.object({ is: z.literal('splint'), lit: z.boolean(), event: z.enum(['pop', 'extinguished', 'relit', 'unchanged']) }),
  z.object({ is: z.literal('paper'), before: hex, after: hex }),
  z.object({ is: z.literal('limewater'), cloudy: z.boolean(), clearedAgain: z.boolean() }),
  z.object({ is: z.literal('smell'), any: z.boolean() }),
  z.object({ is: z.literal('fumes'), white: z.boolean() }),
]);
export type Scene = Received<z.infer<typeof sceneSchema>>;

/** What the last operation showed beside the tube, or a classification test with its controls. */
export const showingSchema = z.object({
  title: z.string(),
  /** The standard test to which it belongs. */
  test: z.string().optional(),
  scene: sceneSchema.optional(),
  text: z.string(),
  /** A classification test: the sample, and the controls that were run beside it. */
  tubes: z
    .array(
      z.object({
        of: z.enum(['sample', 'positive', 'negative']),
        drawing: drawingSchema.optional(),
        /** A flame or a paper, where nothing is in a tube. */
        scene: sceneSchema.optional(),
        /** What a thermometer read, °C. */
        celsius: z.tuple([z.number(), z.number()]).optional(),
        text: z.string(),
      }),
    )
    .optional(),
});
export type Showing = Received<z.infer<typeof showingSchema>>;
