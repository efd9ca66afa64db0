import { DropdownMenu } from 'radix-ui';
import type { ReactNode } from 'react';
import { useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { toast } from 'sonner';
import type { Op } from '#core/bench/ops';
import { REAGENTS } from '#core/matter/data/reagents';
import type { CaseView, VesselView } from '#contract';
import type { OpenCase } from '../../shell/CaseShell';
import { useBench } from '../../state/bench';
import { useCaseId } from '../../state/case';
import { Keys } from './Keys';
import { ReagentPicker } from './ReagentPicker';

interface Props {
  view: CaseView;
  held: VesselView | null;
  nextTube: string;
  perform: (op: Op) => Promise<CaseView | null>;
  append: OpenCase['append'];
}

const button = 'min-h-11 rounded-lg px-2.5 text-sm hover:bg-wash disabled:opacity-45 data-[state=open]:bg-wash';

interface Choice {
  readonly name: string;
  readonly op?: Op;
  readonly act?: () => void;
}

function Menu({
  name,
  shortcut,
  choices,
  run,
  disabled,
  open,
  setOpen,
}: {
  name: string;
  shortcut: string;
  choices: readonly Choice[];
  run: (op: Op) => void;
  disabled?: boolean;
  open: boolean;
  setOpen: (open: boolean) => void;
}) {
  return (
    <DropdownMenu.Root open={open} onOpenChange={setOpen}>
      <DropdownMenu.Trigger className={button} disabled={disabled}>
        <Letter of={name} key_={shortcut} />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          sideOffset={6}
          className="z-40 max-h-[70dvh] min-w-56 overflow-y-auto rounded-xl border border-rule bg-paper p-1.5 shadow-xl"
        >
          {choices.map((c) => (
            <DropdownMenu.Item
              key={c.name}
              onSelect={() => (c.op ? run(c.op) : c.act?.())}
              className="flex min-h-11 cursor-pointer items-center rounded-lg px-3 text-sm outline-none data-highlighted:bg-wash"
            >
              {c.name}
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

/** A word with the letter of its key underlined. */
function Letter({ of, key_ }: { of: string; key_: string }): ReactNode {
  const at = of.toLowerCase().indexOf(key_);
  if (at < 0) return of;
  return (
    <span>
      {of.slice(0, at)}
      <span className="underline decoration-rust decoration-2 underline-offset-4">{of[at]}</span>
      {of.slice(at + 1)}
    </span>
  );
}

/** The tray of reagents and everything that can be done to the tube in hand. */
export function Actions({ view, held, nextTube, perform, append }: Props) {
  const { reagent: reagentId, chooseReagent, holdTube } = useBench();
  const caseId = useCaseId();
  const [menu, setMenu] = useState<string | null>(null);
  const [keys, setKeys] = useState(false);
  const picker = useRef<HTMLButtonElement>(null);
  const reagent = REAGENTS.find((r) => r.id === reagentId) ?? REAGENTS[0]!;
  const id = held?.id ?? nextTube;
  const none = !held;
  const solid = view.summary.unit === 'g';

  const run = (op: Op) => void perform(op);
  const add = (amount: { drops: number } | { mL: number } | { grams: number }) =>
    run({ op: 'add', to: id, reagent: reagent.id, ...amount });
  const doses = reagent.solid
    ? [
        { name: 'a pinch', dose: { grams: 0.05 } },
        { name: '0.2 g', dose: { grams: 0.2 } },
      ]
    : [
        { name: '1 drop', dose: { drops: 1 } },
        { name: '5', dose: { drops: 5 } },
        { name: '1 mL', dose: { mL: 1 } },
      ];

  const menus: Record<string, { key: string; free?: true; choices: Choice[] }> = {
    Take: {
      key: 'k',
      free: true,
      choices: [
        ...(held
          ? [
              {
                name: `1 mL of ${held.id} into a new tube ${nextTube}`,
                op: { op: 'take', to: nextTube, from: held.id, mL: 1 } as Op,
              },
            ]
          : []),
        ...(solid
          ? [
              { name: `0.1 g of the dry sample into tube ${nextTube}`, op: { op: 'take-solid', to: nextTube, grams: 0.1 } as Op },
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
              { name: `1 mL of the sample into tube ${nextTube}`, op: { op: 'take', to: nextTube, from: 'sample', mL: 1 } as Op },
            ]),
      ],
    },
    Heat: {
      key: 'h',
      choices: [
        { name: 'Warm it in the bath, 2 minutes', op: { op: 'heat', vessel: id, to: 'warm', minutes: 2 } },
        { name: 'Boil it, 1 minute', op: { op: 'heat', vessel: id, to: 'boil', minutes: 1 } },
        { name: 'Boil it, 5 minutes', op: { op: 'heat', vessel: id, to: 'boil', minutes: 5 } },
        { name: 'Boil down to half', op: { op: 'evaporate', vessel: id, to_mL: Math.max(0.1, (held?.drawing.mL ?? 1) / 2) } },
        {
          name: `Heat 0.15 g of dry sample in tube ${nextTube}`,
          op: { op: 'dry-heat', to: nextTube, grams: 0.15, strong: true },
        },
      ],
    },
    Settle: {
      key: 'e',
      choices: [
        { name: 'Let it stand 3 minutes', op: { op: 'stand', vessel: id, minutes: 3 } },
        { name: 'Let it stand 15 minutes', op: { op: 'stand', vessel: id, minutes: 15 } },
        { name: 'Centrifuge', op: { op: 'centrifuge', vessel: id } },
      ],
    },
    Decant: {
      key: 'd',
      choices: [
        { name: `Pour the clear liquid into tube ${nextTube}`, op: { op: 'decant', from: id, to: nextTube } },
        { name: `Filter into tube ${nextTube}`, op: { op: 'filter', from: id, to: nextTube } },
        { name: 'Wash the solid twice with 1 mL of water', op: { op: 'wash', vessel: id, with: 'water', mL: 1, times: 2 } },
      ],
    },
    Paper: {
      key: 'p',
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
        { name: 'Lead the gas into lime water', op: { op: 'limewater', vessel: id } },
        { name: 'Glowing splint', op: { op: 'splint', vessel: id, splint: 'glowing' } },
        { name: 'Lit splint', op: { op: 'splint', vessel: id, splint: 'lit' } },
        { name: 'Waft, with care', op: { op: 'smell', vessel: id } },
      ],
    },
    Flame: {
      key: 'f',
      free: true,
      choices: [
        { name: 'Flame test on the dry sample', op: { op: 'flame', from: 'sample' } },
        { name: 'The same through cobalt glass', op: { op: 'flame', from: 'sample', through: 'cobalt-glass' } },
        ...(held ? [{ name: `Flame test on tube ${held.id}`, op: { op: 'flame', from: held.id } as Op }] : []),
        { name: 'Borax bead, oxidising zone, cold', op: { op: 'bead', from: 'sample', zone: 'oxidising', look: 'cold' } },
        { name: 'Borax bead, reducing zone, cold', op: { op: 'bead', from: 'sample', zone: 'reducing', look: 'cold' } },
        ...(solid
          ? [
              {
                name: 'Charcoal block, then cobalt nitrate',
                op: { op: 'charcoal', zone: 'reducing', then: 'cobalt-nitrate' } as Op,
              },
            ]
          : []),
      ],
    },
    Timer: {
      key: 't',
      free: true,
      choices: [1, 3, 10].map((minutes) => ({
        name: `${minutes} ${minutes === 1 ? 'minute' : 'minutes'} for tube ${id}`,
        act: () => void append({ kind: 'timer', payload: { id: crypto.randomUUID(), label: `tube ${id}`, minutes } }),
      })),
    },
  };

  const need = (what: () => void) => () => (none ? toast('Take some of the sample into a tube first.') : what());
  useHotkeys(
    'a',
    need(() => add({ drops: 1 })),
    [id, reagentId, none],
  );
  useHotkeys(
    'c',
    need(() => run({ op: 'cool', vessel: id })),
    [id, none],
  );
  useHotkeys(
    's',
    need(() => run({ op: 'shake', vessel: id })),
    [id, none],
  );
  useHotkeys(
    'h,e,d,p,f,t,k',
    (_event, hotkey) => setMenu(Object.keys(menus).find((m) => menus[m]!.key === hotkey.keys?.join('')) ?? null),
    { preventDefault: true },
    [id],
  );
  useHotkeys(
    '1,2,3,4,5,6,7,8,9',
    (event) => {
      const chosen = view.vessels[Number(event.key) - 1];
      if (chosen) holdTube(caseId, chosen.id);
    },
    [view.vessels],
  );
  useHotkeys('slash,mod+k', () => picker.current?.click(), { preventDefault: true });
  useHotkeys('shift+slash', () => setKeys(true), { preventDefault: true });

  return (
    <div className="bottom-0 z-20 flex lg:sticky flex-wrap items-center gap-x-2 gap-y-1 border-t border-rule bg-paper px-4 py-2">
      <ReagentPicker chosen={reagent} choose={chooseReagent} trigger={picker} />
      <div
        className="inline-flex overflow-hidden rounded-lg border border-rule bg-card"
        role="group"
        aria-label={`Add ${reagent.name} to tube ${id}`}
      >
        {doses.map((d) => (
          <button
            key={d.name}
            type="button"
            className="min-h-11 border-rule px-3 text-sm font-bold not-first:border-l hover:bg-wash"
            onClick={() => add(d.dose)}
          >
            {d.name}
          </button>
        ))}
        {!reagent.solid && !reagent.solvent && (
          <button
            type="button"
            className="min-h-11 border-l border-rule px-3 text-sm hover:bg-wash disabled:opacity-45"
            disabled={none}
            onClick={() => run({ op: 'add', to: id, reagent: reagent.id, mL: 1, layered: true })}
            title="Run 1 mL down the side without mixing"
          >
            down the side
          </button>
        )}
      </div>
      <div className="flex flex-wrap items-center" role="group" aria-label={`Do to tube ${id}`}>
        {Object.entries(menus).map(([name, m]) => (
          <Menu
            key={name}
            name={name}
            shortcut={m.key}
            choices={m.choices}
            run={run}
            disabled={none && !m.free}
            open={menu === name}
            setOpen={(open) => setMenu(open ? name : null)}
          />
        ))}
        <button type="button" className={button} disabled={none} onClick={() => run({ op: 'cool', vessel: id })}>
          <Letter of="Cool" key_="c" />
        </button>
        <button type="button" className={button} disabled={none} onClick={() => run({ op: 'shake', vessel: id })}>
          <Letter of="Shake" key_="s" />
        </button>
        <Keys open={keys} setOpen={setKeys} />
      </div>
      {reagent.caution && <p className="basis-full text-xs text-rust-deep">{reagent.caution}</p>}
    </div>
  );
}
