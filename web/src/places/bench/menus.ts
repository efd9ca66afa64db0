/** What can be done to the tube in hand, menu by menu. */
import type { Op } from '#core/bench/ops';
import { CAPACITY_ML } from '#core/bench/vessel';
import { EXTRACT_PLACE } from '#core/scheme/data/stations';
import { WASH_NAMES } from '#core/bench/operations/shake-out';
import type { ReagentRow } from '#core/matter/data/reagents';
import type { CaseView, VesselView } from '#contract';
import type { Action } from '../../state/keys';

/** Hydrogencarbonate first: it takes carboxylic acids out of ether and leaves phenols. */
const WASH_ORDER = ['nahco3-5pc', 'naoh-5pc', 'hcl-5pc'] as const;

export interface Choice {
  readonly name: string;
  readonly op?: Op;
  readonly act?: () => void;
}

export interface MenuRow {
  /** The key that opens it. */
  readonly action: Action;
  /** Needs no tube in hand. */
  readonly free?: true;
  readonly choices: readonly Choice[];
}

interface AtHand {
  readonly view: CaseView;
  readonly held: VesselView | null;
  readonly nextTube: string;
  readonly reagent: ReagentRow;
  /** The tube in hand, or the next one. */
  readonly id: string;
  /** Is the sample a dry solid? */
  readonly solid: boolean;
  /** The tube in which the dropper stood last. */
  readonly before: VesselView | undefined;
  readonly threeThenLitmus: (paper: 'red-litmus' | 'blue-litmus') => Promise<void>;
  readonly startTimer: (minutes: number) => void;
}

