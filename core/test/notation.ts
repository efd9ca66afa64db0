/**
 * A bench script as one would write it down, with what a textbook says in between.
 *
 * Operations, one a line: `take A 1`, `take B 1 of A`, `solid A 0.1`, `dissolve A 0.1 in water 3`, `add A ammonia-6M 3d` (drops;
 * a bare number is mL, `0.2g` grams), `add A ammonia-6M until just-basic`, `layer A sulfuric-acid-conc 1`, `pass A hydrogen-sulfide 3`,
 * `boil A 2`, `warm A 2`, `strong A 2`, `ignite A`, `cool A`, `shake A`, `stand A 5`, `spin A`, `decant A B`, `filter A B R`, `wash A water 2 x2`,
 * `shake-out hcl-5pc 2 base`, `work-on base rest`, `evaporate A dry` or `fumes`, `evaporate A 0.5`, `lead A B` (the gas of A into B), `dish D`, `beaker B`, `paper A red-litmus mouth`, `splint A glowing`, `limewater A`, `smell A`,
 * `rod A ammonia-conc`, `look A`, `heat-dry A 0.2 strong`, `flame sample` (or `flame sample cobalt-glass`), `charcoal reducing`, `test litmus`,
 * `fuse 50 10` (mg of sodium and of sample).
 *
 * What must be so, of the vessel last worked on, in lines that begin with `=`: `= ppt white|cream`, `= no ppt`,
 * `= liquid blue`, `= clear`, `= cloudy`, `= pH 4..6`, `= has AgCl`, `= lacks AgCl`, `= sees paper changed blue`,
 * `= sees no gas evolved`, `= sees temperature melts 120..123`, `= holds Cu2+ 90..100` (per cent of all that there is on the bench, over the solver's components).
 */
import { type Bench, openBench } from '#core/bench/bench';
import { type Op, opSchema } from '#core/bench/ops';
import type { SampleSpec } from '#core/bench/sample';
import { overComponents } from '#core/matter/catalogue';
import type { Observation } from '#core/vocabulary/observation';
import { doAndSee } from './seen';

const EXTRACT = {
  op: 'fuse',
  gentle_minutes: 2,
  red_hot: true,
  tubes: 2,
  water_mL: 10,
  boil_to_mL: 3.5,
} as const;

function dose(text: string): object {
  if (text.endsWith('d')) return { drops: Number.parseInt(text, 10) };
  return text.endsWith('g') ? { grams: Number.parseFloat(text) } : { mL: Number(text) };
}

/** Reads one line. @throws Error for a line that is not in the notation. */
function operation(line: string): Op {
  const [verb, a = '', b = '', c = '', d = ''] = line.split(/\s+/);
  const heat = { boil: 'boil', warm: 'warm', strong: 'strong' } as const;
  switch (verb) {
    case 'take':
      return { op: 'take', to: a, from: d || 'sample', mL: Number(b) };
    case 'solid':
      return { op: 'take-solid', to: a, grams: Number(b) };
    case 'dissolve':
      return { op: 'dissolve', to: a, grams: Number(b), in: d, mL: Number(line.split(/\s+/)[5]) };
    case 'add':
      if (c === 'until') return opSchema.parse({ op: 'add', to: a, reagent: b, until: d });
      return { op: 'add', to: a, reagent: b, ...dose(c) };
    case 'layer':
      return { op: 'add', to: a, reagent: b, mL: Number(c), layered: true };
    case 'pass':
      return { op: 'pass', to: a, gas: b as 'hydrogen-sulfide', minutes: Number(c) };
    case 'boil':
    case 'warm':
    case 'strong':
      return { op: 'heat', vessel: a, to: heat[verb], minutes: Number(b || 1) };
    case 'cool':
    case 'ignite':
    case 'shake':
    case 'limewater':
    case 'smell':
    case 'look':
      return { op: verb, vessel: a };
    case 'spin':
      return { op: 'centrifuge', vessel: a };
    case 'stand':
      return { op: 'stand', vessel: a, minutes: Number(b) };
    case 'decant':
      return { op: 'decant', from: a, to: b };
    case 'filter':
      return { op: 'filter', from: a, to: b, residue: c };
    case 'wash':
      return { op: 'wash', vessel: a, with: b, mL: Number(c), times: Number(d.slice(1)) };
    case 'evaporate':
      return { op: 'evaporate', vessel: a, ...(b === 'dry' || b === 'fumes' ? { [b]: true } : { to_mL: Number(b) }) };
    case 'lead':
      return { op: 'lead', from: a, to: b };
    case 'beaker':
    case 'dish':
      return { op: 'set-up', vessel: a, as: verb };
    case 'paper':
      return { op: 'paper', vessel: a, paper: b as 'red-litmus', where: c as 'mouth', damp: true };
    case 'splint':
      return { op: 'splint', vessel: a, splint: b as 'lit' };
    case 'rod':
      return { op: 'rod', vessel: a, dipped: b as 'ammonia-conc' };
    case 'heat-dry':
      return { op: 'dry-heat', to: a, grams: Number(b), ...(c === 'strong' && { strong: true }) };
    case 'flame':
      return opSchema.parse({ op: 'flame', from: a, ...(b && { through: b }) });
    case 'charcoal':
      return { op: 'charcoal', zone: a as 'reducing', ...(b === 'cobalt' && { then: 'cobalt-nitrate' }) };
    case 'test':
      return { op: 'test', test: a };
    case 'shake-out':
      return { op: 'shake-out', with: a as 'hcl-5pc', times: Number(b), portion: c };
    case 'work-on':
      return { op: 'work-on', portion: a, aside: b };
    case 'fuse':
      return { ...EXTRACT, sodium_mg: Number(a), sample_mg: Number(b) };
    default:
      throw new Error(`not in the notation: ${line}`);
  }
}

