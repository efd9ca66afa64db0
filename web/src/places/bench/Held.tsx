import { ToggleGroup } from 'radix-ui';
import type { Showing, VesselView } from '#contract';
import { Tube } from '../../parts/Tube';
import { type Card, useBench } from '../../state/bench';

const CARDS: Readonly<Record<Card, { name: string; background: string }>> = {
  white: { name: 'White card', background: '#ffffff' },
  black: { name: 'Black card', background: '#17191d' },
  light: { name: 'Light', background: 'radial-gradient(circle at 50% 45%, #fffdf3 0%, #fbeec4 45%, #d9bf86 100%)' },
};

/** Paper, flame or splint that the last operation held up. */
function HeldUp({ showing }: { showing: Showing }) {
  return (
    <figure
      className="absolute top-3 right-3 w-24 rounded-lg border border-black/15 bg-white/95 p-2 text-center text-[#20242d] shadow-sm"
      aria-live="polite"
    >
      {showing.hex && showing.kind === 'flame' ? (
        <svg viewBox="0 0 60 70" className="mx-auto h-16" role="img" aria-label={showing.text}>
          <path d="M30 4 C44 28 50 38 46 52 A18 18 0 0 1 14 52 C10 38 20 26 30 4Z" fill={showing.hex} opacity={0.85} />
          <path d="M30 34 C36 46 38 50 36 58 A8 8 0 0 1 24 58 C22 50 26 44 30 34Z" fill="#8fb4e8" opacity={0.9} />
        </svg>
      ) : showing.hex ? (
        <svg viewBox="0 0 60 70" className="mx-auto h-16" role="img" aria-label={showing.text}>
          <rect
            x={18}
            y={4}
            width={24}
            height={62}
            rx={3}
            fill={showing.before ?? showing.hex}
            stroke="#20242d"
            strokeOpacity={0.3}
          />
          <rect x={18} y={36} width={24} height={30} rx={3} fill={showing.hex} stroke="#20242d" strokeOpacity={0.2} />
        </svg>
      ) : (
        <p className="py-2 text-sm font-bold">{showing.text}</p>
      )}
      <figcaption className="text-xs capitalize">{showing.title}</figcaption>
    </figure>
  );
}

export function Held({ vessel, showing }: { vessel: VesselView | null; showing: Showing | null }) {
  const { card, holdCard } = useBench();
  return (
    <div className="self-start overflow-hidden rounded-2xl bg-card shadow-[0_10px_24px_-14px_rgb(70_45_20/0.45)]">
      <div
        className="relative flex h-[290px] items-end justify-center px-4 pt-3 pb-2 transition-[background]"
        style={{ background: CARDS[card].background }}
      >
        {vessel ? (
          <Tube drawing={vessel.drawing} className="h-full" text={`Tube ${vessel.id}: ${vessel.drawing.text}`} />
        ) : (
          <p className="m-auto max-w-40 text-center text-sm text-[#5b5347]">
            The rack is empty. Choose a test on the route, or take some of the sample.
          </p>
        )}
        {showing && <HeldUp showing={showing} />}
      </div>
      <ToggleGroup.Root
        type="single"
        value={card}
        onValueChange={(v) => v && holdCard(v as Card)}
        aria-label="Held against"
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
