/** One event stream a person, not a window: the window that holds the lock listens, and tells the others. */
import { type Notice, noticeSchema } from '#contract';

type Listener = (notice: Notice) => void;

const NAME = 'foxing-live';
const listeners = new Set<Listener>();
let started = false;

const tell = (notice: Notice) => listeners.forEach((listen) => listen(notice));

function listenToServer(pass: (notice: Notice) => void): void {
  const stream = new EventSource('/api/live');
  let lost = false;
  stream.onmessage = (message) => {
    const notice = noticeSchema.safeParse(JSON.parse(message.data as string));
    if (notice.success) pass(notice.data);
  };
  stream.onerror = () => (lost = true);
  // The browser takes the stream up again by itself; what was missed meanwhile is looked up.
  stream.onopen = () => lost && pass({ again: true });
}

function start(): void {
  if (started) return;
  started = true;
  if (!('locks' in navigator) || !('BroadcastChannel' in window)) {
    listenToServer(tell);
    return;
  }
  const channel = new BroadcastChannel(NAME);
  channel.onmessage = (message) => {
    const notice = noticeSchema.safeParse(message.data);
    if (notice.success) tell(notice.data);
  };
  // Held until this window is gone; then the next in line listens, and looks up what was missed.
  void navigator.locks.request(NAME, () => {
    const pass = (notice: Notice) => {
      tell(notice);
      channel.postMessage(notice);
    };
    listenToServer(pass);
    pass({ again: true });
    return new Promise(() => undefined);
  });
}

/** Hears what moves on in any of the person's cases. @returns what ends it. */
export function onNotice(listener: Listener): () => void {
  start();
  listeners.add(listener);
  return () => void listeners.delete(listener);
}
