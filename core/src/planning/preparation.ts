/** What a preparation room makes for so many benches: volumes, recipes, labels, waste, apparatus, time, and the key to the bottles. */
import type { Op } from '../bench/ops';
import { REAGENTS, type ReagentRow } from '../matter/data/reagents';
import { wasteOf } from '../scheme/needs';
import type { HouseRules } from '../scheme/rules';
import { stepsOf, testById } from '../scheme/tests';
import { ALWAYS, APPARATUS } from './data/apparatus';
import { type Pictogram, pictogramsOf } from './data/labels';
import { RECIPES, STOCK_LIQUIDS } from './data/recipes';
import { type Amount, amountOf } from './solutions';

/** A bottle of the stock. */
export interface StockItem {
  /** A formula, the id of a reagent or of a concentrated liquid. */
  readonly item: string;
  readonly amount: number;
  readonly unit: 'g' | 'mL';
  /** Mass fraction of a solid; 1 by default. */
  readonly purity?: number | undefined;
  /** ISO date after which it is not used. */
  readonly expires?: string | undefined;
}

export interface Unknown {
  /** What is in it; for the key alone. */
  readonly sample: string;
  /** For one bench. */
  readonly grams: number;
}

export interface Asked {
  readonly tests: readonly string[];
  readonly benches: number;
  /** Benches more, should something be spilt. */
  readonly spare: number;
  /** Share more of each reagent, for repeats and blanks. */
  readonly allowance: number;
  readonly rules: HouseRules;
  readonly unknowns: readonly Unknown[];
  readonly stock: readonly StockItem[];
  /** ISO date of the session. */
  readonly on: string;
}

export interface Bottle {
  readonly id: string;
  readonly name: string;
  readonly unit: 'g' | 'mL';
  readonly perBench: number;
  /** With spare benches and allowance. */
  readonly needed: number;
  /** Rounded up to what one makes. */
  readonly make: number;
  /** What goes into it; empty for what is put out as it is bought. */
  readonly parts: readonly Amount[];
  readonly into: string;
  readonly note: string | null;
  /** ISO date until which it keeps, made on the day before. */
  readonly keepsUntil: string | null;
  readonly fresh: boolean;
  readonly caution: string | null;
  readonly pictograms: readonly Pictogram[];
}

export interface Shortage {
  readonly what: string;
  readonly needed: number;
  readonly there: number;
  readonly unit: 'g' | 'mL';
  readonly why: 'none in stock' | 'not enough' | 'past its date';
}

export interface Preparation {
  /** In the order in which they are made: what grows hot first, what must be fresh last. */
  readonly bottles: readonly Bottle[];
  readonly short: readonly Shortage[];
  readonly waste: readonly { readonly stream: string; readonly mL: number }[];
  readonly apparatus: readonly { readonly what: string; readonly of: number }[];
  readonly minutes: number;
  /** Which unknown is in which bottle, and at which bench it stands; to be kept apart. */
  readonly key: readonly { readonly bottle: string; readonly bench: number; readonly sample: string; readonly grams: number }[];
}

/** Of a reagent that is added until something happens, mL. By judgement: what a test tube takes. */
const UNTIL_ML = 1.5;
/** A rod or a paper is wetted with so much, mL. */
const WETTED_ML = 0.1;
/** Sodium carbonate solution with which a sample is boiled out, mL. */
const EXTRACTING_ML = 8;

interface Used {
  readonly reagent: string;
  readonly amount: number;
}

