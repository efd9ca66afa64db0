/** The bench: a sample, the vessels, and one operation after another. */
import { addAmounts, type Amounts } from '../matter/catalogue';
import type { Observation } from '../senses/vocabulary';
import { describe } from '../senses/appearance';
import type { Equation } from '../reactions/equations';
import { draw, pour, reagentById } from './contents';
import { beadTest, charcoalTest, dryColour, dryHeat, flameTest } from './dry';
import { limewaterTest, paperTest, rodTest, smellTest, splintTest } from './mouth';
import type { Op } from './ops';
import { compoundTest, EXTRACT, fusion } from './compound';
import { BenchError } from './error';
import { amountOf, prepareSample, type Sample, type SampleSpec } from './sample';
import { emptyVessel, isEmpty, type Vessel } from './vessel';
import * as wet from './wet';

export interface Bench {
  readonly sample: Sample;
  /** Grams or mL of sample left. */
  readonly left: number;
  readonly vessels: Readonly<Record<string, Vessel>>;
  /** Minutes of work so far. */
  readonly minutes: number;
  readonly warnings: readonly string[];
  /** What the last sodium fusion taught. */
  readonly fusion?: { readonly good: boolean; readonly remarks: readonly string[] };
}

export interface Step {
  readonly bench: Bench;
  readonly see: readonly Observation[];
  /** The vessel that was worked on, if any. */
  readonly vessel: string | null;
  /** Net ionic equations of what happened, where the step let something react. */
  readonly equations?: () => readonly Equation[];
}

/** A fresh bench with an unopened sample. @throws BenchError for a sample that cannot be. */
export function openBench(spec: SampleSpec): Bench {
  const sample = prepareSample(spec);
  return { sample, left: amountOf(sample).amount, vessels: {}, minutes: 0, warnings: [] };
}

function vesselOf(bench: Bench, id: string, field: string): Vessel {
  const vessel = bench.vessels[id];
  if (!vessel) {
    const names = Object.keys(bench.vessels);
    throw new BenchError(
      `${field}: there is no vessel "${id}" yet${names.length ? `; there are ${names.join(', ')}` : '; take some sample first'}`,
    );
  }
  return vessel;
}

const orNew = (bench: Bench, id: string) => {
  if (id === 'sample') throw new BenchError('to: "sample" is not a vessel; name a tube, such as A');
  if (id === EXTRACT) throw new BenchError('to: the extract is kept as it is; take a portion of it into a tube first');
  return bench.vessels[id] ?? emptyVessel(id);
};

function solidSample(bench: Bench, op: string): Extract<Sample, { kind: 'solid' }> {
  if (bench.sample.kind === 'solution') throw new BenchError(`${op}: the sample is a solution; use "take" with "mL"`);
  if (bench.sample.kind === 'compound')
    throw new BenchError(`${op}: the sample is an organic compound; use "fuse" for its elements and "test" for its groups`);
  return bench.sample;
}

function spend(bench: Bench, amount: number, unit: 'g' | 'mL'): Bench {
  if (amount > bench.left + 1e-9)
    throw new BenchError(
      `${unit === 'g' ? 'grams' : 'mL'}: only ${bench.left.toFixed(2)} ${unit} of the sample are left; take less`,
    );
  return { ...bench, left: Math.max(0, bench.left - amount) };
}

function withVessels(bench: Bench, minutes: number, ...vessels: Vessel[]): Bench {
  const next: Record<string, Vessel> = { ...bench.vessels };
  for (const v of vessels) next[v.id] = v;
  return { ...bench, vessels: next, minutes: bench.minutes + minutes };
}

/** Matter that goes on a wire or bead: of the sample or a vessel. */
function pinch(bench: Bench, from: string): Amounts {
  if (from !== 'sample') return vesselOf(bench, from, 'from').amounts;
  return bench.sample.kind === 'solution' ? addAmounts({}, bench.sample.perML, 50) : solidSample(bench, 'from').perGram;
}

/** A dropper that was not rinsed carries this much over. */
const CARRIED_ML = 0.03;

const PINCH_GRAMS = 0.01;
const takePinch = (bench: Bench, from: string) =>
  from === 'sample'
    ? spend(bench, Math.min(bench.left, bench.sample.kind === 'solution' ? 0.05 : PINCH_GRAMS), amountOf(bench.sample).unit)
    : bench;

const one = (bench: Bench, minutes: number, out: wet.Outcome): Step => ({
  bench: withVessels(bench, minutes, out.vessel),
  see: out.see,
  vessel: out.vessel.id,
  ...(out.equations && { equations: out.equations }),
});

/**
 * Does one operation.
 * @throws BenchError naming the field that is wrong and what to give instead; the bench is unchanged.
 */
export function perform(bench: Bench, op: Op): Step {
  const step = carryOut(bench, op);
  const warned = warningsFor(op, step.bench, step.vessel);
  const fresh = warned.filter((w) => !bench.warnings.includes(w));
  return fresh.length ? { ...step, bench: { ...step.bench, warnings: [...bench.warnings, ...fresh] } } : step;
}