export function menusFor({
  view,
  held,
  nextTube,
  reagent,
  id,
  solid,
  before,
  threeThenLitmus,
  startTimer,
}: AtHand): Record<string, MenuRow> {
  // An organic compound is fused and tested; only its extract is worked as a solution.
  const compound = view.summary.matter === 'compound';
  const portion = String(view.portions.length + 1);
  return {
    Take: {
      action: 'take',
      free: true,
      choices: [
        ...(compound
          ? []
          : (['beaker', 'dish'] as const).map((as) => ({
              name: `Set up a ${as} ${nextTube} (${CAPACITY_ML[as]} mL)`,
              op: { op: 'set-up', vessel: nextTube, as } as Op,
            }))),
        ...(held
          ? [
              {
                name: `1 mL of ${held.id} into a new tube ${nextTube}`,
                op: { op: 'take', to: nextTube, from: held.id, mL: 1 } as Op,
              },
            ]
          : []),
        ...(held && before
          ? [
              {
                name: `1 mL of ${held.id}, dropper not rinsed after ${before.id}`,
                op: { op: 'take', to: nextTube, from: held.id, mL: 1, unrinsed: before.id } as Op,
              },
            ]
          : []),
        ...(compound
          ? [
              {
                name: `1 mL of the extract into tube ${nextTube}`,
                op: { op: 'take', to: nextTube, from: EXTRACT_PLACE, mL: 1 } as Op,
              },
              ...(view.summary.kind === 'simulated'
                ? WASH_ORDER.map((wash) => ({
                    name: `All of the sample in ether, three times with ${WASH_NAMES[wash]}: portion ${portion}`,
                    op: { op: 'shake-out', with: wash, times: 3, portion } as Op,
                  }))
                : []),
            ]
          : solid
            ? [
                {
                  name: `0.1 g of the dry sample into tube ${nextTube}`,
                  op: { op: 'take-solid', to: nextTube, grams: 0.1 } as Op,
                },
                {
                  name: 'Make more original solution: 0.4 g in 12 mL water',
                  op: {
                    op: 'dissolve',
                    to: view.vessels.some((v) => v.id === 'S') ? nextTube : 'S',
                    grams: 0.4,
                    in: 'water',
                    mL: 12,
                    warm: true,
                  } as Op,
                },
                {
                  name: `Sodium-carbonate extract of 0.3 g into tube ${nextTube}`,
                  op: { op: 'carbonate-extract', to: nextTube, grams: 0.3 } as Op,
                },
              ]
            : [
                {
                  name: `1 mL of the sample into tube ${nextTube}`,
                  op: { op: 'take', to: nextTube, from: 'sample', mL: 1 } as Op,
                },
              ]),
      ],
    },
    Until: {
      action: 'until',
      choices:
        reagent.solid || reagent.solvent
          ? []
          : [
              {
                name: `${reagent.name}, until just basic (litmus after every few drops)`,
                op: { op: 'add', to: id, reagent: reagent.id, until: 'just-basic' },
              },
              {
                name: `${reagent.name}, until just acidic`,
                op: { op: 'add', to: id, reagent: reagent.id, until: 'just-acidic' },
              },
              {
                name: `${reagent.name}, until nothing more happens`,
                op: { op: 'add', to: id, reagent: reagent.id, until: 'in-excess' },
              },
              { name: '3 drops, then a rod on red litmus', act: () => void threeThenLitmus('red-litmus') },
              { name: '3 drops, then a rod on blue litmus', act: () => void threeThenLitmus('blue-litmus') },
            ],
    },
    Heat: {
      action: 'heat',
      choices: [
        { name: 'Warm in a water bath, 2 minutes', op: { op: 'heat', vessel: id, to: 'warm', minutes: 2 } },
        { name: 'Boil gently, 1 minute', op: { op: 'heat', vessel: id, to: 'boil', minutes: 1 } },
        { name: 'Boil gently, 5 minutes', op: { op: 'heat', vessel: id, to: 'boil', minutes: 5 } },
        ...(reagent.id.startsWith('sulfuric-acid')
          ? [{ name: 'Evaporate in the hood until the acid fumes', op: { op: 'evaporate', vessel: id, fumes: true } as Op }]
          : []),
        {
          name: 'Evaporate to half the volume',
          op: { op: 'evaporate', vessel: id, to_mL: Math.max(0.1, (held?.drawing.mL ?? 1) / 2) },
        },
        { name: 'Evaporate to dryness', op: { op: 'evaporate', vessel: id, dry: true } },
        ...(held && held.drawing.mL <= 0 ? [{ name: 'Ignite the dry residue', op: { op: 'ignite', vessel: id } as Op }] : []),
        ...(compound || !solid
          ? []
          : [
              {
                name: `Heat 0.15 g of dry sample in tube ${nextTube}`,
                op: { op: 'dry-heat', to: nextTube, grams: 0.15, strong: true } as Op,
              },
            ]),
      ],
    },
    Settle: {
      action: 'settle',
      choices: [
        { name: 'Leave to stand for 3 minutes', op: { op: 'stand', vessel: id, minutes: 3 } },
        { name: 'Leave to stand for 15 minutes', op: { op: 'stand', vessel: id, minutes: 15 } },
        { name: 'Centrifuge', op: { op: 'centrifuge', vessel: id } },
      ],
    },
    Decant: {
      action: 'divide',
      choices: [
        { name: `Decant the supernatant into tube ${nextTube}`, op: { op: 'decant', from: id, to: nextTube } },
        { name: `Filter into tube ${nextTube}`, op: { op: 'filter', from: id, to: nextTube } },
        ...(held?.drawing.solid || held?.drawing.dry
          ? [
              {
                name: 'Wash the solid twice with 1 mL of water',
                op: { op: 'wash', vessel: id, with: 'water', mL: 1, times: 2 } as Op,
              },
            ]
          : []),
      ],
    },
    Paper: {
      action: 'paper',
      choices: [
        {
          name: 'Damp red litmus at the mouth',
          op: { op: 'paper', vessel: id, paper: 'red-litmus', where: 'mouth', damp: true },
        },
        {
          name: 'Damp blue litmus at the mouth',
          op: { op: 'paper', vessel: id, paper: 'blue-litmus', where: 'mouth', damp: true },
        },
        {
          name: 'Dry red litmus at the mouth',
          op: { op: 'paper', vessel: id, paper: 'red-litmus', where: 'mouth', damp: false },
        },
        {
          name: 'Red litmus, a drop of the liquid',
          op: { op: 'paper', vessel: id, paper: 'red-litmus', where: 'liquid', damp: true },
        },
        {
          name: 'Blue litmus, a drop of the liquid',
          op: { op: 'paper', vessel: id, paper: 'blue-litmus', where: 'liquid', damp: true },
        },
        {
          name: 'Universal indicator, a drop of the liquid',
          op: { op: 'paper', vessel: id, paper: 'universal-indicator', where: 'liquid', damp: true },
        },
        {
          name: 'Lead-acetate paper at the mouth',
          op: { op: 'paper', vessel: id, paper: 'lead-acetate', where: 'mouth', damp: true },
        },
        {
          name: 'Dichromate paper at the mouth',
          op: { op: 'paper', vessel: id, paper: 'dichromate', where: 'mouth', damp: true },
        },
        {
          name: 'Starch–iodide paper at the mouth',
          op: { op: 'paper', vessel: id, paper: 'starch-iodide', where: 'mouth', damp: true },
        },
        { name: 'Pass the gas into lime water', op: { op: 'limewater', vessel: id } },
        ...(before && before.id !== id
          ? [{ name: `Pass the gas into tube ${before.id}`, op: { op: 'lead', from: id, to: before.id } as Op }]
          : []),
        { name: 'Glowing splint', op: { op: 'splint', vessel: id, splint: 'glowing' } },
        { name: 'Lit splint', op: { op: 'splint', vessel: id, splint: 'lit' } },
        { name: 'Waft the vapour towards your nose', op: { op: 'smell', vessel: id } },
      ],
    },
    Flame: {
      action: 'flame',
      free: true,
      choices: compound
        ? []
        : [
            { name: 'Flame test on the dry sample', op: { op: 'flame', from: 'sample' } },
            { name: 'The same, the wire not cleaned', op: { op: 'flame', from: 'sample', wire: 'dirty' } },
            { name: 'The same through cobalt glass', op: { op: 'flame', from: 'sample', through: 'cobalt-glass' } },
            ...(held ? [{ name: `Flame test on tube ${held.id}`, op: { op: 'flame', from: held.id } as Op }] : []),
            { name: 'Borax bead, oxidising flame, cold', op: { op: 'bead', from: 'sample', zone: 'oxidising', look: 'cold' } },
            { name: 'Borax bead, reducing flame, cold', op: { op: 'bead', from: 'sample', zone: 'reducing', look: 'cold' } },
            ...(solid
              ? [
                  {
                    name: 'Charcoal cavity, then cobalt nitrate',
                    op: { op: 'charcoal', zone: 'reducing', then: 'cobalt-nitrate' } as Op,
                  },
                ]
              : []),
          ],
    },
    Timer: {
      action: 'timer',
      free: true,
      choices: [1, 3, 10].map((minutes) => ({
        name: `${minutes} ${minutes === 1 ? 'minute' : 'minutes'} for tube ${id}`,
        act: () => startTimer(minutes),
      })),
    },
  };
}
