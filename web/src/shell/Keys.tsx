import { Keyboard } from 'lucide-react';
import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { Check } from '../parts/fields';
import { Button } from '../parts/ui';
import { type Action, ACTIONS, keyFor, keyName, takenBy, useKey, useKeySettings } from '../state/keys';

const PLACES = [...new Set(Object.values(ACTIONS).map((a) => a.place))];
const actions = Object.keys(ACTIONS) as Action[];
/** A row of digits stays what it is. */
const isFixed = (action: Action) => /,|mod\+/.test(ACTIONS[action].key);

function KeyRow({ action }: { action: Action }) {
  const { own, setKey } = useKeySettings();
  const [wrong, setWrong] = useState<string | null>(null);
  const { does } = ACTIONS[action];
  const key = keyFor(action, own);
  const take = (pressed: string) => {
    if (!/^[a-z0-9]$/.test(pressed)) return setWrong('one letter or digit');
    const other = takenBy(pressed, action, own);
    if (other) return setWrong(`“${pressed}” is to ${ACTIONS[other].does}`);
    setWrong(null);
    setKey(action, pressed);
  };
  return (
    <li className="flex min-h-11 items-center justify-between gap-3 text-sm">
      <span className="text-muted">
        {does}
        {wrong && (
          <span role="alert" className="block text-xs text-rust-deep">
            {wrong}
          </span>
        )}
      </span>
      {isFixed(action) ? (
        <kbd className="w-14 text-center font-sans font-bold">{keyName(key)}</kbd>
      ) : (
        <input
          aria-label={`Key: ${does}`}
          className="min-h-9 w-14 shrink-0 rounded-lg border border-rule bg-card text-center font-bold"
          value={keyName(key)}
          onChange={() => undefined}
          onKeyDown={(e) => {
            if (e.key.length !== 1 || e.ctrlKey || e.metaKey) return;
            e.preventDefault();
            take(e.key.toLowerCase());
          }}
        />
      )}
    </li>
  );
}

/** All keys by place, to be turned off or changed. */
export function Keys() {
  const { on, setOn, own, setKey } = useKeySettings();
  const [open, setOpen] = useState(false);
  useKey('sheet', () => setOpen(true));
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Trigger
        className="hidden size-11 place-items-center rounded-lg hover:bg-wash md:grid"
        aria-label="Keys"
        title="Keys"
      >
        <Keyboard size={19} />
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-1/2 left-1/2 z-50 max-h-[92dvh] w-[min(94vw,44rem)] -translate-1/2 overflow-y-auto rounded-2xl bg-paper p-6 shadow-2xl"
        >
          <div className="flex flex-wrap items-center justify-between gap-3">
            <Dialog.Title className="text-2xl">Keys</Dialog.Title>
            <Check label="Single keys do something" on={on} change={setOn} />
          </div>
          <p className="text-sm text-muted">
            Press another letter in a box to change its key. None of them acts while you write in a field.
          </p>
          <div className="mt-3 grid gap-x-8 sm:grid-cols-2">
            {PLACES.map((place) => (
              <section key={place} className="mb-3">
                <h3 className="label font-sans">{place}</h3>
                <ul className="divide-y divide-rule border-t border-rule">
                  {actions
                    .filter((a) => ACTIONS[a].place === place)
                    .map((a) => (
                      <KeyRow key={a} action={a} />
                    ))}
                </ul>
              </section>
            ))}
          </div>
          <div className="flex flex-wrap justify-end gap-2">
            {Object.keys(own).length > 0 && (
              <Button onClick={() => actions.forEach((a) => setKey(a, undefined))}>All as they were</Button>
            )}
            <Dialog.Close asChild>
              <Button look="solid">Done</Button>
            </Dialog.Close>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
