import { CircleHelp } from 'lucide-react';
import { useEffect, useState } from 'react';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { Button } from '../parts/ui';

/** Parts of the bench, by the names under which they stand on the page. */
const STOPS = [
  {
    part: 'Route',
    title: 'The route',
    text: 'The tests of your scheme in order. What cannot tell anything more is skipped, and says why. Choose one.',
  },
  {
    part: 'Bench',
    title: 'The bench',
    text: 'The test is done step by step here. The tube, the flame or the bead in hand is drawn as it looks: hold it against white, black or the light.',
  },
  {
    part: 'Rack',
    title: 'The rack',
    text: 'Every tube that was made. Below it stand the tray of reagents and everything that can be done freely.',
  },
  {
    part: 'Record what you see',
    title: 'Your record',
    text: 'Say what you see: one tap a thing, the likely words first. Key r gives every word a letter. Then write the entry.',
  },
  {
    part: 'Suspects in brief',
    title: 'The suspects',
    text: 'What your entries prove so far, and how strongly. Suspects shows why, and the best next tests.',
  },
  {
    part: 'Places',
    title: 'The ledger',
    text: 'All entries, numbered. When the ions are confirmed, conclude there: tick the entries for each, and sign.',
  },
] as const;

interface TourState {
  /** The tour was seen or refused. */
  readonly done: boolean;
  readonly at: number | null;
  go(at: number | null): void;
}

const useTour = create<TourState>()(
  persist((set) => ({ done: false, at: null, go: (at) => set(at === null ? { at, done: true } : { at }) }), {
    name: 'foxing-tour',
    partialize: ({ done }) => ({ done }),
  }),
);

const partOf = (name: string) => document.querySelector<HTMLElement>(`[aria-label="${name}"]`);

/** Where the part in question lies on the page. */
function useFrame(part: string | undefined): DOMRect | null {
  const [frame, setFrame] = useState<DOMRect | null>(null);
  useEffect(() => {
    if (part === undefined) return setFrame(null);
    const measure = () => setFrame(partOf(part)?.getBoundingClientRect() ?? null);
    partOf(part)?.scrollIntoView({ block: 'nearest' });
    measure();
    window.addEventListener('resize', measure);
    return () => window.removeEventListener('resize', measure);
  }, [part]);
  return frame;
}

/** Begins the tour again. */
export function TourButton() {
  const go = useTour((s) => s.go);
  return (
    <button
      type="button"
      className="hidden size-11 place-items-center rounded-lg hover:bg-wash md:grid"
      aria-label="Show me around"
      title="Show me around"
      onClick={() => go(0)}
    >
      <CircleHelp size={19} />
    </button>
  );
}

/** A minute through the bench, offered at the first visit; it can be left at any step. */
export function Tour() {
  const { done, at, go } = useTour();
  const stop = at === null ? undefined : STOPS[at];
  const frame = useFrame(stop?.part);
  if (done && !stop) return null;
  return (
    <>
      {frame && (
        <div
          aria-hidden
          className="pointer-events-none fixed z-40 rounded-xl border-3 border-rust shadow-[0_0_0_9999px_rgb(30_20_10/0.28)] transition-all"
          style={{ left: frame.left - 6, top: frame.top - 6, width: frame.width + 12, height: frame.height + 12 }}
        />
      )}
      <section
        aria-label="A look around"
        className="fixed right-4 bottom-4 z-50 w-[min(92vw,22rem)] rounded-2xl bg-slate p-4 text-on-slate shadow-2xl max-lg:bottom-20"
      >
        <h2 className="text-xl">{stop ? stop.title : 'New here?'}</h2>
        <p aria-live="polite" className="mt-1 text-sm">
          {stop ? stop.text : 'A minute shows you around the bench. You find it again at the question mark above.'}
        </p>
        <div className="mt-3 flex flex-wrap items-center gap-2">
          {at === null ? (
            <Button look="solid" onClick={() => go(0)}>
              Show me around
            </Button>
          ) : at + 1 < STOPS.length ? (
            <Button look="solid" onClick={() => go(at + 1)}>
              Next
            </Button>
          ) : (
            <Button look="solid" onClick={() => go(null)}>
              Finish
            </Button>
          )}
          {(at === null || at + 1 < STOPS.length) && (
            <button type="button" className="min-h-11 px-3 text-sm underline" onClick={() => go(null)}>
              {at === null ? 'Cancel' : 'Cancel'}
            </button>
          )}
          {at !== null && (
            <span className="ml-auto text-sm tabular-nums">
              {at + 1} of {STOPS.length}
            </span>
          )}
        </div>
      </section>
    </>
  );
}
