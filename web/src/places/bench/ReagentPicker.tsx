import { Command } from 'cmdk';
import { ChevronsUpDown } from 'lucide-react';
import { Popover } from 'radix-ui';
import { type RefObject, useState } from 'react';
import { reagentById } from '#core/bench/contents';
import { find } from '#core/finding/find';
import { type ReagentRow, REAGENTS } from '#core/matter/data/reagents';
import { reagentRestriction } from '#core/scheme/needs';
import type { CaseView } from '#contract';

const MOST = 12;

/** The tray: a reagent is found by any of its names. */
export function ReagentPicker({
  chosen,
  choose,
  trigger,
  view,
}: {
  view: CaseView;
  chosen: ReagentRow;
  choose: (id: string) => void;
  trigger: RefObject<HTMLButtonElement | null>;
}) {
  const [open, setOpen] = useState(false);
  const [typed, setTyped] = useState('');
  const bottles = typed.trim() ? find(typed, MOST, ['reagent']).map(({ id }) => reagentById(id)) : REAGENTS;
  return (
    <Popover.Root
      open={open}
      onOpenChange={(now) => {
        setOpen(now);
        setTyped('');
      }}
    >
      <Popover.Trigger
        ref={trigger}
        aria-label={`Reagent: ${chosen.name}`}
        className="flex min-h-11 w-56 items-center justify-between gap-2 rounded-lg border border-rust bg-card px-3 text-left text-sm font-bold"
      >
        <span className="truncate">{chosen.name}</span>
        <ChevronsUpDown size={15} className="shrink-0 text-faint" aria-hidden />
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="top"
          align="start"
          sideOffset={8}
          className="z-40 w-80 rounded-xl border border-rule bg-paper p-2 shadow-xl"
        >
          <Command label="Find a reagent" loop shouldFilter={false}>
            <Command.Input
              autoFocus
              value={typed}
              onValueChange={setTyped}
              placeholder="Type a name or formula"
              className="mb-1 min-h-11 w-full rounded-lg border border-rule bg-card px-3 text-sm"
            />
            <Command.List className="max-h-80 overflow-y-auto">
              <Command.Empty className="p-3 text-sm text-muted">No results. Try a formula or another name.</Command.Empty>
              {bottles.map((r) => {
                const barred = reagentRestriction(r.id, view.rules, view.summary.kind === 'simulated');
                return (
                  <Command.Item
                    key={r.id}
                    value={`${r.name} ${r.id}`}
                    disabled={!!barred}
                    onSelect={() => {
                      choose(r.id);
                      setOpen(false);
                    }}
                    className="flex min-h-10 cursor-pointer flex-col justify-center rounded-lg px-3 py-1 text-sm data-[disabled=true]:opacity-60 data-[selected=true]:bg-wash"
                  >
                    {r.name}
                    {barred ? (
                      <span className="text-xs text-muted">
                        {barred.reason}
                        {barred.substitute && ` Instead: ${barred.substitute}.`}
                      </span>
                    ) : (
                      r.restricted && <span className="text-xs text-muted">{r.restricted}</span>
                    )}
                  </Command.Item>
                );
              })}
            </Command.List>
          </Command>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
