/** One event stream a person, not a window: the window that holds the lock listens, and tells the others. It lives as long as the session. */
import { type Notice, noticeSchema } from '#contract';
import { onPerson } from './person';

type Listener = (notice: Notice) => void;

const NAME = 'foxing-live';
/** A stream that the server has ended is asked for again after this: with a new session it opens. */
const AGAIN_MS = 10000;
const listeners = new Set<Listener>();
let end: (() => void) | null = null;

const tell = (notice: Notice) => listeners.forEach((listen) => listen(notice));

/** @returns what ends it. */
function listenToServer(pass: (notice: Notice) => void): () => void {
  let stream: EventSource;
  let again: ReturnType<typeof setTimeout> | undefined;
  let lost = false;
  const open = () => {
    stream = new EventSource('/api/live');
    stream.onmessage = (message) => {
      const notice = noticeSchema.safeParse(JSON.parse(message.data as string));
      if (notice.success) pass(notice.data);
    };
    stream.onerror = () => {
      lost = true;
      // The browser takes a lost stream up again by itself, but not one that was refused.
      if (stream.readyState === EventSource.CLOSED) again = setTimeout(open, AGAIN_MS);
    };
    // What was missed meanwhile is looked up.
    stream.onopen = () => lost && pass({ again: true });
  };
  open();
  return () => {
    clearTimeout(again);
    stream.close();
  };
}

/** @returns what ends it, so that the next window in line listens. */
function start(): () => void {
  if (!('locks' in navigator) || !('BroadcastChannel' in window)) return listenToServer(tell);
  const channel = new BroadcastChannel(NAME);
  channel.onmessage = (message) => {
    const notice = noticeSchema.safeParse(message.data);
    if (notice.success) tell(notice.data);
  };
  const gone = new AbortController();
  let release = () => undefined as void;
  // Held until this window is gone, or the person; then the next in line listens, and looks up what was missed.
  void navigator.locks
    .request(NAME, { signal: gone.signal }, () => {
      const pass = (notice: Notice) => {
        tell(notice);
        channel.postMessage(notice);
      };
      const stop = listenToServer(pass);
      pass({ again: true });
      return new Promise<void>((resolve) => {
        release = () => {
          stop();
          resolve();
        };
      });
    })
    .catch(() => undefined);
  return () => {
    gone.abort();
    release();
    channel.close();
  };
}

// It ends with the person who heard it, and begins with the next.
onPerson(() => {
  end?.();
  end = listeners.size ? start() : null;
});

/** Hears what moves on in any of the person's cases. @returns what ends it. */
export function onNotice(listener: Listener): () => void {
  end ??= start();
  listeners.add(listener);
  return () => void listeners.delete(listener);
}
