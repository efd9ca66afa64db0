import { Tabs } from 'radix-ui';
import { useState } from 'react';
import { TopBar } from '../../shell/TopBar';
import { Heading, TAB_LOOK } from '../../parts/ui';
import { DrillPanel } from './DrillPanel';
import { GradedSamples } from './GradedSamples';
import { SkillsMap } from './SkillsMap';

const TABS = [
  { id: 'drills', name: 'Drills' },
  { id: 'graded', name: 'Graded samples' },
] as const;

/** The trainer: it needs neither an account nor, once it was visited, the server. */
export function Practice() {
  const [tab, setTab] = useState<string>('drills');
  return (
    <div className="flex min-h-dvh flex-col">
      <TopBar />
      <main id="main" className="mx-auto w-full max-w-6xl grow px-5 py-8">
        <Heading note="Single judgements, worked out afresh each time; ten minutes a day are enough. What you practise stays on this device.">
          Practice
        </Heading>
        <Tabs.Root value={tab} onValueChange={setTab}>
          <Tabs.List aria-label="Ways to practise" className="mb-5 flex gap-1 border-b border-rule">
            {TABS.map((t) => (
              <Tabs.Trigger key={t.id} value={t.id} className={TAB_LOOK}>
                {t.name}
              </Tabs.Trigger>
            ))}
          </Tabs.List>
          <Tabs.Content value="drills" className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_20rem]">
            <DrillPanel />
            <SkillsMap />
          </Tabs.Content>
          <Tabs.Content value="graded">
            <GradedSamples />
          </Tabs.Content>
        </Tabs.Root>
      </main>
    </div>
  );
}
