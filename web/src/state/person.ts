/** Whose device this is at the moment. All that is kept is kept by person; whoever comes next begins with nothing of it. */
import { adoptOldOutbox, forgetPerson } from './device';
import { forgetPictures } from './photos';

const KEY = 'foxing-person';
const CHANNEL = 'foxing-person';
/** Where nobody is known yet. */
export const NOBODY = 'nobody';

/** Absent where no browser is. */
const storage = globalThis.localStorage as Storage | undefined;

let current: string | null = storage?.getItem(KEY) ?? null;
/** Another sits here now; `learnt` when it only became known who. */
type Listener = (learnt: boolean) => void;

const listeners = new Set<Listener>();
const channel = 'BroadcastChannel' in globalThis ? new BroadcastChannel(CHANNEL) : null;

/** Stores of the browser that hold what a person wrote, by the beginnings of their names; the person follows. */
const PERSONAL = ['foxing-drafts/', 'foxing-plans/', 'foxing-practice/'];

export const personHere = (): string => current ?? NOBODY;

/** The name under which something of this person is kept in the browser. */
export function personalKey(name: string): string {
  const key = `${name}/${personHere()}`;
  // From before it was known who sits here, and from before things were kept by person.
  for (const earlier of [`${name}/${NOBODY}`, name]) {
    const old = earlier === key ? null : (storage?.getItem(earlier) ?? null);
    if (old === null) continue;
    if (storage?.getItem(key) === null) storage?.setItem(key, old);
    storage?.removeItem(earlier);
  }
  return key;
}

/** Hears when somebody else sits here. @returns what ends it. */
export function onPerson(listener: Listener): () => void {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}

function become(person: string | null): void {
  if (person === current) return;
  const learnt = current === null;
  current = person;
  if (person === null) storage?.removeItem(KEY);
  else storage?.setItem(KEY, person);
  if (!learnt) forgetPictures();
  for (const listen of listeners) listen(learnt);
}

/** Other windows of this browser have the same session. */
if (channel) channel.onmessage = ({ data }: MessageEvent<string | null>) => become(data);

/** The server says who asks: of another who sat here before only what the server does not have stays, for them alone. */
export function seePerson(person: string): void {
  const before = current;
  if (before === person) return;
  if (before !== null) void forgetPerson(before, 'copies').catch(() => undefined);
  void adoptOldOutbox(person).catch(() => undefined);
  become(person);
  channel?.postMessage(person);
}

function forgetDrafts(person: string): void {
  for (const name of Object.keys(storage ?? {})) if (PERSONAL.some((p) => name === `${p}${person}`)) storage?.removeItem(name);
}

/** The person goes: the device forgets them. */
export async function leave(what: 'copies' | 'everything'): Promise<void> {
  const person = current;
  become(null);
  channel?.postMessage(null);
  if (person === null) return;
  await forgetPerson(person, what);
  if (what === 'everything') forgetDrafts(person);
}
