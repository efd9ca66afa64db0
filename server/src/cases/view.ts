/** A case as a person may see it: drawings, records and suspects; never the sample. */
import { atMouth } from '#core/bench/mouth';
import { dryColour } from '#core/bench/dry';
import { amountOf } from '#core/bench/sample';
import type { Vessel } from '#core/bench/vessel';
import * as wet from '#core/bench/wet';
import { gasById, inertById, solidById } from '#core/matter/catalogue';
import type { CaseState, DoneOperation } from '#core/record/case';
import { shownBy } from '#core/reasoning/shown';
import { DROP_ML, reagentById } from '#core/bench/contents';
import { solidParts } from '#core/senses/appearance';
import { mixedSolid, sampleOf } from '#core/senses/colour';
import { drawingText } from '#core/senses/text';
import type { Observation } from '#core/senses/vocabulary';
import type { CaseSummary, CaseView, Drawing, Showing, VesselView } from '#contract';
import { PLACE_NAMES, testById } from '#core/scheme/tests';
import { account } from '#core/scheme/world';
import type { HouseRules } from '#core/scheme/rules';
import type { Folded } from './service';
import type { CaseRow } from './store';
import { runsOf } from './runs';
import { testShowing } from './testshowing';

const swatch = (word: string | undefined) => (word ? sampleOf(word) : undefined);

/** A colloid does not settle: the whole liquid has its colour. */
function throughColloid(vessel: Vessel, liquid: string): string {
  const colloids = solidParts(vessel).filter((p) => (solidById.get(p.formula) ?? inertById.get(p.formula))?.traits.colloid);
  const mg = colloids.reduce((sum, p) => sum + p.mg * p.covers, 0) / Math.max(vessel.mL, 0.2);
  if (mg < 0.05) return liquid;
  return mixedSolid([{ hex: liquid, weight: 1 }, ...colloids.map((p) => ({ hex: p.hex, weight: mg }))]);
}

/** A dry solid shows its hot colour above this. */
const HOT_CELSIUS = 150;

function draw(vessel: Vessel, state: CaseState, last: DoneOperation | undefined): Drawing {
  const seen = wet.see(vessel);
  const dry = vessel.mL <= 0 && state.bench.sample.kind === 'solid';
  const heated = state.operations.findLast((o) => o.vessel === vessel.id && o.op.op === 'dry-heat');
  const dryWord = heated
    ? (heated.see.find((o) => o.channel === 'solid' && o.look === (vessel.celsius > HOT_CELSIUS ? 'hot' : 'cold'))?.colour ??
      'white')
    : state.bench.sample.kind === 'solid'
      ? dryColour(state.bench.sample)
      : 'white';
  const fresh = last?.vessel === vessel.id ? last.see : [];
  const bubbling = fresh.find((o) => o.channel === 'gas' && o.event === 'evolved');
  const fumes = [...atMouth(vessel)].find(([id, atm]) => atm > 0.004 && gasById.get(id)!.senses.colour);
  const drawing: Omit<Drawing, 'text'> = {
    mL: vessel.mL,
    droplets: !!heated?.see.some((o) => o.channel === 'droplets' && o.event === 'formed'),
    bubbles: bubbling ? { slow: 1, brisk: 2, vigorous: 3 }[bubbling.vigour ?? 'slow'] : 0,
    ...(seen.liquid && { liquid: { hex: throughColloid(vessel, seen.liquid.hex), cloudy: seen.liquid.cloudy } }),
    ...(seen.solid &&
      !dry && {
        solid: {
          hex: seen.solid.hex,
          texture: seen.solid.texture,
          fill: Math.min(0.8, 0.06 + 0.11 * Math.sqrt(seen.solid.density)),
          hanging: !vessel.settled,
        },
      }),
    ...(vessel.layer && seen.layer && { layer: { hex: seen.layer.hex, mL: vessel.layer.mL, position: seen.layer.position } }),
    ...(vessel.beneath && { beneath: { mL: vessel.beneath.mL, ...(seen.ring && { ring: seen.ring.hex }) } }),
    ...(dry && { dry: { hex: swatch(dryWord) ?? '#ffffff', fill: 0.12 } }),
    ...(heated && sublimed(heated) && { sublimate: sublimed(heated)! }),
    ...(fumes && { fumes: swatch(gasById.get(fumes[0])!.senses.colour)! }),
  };
  const text = drawingText(seen, { dry: dry ? dryWord : undefined, settled: vessel.settled, bubbling: !!bubbling });
  return { ...drawing, text };
}

