/**
 * The standard tests of a salt, as data. Steps are bench operations on named places: `S` is the original solution and
 * `1`, `2` … are fresh tubes. Amounts follow VOGEL for the test-tube scale.
 */
import type { Op } from '../../bench/ops';
import type { Channel } from '../../senses/vocabulary';

export interface TestStep {
  readonly op: Op;
  /** What to do, for a person at the bench. */
  readonly say: string;
  readonly why?: string;
}

export interface StandardTest {
  readonly id: string;
  readonly title: string;
  readonly station: 'look' | 'dry' | 'anions' | 'cations';
  readonly purpose: string;
  /** Which ions it can speak of. */
  readonly about: 'cations' | 'anions' | 'both';
  /** Does it start from the original solution? */
  readonly needsSolution?: true;
  readonly steps: readonly TestStep[];
  readonly watch: readonly Channel[];
  readonly caution?: string;
  readonly minutes: number;
  /** Too many things look alike here: what it lacks rules nothing out. */
  readonly onlyHints?: true;
}

const take = (mL = 1): TestStep => ({ op: { op: 'take', to: '1', from: 'S', mL }, say: `Take ${mL} mL of the original solution into a clean tube.` });
const drops = (reagent: string, n: number, say: string, why?: string): TestStep => ({ op: { op: 'add', to: '1', reagent, drops: n }, say, ...(why && { why }) });
const pour = (reagent: string, mL: number, say: string, why?: string): TestStep => ({ op: { op: 'add', to: '1', reagent, mL }, say, ...(why && { why }) });

