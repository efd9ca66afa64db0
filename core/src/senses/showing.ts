/** What an operation holds up beside the tube: a paper, a flame, a splint; or a classification test with its controls. */
import { z } from 'zod';
import type { Op } from '../bench/ops';
import { PAPER_ROWS } from '../matter/data/papers';
import type { Channel, Observation } from '../vocabulary/observation';
import { plainWord } from '../vocabulary/words';
import { sampleOf } from './colour';
import { type Drawing, drawingSchema, drawSight, type Sight } from './drawing';
import { sayObservation } from './sentences';

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
type ShownTube = NonNullable<Showing['tubes']>[number];

/** The burner's own flame, water that stays clear, and water that clouds. */
const BURNER = '#b9cbe8';
const CLEAR_WATER = '#f4f8fa';
const CLOUDY_WATER = '#e9e9e4';
const WHITE_FUMES = '#ffffff';

const untouched = new Map(PAPER_ROWS.map((r) => [r.id, r.untouched]));
const swatch = (o: Observation): string | undefined =>
  o.colour === undefined || o.colour === 'none' ? undefined : sampleOf(o.colour);

function held(o: Observation): Showing | null {
  switch (o.channel) {
    case 'paper':
      return {
        kind: 'paper',
        title: plainWord(o.paper ?? 'paper'),
        hex: swatch(o) ?? '#ffffff',
        before: sampleOf(untouched.get(o.paper ?? 'lead-acetate')!)!,
        text: `The paper is ${plainWord(o.colour ?? 'as it was')}.`,
      };
    case 'flame':
      return o.colour === 'none' || o.colour === undefined
        ? { kind: 'flame', title: 'Flame', hex: BURNER, text: 'The flame has no colour of its own.' }
        : { kind: 'flame', title: 'Flame', hex: swatch(o)!, text: `The flame is ${plainWord(o.colour)}.` };
    case 'bead':
      return {
        kind: 'bead',
        title: 'Borax bead',
        hex: swatch(o) ?? '#ffffff',
        text: `The bead is ${plainWord(o.colour ?? 'colourless')}, ${o.look}.`,
      };
    case 'smell':
      return { kind: 'smell', title: 'Smell', text: o.smell === 'none' ? 'No smell.' : `Smells of ${plainWord(o.smell!)}.` };
    case 'limewater':
      return o.event === 'clear'
        ? { kind: 'limewater', title: 'Lime water', hex: CLEAR_WATER, text: 'The lime water stays clear.' }
        : { kind: 'limewater', title: 'Lime water', hex: CLOUDY_WATER, text: 'The lime water turns cloudy.' };
    case 'fumes':
      return o.event === 'none'
        ? { kind: 'fumes', title: 'Rod', hex: CLEAR_WATER, text: 'No fumes at the rod.' }
        : { kind: 'fumes', title: 'Rod', hex: WHITE_FUMES, text: 'White fumes at the rod.' };
    case 'splint':
      return {
        kind: 'splint',
        title: 'Splint',
        text: o.event === 'unchanged' ? 'The splint burns on as before.' : `The splint: ${plainWord(o.event!)}.`,
      };
    default:
      return null;
  }
}

/** Operations that hold something up; what is noticed of others is in the tube. */
const HELD_UP: readonly Op['op'][] = ['paper', 'flame', 'splint', 'smell', 'limewater', 'rod', 'bead'];

/** What was held up by the last operation. */
export function showingOf(op: Op, see: readonly Observation[]): Showing | null {
  if (op.op === 'charcoal') {
    const residue = see.at(-1);
    if (!residue) return null;
    const text = `${plainWord(residue.colour ?? 'no')} residue`;
    return { kind: 'charcoal', title: 'Charcoal block', hex: swatch(residue) ?? '#ffffff', text };
  }
  if (!HELD_UP.includes(op.op)) return null;
  for (const o of see) {
    const showing = held(o);
    if (showing) return showing;
  }
  return null;
}

const TEST_ML = 3;
const LAYER_ML = 1;

/** A tube in which a classification test was done; undefined where nothing of what was seen is in a tube. */
function tubeOf(see: readonly Observation[]): Drawing | undefined {
  const IN_TUBE: readonly Channel[] = ['solution', 'precipitate', 'layer', 'ring', 'deposit', 'gas', 'solubility'];
  if (!see.some((o) => IN_TUBE.includes(o.channel))) return undefined;
  const sight: { -readonly [K in keyof Sight]: Sight[K] } = { mL: TEST_ML, liquid: { colour: 'colourless', cloudy: false } };
  for (const o of see) {
    const colour = o.colour ?? 'white';
    if (o.channel === 'solution') sight.liquid = { colour: o.colour ?? 'colourless', cloudy: o.clarity === 'cloudy' };
    if (o.channel === 'precipitate' && (o.event === 'formed' || o.event === 'persists'))
      sight.solid = { colour, texture: o.texture ?? 'fine', amount: o.amount ?? 'moderate', settled: false };
    if (o.channel === 'layer' && o.event === 'present')
      sight.layer = { colour: o.colour ?? 'colourless', mL: LAYER_ML, position: o.position ?? 'upper' };
    if (o.channel === 'ring') sight.beneath = { mL: LAYER_ML, ...(o.event === 'formed' && { ring: colour }) };
    if (o.channel === 'deposit' && o.event === 'formed') sight.sublimate = o.colour ?? 'silver';
    if (o.channel === 'gas' && o.event === 'evolved') sight.bubbling = o.vigour ?? 'slow';
    if (o.channel === 'solubility' && o.event !== 'soluble') {
      sight.liquid = { colour: 'colourless', cloudy: true };
      const amount = o.event === 'insoluble' ? 'moderate' : 'trace';
      sight.solid = { colour: 'off-white', texture: 'fine', amount, settled: false };
    }
  }
  return drawSight(sight);
}

/** Read or smelt or seen in a flame, not in a tube. */
const READ_OFF: readonly Channel[] = ['smell', 'temperature', 'measurement', 'soot', 'paper', 'flame', 'solid'];

function shown(of: ShownTube['of'], see: readonly Observation[]): ShownTube {
  const drawing = tubeOf(see);
  const up = see.find((o) => o.channel === 'flame' || o.channel === 'soot' || o.channel === 'paper');
  const range = see.find((o) => o.celsius !== undefined);
  const said = see
    .filter((o) => READ_OFF.includes(o.channel))
    .map(sayObservation)
    .join('; ');
  return {
    of,
    ...(drawing && { drawing }),
    ...(up && !drawing && { held: { shape: up.channel === 'paper' ? 'paper' : 'flame', hex: swatch(up) ?? BURNER } }),
    ...(range && { celsius: [range.celsius!, range.to ?? range.celsius!] }),
    text: said || (drawing?.text ?? ''),
  };
}

/** The sample and its controls in a classification test. */
export function testShowing(
  title: string,
  seen: readonly { readonly of: ShownTube['of']; readonly see: readonly Observation[] }[],
): Showing {
  const tubes = seen.map(({ of, see }) => shown(of, see));
  return { kind: 'test', title, text: tubes.map((t) => `${t.of}: ${t.text}`).join('. '), tubes };
}