function usedBy(op: Op, dropML: number): Used[] {
  switch (op.op) {
    case 'add':
      return [
        {
          reagent: op.reagent,
          amount: op.drops !== undefined ? op.drops * dropML : (op.mL ?? op.grams ?? op.max_mL ?? UNTIL_ML),
        },
      ];
    case 'dissolve':
      return [{ reagent: op.in, amount: op.mL }];
    case 'wash':
      return [{ reagent: op.with, amount: op.mL * op.times }];
    case 'rod':
      return [{ reagent: op.dipped, amount: WETTED_ML }];
    case 'limewater':
      return [{ reagent: 'lime-water', amount: 2 }];
    case 'carbonate-extract':
      return [{ reagent: 'sodium-carbonate-1M', amount: EXTRACTING_ML }];
    case 'charcoal':
      return op.then ? [{ reagent: 'cobalt-ii-nitrate-0.1M', amount: WETTED_ML }] : [];
    case 'set-up':
    case 'take':
    case 'take-solid':
    case 'pass':
    case 'heat':
    case 'evaporate':
    case 'ignite':
    case 'lead':
    case 'cool':
    case 'shake':
    case 'centrifuge':
    case 'stand':
    case 'decant':
    case 'filter':
    case 'paper':
    case 'splint':
    case 'smell':
    case 'look':
    case 'flame':
    case 'bead':
    case 'dry-heat':
    case 'fuse':
    case 'shake-out':
    case 'work-on':
    case 'test':
      return [];
  }
}

const STEPS_UP = [1, 2, 2.5, 5, 10];

/** The next volume or mass that one makes: 1, 2, 2.5, 5, 10 and so on. */
export function roundedUp(amount: number): number {
  if (amount <= 0) return 0;
  const power = 10 ** Math.floor(Math.log10(amount));
  const step = STEPS_UP.find((s) => s * power >= amount - 1e-9)!;
  return Math.round(step * power * 1e6) / 1e6;
}

const rounded = (v: number) => Math.round(v * 1000) / 1000;