function carryOut(bench: Bench, op: Op): Step {
  switch (op.op) {
    case 'take': {
      const to = orNew(bench, op.to);
      if (op.from === EXTRACT && !bench.vessels[EXTRACT])
        throw new BenchError('from: there is no extract; a sodium fusion makes one');
      if (op.from === 'sample') {
        if (bench.sample.kind === 'compound') solidSample(bench, 'take');
        if (bench.sample.kind !== 'solution')
          throw new BenchError('take: the sample is a solid; use "take-solid" with "grams", or "dissolve"');
        const portion = { amounts: addAmounts({}, bench.sample.perML, op.mL), mL: op.mL, celsius: 25 };
        const spent = spend(bench, op.mL, 'mL');
        const vessel = wet.settlePortion(to, portion);
        return { bench: withVessels(spent, 0.5, vessel), see: describe(wet.see(vessel)), vessel: vessel.id };
      }
      const from = vesselOf(bench, op.from, 'from');
      if (op.mL > from.mL + 1e-9) throw new BenchError(`mL: vessel ${from.id} has only ${from.mL.toFixed(2)} mL of liquid`);
      const { rest, portion } = draw(from, op.mL, from.settled ? 0 : 0.5);
      const dirt = op.unrinsed === undefined ? undefined : vesselOf(bench, op.unrinsed, 'unrinsed');
      const film = dirt && dirt.mL > CARRIED_ML ? draw(dirt, CARRIED_ML).portion : undefined;
      const vessel = wet.settlePortion(film ? wet.settlePortion(to, film) : to, portion);
      return { bench: withVessels(bench, 0.5, rest, vessel), see: describe(wet.see(vessel)), vessel: vessel.id };
    }
    case 'take-solid': {
      const sample = solidSample(bench, 'take-solid');
      const spent = spend(bench, op.grams, 'g');
      const had = orNew(spent, op.to);
      const amounts = addAmounts({ ...had.amounts }, sample.perGram, op.grams);
      const out = wet.react(had, { ...had, amounts, settled: false }, { minutes: 0.3 });
      const see: Observation[] =
        had.mL > 0 ? out.see : [{ channel: 'solid', event: 'unchanged', colour: dryColour(sample) as Observation['colour'] }];
      return { bench: withVessels(spent, 0.5, out.vessel), see, vessel: out.vessel.id };
    }
    case 'dissolve': {
      const sample = solidSample(bench, 'dissolve');
      const spent = spend(bench, op.grams, 'g');
      const had = orNew(spent, op.to);
      const mixed = pour(had, reagentById(op.in, 'in'), op.mL);
      const amounts = addAmounts({ ...mixed.amounts }, sample.perGram, op.grams);
      const warm = op.warm ? { celsius: 80 } : {};
      const out = wet.react(had, { ...mixed, ...warm, amounts }, { minutes: op.warm ? 5 : 3 });
      return one(spent, op.warm ? 5 : 3, {
        ...out,
        see: [...describe(wet.see(out.vessel)), ...out.see.filter((o) => o.channel === 'gas')],
      });
    }
    case 'add':
      return one(bench, 0.5, wet.add(orNew(bench, op.to), op));
    case 'pass':
      return one(bench, op.minutes, wet.pass(vesselOf(bench, op.to, 'to'), op));
    case 'heat':
      return one(bench, op.minutes ?? 1, wet.heat(vesselOf(bench, op.vessel, 'vessel'), op));
    case 'evaporate':
      return one(bench, 6, wet.evaporate(vesselOf(bench, op.vessel, 'vessel'), op));
    case 'cool':
      return one(bench, 2, wet.cool(filled(bench, op.vessel)));
    case 'shake':
      return one(bench, 0.5, wet.shake(filled(bench, op.vessel)));
    case 'stand':
      return one(bench, op.minutes, wet.stand(filled(bench, op.vessel), op.minutes));
    case 'centrifuge':
      return one(bench, 2, wet.centrifuge(filled(bench, op.vessel)));
    case 'decant': {
      const out = wet.decant(vesselOf(bench, op.from, 'from'), orNew(bench, op.to));
      return { bench: withVessels(bench, 0.5, out.from, out.to), see: out.see, vessel: out.to.id };
    }
    case 'filter': {
      const out = wet.filter(vesselOf(bench, op.from, 'from'), orNew(bench, op.to));
      if (!op.residue) return { bench: withVessels(bench, 3, out.from, out.to), see: out.see, vessel: out.to.id };
      const residue = { ...out.from, id: op.residue };
      const { [op.from]: _moved, ...rest } = bench.vessels;
      return { bench: withVessels({ ...bench, vessels: rest }, 3, residue, out.to), see: out.see, vessel: out.to.id };
    }
    case 'wash':
      return one(bench, 1.5 * op.times, wet.wash(vesselOf(bench, op.vessel, 'vessel'), op));
    case 'look': {
      const vessel = vesselOf(bench, op.vessel, 'vessel');
      return { bench, see: describe(wet.see(vessel)), vessel: vessel.id };
    }
    case 'paper':
      return held(bench, op.vessel, (v) => paperTest(v, op));
    case 'splint':
      return held(bench, op.vessel, (v) => splintTest(v, op));
    case 'limewater':
      return held(bench, op.vessel, limewaterTest);
    case 'smell':
      return held(bench, op.vessel, smellTest);
    case 'rod':
      return held(bench, op.vessel, (v) => rodTest(v, op));
    case 'flame':
      return { bench: withVessels(takePinch(bench, op.from), 2), see: flameTest(pinch(bench, op.from), op), vessel: null };
    case 'bead':
      return { bench: withVessels(takePinch(bench, op.from), 3), see: beadTest(pinch(bench, op.from), op), vessel: null };
    case 'charcoal':
      solidSample(bench, 'charcoal');
      return { bench: withVessels(takePinch(bench, 'sample'), 4), see: charcoalTest(pinch(bench, 'sample'), op), vessel: null };
    case 'dry-heat': {
      const sample = solidSample(bench, 'dry-heat');
      if (bench.vessels[op.to] && !isEmpty(bench.vessels[op.to]!))
        throw new BenchError(`to: vessel ${op.to} is not empty; heat a dry solid in a fresh hard-glass tube`);
      const out = dryHeat(sample, op);
      return { bench: withVessels(spend(bench, op.grams, 'g'), 4, out.vessel), see: out.see, vessel: out.vessel.id };
    }
    case 'carbonate-extract': {
      const sample = solidSample(bench, 'carbonate-extract');
      const spent = spend(bench, op.grams, 'g');
      const pot = pour(emptyVessel('pot'), reagentById('sodium-carbonate-1M'), 8);
      const amounts = addAmounts({ ...pot.amounts }, sample.perGram, op.grams);
      const boiled = wet.heat({ ...pot, amounts }, { op: 'heat', vessel: 'pot', to: 'boil', minutes: 5 }).vessel;
      const out = wet.filter(wet.cool(boiled).vessel, orNew(spent, op.to));
      return { bench: withVessels(spent, 12, out.to), see: out.see, vessel: out.to.id };
    }
    case 'fuse': {
      const made = fusion(bench.sample, op);
      const spent = spend(bench, (op.sample_mg * op.tubes) / 1000, 'g');
      const done = withVessels(spent, 12 + op.gentle_minutes, made.vessel);
      const fused = { good: made.see[0]!.event === 'good', remarks: made.remarks };
      return {
        bench: { ...done, warnings: [...done.warnings, ...made.remarks], fusion: fused },
        see: made.see,
        vessel: EXTRACT,
      };
    }
    case 'test': {
      const shown = compoundTest(bench.sample, op);
      const spent = op.control ? bench : spend(bench, Math.min(bench.left, shown.grams), 'g');
      return { bench: withVessels(spent, shown.minutes), see: shown.see, vessel: null };
    }
  }
}

