import type { ReactNode } from 'react';
import type { Scene } from '#contract';

type Of<K extends Scene['is']> = Extract<Scene, { is: K }>;
/** What a scene's picture is drawn from, and the words that say the same. */
export interface SceneProps<K extends Scene['is']> {
  scene: Of<K>;
  text: string;
}

/** 240 by 270, the bench at its foot; every scene is drawn on it. */
export function Canvas({ text, children, label = 'Held up' }: { text: string; children: ReactNode; label?: string }) {
  return (
    <svg viewBox="0 0 240 270" className="h-full w-full" role="img" aria-label={text || label}>
      {children}
    </svg>
  );
}

/** The burner's own flame: pale outer mantle and the cone of unburnt gas. */
export function BurnerFlame({ x, y, height, lit = '#a9c3ee' }: { x: number; y: number; height: number; lit?: string }) {
  const w = height * 0.19;
  return (
    <g className="flame-live" style={{ transformOrigin: `${x}px ${y}px` }}>
      <path
        d={`M${x - w} ${y} C${x - 1.5 * w} ${y - height * 0.45} ${x - w * 0.5} ${y - height * 0.75} ${x} ${y - height} C${x + w * 0.5} ${y - height * 0.75} ${x + 1.5 * w} ${y - height * 0.45} ${x + w} ${y} Z`}
        fill={lit}
        fillOpacity={0.42}
      />
      <path
        d={`M${x - w * 0.55} ${y} C${x - w * 0.6} ${y - height * 0.25} ${x - w * 0.15} ${y - height * 0.38} ${x} ${y - height * 0.45} C${x + w * 0.15} ${y - height * 0.38} ${x + w * 0.6} ${y - height * 0.25} ${x + w * 0.55} ${y} Z`}
        fill="#5f8fdf"
        fillOpacity={0.75}
      />
    </g>
  );
}

/** A burner whose mouth is at (x, y). */
export function Burner({ x, y }: { x: number; y: number }) {
  return (
    <g>
      <rect x={x - 10} y={y} width={20} height={270 - y - 14} rx={2} fill="#8a8f96" />
      <rect x={x - 10} y={y} width={6} height={270 - y - 14} fill="#a6abb1" />
      <rect x={x - 14} y={y + 16} width={28} height={11} rx={2} fill="#6d7278" />
      <path d={`M${x - 34} 266 Q${x - 30} 252 ${x - 12} 252 H${x + 12} Q${x + 30} 252 ${x + 34} 266 Z`} fill="#6d7278" />
    </g>
  );
}
