import { Burner, BurnerFlame, Canvas, type SceneProps } from './Canvas';

/** Along the tube from its mouth at the upper left to the closed end over the burner; the drawing is turned with it. */
const LEAN = 'rotate(24 60 60)';
const TUBE = 'M58 42 H206 A17 17 0 0 1 206 76 H58';

/** A hard-glass tube over a burner: the residue in the heat, droplets and sublimate where the glass is cool, gas at the mouth. */
export function HardGlass({ scene, text }: SceneProps<'hard-glass'>) {
  const solid = scene.charred ? '#211d1b' : (scene.hot ?? scene.cold);
  const cold = scene.charred ? '#211d1b' : scene.cold;
  return (
    <Canvas text={text} label="A hard-glass tube over a burner">
      <Burner x={178} y={206} />
      <BurnerFlame x={178} y={206} height={66} />
      <g transform={LEAN}>
        <path d={`${TUBE} Z`} fill="#dfe6ea" fillOpacity={0.35} />
        {solid && (
          <path
            className="matter-in"
            d={
              scene.melted
                ? 'M158 76 Q160 66 186 66 H214 Q221 70 216 74 L206 76 Z'
                : 'M156 76 Q172 58 190 62 Q206 56 219 66 Q220 75 206 76 Z'
            }
            fill={solid}
            stroke={scene.melted ? '#ffffff' : '#8b8072'}
            strokeOpacity={0.6}
          />
        )}
        {scene.sublimate && (
          <g className="matter-in">
            <path d="M96 44 H134 Q128 51 114 50 Q102 51 96 44 Z" fill={scene.sublimate} />
            <path d="M98 75 Q112 67 132 75 Z" fill={scene.sublimate} />
            {Array.from({ length: 9 }, (_, i) => (
              <circle key={i} cx={92 + i * 5.5} cy={i % 2 ? 53 : 67} r={1.5} fill={scene.sublimate!} />
            ))}
          </g>
        )}
        {scene.droplets && (
          <g className="matter-in" fill="#bcd6e6" stroke="#7f9db0" strokeWidth={0.7}>
            {Array.from({ length: 11 }, (_, i) => (
              <ellipse key={i} cx={64 + ((i * 13) % 62)} cy={i % 3 === 0 ? 46 : i % 3 === 1 ? 72.5 : 49} rx={2.6} ry={2} />
            ))}
          </g>
        )}
        {scene.gas && <path d="M58 42 H150 Q120 60 58 76 Z" fill={scene.gas} fillOpacity={0.4} className="matter-in" />}
        <path d={TUBE} fill="none" stroke="#5d6672" strokeWidth={2.4} />
        <path d="M58 38 Q52 59 58 80" fill="none" stroke="#5d6672" strokeWidth={3} strokeLinecap="round" />
        <path d="M70 47 H196" stroke="#ffffff" strokeOpacity={0.8} strokeWidth={2.4} strokeLinecap="round" />
      </g>
      {scene.gas && (
        <g className="matter-in" fill={scene.gas}>
          <circle cx={48} cy={40} r={17} fillOpacity={0.42} />
          <circle cx={30} cy={24} r={21} fillOpacity={0.28} />
        </g>
      )}
      {cold && (
        <g>
          <rect x={14} y={196} width={92} height={58} rx={9} fill="#fffdf8" stroke="#d6c8b2" />
          <path d="M26 236 Q38 214 50 220 Q62 214 70 236 Z" fill={cold} stroke="#8b8072" strokeOpacity={0.6} />
          <text x={73} y={224} fontSize={12} fill="#4b4238">
            cold
          </text>
        </g>
      )}
    </Canvas>
  );
}
