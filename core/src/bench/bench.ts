/** The bench: a sample, the vessels, and one operation after another. */
import { addAmounts, type Amounts } from '../matter/catalogue';
import { parted } from '../matter/salts';
import { recovered } from '../organic/extraction';
import type { Equation } from '../reactions/equations';
import { drawOff, pour, reagentById } from './contents';
import { asCompound, compoundTest, EXTRACT, fusion, separate } from './compound';
import { dryHeat, ignite } from './dry';
import { BenchError } from './error';
import type { Happening } from './happenings';
import type { Op } from './ops';
import { amountOf, type CompoundSample, prepareSample, type Sample, type SampleSpec } from './sample';
import { emptyVessel, isEmpty, type Vessel } from './vessel';
import * as heating from './heating';
import * as wet from './wet';

export interface Bench {
  readonly sample: Sample;
  /** Grams or mL of sample left. */
  readonly left: number;
  readonly vessels: Readonly<Record<string, Vessel>>;
  /** Parts of a mixture of compounds that were put aside, with the grams there are. */
  readonly portions?: Readonly<Record<string, { readonly sample: CompoundSample; readonly left: number }>>;
  /** Minutes of work so far. */
  readonly minutes: number;
}

export interface Step {
  readonly bench: Bench;
  readonly happened: readonly Happening[];
  /** The vessel that was worked on, if any. */
  readonly vessel: string | null;
  /** Net ionic equations of what happened, where the step let something react. */
  readonly equations?: () => readonly Equation[];
}

/** A fresh bench with an unopened sample. @throws BenchError for a sample that cannot be. */
export function openBench(spec: SampleSpec): Bench {
  const sample = prepareSample(spec);
  return { sample, left: amountOf(sample).amount, vessels: {}, minutes: 0 };
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

/** What a liquid left when it was dried, and no portion of a solid. */
const isResidue = (vessel: Vessel): boolean => vessel.mL <= 0 && vessel.pH !== null && !isEmpty(vessel);

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
  if (from === 'sample' && bench.sample.kind === 'solution') return addAmounts({}, bench.sample.perML, 50);
  return parted(from === 'sample' ? solidSample(bench, 'from').perGram : vesselOf(bench, from, 'from').amounts);
}

/** A dropper that was not rinsed carries this much over. */
const CARRIED_ML = 0.03;

const PINCH_GRAMS = 0.01;
const takePinch = (bench: Bench, from: string) =>
  from === 'sample'
    ? spend(bench, Math.min(bench.left, bench.sample.kind === 'solution' ? 0.05 : PINCH_GRAMS), amountOf(bench.sample).unit)
    : bench;

/** A dry test on a pinch of the sample or of what is in a vessel. */
const withPinch = (bench: Bench, minutes: number, from: string, happening: (matter: Amounts) => Happening): Step => ({
  bench: withVessels(takePinch(bench, from), minutes),
  happened: [happening(pinch(bench, from))],
  vessel: null,
});

const one = (bench: Bench, minutes: number, out: wet.Worked): Step => ({
  bench: withVessels(bench, minutes, out.vessel),
  happened: out.happened,
  vessel: out.vessel.id,
  ...(out.equations && { equations: out.equations }),
});

/** A liquid that was moved or looked at, and what is seen of it then. */
const lookedAt = (bench: Bench, vessel: Vessel): Step => ({ bench, happened: [{ what: 'look', vessel }], vessel: vessel.id });

/**
 * Does one operation.
 * @throws BenchError naming the field that is wrong and what to give instead; the bench is unchanged.
 */