function sublimed(heated: DoneOperation): string | undefined {
  return swatch(heated.see.find((o) => o.channel === 'sublimate' && o.event === 'formed')?.colour);
}

function familyOf(id: string, parents: CaseState['parents']): string[] {
  const line = [id];
  for (let at = parents[id]; at && line.length < 12 && !line.includes(at); at = parents[at]) line.unshift(at);
  if (line[0] !== 'sample') line.unshift('sample');
  return line;
}

/** `F1` and its later makings `F1-2`, `F1-3` hold the same thing. */
const placeOf = (id: string) => PLACE_NAMES[id.replace(/-\d+$/, '')];

/** A real tube: Foxing knows how much was put in, not how it looks. */
function plainDrawing(vessel: Vessel): Drawing {
  const dry = vessel.mL <= 0;
  return {
    mL: vessel.mL,
    droplets: false,
    bubbles: 0,
    ...(dry ? { dry: { hex: '#d8d2c6', fill: 0.12 } } : { liquid: { hex: '#e6e1d6', cloudy: false } }),
    text: dry ? 'a dry solid, yours to look at' : `${vessel.mL.toFixed(1)} mL, yours to look at`,
  };
}

function vesselView(vessel: Vessel, state: CaseState, last: DoneOperation | undefined): VesselView {
  const added = state.operations.filter((o) => o.op.op === 'add' && o.op.to === vessel.id);
  const recent = added.at(-1)?.op;
  let drops = 0;
  for (const o of [...added].reverse()) {
    if (o.op.op !== 'add' || recent?.op !== 'add' || o.op.reagent !== recent.reagent) break;
    drops += o.op.drops ?? Math.round((o.op.mL ?? 0) / DROP_ML);
  }
  return {
    id: vessel.id,
    celsius: Math.round(vessel.celsius),
    drops,
    ...(recent?.op === 'add' && { lastReagent: reagentById(recent.reagent).name }),
    family: familyOf(vessel.id, state.parents),
    ...(placeOf(vessel.id) && { holds: placeOf(vessel.id)! }),
    drawing: state.real ? plainDrawing(vessel) : draw(vessel, state, last),
  };
}

const TITLES: Partial<Record<Observation['channel'], string>> = {
  paper: 'Paper',
  flame: 'Flame',
  splint: 'Splint',
  smell: 'Smell',
  limewater: 'Lime water',
  fumes: 'Rod',
  bead: 'Borax bead',
};

const words = (s: string | undefined) => (s ?? '').replaceAll('-', ' ');

