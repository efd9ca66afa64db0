/** Faults of technique, found from what went into the tubes. */
import { reagentName } from '../bench/contents';
import type { Op } from '../bench/ops';
import { BASES, REAGENTS } from '../matter/data/reagents';
import type { CaseState, DoneOperation } from '../record/case';
import { EXTRACT_PLACE } from '../scheme/data/stations';
import { stepsOf, testById } from '../scheme/tests';
import { AGED_BOTTLES, FAR_TOO_MUCH, type FaultKind, SULFIDE_BOTTLES } from './data/faults';

export interface Fault {
  readonly kind: FaultKind;
  /** The operations at which it happened, by their sequence numbers; none of a fault of judgement. */
  readonly operations: readonly number[];
  /** The entries that it bears on. */
  readonly entries: readonly number[];
  /** What in particular. */
  readonly of: string;
  /** The same done well, where that can be tried: what is done in the place of operations. */
  readonly well?: Instead;
}

/** What is done in the place of operations, by their sequence numbers; nothing, where the list is empty. */
export type Instead = Readonly<Record<number, readonly Op[]>>;

const ionsIn = new Map(REAGENTS.map((r) => [r.id, Object.keys(r.solution ?? {})]));
const holds = (reagent: string, ion: string) => ionsIn.get(reagent)?.includes(ion) ?? false;

/** An acid, and the ion of a reagent with which its anion falls whatever the sample is. */
const CLASHES: readonly { readonly anion: string; readonly with: string }[] = [
  { anion: 'SO4^2-', with: 'Ba2+' },
  { anion: 'Cl-', with: 'Ag+' },
];
const isAcid = (reagent: string) => holds(reagent, 'H+');
/** Nitrates are all soluble. */
const HARMLESS_ACID = 'nitric-acid-2M';
const BOILED: Omit<Extract<Op, { op: 'heat' }>, 'vessel'> = { op: 'heat', to: 'boil', minutes: 5 };
const WASHED: Omit<Extract<Op, { op: 'wash' }>, 'vessel'> = { op: 'wash', with: 'water', mL: 1, times: 2 };

/** What is known of a vessel from what was done to it. */
interface Known {
  /** Of each bottle, the addition at which it came in. */
  readonly bottles: Map<string, DoneOperation>;
  readonly fromExtract: boolean;
  /** Sulfide is in it, and whether it was put into this very vessel: its own precipitate is not parted from it yet. */
  sulfide: 'put here' | 'came along' | null;
  boiledInAcid: boolean;
  /** Its liquid was poured off and its solid not washed since. */
  unwashed: boolean;
}

const fresh = (): Known => ({ bottles: new Map(), fromExtract: false, sulfide: null, boiledInAcid: false, unwashed: false });

class Watch {
  readonly faults: Fault[] = [];
  private readonly vessels = new Map<string, Known>();

  private of(id: string): Known {
    let known = this.vessels.get(id);
    if (!known) this.vessels.set(id, (known = fresh()));
    return known;
  }

  /** @param well what would be done in the place of this operation, or of others. */
  private note(kind: FaultKind, { seq }: DoneOperation, of: string, well: Instead): void {
    this.faults.push({ kind, operations: [seq], entries: [], of, well });
  }

  private pour(from: string, to: string): void {
    const source = this.of(from);
    this.vessels.set(to, {
      ...source,
      bottles: new Map(source.bottles),
      fromExtract: source.fromExtract || from === EXTRACT_PLACE,
      unwashed: false,
    });
  }

  private add(done: DoneOperation, op: Extract<Op, { op: 'add' }>): void {
    const known = this.of(op.to);
    const { reagent } = op;
    const name = reagentName(reagent);
    const here = (...ops: readonly Op[]): Instead => ({ [done.seq]: ops });
    const boiled = { ...BOILED, vessel: op.to };
    const fresh = AGED_BOTTLES[reagent];
    if (fresh !== undefined) this.note('old-reagent', done, name, here({ ...op, reagent: fresh }));
    for (const { anion, with: metal } of CLASHES) {
      const [acid, poured] = [...known.bottles].find(([b]) => isAcid(b) && holds(b, anion)) ?? [];
      if (acid === undefined || !holds(reagent, metal)) continue;
      const instead = { [poured!.seq]: [{ ...(poured!.op as typeof op), reagent: HARMLESS_ACID }] };
      this.note('wrong-acid', done, `${reagentName(acid)}, then ${name}`, instead);
    }
    if (known.fromExtract && holds(reagent, 'Ag+') && !known.boiledInAcid) {
      const acid = [...known.bottles.keys()].some(isAcid)
        ? []
        : [{ op: 'add' as const, to: op.to, reagent: HARMLESS_ACID, mL: 1 }];
      this.note('extract-unboiled', done, name, here(...acid, boiled, op));
    }
    if (known.sulfide === 'came along' && BASES.some((b) => holds(reagent, b)))
      this.note('sulfide-left', done, name, here(boiled, op));
    // A procedure says itself where washing is not wanted.
    if (known.unwashed && !done.run) this.note('unwashed', done, name, here({ ...WASHED, vessel: op.to }, op));
    known.unwashed = false;
    known.bottles.set(reagent, done);
    if (SULFIDE_BOTTLES.includes(reagent)) known.sulfide = 'put here';
  }