export function perform(bench: Bench, op: Op): Step {
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
        const vessel = wet.pourInto(to, portion);
        return lookedAt(withVessels(spent, 0.5, vessel), vessel);
      }
      const from = vesselOf(bench, op.from, 'from');
      if (op.mL > from.mL + 1e-9) throw new BenchError(`mL: vessel ${from.id} has only ${from.mL.toFixed(2)} mL of liquid`);
      const { rest, portion } = drawOff(from, op.mL, from.settled ? 0 : 0.5);
      const dirt = op.unrinsed === undefined ? undefined : vesselOf(bench, op.unrinsed, 'unrinsed');
      const film = dirt && dirt.mL > CARRIED_ML ? drawOff(dirt, CARRIED_ML).portion : undefined;
      const vessel = wet.pourInto(film ? wet.pourInto(to, film) : to, portion);
      return lookedAt(withVessels(bench, 0.5, rest, vessel), vessel);
    }
    case 'take-solid': {
      const sample = solidSample(bench, 'take-solid');
      const spent = spend(bench, op.grams, 'g');
      const had = orNew(spent, op.to);
      const amounts = addAmounts({ ...had.amounts }, sample.perGram, op.grams);
      const out = wet.react(had, { ...had, amounts, settled: false }, { minutes: 0.3 });
      return one(spent, 0.5, had.mL > 0 ? out : { vessel: out.vessel, happened: [{ what: 'portion', sample }] });
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
        happened: [{ what: 'look', vessel: out.vessel }, ...out.happened.filter((h) => h.what === 'gas')],
      });
    }
    case 'add':
      return one(bench, 0.5, wet.add(orNew(bench, op.to), op));
    case 'set-up': {
      if (bench.vessels[op.vessel])
        throw new BenchError(`vessel: there is a ${op.vessel} already; give the ${op.as} another name`);
      return lookedAt(withVessels(bench, 0.5, { ...emptyVessel(op.vessel), kind: op.as }), {
        ...emptyVessel(op.vessel),
        kind: op.as,
      });
    }
    case 'lead': {
      const out = wet.lead(filled(bench, op.from, 'from'), filled(bench, op.to, 'to'));
      return one(withVessels(bench, 0, out.from), 2, out.into);
    }
    case 'pass':
      return one(bench, op.minutes, wet.pass(vesselOf(bench, op.to, 'to'), op));
    case 'heat': {
      const vessel = vesselOf(bench, op.vessel, 'vessel');
      if (op.to === 'strong' && isResidue(vessel)) return one(bench, op.minutes ?? 1, ignite(vessel));
      return one(bench, op.minutes ?? 1, heating.heat(vessel, op));
    }
    case 'evaporate':
      return one(bench, 6, heating.evaporate(vesselOf(bench, op.vessel, 'vessel'), op));
    case 'ignite':
      return one(bench, 8, ignite(vesselOf(bench, op.vessel, 'vessel')));
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
      return lookedAt(withVessels(bench, 0.5, out.from, out.to), out.to);
    }
    case 'filter': {
      const out = wet.filter(vesselOf(bench, op.from, 'from'), orNew(bench, op.to));
      if (!op.residue) return lookedAt(withVessels(bench, 3, out.from, out.to), out.to);
      const residue = { ...out.from, id: op.residue };
      const { [op.from]: _moved, ...rest } = bench.vessels;
      return lookedAt(withVessels({ ...bench, vessels: rest }, 3, residue, out.to), out.to);
    }
    case 'wash':
      return one(bench, 1.5 * op.times, wet.wash(vesselOf(bench, op.vessel, 'vessel'), op));
    case 'look': {
      const vessel = vesselOf(bench, op.vessel, 'vessel');
      if (isDryPowder(vessel) && bench.sample.kind === 'solid')
        return { bench, happened: [{ what: 'portion', sample: bench.sample }], vessel: vessel.id };
      return lookedAt(bench, vessel);
    }
    case 'paper':
    case 'splint':
    case 'limewater':
    case 'smell':
    case 'rod': {
      const vessel = vesselOf(bench, op.vessel, 'vessel');
      return { bench: withVessels(bench, 0.5), happened: [{ what: 'held', vessel, op }], vessel: vessel.id };
    }
    case 'flame':
      return withPinch(bench, 2, op.from, (matter) => ({ what: 'flame', matter, op }));
    case 'bead':
      return withPinch(bench, 3, op.from, (matter) => ({ what: 'bead', matter, op }));
    case 'charcoal':
      solidSample(bench, 'charcoal');
      return withPinch(bench, 4, 'sample', (matter) => ({ what: 'charcoal', matter, op }));
    case 'dry-heat': {
      const sample = solidSample(bench, 'dry-heat');
      if (bench.vessels[op.to] && !isEmpty(bench.vessels[op.to]!))
        throw new BenchError(`to: vessel ${op.to} is not empty; heat a dry solid in a fresh hard-glass tube`);
      const vessel = dryHeat(sample, op);
      return one(spend(bench, op.grams, 'g'), 4, { vessel, happened: [{ what: 'dry-heat', heated: vessel.heated! }] });
    }
    case 'carbonate-extract': {
      const sample = solidSample(bench, 'carbonate-extract');
      const spent = spend(bench, op.grams, 'g');
      const pot = pour(emptyVessel('pot'), reagentById('sodium-carbonate-1M'), 8);
      const amounts = addAmounts({ ...pot.amounts }, sample.perGram, op.grams);
      const boiled = heating.heat({ ...pot, amounts }, { op: 'heat', vessel: 'pot', to: 'boil', minutes: 5 }).vessel;
      const out = wet.filter(wet.cool(boiled).vessel, orNew(spent, op.to));
      return lookedAt(withVessels(spent, 12, out.to), out.to);
    }
    case 'fuse': {
      const made = fusion(bench.sample, op);
      const spent = spend(bench, (op.sample_mg * op.tubes) / 1000, 'g');
      return one(spent, 12 + op.gentle_minutes, { vessel: made.vessel, happened: [{ what: 'extract', ...made }] });
    }
    case 'shake-out': {
      const { sample, portion, shows } = separate(bench.sample, bench.left, op);
      if (bench.portions?.[op.portion])
        throw new BenchError(`portion: there is a portion ${op.portion} already; give it another name`);
      const portions = { ...bench.portions, [op.portion]: { sample: portion, left: recovered(portion.grams) } };
      return {
        bench: { ...withVessels(bench, 6 * op.times), sample, left: recovered(sample.grams), portions },
        happened: [{ what: 'class-test', shows }],
        vessel: null,
      };
    }
    case 'work-on': {
      const { [op.portion]: chosen, ...rest } = bench.portions ?? {};
      if (!chosen || chosen.left <= 0) {
        const others = Object.entries(rest).flatMap(([id, { left }]) => (left > 0 ? [id] : []));
        throw new BenchError(
          `portion: ${chosen ? `nothing was washed out into ${op.portion}` : `there is no portion ${op.portion}`}; ${others.length ? `there is something in ${others.join(', ')}` : 'wash something out of the mixture first'}`,
        );
      }
      const aside = { sample: asCompound(bench.sample, op.op), left: bench.left };
      return { bench: { ...bench, ...chosen, portions: { ...rest, [op.aside]: aside } }, happened: [], vessel: null };
    }
    case 'test': {
      const shown = compoundTest(bench.sample, op);
      const spent = op.control ? bench : spend(bench, Math.min(bench.left, shown.grams), 'g');
      return {
        bench: withVessels(spent, shown.minutes),
        happened: [{ what: 'class-test', shows: shown.shows }],
        vessel: null,
      };
    }
  }
}

/** Dry sample as it was taken, with no liquid on it and never heated. */
const isDryPowder = ({ mL, heated, solids, amounts }: Vessel): boolean =>
  mL <= 0 && !heated && !Object.keys(solids).length && Object.keys(amounts).length > 0;

function filled(bench: Bench, id: string, field = 'vessel'): Vessel {
  const vessel = vesselOf(bench, id, field);
  if (isEmpty(vessel)) throw new BenchError(`${field}: ${id} is empty; put something in it first`);
  return vessel;
}
