import { BurnerFlame, Canvas, type SceneProps } from './Canvas';

/** The mouth of a tube at the foot of a scene. */
function Mouth({ hazy = false }: { hazy?: boolean }) {
  return (
    <g>
      <path d="M84 270 V170 M156 270 V170" stroke="#5d6672" strokeWidth={3} />
      <path d="M84 170 H156 V270 H84 Z" fill="#dfe6ea" fillOpacity={hazy ? 0.75 : 0.35} />
      <ellipse cx={120} cy={170} rx={38} ry={7} fill="#f6f8f9" fillOpacity={0.8} stroke="#5d6672" strokeWidth={3} />
    </g>
  );
}

/** A splint at the mouth: it flares, dies, is rekindled or gives a pop. */
export function Splint({ scene, text }: SceneProps<'splint'>) {
  const burning = scene.event === 'relit' || scene.event === 'pop' || (scene.lit && scene.event === 'unchanged');
  const glowing = !scene.lit && scene.event === 'unchanged';
  return (
    <Canvas text={text} label="A splint at the mouth of the tube">
      <Mouth />
      <path d="M228 28 L129 158" stroke="#c49a63" strokeWidth={7} strokeLinecap="round" />
      <path d="M144 138 L129 158" stroke="#2b2421" strokeWidth={7} strokeLinecap="round" />
      {glowing && <circle cx={129} cy={158} r={6} fill="#f0581c" className="flame-live" />}
      {burning && <BurnerFlame x={129} y={160} height={scene.event === 'relit' ? 92 : 66} lit="#ffb733" />}
      {scene.event === 'pop' && (
        <g stroke="#d1552b" strokeWidth={3} strokeLinecap="round" className="matter-in">
          {[-150, -125, -90, -55, -30].map((a) => (
            <path
              key={a}
              d={`M${120 + 48 * Math.cos((a * Math.PI) / 180)} ${162 + 48 * Math.sin((a * Math.PI) / 180)} L${120 + 72 * Math.cos((a * Math.PI) / 180)} ${162 + 72 * Math.sin((a * Math.PI) / 180)}`}
            />
          ))}
        </g>
      )}
      {scene.event === 'extinguished' && (
        <path
          d="M129 150 C116 128 142 116 126 92 C116 76 136 66 130 46"
          fill="none"
          stroke="#9d958c"
          strokeWidth={4}
          strokeOpacity={0.6}
        />
      )}
    </Canvas>
  );
}

/** A strip of paper at the mouth, its wet end as it is now and the dry one as it was. */
export function Paper({ scene, text }: SceneProps<'paper'>) {
  return (
    <Canvas text={text} label="A strip of paper">
      <Mouth />
      <g transform="rotate(9 120 90)">
        <rect x={96} y={14} width={48} height={176} rx={2} fill={scene.before} stroke="#20242d" strokeOpacity={0.25} />
        <path
          d="M96 98 Q108 91 120 98 T144 96 V188 Q144 190 142 190 H98 Q96 190 96 188 Z"
          fill={scene.after}
          className="matter-in"
        />
        <path d="M96 98 Q108 91 120 98 T144 96" fill="none" stroke="#20242d" strokeOpacity={0.25} />
        <rect x={96} y={14} width={48} height={176} rx={2} fill="none" stroke="#20242d" strokeOpacity={0.35} />
      </g>
    </Canvas>
  );
}

/** A little tube of lime water into which the gas is led. */
export function LimeWater({ scene, text }: SceneProps<'limewater'>) {
  const cloudy = scene.cloudy && !scene.clearedAgain;
  return (
    <Canvas text={text} label="Lime water into which the gas was led">
      <path d="M24 56 H86 Q112 56 112 84 V206" fill="none" stroke="#9aa6b1" strokeWidth={9} />
      <path d="M24 56 H86 Q112 56 112 84 V206" fill="none" stroke="#f3f6f8" strokeWidth={4} />
      <path d="M76 96 V212 A44 44 0 0 0 164 212 V96" fill="#eef3f6" fillOpacity={0.4} stroke="#5d6672" strokeWidth={3} />
      <path
        d="M78 140 V212 A42 42 0 0 0 162 212 V140 Z"
        fill={cloudy ? '#e6e5df' : '#e9f2f5'}
        fillOpacity={cloudy ? 1 : 0.75}
        className="liquid"
      />
      {cloudy &&
        Array.from({ length: 26 }, (_, i) => (
          <circle
            key={i}
            cx={86 + ((i * 29) % 68)}
            cy={148 + ((i * 41) % 88)}
            r={2.1}
            fill="#ffffff"
            stroke="#cfccc2"
            strokeWidth={0.6}
          />
        ))}
      {Array.from({ length: 5 }, (_, i) => (
        <circle key={`b${i}`} cx={118 + (i % 2) * 10} cy={200 - i * 13} r={3.4} fill="none" stroke="#8fa3b0" className="bubble" />
      ))}
      <ellipse cx={120} cy={96} rx={44} ry={8} fill="none" stroke="#5d6672" strokeWidth={3} />
      {scene.clearedAgain && (
        <text x={120} y={262} textAnchor="middle" fontSize={13} fill="#8b8072">
          cloudy at first, then clear
        </text>
      )}
    </Canvas>
  );
}

/** A hand wafts towards the nose what comes from the mouth. */
export function Smell({ scene, text }: SceneProps<'smell'>) {
  return (
    <Canvas text={text} label="Wafted towards the nose">
      <Mouth />
      <g fill="none" stroke={scene.any ? '#a4512b' : '#c9bda9'} strokeWidth={4} strokeLinecap="round" opacity={0.75}>
        <path d="M112 156 C104 132 128 120 116 96" />
        <path d="M130 154 C122 130 146 116 134 90" />
        {scene.any && <path d="M96 158 C86 136 110 126 98 104" />}
      </g>
      <path
        d="M238 150 C214 146 196 128 182 112 C176 105 186 100 192 106 L204 118 C194 104 184 92 176 80 C172 72 182 68 187 75 L206 102 C198 86 192 74 188 62 C186 54 196 52 199 59 L214 94 C210 80 208 72 207 63 C207 56 216 55 218 62 L228 104 L238 118 Z"
        fill="#ecc9a7"
        stroke="#8d6544"
        strokeWidth={2}
      />
    </Canvas>
  );
}

/** A glass rod with a drop at its end, in what rises from the mouth. */
export function Fumes({ scene, text }: SceneProps<'fumes'>) {
  return (
    <Canvas text={text} label="A glass rod at the mouth of the tube">
      <rect width="240" height="270" fill="#3c444e" />
      <Mouth hazy={scene.white} />
      {scene.white && (
        <g fill="#ffffff" className="matter-in">
          {[
            [112, 132, 30, 0.5],
            [142, 108, 36, 0.42],
            [104, 92, 32, 0.38],
            [136, 66, 38, 0.3],
            [104, 48, 30, 0.22],
          ].map(([x, y, r, o]) => (
            <circle key={y} cx={x} cy={y} r={r} fillOpacity={o} />
          ))}
        </g>
      )}
      <path d="M226 24 L136 146" stroke="#dfe9ee" strokeWidth={7} strokeLinecap="round" />
      <path d="M226 24 L136 146" stroke="#ffffff" strokeWidth={2} strokeLinecap="round" />
      <path d="M136 144 Q128 160 136 163 Q144 160 138 146 Z" fill="#d7ecf5" stroke="#8fb0c0" />
    </Canvas>
  );
}
