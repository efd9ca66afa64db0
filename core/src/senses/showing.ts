/** What an operation holds up beside the tube: a paper, a flame, a splint; or a classification test with its controls. */
import type { Op } from '../bench/ops';
import { PAPER_ROWS } from '../matter/data/papers';
import type { Channel, Observation, ObservationOf } from '../vocabulary/observation';
import { type Colour, plainWord } from '../vocabulary/words';
import { sampleOf } from './colour';
import { drawSight, type Sight } from './drawing';
import type { Drawing, Scene, Showing } from './drawn';
import { sayAll, sayObservation } from './sentences';

type ShownTube = NonNullable<Showing['tubes']>[number];

const untouched = new Map(PAPER_ROWS.map((r) => [r.id, r.untouched]));
const swatch = (o: Observation | undefined): string | null =>
  o?.colour === undefined || o.colour === 'none' ? null : (sampleOf(o.colour) ?? null);

const METALLIC: readonly (Colour | undefined)[] = ['silver', 'grey'];

type ChannelsSeen = { readonly [C in Channel]?: readonly ObservationOf<C>[] };

function flameOf(flames: readonly ObservationOf<'flame'>[]): Scene {
  const lights = flames.flatMap((o) => {
    const hex = swatch(o);
    return hex ? [{ hex, flash: o.duration === 'flash' }] : [];
  });
  return { is: 'flame', lights, throughGlass: flames.some((o) => o.through === 'cobalt-glass') };
}

function charcoalOf({ solid = [], sublimate = [] }: ChannelsSeen): Scene {
  const [residue, painted] = [solid.find((o) => o.event !== 'colour-changed'), solid.find((o) => o.event === 'colour-changed')];
  return {
    is: 'charcoal',
    residue: swatch(residue),
    metal: METALLIC.includes(residue?.colour),
    film: swatch(sublimate.find((o) => o.event === 'formed')),
    cobalt: swatch(painted),
  };
}

function hardGlassOf({ solid = [], sublimate = [], droplets = [], gas = [] }: ChannelsSeen): Scene {
  const happened = (event: string) => solid.some((o) => o.event === event);
  return {
    is: 'hard-glass',
    hot: swatch(solid.find((o) => o.look === 'hot')),
    cold: swatch(solid.find((o) => o.look === 'cold')),
    melted: happened('melted'),
    charred: happened('charred'),
    droplets: droplets.some((o) => o.event === 'formed'),
    sublimate: swatch(sublimate.find((o) => o.event === 'formed')),
    gas: swatch(gas.find((o) => o.event === 'evolved' && o.colour !== 'colourless')),
  };
}

interface HeldUp {
  readonly title: string;
  /** Undefined where nothing of what was seen belongs to it. */
  readonly scene: (seen: ChannelsSeen) => Scene | undefined;
}

/** Operations that hold something up, or over a burner; what is noticed of others is in the tube. */
const HELD_UP = {
  flame: { title: 'Flame', scene: ({ flame }) => flame && flameOf(flame) },
  bead: {
    title: 'Borax bead',
    scene: ({ bead: [o] = [] }) =>
      o && { is: 'bead', hex: swatch(o) ?? '#ffffff', hot: o.look === 'hot', zone: o.zone ?? 'oxidising' },
  },
  charcoal: { title: 'Charcoal block', scene: (seen) => seen.solid && charcoalOf(seen) },
  'dry-heat': { title: 'Hard-glass tube', scene: (seen) => seen.solid && hardGlassOf(seen) },
  paper: {
    title: 'Paper',
    scene: ({ paper: [o] = [] }) => {
      if (!o) return undefined;
      const before = sampleOf(untouched.get(o.paper ?? 'lead-acetate')!)!;
      return { is: 'paper', before, after: (o.event === 'changed' && swatch(o)) || before };
    },
  },
  splint: {
    title: 'Splint',
    scene: ({ splint: [o] = [] }) => o && { is: 'splint', lit: o.splint === 'lit', event: o.event ?? 'unchanged' },
  },
  limewater: {
    title: 'Lime water',
    scene: ({ limewater: [o] = [] }) =>
      o && { is: 'limewater', cloudy: o.event !== 'clear', clearedAgain: o.event === 'cloudy-then-clear' },
  },
  smell: { title: 'Smell', scene: ({ smell: [o] = [] }) => o && { is: 'smell', any: o.smell !== 'none' } },
  rod: { title: 'Glass rod', scene: ({ fumes: [o] = [] }) => o && { is: 'fumes', white: o.event === 'white-fumes' } },
  'set-up': null,
  take: null,
  'take-solid': null,
  dissolve: null,
  add: null,
  pass: null,
  heat: null,
  evaporate: null,
  lead: null,
  cool: null,
  shake: null,
  centrifuge: null,
  stand: null,
  decant: null,
  filter: null,
  wash: null,
  look: null,
  'carbonate-extract': null,
  fuse: null,
  'shake-out': null,
  'work-on': null,
  test: null,
  ignite: null,
} satisfies Readonly<Record<Op['op'], HeldUp | null>>;

