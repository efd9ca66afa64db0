import { AlertDialog } from 'radix-ui';
import type { ReactNode } from 'react';
import { Button } from './ui';

interface Props {
  /** The button that opens it. */
  readonly trigger: ReactNode;
  readonly title: string;
  readonly children: ReactNode;
  readonly act: string;
  readonly done: () => void;
}

/** Asks once more before something is done that cannot be undone. */
export function Confirm({ trigger, title, children, act, done }: Props) {
  return (
    <AlertDialog.Root>
      <AlertDialog.Trigger asChild>{trigger}</AlertDialog.Trigger>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <AlertDialog.Content className="fixed top-1/2 left-1/2 z-50 w-[min(92vw,28rem)] -translate-1/2 rounded-2xl bg-paper p-6 shadow-2xl">
          <AlertDialog.Title className="text-2xl">{title}</AlertDialog.Title>
          <AlertDialog.Description className="mt-1 text-sm text-muted">{children}</AlertDialog.Description>
          <div className="mt-4 flex flex-wrap gap-3">
            <AlertDialog.Action asChild>
              <Button look="solid" onClick={done}>
                {act}
              </Button>
            </AlertDialog.Action>
            <AlertDialog.Cancel asChild>
              <Button>Cancel</Button>
            </AlertDialog.Cancel>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
