import { useState } from 'react';
import type { OpOf } from '#core/bench/ops';
import { answerTo } from '#core/scheme/rules';
import type { CaseView } from '#contract';
import { Amount, Check, ChoiceField } from '../../parts/fields';
import { Button } from '../../parts/ui';
import { type FusionStage, FusionPicture } from './FusionPicture';

type Fuse = OpOf<'fuse'>;

/** One thing that is chosen at a stage. */
type Choice =
  | {
      readonly kind: 'amount';
      readonly of: 'sodium_mg' | 'sample_mg' | 'tubes' | 'gentle_minutes' | 'water_mL' | 'boil_to_mL';
      readonly label: string;
      readonly unit: string;
      readonly min: number;
      readonly max: number;
      readonly step: number;
    }
  | { readonly kind: 'check'; readonly of: 'dried' | 'red_hot' | 'covered'; readonly label: string }
  | { readonly kind: 'order' };

interface Stage {
  readonly id: FusionStage;
  readonly title: string;
  readonly caution: string;
  readonly choices: readonly Choice[];
}

const STAGES: readonly Stage[] = [
  {
    id: 'sodium',
    title: 'Sodium from under oil',
    caution:
      'Sodium burns with water and takes wet skin for water: dry tweezers, dry knife, dry tile, goggles. Nothing wet on this bench.',
    choices: [
      { kind: 'amount', of: 'sodium_mg', label: 'Sodium for each tube', unit: 'mg', min: 5, max: 120, step: 5 },
      { kind: 'check', of: 'dried', label: 'pressed dry of its oil between papers' },
    ],
  },
  {
    id: 'compound',
    title: 'The compound',
    caution: 'About as much as sodium, and no more: a large amount flashes. Mouth of the tube away from everyone.',
    choices: [
      { kind: 'amount', of: 'sample_mg', label: 'Compound for each tube', unit: 'mg', min: 10, max: 100, step: 5 },
      { kind: 'amount', of: 'tubes', label: 'Tubes', unit: 'in all', min: 1, max: 3, step: 1 },
      { kind: 'order' },
    ],
  },
  {
    id: 'gentle',
    title: 'Warm it gently',
    caution: 'Behind the screen, in the hood. It may flash as it meets the sodium: that is why the flame is small.',
    choices: [{ kind: 'amount', of: 'gentle_minutes', label: 'Gently for', unit: 'min', min: 0, max: 5, step: 0.5 }],
  },
  {
    id: 'red',
    title: 'Then strongly, to red heat',
    caution:
      'The whole end of the tube glows. Keep hold of it with the tongs, and keep the dish of water at arm’s length until now.',
    choices: [{ kind: 'check', of: 'red_hot', label: 'until the end of the tube is red hot, and a minute longer' }],
  },
  {
    id: 'plunge',
    title: 'Plunge it into water',
    caution: 'The tube shatters. Left-over sodium spits and burns on the water: gauze over the dish at once, face away.',
    choices: [
      { kind: 'amount', of: 'water_mL', label: 'Distilled water in the dish', unit: 'mL', min: 5, max: 20, step: 1 },
      { kind: 'check', of: 'covered', label: 'gauze over the dish at once' },
    ],
  },
  {
    id: 'boil',
    title: 'Crush, boil and filter',
    caution:
      'Strong hot alkali with broken glass in it, and cyanide if there was nitrogen: never acid in this dish. Glass into the sharps bin.',
    choices: [{ kind: 'amount', of: 'boil_to_mL', label: 'Boil down to', unit: 'mL', min: 1, max: 20, step: 0.5 }],
  },
];

const ORDERS = [
  { value: 'melt-first', name: 'melt the sodium to a shining globule, then add the compound' },
  { value: 'cover', name: 'cover the compound with sodium, then heat' },
];

function Chosen({ choice, how, set }: { choice: Choice; how: Fuse; set: (part: Partial<Fuse>) => void }) {
  switch (choice.kind) {
    case 'order':
      return (
        <ChoiceField
          label="Order"
          options={ORDERS}
          value={how.order}
          onChange={(e) => set({ order: e.target.value as NonNullable<Fuse['order']> })}
        />
      );
    case 'check':
      return <Check label={choice.label} on={how[choice.of] ?? true} change={(on) => set({ [choice.of]: on })} />;
    case 'amount': {
      const { of, max, ...rest } = choice;
      // No more can be boiled down than was there.
      return (
        <Amount
          {...rest}
          max={of === 'boil_to_mL' ? how.water_mL : max}
          value={how[of]}
          change={(n) => set({ [of]: n, ...(of === 'water_mL' && { boil_to_mL: Math.min(how.boil_to_mL, n) }) })}
        />
      );
    }
  }
}

/** A sodium fusion as a run of its own: stage by stage, with what each can do wrong. */
export function Fusion({ view, busy, fuse }: { view: CaseView; busy: boolean; fuse: (op: Fuse) => void }) {
  const order = answerTo(view.rules, 'sodium-order') === 'cover' ? 'cover' : 'melt-first';
  const [at, setAt] = useState(0);
  const [how, setHow] = useState<Fuse>({
    op: 'fuse',
    sodium_mg: 60,
    sample_mg: 40,
    gentle_minutes: 2,
    red_hot: true,
    tubes: 2,
    water_mL: 10,
    boil_to_mL: 3.5,
    order,
    dried: true,
    covered: true,
  });
  const set = (part: Partial<Fuse>) => setHow((h) => ({ ...h, ...part }));
  const stage = STAGES[at]!;
  const last = at === STAGES.length - 1;
  return (
    <section aria-label="Sodium fusion" className="mt-3 rounded-xl border border-rule bg-paper p-4">
      <div className="space-y-3">
        <div className="flex gap-3">
          <FusionPicture stage={stage.id} how={how} />
          <div>
            <p className="text-xs text-faint">
              Stage {at + 1} of {STAGES.length}
            </p>
            <h2 className="text-xl leading-tight">{stage.title}</h2>
          </div>
        </div>
        <div>
          <p className="text-sm text-rust-deep">{stage.caution}</p>
          <div className="mt-3 space-y-2">
            {stage.choices.map((choice) => (
              <Chosen key={choice.kind === 'order' ? 'order' : choice.of} choice={choice} how={how} set={set} />
            ))}
          </div>
          <div className="mt-4 flex flex-wrap gap-2">
            {at > 0 && <Button onClick={() => setAt(at - 1)}>Back</Button>}
            {last ? (
              <Button look="solid" disabled={busy} onClick={() => fuse(how)}>
                {view.summary.kind === 'real' ? 'Filtered: it is done' : 'Filter and inspect'}
              </Button>
            ) : (
              <Button look="solid" onClick={() => setAt(at + 1)}>
                Next: {STAGES[at + 1]!.title.toLowerCase()}
              </Button>
            )}
          </div>
        </div>
      </div>
    </section>
  );
}

/** What the fusion just done teaches. */
export function FusionTaught({ fusion }: { fusion: NonNullable<CaseView['fusion']> }) {
  if (!fusion.remarks.length)
    return (
      <p className="mt-2 text-sm text-muted">
        Every stage was as it should be. Look at the extract: clear and colourless is good.
      </p>
    );
  return (
    <div className="mt-2 text-sm">
      <h2 className="label font-sans">What this fusion teaches</h2>
      <ul className="mt-1 list-disc pl-5" aria-label="What this fusion teaches">
        {fusion.remarks.map((r) => (
          <li key={r}>{r[0]!.toUpperCase() + r.slice(1)}</li>
        ))}
      </ul>
    </div>
  );
}
