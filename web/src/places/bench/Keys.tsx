import { Keyboard } from 'lucide-react';
import { Dialog } from 'radix-ui';

const KEYS = [
  ['1 – 9', 'take a tube in hand'],
  ['a', 'add a drop of the chosen reagent'],
  ['/ or Ctrl K', 'find a reagent'],
  ['k', 'take some of the sample or the tube'],
  ['u', 'add until just basic, just acidic, in excess'],
  ['h', 'heat'],
  ['c', 'cool'],
  ['s', 'shake'],
  ['e', 'let it settle'],
  ['d', 'decant, filter, wash'],
  ['p', 'papers, splints, lime water, smell'],
  ['f', 'flame, bead, charcoal'],
  ['t', 'timer'],
  ['Shift 1 – 5', 'record: choose what changed'],
  ['n', 'record: nothing happened'],
  ['r', 'record: write the entry'],
  ['?', 'this list'],
] as const;

export function Keys({ open, setOpen }: { open: boolean; setOpen: (open: boolean) => void }) {
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Trigger className="grid size-11 place-items-center rounded-lg text-muted hover:bg-wash" aria-label="Keys">
        <Keyboard size={18} />
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-1/2 left-1/2 z-50 w-[min(92vw,26rem)] -translate-1/2 rounded-2xl bg-paper p-6 shadow-2xl"
        >
          <Dialog.Title className="text-2xl">Keys</Dialog.Title>
          <dl className="mt-3 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1.5 text-sm">
            {KEYS.map(([key, what]) => (
              <div key={key} className="contents">
                <dt>
                  <kbd className="rounded border border-rule bg-card px-1.5 py-0.5 font-sans font-bold">{key}</kbd>
                </dt>
                <dd className="text-muted">{what}</dd>
              </div>
            ))}
          </dl>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
