import { Search } from 'lucide-react';
import { Dialog } from 'radix-ui';
import { lazy, Suspense, useState } from 'react';
import { useMatch } from 'react-router';
import { useKey } from '../state/keys';

const FindList = lazy(() => import('./FindList'));

/** Finds anything that has a name, from anywhere: Ctrl+K, or the glass in the bar. */
export function Find() {
  const [open, setOpen] = useState(false);
  const caseId = useMatch('/cases/:caseId/*')?.params.caseId;
  useKey('find-anything', () => setOpen(true));
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Trigger
        aria-label="Find (Ctrl+K)"
        title="Find (Ctrl+K)"
        className="grid size-11 place-items-center rounded-lg hover:bg-wash"
      >
        <Search size={19} />
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-[10vh] left-1/2 z-50 w-[min(94vw,34rem)] -translate-x-1/2 rounded-2xl bg-paper p-3 shadow-2xl"
        >
          <Dialog.Title className="sr-only">Find</Dialog.Title>
          <Suspense fallback={<p className="p-3 text-sm text-muted">Loading …</p>}>
            <FindList caseId={caseId} done={() => setOpen(false)} />
          </Suspense>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