const DAY_MS = 86400000;
const day = (iso: string, days: number) =>
  new Date(Date.parse(`${iso.slice(0, 10)}T00:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10);

const byId = new Map(REAGENTS.map((r) => [r.id, r]));

function bottleOf(row: ReagentRow, perBench: number, { benches, spare, allowance, stock, on }: Asked): Bottle {
  const needed = perBench * (benches + spare) * (1 + allowance);
  const make = roundedUp(needed);
  const recipe = RECIPES[row.id];
  const purity = (item: string) => stock.find((s) => s.item === item)?.purity ?? 1;
  return {
    id: row.id,
    name: row.name,
    unit: row.solid ? 'g' : 'mL',
    perBench: rounded(perBench),
    needed: rounded(needed),
    make,
    parts: (recipe?.parts ?? []).map((part) => amountOf(part, make, purity)),
    into: recipe?.into ?? 'water',
    note: recipe?.note ?? null,
    keepsUntil: recipe ? day(on, recipe.days - 1) : null,
    fresh: recipe !== undefined && recipe.days <= 1,
    caution: row.caution ?? null,
    pictograms: pictogramsOf(row.id),
  };
}

/** What is hot, ordinary, and fresh. */
const turn = ({ fresh, parts, note }: Bottle): number =>
  fresh ? 2 : parts.some((p) => p.stock in STOCK_LIQUIDS) || /hot/.test(note ?? '') ? 0 : 1;

function shortages(bottles: readonly Bottle[], { stock, on }: Asked): Shortage[] {
  if (!stock.length) return [];
  const wanted = new Map<string, { what: string; needed: number; unit: 'g' | 'mL' }>();
  const want = (item: string, what: string, needed: number, unit: 'g' | 'mL') => {
    const before = wanted.get(item)?.needed ?? 0;
    wanted.set(item, { what, needed: before + needed, unit });
  };
  for (const b of bottles) {
    if (b.id === 'water') continue;
    if (stock.some((s) => s.item === b.id && !isPast(s, on) && s.amount >= b.needed)) continue;
    if (b.parts.length) for (const p of b.parts) want(p.stock, p.what, p.amount, p.unit);
    else want(b.id, b.name, b.needed, b.unit);
  }
  return [...wanted].flatMap(([item, { what, needed, unit }]): Shortage[] => {
    const all = stock.filter((s) => s.item === item);
    const there = all.filter((s) => !isPast(s, on)).reduce((sum, s) => sum + s.amount, 0);
    if (there >= needed) return [];
    const why = !all.length ? 'none in stock' : there || !all.some((s) => isPast(s, on)) ? 'not enough' : 'past its date';
    return [{ what, needed: rounded(needed), there: rounded(there), unit, why }];
  });
}

export const isPast = ({ expires }: StockItem, on: string): boolean => expires !== undefined && expires < on.slice(0, 10);

/** Minutes for one weighing, one dilution, one label, and for setting out a bench. By judgement. */
const TIMES = { weigh: 6, dilute: 4, label: 1, bench: 3, unknown: 2 };

function minutesFor(bottles: readonly Bottle[], { benches, spare, unknowns }: Asked): number {
  const making = bottles.reduce(
    (sum, b) => sum + TIMES.label + b.parts.reduce((s, p) => s + (p.unit === 'g' ? TIMES.weigh : TIMES.dilute), 0),
    0,
  );
  return making + (benches + spare) * (TIMES.bench + (unknowns.length ? TIMES.unknown : 0));
}

/** One letter after another, then two. */
const letters = (i: number): string => (i >= 26 ? letters(Math.floor(i / 26) - 1) : '') + String.fromCharCode(65 + (i % 26));

/** Unknowns dealt to the benches so that neighbours differ, in bottles whose letters tell nothing. */
function keyOf({ unknowns, benches, spare }: Asked, random: () => number): Preparation['key'] {
  if (!unknowns.length) return [];
  const shuffled = [...unknowns.keys()]
    .map((i) => [random(), i] as const)
    .sort((a, b) => a[0] - b[0])
    .map(([, i]) => i);
  const total = benches + spare;
  const labels = Array.from({ length: total }, (_, i) => [random(), letters(i)] as const).sort((a, b) => a[0] - b[0]);
  return Array.from({ length: total }, (_, i) => {
    const { sample, grams } = unknowns[shuffled[i % shuffled.length]!]!;
    return { bottle: labels[i]![1], bench: i + 1, sample, grams };
  });
}

/**
 * @param random numbers from 0 to 1: the same numbers give the same key.
 * @throws RangeError for a test that is not there.
 */
export function prepare(asked: Asked, random: () => number): Preparation {
  const { rules, benches, spare, allowance } = asked;
  const per = new Map<string, number>();
  const waste = new Map<string, number>();
  const apparatus = new Set(ALWAYS);
  for (const id of asked.tests) {
    const test = testById.get(id);
    if (!test) throw new RangeError(`there is no standard test "${id}"`);
    let volume = 0;
    for (const { op } of stepsOf(test, rules)) {
      for (const { reagent, amount } of usedBy(op, rules.dropML)) {
        per.set(reagent, (per.get(reagent) ?? 0) + amount);
        if (!byId.get(reagent)?.solid) volume += amount;
      }
      if (op.op === 'take') volume += op.mL;
      for (const thing of APPARATUS[op.op] ?? []) apparatus.add(thing);
    }
    const stream = wasteOf(test, rules);
    waste.set(stream, (waste.get(stream) ?? 0) + volume);
  }
  const bottles = [...per]
    .map(([id, amount]) => bottleOf(byId.get(id)!, amount, asked))
    .sort((a, b) => turn(a) - turn(b) || a.name.localeCompare(b.name));
  const all = benches + spare;
  return {
    bottles,
    short: shortages(bottles, asked),
    waste: [...waste]
      .map(([stream, mL]) => ({ stream, mL: Math.ceil(mL * all * (1 + allowance)) }))
      .filter((w) => w.mL > 0)
      .sort((a, b) => b.mL - a.mL),
    apparatus: [...apparatus].map((what) => ({ what, of: all })),
    minutes: Math.ceil(minutesFor(bottles, asked)),
    key: keyOf(asked, random),
  };
}