function byChannel(see: readonly Observation[]): ChannelsSeen {
  const seen: Partial<Record<Channel, Observation[]>> = {};
  for (const o of see) (seen[o.channel] ??= []).push(o);
  return seen as ChannelsSeen;
}

/** What was held up by the last operation. */
export function showingOf(op: Op, see: readonly Observation[]): Showing | null {
  const held: HeldUp | null = HELD_UP[op.op];
  const scene = held?.scene(byChannel(see));
  if (!held || !scene) return null;
  const title = op.op === 'paper' ? plainWord(op.paper) : held.title;
  return { title, scene, text: sayAll(see) };
}

const TEST_ML = 3;
const LAYER_ML = 1;

const IN_TUBE: readonly Channel[] = ['solution', 'precipitate', 'layer', 'ring', 'deposit', 'gas', 'solubility'];

/** What a tube looks like in which all this was seen, one after another. @param mL of liquid in it. */
function sightBy(see: readonly Observation[], mL: number): Sight {
  const sight: { -readonly [K in keyof Sight]: Sight[K] } = { mL, liquid: { colour: 'colourless', cloudy: false } };
  for (const o of see) {
    const colour = o.colour ?? 'white';
    if (o.channel === 'solution') sight.liquid = { colour: o.colour ?? 'colourless', cloudy: o.clarity === 'cloudy' };
    if (o.channel === 'precipitate') {
      if (o.event === 'dissolved' || o.event === 'none') delete sight.solid;
      else if (o.event !== 'partly-dissolved')
        sight.solid = {
          ...{ colour, texture: 'fine', amount: 'moderate', settled: false },
          ...sight.solid,
          ...(o.colour && { colour: o.colour }),
          ...(o.texture && { texture: o.texture }),
          ...(o.amount && { amount: o.amount }),
        };
    }
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
  return sight;
}

/** A tube in which a classification test was done; undefined where nothing of what was seen is in a tube. */
function tubeOf(see: readonly Observation[]): Drawing | undefined {
  return see.some((o) => IN_TUBE.includes(o.channel)) ? drawSight(sightBy(see, TEST_ML)) : undefined;
}

/** A real tube as the person described it: nobody else has seen it. @param mL that were put in. */
export const asDescribed = (see: readonly Observation[], mL: number): Drawing => {
  const { bubbling: _, ...rest } = sightBy(see, mL);
  return drawSight(rest);
};

/** Read or smelt or seen in a flame, not in a tube. */
const READ_OFF: readonly Channel[] = ['smell', 'temperature', 'measurement', 'soot', 'paper', 'flame', 'solid'];

/** A flame or a paper, where nothing is in a tube. */
function besideOf(seen: ChannelsSeen): Scene | undefined {
  const burns = seen.soot?.[0];
  if (burns) return { is: 'flame', lights: [{ hex: swatch(burns) ?? '#f2c14e', flash: false }], throughGlass: false };
  return HELD_UP.flame.scene(seen) ?? HELD_UP.paper.scene(seen);
}

function shown(of: ShownTube['of'], see: readonly Observation[]): ShownTube {
  const drawing = tubeOf(see);
  const scene = drawing ? undefined : besideOf(byChannel(see));
  const range = see.find((o) => o.celsius !== undefined);
  const said = see
    .filter((o) => READ_OFF.includes(o.channel))
    .map(sayObservation)
    .join('; ');
  return {
    of,
    ...(drawing && { drawing }),
    ...(scene && { scene }),
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
  return { title, text: tubes.map((t) => `${t.of}: ${t.text}`).join('. '), tubes };
}
