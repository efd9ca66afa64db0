import { useSyncExternalStore } from 'react';
import { useBench } from '../state/bench';

const NARROW = '(max-width: 1023px)';

const subscribe = (changed: () => void) => {
  const query = matchMedia(NARROW);
  query.addEventListener('change', changed);
  return () => query.removeEventListener('change', changed);
};

/** One thing at a time: on a small screen, and with gloves on. */
export function useSimple(): boolean {
  const glove = useBench((s) => s.glove);
  const narrow = useSyncExternalStore(subscribe, () => matchMedia(NARROW).matches);
  return glove || narrow;
}
