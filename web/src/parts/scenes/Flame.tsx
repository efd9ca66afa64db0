import { useId } from 'react';
import { Burner, BurnerFlame, Canvas, type SceneProps } from './Canvas';

const FOOT = 176;
const X = 120;

/** The colour streams up from the wire at the edge of the flame; the brightest floods it all, a flash is a streak beside it. */
export function Flame({ scene, text }: SceneProps<'flame'>) {
  const id = useId().replaceAll(':', '');
  const [first, ...others] = scene.lights;
  return (
    <Canvas text={text} label="A loop of wire in the edge of a flame">
      <defs>
        <radialGradient id={`${id}glow`} cx="50%" cy="46%" r="52%">
          <stop offset="0%" stopColor={first?.hex ?? '#a9c3ee'} stopOpacity={first ? 0.62 : 0.2} />
          <stop offset="60%" stopColor={first?.hex ?? '#a9c3ee'} stopOpacity={first ? 0.2 : 0.06} />
          <stop offset="100%" stopColor={first?.hex ?? '#a9c3ee'} stopOpacity={0} />
        </radialGradient>
        {scene.lights.map((l, i) => (
          <linearGradient key={i} id={`${id}l${i}`} x1="0" y1="1" x2="0" y2="0">
            <stop offset="0%" stopColor={l.hex} stopOpacity={0.95} />
            <stop offset="70%" stopColor={l.hex} stopOpacity={0.8} />
            <stop offset="100%" stopColor={l.hex} stopOpacity={0.15} />
          </linearGradient>
        ))}
      </defs>
      <rect width="240" height="270" fill={`url(#${id}glow)`} />
      <Burner x={X} y={FOOT} />
      <BurnerFlame x={X} y={FOOT} height={150} />
      {first && (
        <g className={first.flash ? 'flame-flash' : 'flame-live'} style={{ transformOrigin: `${X}px ${FOOT}px` }}>
          <path
            d="M97 150 C90 116 98 76 119 22 C134 60 149 96 146 140 C143 158 132 150 128 138 C124 124 112 128 108 144 C106 156 99 160 97 150 Z"
            fill={`url(#${id}l0)`}
          />
          <path
            d="M112 142 C112 112 116 84 121 56 C128 90 132 116 130 136 C126 128 116 128 112 142 Z"
            fill="#fff"
            fillOpacity={0.35}
          />
        </g>
      )}
      {others.map((l, i) => (
        <g key={i} className={l.flash ? 'flame-flash' : 'flame-live'} style={{ transformOrigin: `${X}px ${FOOT}px` }}>
          <path
            d={`M${136 + 7 * i} 146 C${150 + 8 * i} 118 ${146 + 8 * i} 92 ${138 + 6 * i} 62 C${160 + 8 * i} 92 ${164 + 8 * i} 126 ${150 + 8 * i} 152 Z`}
            fill={`url(#${id}l${i + 1})`}
          />
        </g>
      ))}
      <path d="M236 118 L110 146" stroke="#56595e" strokeWidth={2.4} strokeLinecap="round" />
      <circle cx={104} cy={147.5} r={5.6} fill="none" stroke="#6b3d22" strokeWidth={2.2} />
      <circle cx={104} cy={147.5} r={3.2} fill={first?.hex ?? '#fff4dd'} />
      <rect x={206} y={110} width={34} height={12} rx={4} transform="rotate(-12.5 206 116)" fill="#7a4b2c" />
      {scene.throughGlass && (
        <g>
          <rect x={22} y={14} width={190} height={172} rx={6} fill="#2843b8" fillOpacity={0.2} stroke="#20308a" strokeWidth={4} />
          <path d="M34 26 L70 26 L34 74 Z" fill="#ffffff" fillOpacity={0.25} />
        </g>
      )}
    </Canvas>
  );
}
