/** The apparatus of a sodium fusion, stage by stage: bottle and papers, tube, flame, dish with gauze, funnel. */
import type { OpOf } from '#core/bench/ops';

export type FusionStage = 'sodium' | 'compound' | 'gentle' | 'red' | 'plunge' | 'boil';

const INK = { fill: 'none', stroke: 'var(--ink)', strokeWidth: 1.6, strokeLinecap: 'round', strokeLinejoin: 'round' } as const;
const GLASS = { ...INK, stroke: 'var(--glass)' } as const;
const SODIUM = '#c3c7cc';
const GLOW = '#e0562a';

function Flame({ x, y, size }: { x: number; y: number; size: number }) {
  return (
    <g transform={`translate(${x} ${y}) scale(${size})`}>
      <path d="M0 0 C-12 -14 -8 -28 0 -44 C8 -28 12 -14 0 0Z" fill="#7fa8dd" opacity={0.75} />
      <path d="M0 -2 C-5 -9 -4 -17 0 -26 C4 -17 5 -9 0 -2Z" fill="#dfeaf8" opacity={0.9} />
    </g>
  );
}

function Burner() {
  return (
    <g {...INK}>
      <path d="M88 196 H112 L106 150 H94 Z" fill="var(--wash)" />
      <path d="M76 204 H124" />
    </g>
  );
}

/** An ignition tube, held aslant or upright. */
function IgnitionTube({ red, sodium, compound }: { red?: boolean; sodium: number; compound: number }) {
  return (
    <g>
      <path
        d="M90 24 V108 A10 10 0 0 0 110 108 V24"
        {...GLASS}
        fill={red ? GLOW : 'var(--card)'}
        fillOpacity={red ? 0.35 : 0.5}
      />
      {compound > 0 && <path d={`M91 ${112 - compound} H109 V108 A9 9 0 0 1 91 108 Z`} fill="#e9dfc8" />}
      {sodium > 0 && (
        <circle
          cx={100}
          cy={112 - compound - sodium / 2}
          r={sodium / 2}
          fill={red ? GLOW : SODIUM}
          stroke="var(--ink)"
          strokeWidth={0.8}
        />
      )}
      <path d="M70 44 H88 M70 44 L58 38" {...INK} />
    </g>
  );
}

function SodiumBottle({ dried }: { dried: boolean }) {
  return (
    <g>
      <path d="M30 60 H70 V170 H30 Z M40 60 V44 H60 V60" {...GLASS} fill="#ecd9a6" fillOpacity={0.5} />
      <rect x={38} y={138} width={24} height={20} rx={3} fill={SODIUM} stroke="var(--ink)" strokeWidth={0.8} />
      <path d="M96 150 L180 142 L186 158 L102 168 Z" {...INK} fill={dried ? 'var(--card)' : 'var(--wash)'} />
      <path d="M98 138 L178 130" {...INK} strokeDasharray={dried ? undefined : '3 5'} />
      <rect x={128} y={140} width={18} height={12} rx={2} fill={SODIUM} stroke="var(--ink)" strokeWidth={0.8} />
      <path d="M150 96 L138 140 M162 98 L144 140" {...INK} />
    </g>
  );
}

function Dish({ covered, level }: { covered: boolean; level: number }) {
  return (
    <g>
      <path d="M36 140 C40 196 160 196 164 140 Z" {...GLASS} fill="#cfe2ee" fillOpacity={0.25 + level * 0.5} />
      {covered && (
        <path d="M28 132 L172 128 M34 126 L40 138 M56 125 L62 137 M78 124 L84 136 M122 124 L128 135 M144 123 L150 134" {...INK} />
      )}
    </g>
  );
}

function Funnel() {
  return (
    <g>
      <path d="M120 60 L180 60 L156 104 V132 M120 60 L144 104 V132 L150 138 L156 132" {...GLASS} />
      <path d="M126 64 L150 100 L174 64" {...INK} strokeDasharray="4 3" />
      <path d="M136 146 V196 A14 14 0 0 0 164 196 V146" {...GLASS} fill="var(--card)" />
    </g>
  );
}

export function FusionPicture({ stage, how }: { stage: FusionStage; how: OpOf<'fuse'> }) {
  const ball = 6 + how.sodium_mg / 12;
  const heap = 4 + how.sample_mg / 6;
  const words: Record<FusionStage, string> = {
    sodium: 'A bottle of sodium under oil, papers and tweezers',
    compound: `An ignition tube with ${how.sodium_mg} mg of sodium and ${how.sample_mg} mg of the compound`,
    gentle: 'The tube over a small flame',
    red: how.red_hot ? 'The tube red hot in a strong flame' : 'The tube in the flame, not red hot',
    plunge: how.covered ? 'The dish of water, covered with gauze' : 'The dish of water, not covered',
    boil: 'The dish boiling down, and a filter over a tube',
  };
  return (
    <svg viewBox="0 0 200 212" className="w-36 shrink-0 rounded-lg bg-card" role="img" aria-label={words[stage]}>
      {stage === 'sodium' && <SodiumBottle dried={how.dried ?? true} />}
      {stage === 'compound' && <IgnitionTube sodium={ball} compound={heap} />}
      {(stage === 'gentle' || stage === 'red') && (
        <>
          <Flame x={100} y={156} size={stage === 'red' ? (how.red_hot ? 1.25 : 0.9) : how.gentle_minutes > 0 ? 0.55 : 1.1} />
          <Burner />
          <IgnitionTube red={stage === 'red' && how.red_hot} sodium={ball} compound={heap} />
        </>
      )}
      {stage === 'plunge' && (
        <>
          <g transform="translate(0 26)">
            <IgnitionTube red={how.red_hot} sodium={0} compound={0} />
          </g>
          <Dish covered={how.covered ?? true} level={how.water_mL / 20} />
        </>
      )}
      {stage === 'boil' && (
        <>
          <g transform="translate(-14 0) scale(0.62) translate(0 120)">
            <Flame x={100} y={214} size={0.6} />
            <Dish covered={false} level={how.boil_to_mL / 20} />
          </g>
          <Funnel />
        </>
      )}
    </svg>
  );
}
