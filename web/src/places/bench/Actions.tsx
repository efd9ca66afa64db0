import { DropdownMenu } from 'radix-ui';
import type { ReactNode } from 'react';
import { useRef, useState } from 'react';
import { toast } from 'sonner';
import type { Op } from '#core/bench/ops';
import { DROP_ML } from '#core/bench/contents';
import { REAGENTS } from '#core/matter/data/reagents';
import type { CaseView, VesselView } from '#contract';
import { useBench } from '../../state/bench';
import { type OpenCase, useCaseId } from '../../state/case';
import { type Action, keyFor, useKey, useKeySettings } from '../../state/keys';
import { type Choice, menusFor } from './menus';
import { ReagentPicker } from './ReagentPicker';

interface Props {
  view: CaseView;
  held: VesselView | null;
  nextTube: string;
  perform: (op: Op) => Promise<CaseView | null>;
  append: OpenCase['append'];
}

const button = 'min-h-11 rounded-lg px-2.5 text-sm hover:bg-wash disabled:opacity-45 data-[state=open]:bg-wash';

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
  const { own } = useKeySettings();
  const [menu, setMenu] = useState<string | null>(null);
  const picker = useRef<HTMLButtonElement>(null);
  const reagent = REAGENTS.find((r) => r.id === reagentId) ?? REAGENTS[0]!;
  const id = held?.id ?? nextTube;
  const none = !held;
  const before = view.vessels.find((v) => v.id === view.active && v.id !== held?.id);
  const solid = view.summary.unit === 'g';

  const run = (op: Op) => void perform(op);
  const add = (amount: { drops: number } | { mL: number } | { grams: number }) =>
    run({ op: 'add', to: id, reagent: reagent.id, ...amount });
  // A drop of this laboratory's droppers; the count is kept where it is the usual drop.
  const drops = (n: number) =>
    view.rules.dropML === DROP_ML ? { drops: n } : { mL: Math.round(n * view.rules.dropML * 1000) / 1000 };
  const doses = reagent.solid
    ? [
        { name: 'a pinch', dose: { grams: 0.05 } },
        { name: '0.2 g', dose: { grams: 0.2 } },
      ]
    : [
        { name: '1 drop', dose: drops(1) },
        { name: '5', dose: drops(5) },
        { name: '1 mL', dose: { mL: 1 } },
      ];

  const threeThenLitmus = async (paper: 'red-litmus' | 'blue-litmus') => {
    if (await perform({ op: 'add', to: id, reagent: reagent.id, ...drops(3) }))
      run({ op: 'paper', vessel: id, paper, where: 'liquid', damp: true });
  };

  const startTimer = (minutes: number) =>
    void append({ kind: 'timer', payload: { id: crypto.randomUUID(), label: `${minutes} min`, minutes, tube: id } });

  const menus = menusFor({ view, held, nextTube, reagent, id, solid, before, threeThenLitmus, startTimer });

  const need = (what: () => void) => () => (none ? toast('Take some of the sample into a tube first.') : what());
  const unfold = (action: Action) => setMenu(Object.keys(menus).find((m) => menus[m]!.action === action) ?? null);
  useKey(
    'add-drop',
    need(() => add(drops(1))),
  );
  useKey(
    'cool',
    need(() => run({ op: 'cool', vessel: id })),
  );
  useKey(
    'shake',
    need(() => run({ op: 'shake', vessel: id })),
  );
  useKey('take', () => unfold('take'));
  useKey('until', () => unfold('until'));
  useKey('heat', () => unfold('heat'));
  useKey('settle', () => unfold('settle'));
  useKey('divide', () => unfold('divide'));
  useKey('paper', () => unfold('paper'));
  useKey('flame', () => unfold('flame'));
  useKey('timer', () => unfold('timer'));
  useKey('hold-tube', (event) => {
    const chosen = view.vessels[Number(event.key) - 1];
    if (chosen) holdTube(caseId, chosen.id);
  });
  useKey('find', () => picker.current?.click());

  return (
    <div className="bottom-0 z-20 flex lg:sticky flex-wrap items-center gap-x-2 gap-y-1 border-t border-rule bg-paper px-4 py-2">
      <ReagentPicker view={view} chosen={reagent} choose={chooseReagent} trigger={picker} />
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
            title="Add 1 mL down the side without mixing"
          >
            down the side
          </button>
        )}
      </div>
      <div className="flex flex-wrap items-center" role="group" aria-label={`Actions on tube ${id}`}>
        {Object.entries(menus)
          .filter(([, m]) => m.choices.length > 0)
          .map(([name, m]) => (
            <Menu
              key={name}
              name={name}
              shortcut={keyFor(m.action, own)}
              choices={m.choices}
              run={run}
              disabled={none && !m.free}
              open={menu === name}
              setOpen={(open) => setMenu(open ? name : null)}
            />
          ))}
        <button type="button" className={button} disabled={none} onClick={() => run({ op: 'cool', vessel: id })}>
          <Letter of="Cool" key_={keyFor('cool', own)} />
        </button>
        <button type="button" className={button} disabled={none} onClick={() => run({ op: 'shake', vessel: id })}>
          <Letter of="Shake" key_={keyFor('shake', own)} />
        </button>
      </div>
      {reagent.caution && <p className="basis-full text-xs text-rust-deep">{reagent.caution}</p>}
    </div>
  );
}