function filled(bench: Bench, id: string): Vessel {
  const vessel = vesselOf(bench, id, 'vessel');
  if (isEmpty(vessel)) throw new BenchError(`vessel: ${id} is empty; put something in it first`);
  return vessel;
}

function held(bench: Bench, id: string, test: (v: Vessel) => Observation): Step {
  const vessel = vesselOf(bench, id, 'vessel');
  return { bench: withVessels(bench, 0.5), see: [test(vessel)], vessel: id };
}

const POISONOUS: Readonly<Record<string, string>> = {
  H2S: 'Hydrogen sulfide is poisonous and dulls the nose: work in the hood.',
  HCN: 'Hydrogen cyanide may be given off: stop, hood, and call your supervisor.',
  Cl2: 'Chlorine attacks the lungs: work in the hood.',
  Br2: 'Bromine vapour attacks eyes and lungs: work in the hood.',
  NO: 'Brown nitrogen dioxide is poisonous: work in the hood.',
  NO2: 'Brown nitrogen dioxide is poisonous: work in the hood.',
  ClO2: 'Chlorine dioxide explodes: stop heating, keep behind the screen.',
  CO: 'Carbon monoxide is poisonous and has no smell: work in the hood.',
  HF: 'Hydrogen fluoride etches glass and burns deep: stop, and call your supervisor.',
};

function warningsFor(op: Op, bench: Bench, id: string | null): string[] {
  const out: string[] = [];
  if (op.op === 'add') {
    const reagent = reagentById(op.reagent);
    if (reagent.restricted) out.push(`${reagent.name}: ${reagent.restricted}`);
  }
  if (op.op === 'paper' && op.where === 'mouth' && !op.damp) out.push('A dry paper shows nothing: damp it.');
  const vessel = id === null ? undefined : bench.vessels[id];
  for (const [gas, mol] of Object.entries(vessel?.gas ?? {})) if (mol > 2e-6 && POISONOUS[gas]) out.push(POISONOUS[gas]);
  return out;
}
