import { Tabs } from 'radix-ui';
import { clsx } from 'clsx';
import { ClipboardList, Footprints, Rows3, TestTube } from 'lucide-react';
import { type ReactNode, useState } from 'react';

interface Parts {
  next: ReactNode;
  route: ReactNode;
  tube: ReactNode;
  facts: ReactNode;
  panel: ReactNode;
  rack: ReactNode;
  actions: ReactNode;
  record: ReactNode;
  brief: ReactNode;
}

const PLACES = [
  { id: 'step', name: 'Step', Icon: Footprints },
  { id: 'tube', name: 'Tube', Icon: TestTube },
  { id: 'rack', name: 'Rack and tray', Icon: Rows3 },
  { id: 'written', name: 'Written', Icon: ClipboardList },
] as const;

/** The bench for a phone or for gloves: the step in hand and its record on one screen, all else one press away. */
export function OneAtATime({ next, route, tube, facts, panel, rack, actions, record, brief }: Parts) {
  const [place, setPlace] = useState<string>('step');
  const part = 'outline-none data-[state=inactive]:hidden';
  return (
    <Tabs.Root value={place} onValueChange={setPlace} className="flex grow flex-col">
      <section aria-label="Bench" className="mx-auto w-full max-w-3xl grow">
        <Tabs.Content value="step" forceMount className={part}>
          {route}
          {next}
          <div className="px-4 pt-2">{panel}</div>
          <div className="mt-2 border-t border-rule bg-paper px-4 pt-1">{record}</div>
        </Tabs.Content>
        <Tabs.Content value="tube" className={clsx(part, 'p-4')}>
          {tube}
          <div className="mt-4">{facts}</div>
        </Tabs.Content>
        <Tabs.Content value="rack" className={part}>
          {rack}
          {actions}
        </Tabs.Content>
        <Tabs.Content value="written" className={clsx(part, 'p-4')}>
          {brief}
        </Tabs.Content>
      </section>
      <Tabs.List aria-label="Parts of the bench" className="sticky bottom-0 z-20 grid grid-cols-4 border-t border-rule bg-paper">
        {PLACES.map(({ id, name, Icon }) => (
          <Tabs.Trigger
            key={id}
            value={id}
            className="flex min-h-14 flex-col items-center justify-center gap-0.5 text-xs text-muted data-[state=active]:bg-wash data-[state=active]:font-bold data-[state=active]:text-rust-deep"
          >
            <Icon size={19} aria-hidden />
            {name}
          </Tabs.Trigger>
        ))}
      </Tabs.List>
    </Tabs.Root>
  );
}
