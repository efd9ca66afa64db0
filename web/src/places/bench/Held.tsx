import { ToggleGroup } from 'radix-ui';
import type { Showing, VesselView } from '#contract';
import { Scene } from '../../parts/scenes/Scene';
import { Tube } from '../../parts/Tube';
import { type Card, useBench } from '../../state/bench';
import { isAlone } from './in-sight';

const CARDS: Readonly<Record<Card, { name: string; background: string }>> = {
  white: { name: 'White card', background: '#ffffff' },
  black: { name: 'Black card', background: '#17191d' },
  light: { name: 'Light', background: 'radial-gradient(circle at 50% 45%, #fffdf3 0%, #fbeec4 45%, #d9bf86 100%)' },
};

/** Thermometer and capillary in their bath, at the moment the last crystal goes or the bubbles stop. */
function Thermometer({ from, to }: { from: number; to: number }) {
  const top = 150 - Math.min(110, Math.max(8, ((to + 40) / 400) * 110));
  return (
    <svg viewBox="0 0 120 200" className="mb-1 h-[200px]" role="img" aria-label={`The thermometer: from ${from} to ${to} °C`}>
      <path d="M22 92 V176 A10 10 0 0 0 32 186 H88 A10 10 0 0 0 98 176 V92" fill="#f2e4bd" fillOpacity={0.6} stroke="#5d6672" />
      <rect x={54} y={8} width={10} height={152} rx={5} fill="#ffffff" stroke="#20242d" strokeOpacity={0.6} />
      <circle cx={59} cy={164} r={8} fill="#a8342a" />
      <rect x={57} y={top} width={4} height={164 - top} fill="#a8342a" />
      {Array.from({ length: 12 }, (_, i) => (
        <path key={i} d={`M64 ${20 + i * 10} h${i % 2 ? 4 : 7}`} stroke="#20242d" strokeOpacity={0.6} />
      ))}
      <path d="M72 60 V164 M77 60 V164 M72 164 A2.5 2.5 0 0 0 77 164" fill="none" stroke="#5d6672" />
      <rect x={73} y={150} width={3} height={13} fill="#cfd6da" />
    </svg>
  );
}

/** Held up beside the tube, or in its place when the test has none. */
function HeldUp({ showing, alone }: { showing: Showing; alone: boolean }) {
  const shown = showing.scene && <Scene scene={showing.scene} text={showing.text} />;
  if (alone)
    return (
      <figure
        className={`flex h-full w-full flex-col ${inHood(showing) ? 'text-[#f1e8da]' : 'text-[#20242d]'}`}
        aria-live="polite"
      >
        <div className="min-h-0 grow">{shown}</div>
        <figcaption className="truncate text-center text-xs first-letter:capitalize">{showing.text || showing.title}</figcaption>
      </figure>
    );
  return (
    <figure
      className="absolute top-3 right-3 w-28 rounded-lg border border-black/15 bg-white/95 p-1.5 text-center text-[#20242d] shadow-sm"
      aria-live="polite"
    >
      <div className="h-28">{shown}</div>
      <figcaption className="text-xs leading-tight first-letter:capitalize">{showing.text || showing.title}</figcaption>
    </figure>
  );
}

const OF = { sample: 'the sample', positive: 'positive control', negative: 'negative control' } as const;

/** A classification test: the sample in the middle of what was run beside it. */
function Beside({ showing }: { showing: Showing }) {
  return (
    <div className="flex h-full w-full items-end justify-center gap-2">
      {showing.tubes?.map((t) => (
        <figure key={t.of} className="flex h-full min-w-0 flex-1 flex-col items-center justify-end text-center text-[#20242d]">
          {t.drawing ? (
            <Tube drawing={t.drawing} className="h-[205px]" text={`${OF[t.of]}: ${t.text}`} />
          ) : t.celsius ? (
            <Thermometer from={t.celsius[0]} to={t.celsius[1]} />
          ) : t.scene ? (
            <span className="mb-2 block h-40 w-full">
              <Scene scene={t.scene} text={`${OF[t.of]}: ${t.text}`} />
            </span>
          ) : null}
          {!t.drawing && <span className="mb-2 rounded bg-white/85 px-1.5 py-0.5 text-xs font-bold">{t.text}</span>}
          <figcaption className="flex min-h-9 items-start rounded bg-white/85 px-1.5 text-xs leading-4">{OF[t.of]}</figcaption>
        </figure>
      ))}
    </div>
  );
}

/** In the hood a flame or a bead is the only light. */
const inHood = (showing: Showing | null) =>
  document.documentElement.dataset['theme'] === 'hood' && (showing?.scene?.is === 'flame' || showing?.scene?.is === 'bead');

export function Held({ vessel, showing }: { vessel: VesselView | null; showing: Showing | null }) {
  const alone = isAlone(showing);
  const { card, holdCard } = useBench();
  return (
    <div className="self-start overflow-hidden rounded-2xl bg-card shadow-[0_10px_24px_-14px_rgb(70_45_20/0.45)]">
      <div
        className="relative flex h-[290px] items-end justify-center px-4 pt-3 pb-2 transition-[background]"
        style={{ background: CARDS[inHood(showing) ? 'black' : card].background }}
      >
        {showing?.tubes ? (
          <Beside showing={showing} />
        ) : showing && alone ? (
          <HeldUp showing={showing} alone />
        ) : vessel ? (
          <Tube drawing={vessel.drawing} className="h-full" text={`Tube ${vessel.id}: ${vessel.drawing.text}`} />
        ) : (
          <p className="m-auto max-w-40 text-center text-sm text-[#5b5347]">
            The rack is empty. Choose a test on the route, or take some of the sample.
          </p>
        )}
        {showing && !showing.tubes && !alone && <HeldUp showing={showing} alone={false} />}
      </div>
      <ToggleGroup.Root
        type="single"
        value={card}
        onValueChange={(v) => v && holdCard(v as Card)}
        aria-label="View against"
        className="flex flex-wrap justify-center gap-x-1 p-2"
      >
        {Object.entries(CARDS).map(([id, { name }]) => (
          <ToggleGroup.Item
            key={id}
            value={id}
            className="min-h-11 rounded-lg px-3 text-sm text-muted data-[state=on]:bg-wash data-[state=on]:font-bold data-[state=on]:text-ink"
          >
            {name}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
    </div>
  );
}