const oneOf = (wanted: string, got: string | undefined) => wanted.split('|').includes(got ?? '');

/** Is a number within `a..b`? */
function within(range: string, value: unknown): boolean {
  const [low, high] = range.split('..').map(Number);
  return typeof value === 'number' && high !== undefined && value >= low! && value <= high;
}

/** Share of an ion's component that a vessel holds of all on the bench, per cent. */
function share(bench: Bench, vessel: string, ion: string): number {
  const component = Object.keys(overComponents(ion)).find((id) => id !== 'H+' && id !== 'H2O')!;
  const held = (id: string) => bench.vessels[id]?.amounts[component] ?? 0;
  return (100 * held(vessel)) / Object.keys(bench.vessels).reduce((sum, id) => sum + held(id), 0);
}

/** What is wrong with what must be so; nothing when all is well. */
function fault(claim: string, bench: Bench, vessel: string, see: readonly Observation[]): string | undefined {
  const [what, ...rest] = claim.split(/\s+/) as [string, ...string[]];
  const state = bench.vessels[vessel];
  const looked = () => doAndSee(bench, { op: 'look', vessel }).see;
  const shown = (list: readonly Observation[]) => JSON.stringify(list);
  const solids = Object.keys({ ...state?.solids, ...state?.amounts }).map((id) => id.replace(/\(s\)$/, ''));
  switch (what) {
    case 'ppt':
      return looked().some((o) => o.channel === 'precipitate' && o.event === 'persists' && oneOf(rest[0]!, o.colour))
        ? undefined
        : shown(looked());
    case 'no':
      return looked().some((o) => o.channel === 'precipitate' && o.event === 'persists') ? shown(looked()) : undefined;
    case 'liquid':
      return looked().some((o) => o.channel === 'solution' && oneOf(rest[0]!, o.colour)) ? undefined : shown(looked());
    case 'clear':
    case 'cloudy':
      return looked().some((o) => o.channel === 'solution' && o.clarity === what) ? undefined : shown(looked());
    case 'pH': {
      const [low, high] = rest[0]!.split('..').map(Number) as [number, number];
      return state!.pH! >= low && state!.pH! <= high ? undefined : `pH ${state!.pH}`;
    }
    case 'has':
      return solids.includes(rest[0]!) ? undefined : `has ${Object.keys(state?.solids ?? {}).join(' ')}`;
    case 'lacks':
      return Object.keys(state?.solids ?? {}).includes(rest[0]!) ? `has ${rest[0]}` : undefined;
    case 'holds': {
      const [low, high] = rest[1]!.split('..').map(Number) as [number, number];
      const percent = share(bench, vessel, rest[0]!);
      return percent >= low && percent <= high ? undefined : `${percent.toFixed(1)} %`;
    }
    case 'sees': {
      const absent = rest[0] === 'no';
      const [channel, ...words] = absent ? rest.slice(1) : rest;
      const found = see.some(
        (o) =>
          oneOf(channel!, o.channel) && words.every((w) => Object.values(o).some((v) => oneOf(w, String(v)) || within(w, v))),
      );
      return found === absent ? shown(see) : undefined;
    }
    default:
      throw new Error(`not in the notation: = ${claim}`);
  }
}

/** Ions in mol/L (`Cu2+ 0.1 SO4^2- 0.1`, in 20 mL), salts in grams (`KNO3 2g, NaCl 1g`), `smiles:` and a structure, or `compounds:` of a gram each. */
export function sampleOf(text: string): SampleSpec {
  if (text.startsWith('compounds:'))
    return {
      compounds: text
        .slice(10)
        .split(' + ')
        .map((smiles) => ({ smiles, grams: 1 })),
    };
  if (text.startsWith('smiles:')) return { smiles: text.slice(7), grams: 5 };
  if (text.endsWith('g'))
    return {
      salts: text.split(', ').map((part) => {
        const [formula, grams] = part.split(' ') as [string, string];
        return { formula, grams: Number.parseFloat(grams) };
      }),
    };
  const words = text.split(' ');
  const solution: Record<string, number> = {};
  for (let i = 0; i < words.length; i += 2) solution[words[i]!] = Number(words[i + 1]);
  return { solution, mL: 20 };
}

/** Works a script. @returns the lines that did not come true, each with what there was instead. */
export function disagreements(sample: string, script: string): string[] {
  let bench = openBench(sampleOf(sample));
  let vessel = '';
  let see: readonly Observation[] = [];
  const out: string[] = [];
  for (const line of script.split(/\n|;/).map((l) => l.trim())) {
    if (!line) continue;
    if (line.startsWith('=')) {
      const claim = line.slice(1).trim();
      const named = /^([A-Z]\w*): (.*)$/.exec(claim);
      const wrong = fault(named?.[2] ?? claim, bench, named?.[1] ?? vessel, see);
      if (wrong !== undefined) out.push(`${claim}: ${wrong}`);
      continue;
    }
    const op = operation(line);
    ({ bench, see } = doAndSee(bench, op));
    vessel = 'to' in op && op.op !== 'heat' ? op.to : 'vessel' in op ? op.vessel : vessel;
  }
  return out;
}