  take(done: DoneOperation): void {
    const { op, result } = done;
    if (!result) return;
    switch (op.op) {
      case 'add':
        return this.add(done, op);
      case 'pass':
        if (op.gas === 'hydrogen-sulfide') this.of(op.to).sulfide = 'put here';
        return;
      case 'take':
        return this.pour(op.from, op.to);
      case 'decant':
      case 'filter': {
        this.pour(op.from, op.to);
        // The liquid goes on with what was dissolved in it.
        if (this.of(op.to).sulfide) this.of(op.to).sulfide = 'came along';
        const solid = op.op === 'filter' && op.residue !== undefined ? op.residue : op.from;
        if (solid !== op.from) this.pour(op.from, solid);
        this.of(solid).unwashed = result.vessels[solid]?.drawing.solid !== undefined;
        return;
      }
      case 'wash':
        this.of(op.vessel).unwashed = false;
        return;
      case 'evaporate':
      case 'heat': {
        const known = this.of(op.vessel);
        if (op.op === 'heat' && op.to === 'warm') return;
        known.sulfide = null;
        if ([...known.bottles.keys()].some(isAcid)) known.boiledInAcid = true;
        return;
      }
      case 'paper':
        if (op.where === 'mouth' && !op.damp)
          this.note('dry-paper', done, op.paper.replaceAll('-', ' '), { [done.seq]: [{ ...op, damp: true }] });
        return;
      case 'flame':
        if (op.wire === 'dirty') this.note('dirty-wire', done, 'flame wire', { [done.seq]: [{ ...op, wire: 'clean' }] });
        return;
      case 'set-up':
      case 'take-solid':
      case 'dissolve':
      case 'lead':
      case 'cool':
      case 'shake':
      case 'centrifuge':
      case 'stand':
      case 'splint':
      case 'limewater':
      case 'smell':
      case 'look':
      case 'rod':
      case 'bead':
      case 'dry-heat':
      case 'charcoal':
      case 'carbonate-extract':
      case 'fuse':
      case 'shake-out':
      case 'work-on':
      case 'test':
      case 'ignite':
        return;
      default:
        op satisfies never;
    }
  }
}

/** An operation with another amount. */
export function scaled<T extends { drops?: number | undefined; mL?: number | undefined; grams?: number | undefined }>(
  op: T,
  by: number,
): T {
  const some = (amount: number) => Number((amount * by).toPrecision(2));
  return {
    ...op,
    ...(op.drops !== undefined && { drops: Math.max(1, Math.round(op.drops * by)) }),
    ...(op.mL !== undefined && { mL: some(op.mL) }),
    ...(op.grams !== undefined && { grams: some(op.grams) }),
  };
}

const amountIn = (op: Op, dropML: number): number =>
  op.op !== 'add' || op.until ? 0 : op.drops !== undefined ? op.drops * dropML : (op.mL ?? 0);

/** Reagents of which a working took far more than the procedure asks for. */
function excesses({ operations, rules }: CaseState): Fault[] {
  const byTest = new Map<string, DoneOperation[]>();
  for (const o of operations) if (o.test !== undefined && o.result) byTest.set(o.test, [...(byTest.get(o.test) ?? []), o]);
  return [...byTest].flatMap(([id, done]): Fault[] => {
    const test = testById.get(id);
    if (!test) return [];
    const runs = Math.max(1, new Set(done.flatMap((o) => (o.run ? [o.run.id] : []))).size);
    const asked = new Map<string, number>();
    for (const { op } of stepsOf(test, rules))
      if (op.op === 'add') asked.set(op.reagent, op.until ? Infinity : (asked.get(op.reagent) ?? 0) + amountIn(op, rules.dropML));
    return [...asked].flatMap(([reagent, wanted]): Fault[] => {
      const own = done.filter(({ op }) => op.op === 'add' && op.reagent === reagent);
      const used = own.reduce((sum, { op }) => sum + amountIn(op, rules.dropML), 0);
      if (!(wanted > 0) || used < FAR_TOO_MUCH * wanted * runs) return [];
      const times = used / wanted / runs;
      const of = `${reagentName(reagent)}: ${Math.round(10 * times) / 10} times as much`;
      const well = Object.fromEntries(own.map(({ seq, op }) => [seq, [scaled(op as Extract<Op, { op: 'add' }>, 1 / times)]]));
      return [{ kind: 'excess', operations: own.map((o) => o.seq), entries: [], of, well }];
    });
  });
}

/** Faults of technique in a case, with the entries that speak of what was done so. */
export function techniqueOf(state: CaseState): Fault[] {
  const watch = new Watch();
  for (const done of state.operations) watch.take(done);
  const bearing = ({ operations }: Fault) =>
    state.entries.filter((e) => !e.struck && e.working.operations.some((seq) => operations.includes(seq))).map((e) => e.number);
  return [...watch.faults, ...excesses(state)].map((f) => ({ ...f, entries: bearing(f) }));
}
