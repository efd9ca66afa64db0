import { Dialog } from 'radix-ui';
import { type ReactNode, useState } from 'react';
import { TextField } from './fields';
import { Button } from './ui';

interface Props {
  /** The button that opens it. */
  readonly trigger: ReactNode;
  readonly title: string;
  readonly children: string;
  /** What does it, and what leaves it be. */
  readonly act: string;
  readonly leave: string;
  /** @returns whether it was done. */
  readonly done: (reason: string) => Promise<unknown>;
}

/** Asks for the reason before something is done that stays in the record. */
export function ReasonDialog({ trigger, title, children, act, leave, done }: Props) {
  const [reason, setReason] = useState('');
  const [open, setOpen] = useState(false);
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Trigger asChild>{trigger}</Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <Dialog.Content className="fixed top-1/2 left-1/2 z-50 w-[min(92vw,28rem)] -translate-1/2 rounded-2xl bg-paper p-6 shadow-2xl">
          <Dialog.Title className="text-2xl">{title}</Dialog.Title>
          <Dialog.Description className="mt-1 text-sm text-muted">{children}</Dialog.Description>
          <TextField label="Why?" className="mt-4" value={reason} onChange={(e) => setReason(e.target.value)} maxLength={300} />
          <div className="mt-4 flex gap-3">
            <Button
              look="solid"
              disabled={!reason.trim()}
              onClick={() => void done(reason.trim()).then((ok) => ok && setOpen(false))}
            >
              {act}
            </Button>
            <Dialog.Close asChild>
              <Button>{leave}</Button>
            </Dialog.Close>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
