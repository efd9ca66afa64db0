import { useQuery } from '@tanstack/react-query';
import { Dialog, Tabs } from 'radix-ui';
import type { Level } from '#core/reasoning/data/levels';
import { Button } from '../../parts/ui';
import { api } from '../../state/api';
import { useBegin } from '../../state/begin';
import { OwnSalts, OwnStructure, RealSample } from './BeginForms';

const SHELVES = {
  random: 'Random',
  salt: 'Salts',
  compound: 'Organic compounds',
  own: 'A sample of your own',
  file: 'From a file',
} as const;

const CHOICES = [
  { level: 'common-salt', name: 'A common salt', note: 'Two ions that every teaching laboratory has.' },
  { level: 'any-salt', name: 'Any salt', note: 'Hydrates, basic and double salts, oxides, weathered ones.' },
  { level: 'mixture', name: 'A mixture', note: 'Two common salts, one twice as much as the other.' },
  { level: 'simple-compound', name: 'A simple compound', note: 'One functional group.' },
  { level: 'any-compound', name: 'A hard compound', note: 'Two groups or more.' },
  {
    level: 'compounds-to-part',
    name: 'A mixture of compounds',
    note: 'An acid, a base and a neutral, to be separated by extraction.',
  },
] as const satisfies readonly { readonly level: Level; readonly name: string; readonly note: string }[];

const CARD = 'h-full min-h-11 w-full rounded-lg border border-rule bg-card p-3 text-left hover:border-rust disabled:opacity-45';

/** Every way to begin a case. */
export function NewCase({ open, close }: { open: boolean; close: () => void }) {
  const { data: jars } = useQuery({ queryKey: ['jars'], queryFn: api.jars });
  const { create, takeIn } = useBegin();
  const error = create.error ?? takeIn.error;
  return (
    <Dialog.Root open={open} onOpenChange={(on) => !on && close()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <Dialog.Content className="fixed top-1/2 left-1/2 z-50 max-h-[90dvh] w-[min(94vw,46rem)] -translate-1/2 overflow-y-auto rounded-2xl bg-paper p-6 shadow-2xl">
          <Dialog.Title className="text-2xl">New case</Dialog.Title>
          <Dialog.Description className="mt-1 text-sm text-muted">
            From the cabinet of the closed bindery, drawn at random, or your own. What is inside is for you to find.
          </Dialog.Description>
          <Tabs.Root defaultValue="random" className="mt-4">
            <Tabs.List aria-label="Choose a sample" className="flex flex-wrap gap-1 border-b border-rule">
              {Object.entries(SHELVES).map(([id, name]) => (
                <Tabs.Trigger
                  key={id}
                  value={id}
                  className="min-h-11 rounded-t-lg px-3 text-sm text-muted data-[state=active]:bg-wash data-[state=active]:font-bold data-[state=active]:text-ink"
                >
                  {name}
                </Tabs.Trigger>
              ))}
            </Tabs.List>
            <Tabs.Content value="random">
              <ul className="mt-3 grid gap-2 sm:grid-cols-2">
                {CHOICES.map(({ level, name, note }) => (
                  <li key={level}>
                    <button
                      type="button"
                      disabled={create.isPending}
                      onClick={() => create.mutate({ random: level })}
                      className={CARD}
                    >
                      <span className="font-display text-lg">{name}</span>
                      <span className="block text-sm text-muted">{note}</span>
                    </button>
                  </li>
                ))}
              </ul>
            </Tabs.Content>
            {(['salt', 'compound'] as const).map((matter) => (
              <Tabs.Content key={matter} value={matter}>
                <ul className="mt-3 grid gap-2 sm:grid-cols-2">
                  {jars
                    ?.filter((jar) => jar.matter === matter)
                    .map((jar) => (
                      <li key={jar.id}>
                        <button
                          type="button"
                          disabled={create.isPending}
                          onClick={() => create.mutate({ jar: jar.id })}
                          className={CARD}
                        >
                          <span className="font-display text-lg">{jar.name}</span>
                          <span className="text-muted italic"> · {jar.look}</span>
                          {jar.level && <span className="float-right text-sm text-muted">{jar.level}</span>}
                          <span className="block text-sm text-muted">{jar.story}</span>
                        </button>
                      </li>
                    ))}
                </ul>
              </Tabs.Content>
            ))}
            <Tabs.Content value="own">
              <RealSample create={(real) => create.mutate({ real })} busy={create.isPending} />
              <OwnSalts create={(salts) => create.mutate({ salts })} busy={create.isPending} />
              <OwnStructure create={(structure) => create.mutate({ structure })} busy={create.isPending} />
            </Tabs.Content>
            <Tabs.Content value="file">
              <p className="mt-3 text-sm text-muted">
                A case from another place or another Foxing: an .eln archive or a case in JSON. It keeps its author and its chain
                of events, and is marked as imported.
              </p>
              <label className="mt-3 inline-flex min-h-11 cursor-pointer items-center rounded-lg border border-rule px-4 text-sm font-bold hover:border-rust focus-within:outline-2">
                {takeIn.isPending ? 'Reading it …' : 'Choose the file'}
                <input
                  type="file"
                  accept=".eln,.json,.zip,application/json"
                  className="sr-only"
                  onChange={(e) => e.target.files?.[0] && takeIn.mutate(e.target.files[0])}
                />
              </label>
            </Tabs.Content>
          </Tabs.Root>
          {error && (
            <p role="alert" className="mt-3 text-rust-deep">
              {error.message}
            </p>
          )}
          <Dialog.Close asChild>
            <Button className="mt-4">Cancel</Button>
          </Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
