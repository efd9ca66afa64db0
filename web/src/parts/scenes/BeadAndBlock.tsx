import { useId } from 'react';
import { Canvas, type SceneProps } from './Canvas';

/** Borax glass in a loop of platinum wire: it glows while hot, and has its colour through all of it. */
export function Bead({ scene, text }: SceneProps<'bead'>) {
  const id = useId().replaceAll(':', '');
  const [x, y, r] = [112, 128, 52];
  return (
    <Canvas text={text} label="A borax bead in its loop">
      <defs>
        <radialGradient id={`${id}glass`} cx="38%" cy="34%" r="75%">
          <stop offset="0%" stopColor="#ffffff" stopOpacity={0.9} />
          <stop offset="22%" stopColor={scene.hex} stopOpacity={0.72} />
          <stop offset="78%" stopColor={scene.hex} stopOpacity={0.95} />
          <stop offset="100%" stopColor="#20242d" stopOpacity={0.55} />
        </radialGradient>
        <radialGradient id={`${id}heat`}>
          <stop offset="40%" stopColor="#ff9a3c" stopOpacity={0.75} />
          <stop offset="100%" stopColor="#ff9a3c" stopOpacity={0} />
        </radialGradient>
      </defs>
      {scene.hot && <circle cx={x} cy={y} r={r * 1.85} fill={`url(#${id}heat)`} className="flame-live" />}
      <path d={`M238 ${y - 34} L${x + r - 3} ${y - 8}`} stroke="#74797f" strokeWidth={4} strokeLinecap="round" />
      <circle cx={x} cy={y} r={r} fill="none" stroke={scene.hot ? '#e2672a' : '#74797f'} strokeWidth={5} />
      <circle cx={x} cy={y} r={r - 2} fill={`url(#${id}glass)`} className="matter-in" />
      <ellipse
        cx={x - 18}
        cy={y - 21}
        rx={13}
        ry={8}
        fill="#fff"
        fillOpacity={0.8}
        transform={`rotate(-32 ${x - 18} ${y - 21})`}
      />
      {scene.hot && <circle cx={x} cy={y} r={r - 2} fill="#ff7a1a" fillOpacity={0.08} />}
      <text x={120} y={232} textAnchor="middle" fontSize={15} fill="#8b8072">
        {scene.zone} zone, {scene.hot ? 'hot' : 'cold'}
      </text>
    </Canvas>
  );
}

/** A charcoal block seen from above: the cavity with what is left, the film beyond it, and cobalt nitrate's spot. */
export function Charcoal({ scene, text }: SceneProps<'charcoal'>) {
  const left = scene.cobalt ?? scene.residue;
  return (
    <Canvas text={text} label="A charcoal block with its cavity">
      <path d="M24 92 L196 60 L224 172 L46 214 Z" fill="#3a3634" />
      <path d="M46 214 L224 172 L224 194 L46 238 Z" fill="#252220" />
      <path d="M24 92 L46 214 L46 238 L24 114 Z" fill="#2d2a28" />
      {Array.from({ length: 7 }, (_, i) => (
        <path
          key={i}
          d={`M${32 + i * 3} ${102 + i * 17} L${202 + i * 3.6} ${70 + i * 15.4}`}
          stroke="#4a4542"
          strokeWidth={1.4}
        />
      ))}
      {scene.film && (
        <g className="matter-in">
          <ellipse cx={138} cy={118} rx={66} ry={34} transform="rotate(-11 138 118)" fill={scene.film} fillOpacity={0.34} />
          <ellipse cx={142} cy={116} rx={46} ry={23} transform="rotate(-11 142 116)" fill={scene.film} fillOpacity={0.5} />
        </g>
      )}
      <ellipse cx={112} cy={138} rx={35} ry={22} transform="rotate(-11 112 138)" fill="#171514" />
      <ellipse cx={112} cy={141} rx={29} ry={16} transform="rotate(-11 112 141)" fill="#0f0e0d" />
      {left && !scene.metal && (
        <g className="matter-in">
          <path
            d="M88 144 C92 132 104 134 110 128 C118 124 130 130 134 138 C138 148 122 156 108 154 C98 154 86 152 88 144 Z"
            fill={left}
          />
          {Array.from({ length: 12 }, (_, i) => (
            <circle
              key={i}
              cx={94 + ((i * 37) % 38)}
              cy={134 + ((i * 23) % 17)}
              r={1.7}
              fill={left}
              stroke="#0003"
              strokeWidth={0.5}
            />
          ))}
        </g>
      )}
      {left && scene.metal && !scene.cobalt && (
        <g className="matter-in">
          <circle cx={110} cy={138} r={13} fill={left} />
          <circle cx={106} cy={133} r={4.5} fill="#fff" fillOpacity={0.85} />
          <circle cx={128} cy={146} r={5} fill={left} />
          <circle cx={126.6} cy={144.4} r={1.6} fill="#fff" fillOpacity={0.85} />
        </g>
      )}
      {scene.cobalt && scene.metal && <circle cx={110} cy={140} r={13} fill={scene.cobalt} className="matter-in" />}
    </Canvas>
  );
}
