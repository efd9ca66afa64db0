import { clsx } from 'clsx';
import { type KeyboardEvent, type PointerEvent, useRef } from 'react';
import type { Spot } from '#core/senses/colour-reading';

export type Aim = 'tube' | 'card';

const NAMES: Readonly<Record<Aim, string>> = { tube: 'Spot on the tube', card: 'Spot on the white card' };
const STEPS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};
/** Of the picture's width, with each press of an arrow key. */
const STEP = 0.01;

interface Props {
  readonly address: string;
  readonly width: number;
  readonly height: number;
  readonly spots: Readonly<Partial<Record<Aim, Spot>>>;
  /** Which of them a tap on the picture places. */
  readonly aim: Aim;
  readonly radius: number;
  readonly place: (aim: Aim, spot: Spot) => void;
}

/** A photo, and the places in it whose light is measured: tapped, or moved with the arrow keys. */
export function Spots({ address, width, height, spots, aim, radius, place }: Props) {
  const frame = useRef<HTMLDivElement>(null);
  const within = (v: number, most: number) => Math.min(most - 1, Math.max(0, Math.round(v)));
  const tap = (event: PointerEvent) => {
    const box = frame.current!.getBoundingClientRect();
    const x = ((event.clientX - box.left) / box.width) * width;
    const y = ((event.clientY - box.top) / box.height) * height;
    place(aim, { x: within(x, width), y: within(y, height) });
  };
  const move = (which: Aim, spot: Spot) => (event: KeyboardEvent) => {
    const step = STEPS[event.key];
    if (!step) return;
    event.preventDefault();
    const by = Math.max(1, width * STEP);
    place(which, { x: within(spot.x + step[0] * by, width), y: within(spot.y + step[1] * by, height) });
  };
  return (
    <div
      ref={frame}
      onPointerDown={tap}
      className="relative cursor-crosshair self-start touch-none overflow-hidden rounded-lg select-none"
    >
      <img
        src={address}
        alt="The photo"
        draggable={false}
        className="block w-full"
        style={{ aspectRatio: `${width} / ${height}` }}
      />
      {(Object.entries(spots) as [Aim, Spot][]).map(([which, spot]) => (
        <button
          key={which}
          type="button"
          aria-label={`${NAMES[which]}; move it with the arrow keys`}
          onKeyDown={move(which, spot)}
          className={clsx(
            'absolute -translate-1/2 rounded-full border-2 shadow-[0_0_0_1.5px_#000]',
            which === 'tube' ? 'border-[#ff7a1a]' : 'border-white',
          )}
          style={{
            left: `${(100 * spot.x) / width}%`,
            top: `${(100 * spot.y) / height}%`,
            width: `${(200 * radius) / width}%`,
            aspectRatio: 1,
            minWidth: 16,
          }}
        />
      ))}
    </div>
  );
}
