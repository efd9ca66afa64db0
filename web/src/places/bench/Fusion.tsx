import { useState } from 'react';
import type { OpOf } from '#core/bench/ops';
import { answerTo } from '#core/scheme/rules';
import type { CaseView } from '#contract';
import { Button } from '../../parts/ui';
import { type FusionStage, FusionPicture } from './FusionPicture';

type Fuse = OpOf<'fuse'>;

interface Stage {
  readonly id: FusionStage;
  readonly title: string;
  readonly caution: string;
}

const SODIUM: Stage = {
  id: 'sodium',
  title: 'Sodium from under oil',
  caution:
    'Sodium burns with water and takes wet skin for water: dry tweezers, dry knife, dry tile, goggles. Nothing wet on this bench.',
};
const COMPOUND: Stage = {
  id: 'compound',
  title: 'The compound',
  caution: 'About as much as sodium, and no more: a large amount flashes. Mouth of the tube away from everyone.',
};
const GENTLE: Stage = {
  id: 'gentle',
  title: 'Warm it gently',
  caution: 'Behind the screen, in the hood. It may flash as it meets the sodium: that is why the flame is small.',
};
const RED: Stage = {
  id: 'red',
  title: 'Then strongly, to red heat',
  caution:
    'The whole end of the tube glows. Keep hold of it with the tongs, and keep the dish of water at arm’s length until now.',
};
const PLUNGE: Stage = {
  id: 'plunge',
  title: 'Plunge it into water',
  caution: 'The tube shatters. Left-over sodium spits and burns on the water: gauze over the dish at once, face away.',
};
const BOIL: Stage = {
  id: 'boil',
  title: 'Crush, boil and filter',
  caution:
    'Strong hot alkali with broken glass in it, and cyanide if there was nitrogen: never acid in this dish. Glass into the sharps bin.',
};

const field = 'mt-1 block min-h-11 w-full rounded-lg border border-rule bg-card px-3 text-ink';

function Amount({
  label,
  unit,
  value,
  min,
  max,
  step,
  change,
}: {
  label: string;
  unit: string;
  value: number;
  min: number;
  max: number;
  step: number;
  change: (n: number) => void;
}) {
  return (
    <label className="block text-sm">
      {label}:{' '}
      <strong className="tabular-nums">
        {value} {unit}
      </strong>
      <input
        type="range"
        className="mt-1 block h-11 w-full accent-(--rust)"
        min={min}
        max={max}
        step={step}
        value={value}
        onChange={(e) => change(Number(e.target.value))}
      />
    </label>
  );
}

function Check({ label, on, change }: { label: string; on: boolean; change: (on: boolean) => void }) {
  return (
    <label className="flex min-h-11 items-center gap-2 text-sm">
      <input type="checkbox" className="size-5 accent-(--rust)" checked={on} onChange={(e) => change(e.target.checked)} />
      {label}
    </label>
  );
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
  const stages = [SODIUM, COMPOUND, GENTLE, RED, PLUNGE, BOIL];
  const stage = stages[at]!;
  const last = at === stages.length - 1;
  return (
    <section aria-label="Sodium fusion" className="mt-3 rounded-xl border border-rule bg-paper p-4">
      <div className="space-y-3">
        <div className="flex gap-3">
          <FusionPicture stage={stage.id} how={how} />
          <div>
            <p className="text-xs text-faint">
              Stage {at + 1} of {stages.length}
            </p>
            <h2 className="text-xl leading-tight">{stage.title}</h2>
          </div>
        </div>
        <div>
          <p className="text-sm text-rust-deep">{stage.caution}</p>
          <div className="mt-3 space-y-2">
            {stage.id === 'sodium' && (
              <>
                <Amount
                  label="Sodium for each tube"
                  unit="mg"
                  value={how.sodium_mg}
                  min={5}
                  max={120}
                  step={5}
                  change={(sodium_mg) => set({ sodium_mg })}
                />
                <Check label="pressed dry of its oil between papers" on={how.dried ?? true} change={(dried) => set({ dried })} />
              </>
            )}
            {stage.id === 'compound' && (
              <>
                <Amount
                  label="Compound for each tube"
                  unit="mg"
                  value={how.sample_mg}
                  min={10}
                  max={100}
                  step={5}
                  change={(sample_mg) => set({ sample_mg })}
                />
                <Amount
                  label="Tubes"
                  unit={how.tubes === 1 ? 'tube' : 'tubes'}
                  value={how.tubes}
                  min={1}
                  max={3}
                  step={1}
                  change={(tubes) => set({ tubes })}
                />
                <label className="block text-sm">
                  Order
                  <select
                    className={field}
                    value={how.order}
                    onChange={(e) => set({ order: e.target.value as NonNullable<Fuse['order']> })}
                  >
                    <option value="melt-first">melt the sodium to a shining globule, then add the compound</option>
                    <option value="cover">cover the compound with sodium, then heat</option>
                  </select>
                </label>
              </>
            )}
            {stage.id === 'gentle' && (
              <Amount
                label="Gently for"
                unit="min"
                value={how.gentle_minutes}
                min={0}
                max={5}
                step={0.5}
                change={(gentle_minutes) => set({ gentle_minutes })}
              />
            )}
            {stage.id === 'red' && (
              <Check
                label="until the end of the tube is red hot, and a minute longer"
                on={how.red_hot}
                change={(red_hot) => set({ red_hot })}
              />
            )}
            {stage.id === 'plunge' && (
              <>
                <Amount
                  label="Distilled water in the dish"
                  unit="mL"
                  value={how.water_mL}
                  min={5}
                  max={20}
                  step={1}
                  change={(water_mL) => set({ water_mL, boil_to_mL: Math.min(how.boil_to_mL, water_mL) })}
                />
                <Check label="gauze over the dish at once" on={how.covered ?? true} change={(covered) => set({ covered })} />
              </>
            )}
            {stage.id === 'boil' && (
              <Amount
                label="Boil down to"
                unit="mL"
                value={how.boil_to_mL}
                min={1}
                max={how.water_mL}
                step={0.5}
                change={(boil_to_mL) => set({ boil_to_mL })}
              />
            )}
          </div>
          <div className="mt-4 flex flex-wrap gap-2">
            {at > 0 && <Button onClick={() => setAt(at - 1)}>Back</Button>}
            {last ? (
              <Button look="solid" disabled={busy} onClick={() => fuse(how)}>
                {view.summary.kind === 'real' ? 'Filtered: it is done' : 'Filter and inspect'}
              </Button>
            ) : (
              <Button look="solid" onClick={() => setAt(at + 1)}>
                Next: {stages[at + 1]!.title.toLowerCase()}
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