function showingOf(last: DoneOperation | undefined): Showing | null {
  if (!last) return null;
  if (last.op.op === 'charcoal') {
    const o = last.see.at(-1)!;
    return { kind: 'charcoal', title: 'Charcoal block', hex: swatch(o.colour)!, text: `${words(o.colour)} residue` };
  }
  const o = last.see.find((x) => TITLES[x.channel]);
  if (!o || !['paper', 'flame', 'splint', 'smell', 'limewater', 'rod', 'bead'].includes(last.op.op)) return null;
  const base = { kind: o.channel as Showing['kind'], title: TITLES[o.channel]! };
  switch (o.channel) {
    case 'paper': {
      const before = { 'blue-litmus': 'blue', 'red-litmus': 'red', dichromate: 'orange' }[o.paper as string] ?? 'white';
      return {
        ...base,
        title: words(o.paper),
        hex: swatch(o.colour)!,
        before: swatch(before)!,
        text: `The paper is ${words(o.colour)}.`,
      };
    }
    case 'flame':
      return {
        ...base,
        hex: o.colour === 'none' ? '#b9cbe8' : swatch(o.colour)!,
        text: o.colour === 'none' ? 'The flame has no colour of its own.' : `The flame is ${words(o.colour)}.`,
      };
    case 'bead':
      return { ...base, hex: swatch(o.colour)!, text: `The bead is ${words(o.colour)}, ${words(o.look)}.` };
    case 'smell':
      return { ...base, text: o.smell === 'none' ? 'No smell.' : `Smells of ${words(o.smell)}.` };
    case 'limewater':
      return {
        ...base,
        hex: o.event === 'clear' ? '#f4f8fa' : '#e9e9e4',
        text: o.event === 'clear' ? 'The lime water stays clear.' : 'The lime water turns cloudy.',
      };
    case 'fumes':
      return {
        ...base,
        hex: o.event === 'none' ? '#f4f8fa' : '#ffffff',
        text: o.event === 'none' ? 'No fumes at the rod.' : 'White fumes at the rod.',
      };
    default:
      return { ...base, text: o.event === 'unchanged' ? 'The splint burns on as before.' : `The splint: ${words(o.event)}.` };
  }
}

export const matterOf = ({ bench }: CaseState): 'salt' | 'compound' => (bench.sample.kind === 'compound' ? 'compound' : 'salt');

export function summarise(row: CaseRow, state: CaseState, updatedAt: Date): CaseSummary {
  const { sample } = state.bench;
  return {
    id: row.id,
    name: row.name,
    look: row.look,
    kind: state.real ? 'real' : 'simulated',
    matter: matterOf(state),
    createdAt: row.created_at.toISOString(),
    updatedAt: updatedAt.toISOString(),
    entries: state.entries.length,
    left: state.bench.left,
    of: amountOf(sample).amount,
    unit: amountOf(sample).unit,
    minutes: state.bench.minutes,
    hinted: state.conclusion
      ? state.conclusion.found.filter((f) => f.claim === 'confirmed').map((f) => f.ion)
      : shownBy(state.entries),
    concluded: state.conclusion !== null,
  };
}

/** What may be said of the last operation; of a step of a standard test, of the whole working so far. */
function wordsFor(operations: readonly DoneOperation[], last: DoneOperation): Observation[] {
  const test = last.test === undefined ? undefined : testById.get(last.test);
  if (!test || !last.run) return [...last.see];
  const { id } = last.run;
  const steps = operations.filter((o) => o.run?.id === id && !(o.op.op === 'test' && o.op.control));
  return account(
    steps.flatMap((o) => o.see),
    test.watch,
  );
}

export function viewOf(row: CaseRow, { state, seq, updatedAt }: Folded, rules: HouseRules): CaseView {
  const last = state.operations.at(-1);
  const worked: Record<string, string[]> = {};
  for (const o of state.operations) {
    if (!o.test) continue;
    const vessels = (worked[o.test] ??= []);
    if (o.vessel && !vessels.includes(o.vessel)) vessels.push(o.vessel);
  }
  return {
    summary: summarise(row, state, updatedAt),
    seq,
    vessels: Object.values(state.bench.vessels).map((v) => vesselView(v, state, last)),
    entries: state.entries.map((e) => ({ ...e, observed: [...e.observed] })),
    worked,
    timers: [...state.timers],
    conclusion: state.conclusion && { ...state.conclusion, found: [...state.conclusion.found] },
    runs: runsOf(state.operations),
    rules,
    ...(rules.help === 'words' && !state.real && last && { words: wordsFor(state.operations, last) }),
    showing: state.real ? null : last?.op.op === 'test' ? testShowing(state.operations) : showingOf(last),
    fusion: state.bench.fusion && !state.real ? { ...state.bench.fusion, remarks: [...state.bench.fusion.remarks] } : null,
    active: last?.vessel ?? null,
    warnings: [...state.bench.warnings],
  };
}
