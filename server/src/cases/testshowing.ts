/** A classification test as it is seen: the sample's tube, and beside it those of the controls. */
import type { DoneOperation } from '#core/record/case';
import { testById } from '#core/scheme/tests';
import { sampleOf } from '#core/senses/colour';
import type { Observation } from '#core/senses/vocabulary';
import type { Drawing, Showing } from '#contract';

type Tubes = NonNullable<Showing['tubes']>;
type ShownTube = Tubes[number];

const swatch = (word: string | undefined) => (word && word !== 'none' ? sampleOf(word) : undefined);
const words = (text: string | undefined) => (text ?? '').replaceAll('-', ' ');

const FILL = { trace: 0.1, slight: 0.18, moderate: 0.3, heavy: 0.45 } as const;
const ML = 3;

/** What dissolves, or does not, in a solvent. */
function dissolving(o: Observation): Partial<Drawing> {
  if (o.event === 'soluble') return { liquid: { hex: '#ffffff', cloudy: false } };
  const fill = o.event === 'insoluble' ? 0.22 : 0.1;
  return { liquid: { hex: '#ffffff', cloudy: true }, solid: { hex: '#f3efe4', texture: 'fine', fill, hanging: true } };
}

/** A tube with all that was seen in it; undefined where nothing of it is in a tube. */
function tubeOf(see: readonly Observation[]): Drawing | undefined {
  const parts: Partial<Drawing>[] = see.flatMap((o): Partial<Drawing>[] => {
    const hex = swatch(o.colour);
    switch (o.channel) {
      case 'solution':
        return [{ liquid: { hex: hex ?? '#ffffff', cloudy: o.clarity === 'cloudy' } }];
      case 'precipitate':
        return o.event === 'formed' || o.event === 'persists'
          ? [
              {
                solid: { hex: hex ?? '#fdfdfb', texture: o.texture ?? 'fine', fill: FILL[o.amount ?? 'moderate'], hanging: true },
              },
            ]
          : [{}];
      case 'layer':
        return o.event === 'present' ? [{ layer: { hex: hex ?? '#ffffff', mL: 1, position: o.position ?? 'upper' } }] : [{}];
      case 'ring':
        return [{ beneath: { mL: 1, ...(o.event === 'formed' && hex && { ring: hex }) } }];
      case 'deposit':
        return o.event === 'formed' ? [{ sublimate: hex ?? '#c9c9c9' }] : [{}];
      case 'gas':
        return o.event === 'evolved' ? [{ bubbles: { slow: 1, brisk: 2, vigorous: 3 }[o.vigour ?? 'slow'] }] : [{}];
      case 'solubility':
        return [dissolving(o)];
      default:
        return [];
    }
  });
  if (!parts.length) return undefined;
  const drawn: Drawing = Object.assign(
    { mL: ML, droplets: false, bubbles: 0, liquid: { hex: '#ffffff', cloudy: false }, text: '' },
    ...parts,
  ) as Drawing;
  return { ...drawn, text: textOf(drawn) };
}

function textOf(d: Drawing): string {
  const out = [d.liquid?.cloudy ? 'cloudy liquid' : 'clear liquid'];
  if (d.solid) out.push('a solid');
  if (d.layer) out.push(`a layer ${d.layer.position === 'upper' ? 'on top' : 'below'}`);
  if (d.beneath) out.push(d.beneath.ring ? 'a ring at the junction' : 'no ring');
  if (d.sublimate) out.push('a mirror on the glass');
  if (d.bubbles) out.push('bubbles');
  return out.join(', ');
}

/** What is read or smelt, not seen in a tube. */
function saidOf(see: readonly Observation[]): string {
  return see
    .flatMap((o) => {
      if (o.channel === 'smell') return [o.smell === 'none' ? 'no smell' : `smells of ${words(o.smell)}`];
      if (o.channel === 'temperature')
        return [o.event === 'none' ? 'no reading' : `${words(o.event)} from ${o.celsius} to ${o.to} °C`];
      if (o.channel === 'soot') return [o.event === 'sooty' ? 'burns with soot' : 'burns clean'];
      if (o.channel === 'paper') return [`${words(o.paper)} paper is ${words(o.colour)}`];
      if (o.channel === 'flame')
        return [o.colour === 'none' ? 'no colour in the flame' : `${words(o.colour)} flame, ${o.duration ?? 'lasting'}`];
      if (o.channel === 'solid') return [o.event === 'unchanged' ? `${words(o.colour)} solid` : words(o.event)];
      return [];
    })
    .join('; ');
}

function shown(of: ShownTube['of'], see: readonly Observation[]): ShownTube {
  const drawing = tubeOf(see);
  const held = see.find((o) => o.channel === 'flame' || o.channel === 'soot' || o.channel === 'paper');
  const range = see.find((o) => o.celsius !== undefined);
  return {
    of,
    ...(drawing && { drawing }),
    ...(held &&
      !drawing && { held: { shape: held.channel === 'paper' ? 'paper' : 'flame', hex: swatch(held.colour) ?? '#b9cbe8' } }),
    ...(range && { celsius: [range.celsius!, range.to ?? range.celsius!] }),
    text: saidOf(see) || (drawing?.text ?? ''),
  };
}

/** The sample and its controls, as the operations of the last test left them. */
export function testShowing(operations: readonly DoneOperation[]): Showing | null {
  const last = operations.at(-1)?.op;
  if (last?.op !== 'test') return null;
  const tubes: ShownTube[] = [];
  for (const whose of ['sample', 'positive', 'negative'] as const) {
    const done = operations.findLast(
      (o) => o.op.op === 'test' && o.op.test === last.test && (o.op.control ?? 'sample') === whose,
    );
    if (done?.see.length) tubes.push(shown(whose, done.see));
  }
  const title = testById.get(last.test)?.title ?? last.test;
  return { kind: 'test', title, text: tubes.map((t) => `${t.of}: ${t.text}`).join('. '), tubes };
}