export const TESTS: readonly StandardTest[] = [
  { id: 'look', title: 'Look and dissolve', station: 'look', about: 'both', onlyHints: true, minutes: 4,
    purpose: 'Colour and form of the dry salt, and whether water takes it up. Colour is a hint, no more.',
    steps: [
      { op: { op: 'take-solid', to: '1', grams: 0.05 }, say: 'Put a little of the dry salt in a tube and look at it against the white card.' },
      { op: { op: 'dissolve', to: 'S', grams: 0.4, in: 'water', mL: 12, warm: true }, say: 'Dissolve 0.4 g in 12 mL of warm water: the original solution, S.', why: 'Every wet test starts from it.' },
      { op: { op: 'cool', vessel: 'S' }, say: 'Let it cool.' },
    ],
    watch: ['solid', 'solution', 'precipitate'],
  },
  { id: 'litmus', title: 'Litmus on the solution', station: 'look', about: 'both', onlyHints: true, needsSolution: true, minutes: 1,
    purpose: 'Acid, neutral or basic: a hint to the kind of salt.',
    steps: [
      take(0.5),
      { op: { op: 'paper', vessel: '1', paper: 'blue-litmus', where: 'liquid', damp: true }, say: 'Touch a drop to blue litmus.' },
      { op: { op: 'paper', vessel: '1', paper: 'red-litmus', where: 'liquid', damp: true }, say: 'Touch a drop to red litmus.' },
    ],
    watch: ['paper'],
  },
  { id: 'heating', title: 'Heat in a hard-glass tube', station: 'dry', about: 'anions', onlyHints: true, minutes: 5,
    purpose: 'Water, gas, sublimate and the colour of what is left, hot and again cold.',
    caution: 'Point the tube away from everyone. Goggles. Gases may be poisonous: hood.',
    steps: [
      { op: { op: 'dry-heat', to: '1', grams: 0.15, strong: true }, say: 'Heat 0.15 g, gently and then to redness. Look twice: hot, and again cold.' },
      { op: { op: 'paper', vessel: '1', paper: 'blue-litmus', where: 'mouth', damp: true }, say: 'Hold damp blue litmus at the mouth.' },
      { op: { op: 'paper', vessel: '1', paper: 'red-litmus', where: 'mouth', damp: true }, say: 'Hold damp red litmus at the mouth.' },
      { op: { op: 'splint', vessel: '1', splint: 'glowing' }, say: 'Hold a glowing splint at the mouth.' },
      { op: { op: 'cool', vessel: '1' }, say: 'Let it cool, and look at what is left again.' },
    ],
    watch: ['droplets', 'gas', 'solid', 'sublimate', 'paper', 'splint'],
  },
  { id: 'flame', title: 'Flame', station: 'dry', about: 'cations', minutes: 3,
    purpose: 'Metals that colour the flame. Clean the wire in concentrated acid until it gives no colour of its own.',
    caution: 'Concentrated hydrochloric acid on the wire: goggles.',
    steps: [{ op: { op: 'flame', from: 'sample' }, say: 'Dip the clean wire in acid, touch the salt, hold it in the edge of the flame.' }],
    watch: ['flame'],
  },
  { id: 'flame-cobalt-glass', title: 'Flame through cobalt glass', station: 'dry', about: 'cations', minutes: 1,
    purpose: 'The blue glass takes away the yellow of sodium, so that potassium can be seen.',
    steps: [{ op: { op: 'flame', from: 'sample', through: 'cobalt-glass' }, say: 'Look at the flame again through the blue glass.' }],
    watch: ['flame'],
  },
  { id: 'dilute-acid', title: 'Dilute acid', station: 'anions', about: 'anions', minutes: 4,
    purpose: 'Anions of weak acids leave as a gas: carbonate, sulfite, sulfide, nitrite.',
    caution: 'Hydrogen sulfide and sulfur dioxide are poisonous: hood, waft, never sniff.',
    steps: [
      { op: { op: 'take-solid', to: '1', grams: 0.1 }, say: 'Put 0.1 g of the salt in a tube.' },
      pour('hydrochloric-acid-2M', 1.5, 'Add 1.5 mL of dilute hydrochloric acid and watch for bubbles.'),
      { op: { op: 'limewater', vessel: '1' }, say: 'Lead the gas into lime water.' },
      { op: { op: 'heat', vessel: '1', to: 'warm', minutes: 1 }, say: 'Warm it.' },
      { op: { op: 'smell', vessel: '1' }, say: 'Waft, with care.' },
      { op: { op: 'paper', vessel: '1', paper: 'lead-acetate', where: 'mouth', damp: true }, say: 'Hold damp lead-acetate paper at the mouth.' },
    ],
    watch: ['gas', 'limewater', 'smell', 'paper'],
  },
  { id: 'barium-acid', title: 'Barium chloride, then acid', station: 'anions', about: 'anions', needsSolution: true, minutes: 3,
    purpose: 'Sulfate gives a fine white precipitate that acid does not take back.',
    caution: 'Barium salts are poisonous: gloves, heavy-metal waste.',
    steps: [
      take(),
      drops('hydrochloric-acid-2M', 15, 'Add 15 drops of dilute hydrochloric acid, or until the fizzing stops.', 'It keeps carbonate, sulfite and phosphate out of the way.'),
      drops('barium-chloride-0.25M', 6, 'Add 6 drops of barium chloride.'),
    ],
    watch: ['precipitate', 'solution']
  },
  { id: 'silver-acid', title: 'Silver nitrate in nitric acid', station: 'anions', about: 'anions', needsSolution: true, minutes: 3,
    purpose: 'Chloride white, bromide cream, iodide yellow; all curdy, none taken back by acid.',
    caution: 'Silver nitrate stains. Silver waste.',
    steps: [
      take(),
      drops('nitric-acid-2M', 15, 'Add 15 drops of dilute nitric acid, or until the fizzing stops.', 'It removes carbonate, sulfite, phosphate and the like.'),
      drops('silver-nitrate-0.1M', 8, 'Add 8 drops of silver nitrate.'),
    ],
    watch: ['precipitate', 'solution', 'gas'],
  },
  { id: 'silver-ammonia', title: 'Silver halide and ammonia', station: 'anions', about: 'anions', needsSolution: true, minutes: 5,
    purpose: 'Silver chloride dissolves in ammonia and comes back with acid; the bromide hardly; the iodide not.',
    caution: 'Never keep an ammoniacal silver solution: acidify it at once.',
    steps: [
      take(),
      drops('nitric-acid-2M', 10, 'Add 10 drops of dilute nitric acid.'),
      drops('silver-nitrate-0.1M', 8, 'Add 8 drops of silver nitrate.'),
      { op: { op: 'centrifuge', vessel: '1' }, say: 'Centrifuge.' },
      { op: { op: 'decant', from: '1', to: '2' }, say: 'Pour off the clear liquid.' },
      pour('ammonia-6M', 1.5, 'Add 1.5 mL of ammonia and shake.'),
    ],
    watch: ['precipitate']
  },
  { id: 'chlorine-layer', title: 'Chlorine water and a layer', station: 'anions', about: 'anions', needsSolution: true, minutes: 4,
    purpose: 'Chlorine frees iodine (violet layer) and bromine (orange-brown layer).',
    caution: 'Chlorine and dichloromethane vapour: hood.',
    steps: [
      take(),
      pour('dichloromethane', 1, 'Add 1 mL of dichloromethane: the lower layer.'),
      drops('chlorine-water', 4, 'Add 4 drops of chlorine water.', 'Too much bleaches iodine again.'),
      { op: { op: 'shake', vessel: '1' }, say: 'Shake and let the layers part.' },
    ],
    watch: ['layer', 'solution']
  },
  { id: 'brown-ring', title: 'Brown ring', station: 'anions', about: 'anions', needsSolution: true, minutes: 5,
    purpose: 'Nitrate gives a brown ring where iron(II) sulfate meets concentrated sulfuric acid.',
    caution: 'Concentrated sulfuric acid: goggles, gloves; run it down the side of a cooled tube, never shake.',
    steps: [
      take(),
      pour('iron-ii-sulfate-fresh-0.5M', 1, 'Add 1 mL of fresh iron(II) sulfate.'),
      { op: { op: 'add', to: '1', reagent: 'sulfuric-acid-conc', mL: 1, layered: true }, say: 'Run 1 mL of concentrated sulfuric acid down the side, so that it lies below.' },
      { op: { op: 'stand', vessel: '1', minutes: 3 }, say: 'Wait three minutes and look at the junction.' },
    ],
    watch: ['ring']
  },
  { id: 'ammonium', title: 'Warm with base', station: 'cations', about: 'cations', minutes: 4,
    purpose: 'Ammonium gives ammonia. Done first, on the original, because ammonia is a reagent later.',
    caution: 'Hot sodium hydroxide spits: goggles, tube away from everyone.',
    steps: [
      { op: { op: 'take-solid', to: '1', grams: 0.1 }, say: 'Put 0.1 g of the salt in a tube.' },
      pour('sodium-hydroxide-2M', 1.5, 'Add 1.5 mL of sodium hydroxide.'),
      { op: { op: 'heat', vessel: '1', to: 'warm', minutes: 2 }, say: 'Warm it; do not let it spit.' },
      { op: { op: 'paper', vessel: '1', paper: 'red-litmus', where: 'mouth', damp: true }, say: 'Hold damp red litmus at the mouth, not touching the glass.' },
    ],
    watch: ['paper', 'smell', 'precipitate']
  },
  { id: 'hydrochloric', title: 'Hydrochloric acid', station: 'cations', about: 'cations', needsSolution: true, minutes: 3,
    purpose: 'Silver, lead and mercury(I) give white chlorides.',
    steps: [take(), drops('hydrochloric-acid-2M', 6, 'Add 6 drops of dilute hydrochloric acid.')],
    watch: ['precipitate'],
  },
  { id: 'hydroxide', title: 'Sodium hydroxide, then excess', station: 'cations', about: 'cations', needsSolution: true, minutes: 4,
    purpose: 'The hydroxide and its colour; whether more of the base takes it back.',
    caution: 'Corrosive to eyes: goggles.',
    steps: [
      take(),
      drops('sodium-hydroxide-2M', 4, 'Add 4 drops of sodium hydroxide, shaking after each.', 'The first drops make the solid.'),
      pour('sodium-hydroxide-6M', 1.5, 'Add 1.5 mL of strong sodium hydroxide: an excess.', 'Aluminium, zinc and lead go back into solution.'),
    ],
    watch: ['precipitate', 'solution'],
  },
  { id: 'ammonia', title: 'Ammonia, then excess', station: 'cations', about: 'cations', needsSolution: true, minutes: 4,
    purpose: 'The hydroxide again, and whether ammonia takes it back as an ammine, and in which colour.',
    caution: 'Work in the hood; cap the bottle. Ammonia vapour hurts eyes and lungs.',
    steps: [
      take(),
      drops('ammonia-2M', 3, 'Add 3 drops of dilute ammonia, shaking after each.', 'The first drops make the solid.'),
      pour('ammonia-6M', 2, 'Add 2 mL of strong ammonia: an excess.', 'Whether it takes the solid back, and to which colour, tells the metals apart.'),
    ],
    watch: ['precipitate', 'solution'],
  },
  { id: 'iodide', title: 'Potassium iodide', station: 'cations', about: 'cations', needsSolution: true, minutes: 2,
    purpose: 'Golden lead iodide, yellow silver iodide, off-white copper iodide under brown iodine.',
    steps: [take(), drops('potassium-iodide-0.1M', 6, 'Add 6 drops of potassium iodide.')],
    watch: ['precipitate', 'solution'],
  },
  { id: 'chromate', title: 'Chromate in acetate buffer', station: 'cations', about: 'cations', needsSolution: true, minutes: 3,
    purpose: 'Lead and barium give yellow chromates in the buffer; strontium does not.',
    caution: 'Chromates are carcinogenic: gloves; chromium waste.',
    steps: [
      take(),
      drops('acetic-acid-2M', 5, 'Add 5 drops of acetic acid.'),
      drops('sodium-acetate-1M', 8, 'Add 8 drops of sodium acetate.'),
      drops('potassium-chromate-0.1M', 6, 'Add 6 drops of potassium chromate.'),
    ],
    watch: ['precipitate', 'solution'],
  },
  { id: 'sulfate-cations', title: 'Dilute sulfuric acid', station: 'cations', about: 'cations', needsSolution: true, minutes: 3,
    purpose: 'Barium, strontium and lead give white sulfates.',
    steps: [take(), drops('sulfuric-acid-1M', 6, 'Add 6 drops of dilute sulfuric acid.'), { op: { op: 'stand', vessel: '1', minutes: 2 }, say: 'Let it stand two minutes.' }],
    watch: ['precipitate'],
  },
  { id: 'dimethylglyoxime', title: 'Dimethylglyoxime in ammonia', station: 'cations', about: 'cations', needsSolution: true, minutes: 3,
    purpose: 'Nickel gives a bright red precipitate.',
    caution: 'The reagent is in ethanol: no flame nearby.',
    steps: [take(), drops('ammonia-2M', 6, 'Make it just basic with ammonia.'), drops('dimethylglyoxime-1pc', 8, 'Add 8 drops of dimethylglyoxime.')],
    watch: ['precipitate']
  },
  { id: 'thiocyanate', title: 'Ammonium thiocyanate', station: 'cations', about: 'cations', needsSolution: true, minutes: 2,
    purpose: 'Iron(III) turns blood-red.',
    steps: [take(), drops('hydrochloric-acid-2M', 2, 'Acidify with 2 drops of hydrochloric acid.'), drops('ammonium-thiocyanate-0.5M', 4, 'Add 4 drops of ammonium thiocyanate.')],
    watch: ['solution', 'precipitate']
  },
  { id: 'hexacyanoferrate', title: 'Potassium hexacyanoferrate(II)', station: 'cations', about: 'cations', needsSolution: true, minutes: 2,
    purpose: 'Deep blue with iron(III), red-brown with copper, white with zinc.',
    steps: [take(), drops('acetic-acid-2M', 2, 'Acidify with 2 drops of acetic acid.'), drops('potassium-hexacyanoferrate-ii-0.1M', 4, 'Add 4 drops of the reagent.')],
    watch: ['precipitate', 'solution']
  },
  { id: 'aluminon', title: 'Aluminon', station: 'cations', about: 'cations', needsSolution: true, minutes: 6,
    purpose: 'Aluminium hydroxide takes up the dye: red flecks hanging in the liquid. A red liquid alone is only the dye.',
    steps: [
      take(),
      drops('acetic-acid-2M', 3, 'Add 3 drops of acetic acid.'),
      drops('aluminon-0.1pc', 4, 'Add 4 drops of aluminon.'),
      { op: { op: 'add', to: '1', reagent: 'ammonia-2M', until: 'just-basic' }, say: 'Add ammonia drop by drop until red litmus just turns.', why: 'Too much base takes the lake apart.' },
      { op: { op: 'centrifuge', vessel: '1' }, say: 'Centrifuge and look for red flecks.' },
    ],
    watch: ['precipitate', 'solution']
  },
  { id: 'magnesium-phosphate', title: 'Phosphate in ammonia', station: 'cations', about: 'cations', needsSolution: true, minutes: 14,
    purpose: 'Magnesium gives white crystals of magnesium ammonium phosphate, slowly.',
    steps: [
      take(),
      pour('ammonium-chloride-2M', 1, 'Add 1 mL of ammonium chloride.', 'It holds magnesium hydroxide back.'),
      drops('ammonia-2M', 8, 'Add 8 drops of ammonia.'),
      drops('sodium-phosphate-0.3M', 8, 'Add 8 drops of disodium hydrogenphosphate.'),
      { op: { op: 'stand', vessel: '1', minutes: 10 }, say: 'Scratch the glass and wait ten minutes.' },
    ],
    watch: ['precipitate'],
  },
];

export const STATIONS = { look: 'First look', dry: 'Dry tests', anions: 'Anions', cations: 'Cations, without sulfide' } as const;
