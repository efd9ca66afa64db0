/** A test tube drawn from what the model says is in it: glass, liquid, layers, solid by texture, bubbles, fumes. */
import { useId } from 'react';
import type { Drawing } from '#contract';
import { Grain, GRAINS } from './Grain';

const LEFT = 14;
const RIGHT = 86;
const TOP = 16;
const BOTTOM = 312;
const ROUND = 36;
const INSIDE = `M${LEFT} ${TOP} V${BOTTOM - ROUND} A${ROUND} ${ROUND} 0 0 0 ${RIGHT} ${BOTTOM - ROUND} V${TOP} Z`;

/** Height of so many mL: steep at first, so that a few drops can be seen. */
const height = (mL: number) => (mL <= 0 ? 0 : 24 + 236 * Math.pow(Math.min(mL, 20) / 20, 0.62));

interface Bands {
  readonly aqueousTop: number;
  readonly aqueousBottom: number;
  readonly upper: number | null;
  readonly lower: number | null;
  readonly beneath: number | null;
}

function bands(d: Drawing): Bands {
  const below = (d.beneath?.mL ?? 0) + (d.layer?.position === 'lower' ? d.layer.mL : 0);
  const upto = (mL: number) => BOTTOM - height(mL);
  const aqueousBottom = below ? upto(below) : BOTTOM;
  const aqueousTop = upto(below + d.mL);
  return {
    aqueousTop,
    aqueousBottom,
    upper: d.layer?.position === 'upper' ? upto(below + d.mL + d.layer.mL) : null,
    lower: d.layer?.position === 'lower' ? aqueousBottom : null,
    beneath: d.beneath ? upto(d.beneath.mL) : null,
  };
}

function Liquid({
  top,
  bottom,
  hex,
  cloudy,
  meniscus,
}: {
  top: number;
  bottom: number;
  hex: string;
  cloudy?: boolean;
  meniscus?: boolean;
}) {
  return (
    <g>
      <rect
        className="liquid"
        x={LEFT}
        y={top}
        width={RIGHT - LEFT}
        height={bottom - top + 1}
        fill={hex}
        opacity={cloudy ? 0.92 : 0.86}
      />
      {cloudy && <rect x={LEFT} y={top} width={RIGHT - LEFT} height={bottom - top + 1} fill="#fff" opacity={0.28} />}
      {meniscus && (
        <>
          <ellipse className="liquid" cx={50} cy={top} rx={36} ry={4.5} fill={hex} />
          <ellipse cx={50} cy={top} rx={36} ry={4.5} fill="#fff" opacity={0.35} />
          <path
            d={`M${LEFT} ${top} A36 4.5 0 0 0 ${RIGHT} ${top}`}
            fill="none"
            stroke="#33404d"
            strokeOpacity={0.28}
            strokeWidth={1}
          />
        </>
      )}
    </g>
  );
}

function Solid({ drawing, top, bottom }: { drawing: NonNullable<Drawing['solid']>; top: number; bottom: number }) {
  const { hex, texture, fill, hanging } = drawing;
  const room = bottom - top;
  const pile =
    bottom - Math.max(7, room * Math.min(0.85, fill) * (texture === 'gelatinous' || texture === 'flocculent' ? 1.15 : 0.8));
  const count = Math.round((hanging ? 26 : 10) + 60 * fill);
  const soft = texture === 'gelatinous' || texture === 'flocculent';
  return (
    <g className="matter-in">
      <path
        d={`M${LEFT} ${pile + 3} q9 -7 18 -1 t18 1 t18 -2 t18 2 V${BOTTOM + 4} H${LEFT} Z`}
        fill={hex}
        opacity={soft ? 0.9 : 1}
        stroke="#1f242b"
        strokeOpacity={0.18}
        strokeWidth={0.8}
      />
      <path
        d={`M${LEFT} ${pile + 3} q9 -7 18 -1 t18 1 t18 -2 t18 2`}
        fill="none"
        stroke="#fff"
        strokeOpacity={0.45}
        strokeWidth={1.2}
      />
      {GRAINS.slice(0, Math.min(36, count)).map((g, i) => (
        <g key={`p${i}`} opacity={0.55} style={{ mixBlendMode: 'multiply' }}>
          <Grain
            texture={texture}
            x={LEFT + 5 + g.x * (RIGHT - LEFT - 10)}
            y={pile + 6 + g.y * Math.max(2, bottom - pile - 10)}
            r={g.r}
            fill={hex}
          />
        </g>
      ))}
      {hanging &&
        GRAINS.slice(0, count).map((g, i) => (
          <Grain
            key={`h${i}`}
            texture={texture}
            x={LEFT + 5 + g.y * (RIGHT - LEFT - 10)}
            y={top + 7 + Math.sqrt(g.x) * Math.max(4, pile - top - 10)}
            r={g.r}
            fill={hex}
          />
        ))}
    </g>
  );
}

/** The tube alone; `text` is its description, empty when something around it says it already. */

/** Grains of several powders lie among each other. */
function DrySolid({ dry: { hex, grains = [] } }: { dry: NonNullable<Drawing['dry']> }) {
  const powders = [hex, ...grains];
  return (
    <g>
      <path
        d={`M${LEFT} ${BOTTOM - 30} q18 -12 36 -6 t36 2 V${BOTTOM} H${LEFT} Z`}
        fill={hex}
        stroke="#26313c"
        strokeOpacity={0.25}
      />
      {GRAINS.slice(0, 40).map((g, i) => (
        <path
          key={i}
          d={`M${20 + g.x * 60} ${BOTTOM - 32 + g.y * 26} l2.5 2 l-2 2.6 l-2.6 -1.6 Z`}
          fill={powders[i % powders.length]}
          stroke="#26313c"
          strokeOpacity={0.3}
          strokeWidth={0.6}
        />
      ))}
    </g>
  );
}

export function Tube({ drawing, className, text }: { drawing: Drawing; className?: string; text?: string }) {
  const id = useId();
  const b = bands(drawing);
  const solidFloor = b.aqueousBottom;
  return (
    <svg
      viewBox="0 0 100 320"
      className={className}
      {...(text === '' ? { 'aria-hidden': true } : { role: 'img', 'aria-label': text ?? drawing.text })}
    >
      <defs>
        <clipPath id={`${id}in`}>
          <path d={INSIDE} />
        </clipPath>
        <linearGradient id={`${id}round`} x1="0" x2="1">
          <stop offset="0" stopColor="#1d2733" stopOpacity="0.26" />
          <stop offset="0.16" stopColor="#fff" stopOpacity="0.05" />
          <stop offset="0.3" stopColor="#fff" stopOpacity="0.3" />
          <stop offset="0.42" stopColor="#fff" stopOpacity="0" />
          <stop offset="0.85" stopColor="#1d2733" stopOpacity="0.04" />
          <stop offset="1" stopColor="#1d2733" stopOpacity="0.24" />
        </linearGradient>
        {drawing.beneath?.ring && (
          <linearGradient id={`${id}ring`} x1="0" x2="0" y1="0" y2="1">
            <stop offset="0" stopColor={drawing.beneath.ring} stopOpacity="0" />
            <stop offset="0.4" stopColor={drawing.beneath.ring} stopOpacity="0.95" />
            <stop offset="0.7" stopColor={drawing.beneath.ring} stopOpacity="0.9" />
            <stop offset="1" stopColor={drawing.beneath.ring} stopOpacity="0" />
          </linearGradient>
        )}
        <linearGradient id={`${id}deep`} x1="0" x2="0" y1="0" y2="1">
          <stop offset="0" stopColor="#fff" stopOpacity="0.16" />
          <stop offset="1" stopColor="#101820" stopOpacity="0.1" />
        </linearGradient>
      </defs>
      <path d={INSIDE} fill="#fff" fillOpacity={0.34} />
      <g clipPath={`url(#${id}in)`}>
        {drawing.fumes && (
          <rect x={LEFT} y={TOP} width={RIGHT - LEFT} height={b.aqueousTop - TOP} fill={drawing.fumes} opacity={0.42} />
        )}
        {drawing.beneath && (
          <>
            <Liquid top={b.beneath!} bottom={BOTTOM} hex="#f3f1e6" />
          </>
        )}
        {drawing.layer && b.lower !== null && <Liquid top={b.lower} bottom={BOTTOM} hex={drawing.layer.hex} />}
        {drawing.liquid && drawing.mL > 0 && (
          <Liquid
            top={b.aqueousTop}
            bottom={b.aqueousBottom}
            hex={drawing.liquid.hex}
            cloudy={drawing.liquid.cloudy}
            meniscus={b.upper === null}
          />
        )}
        {drawing.layer && b.upper !== null && <Liquid top={b.upper} bottom={b.aqueousTop} hex={drawing.layer.hex} meniscus />}
        {(b.lower !== null || b.upper !== null || b.beneath !== null) && (
          <path
            d={`M${LEFT} ${b.upper !== null ? b.aqueousTop : b.aqueousBottom} q36 6 72 0`}
            fill="none"
            stroke="#26313c"
            strokeOpacity={0.5}
            strokeWidth={1.4}
          />
        )}
        {drawing.solid && <Solid drawing={drawing.solid} top={b.aqueousTop} bottom={solidFloor} />}
        {drawing.beneath?.ring && (
          <rect className="matter-in" x={LEFT} y={b.beneath! - 10} width={RIGHT - LEFT} height={20} fill={`url(#${id}ring)`} />
        )}
        {drawing.dry && <DrySolid dry={drawing.dry} />}
        {drawing.sublimate && (
          <rect x={LEFT} y={86} width={RIGHT - LEFT} height={46} fill={drawing.sublimate} opacity={0.7} rx={10} />
        )}
        {drawing.droplets &&
          GRAINS.slice(0, 14).map((g, i) => (
            <ellipse
              key={i}
              cx={20 + g.x * 60}
              cy={40 + g.y * 50}
              rx={1.6}
              ry={2.4}
              fill="#dcebf5"
              stroke="#7d93a6"
              strokeWidth={0.5}
            />
          ))}
        {GRAINS.slice(0, drawing.bubbles * 6).map((g, i) => (
          <circle
            key={i}
            className="bubble"
            style={{ animationDelay: `${g.r * 1.6}s` }}
            cx={22 + g.x * 56}
            cy={b.aqueousTop + 12 + g.y * Math.max(8, b.aqueousBottom - b.aqueousTop - 24)}
            r={1.4 + g.r * 1.8}
            fill="#fff"
            fillOpacity={0.55}
            stroke="#53606d"
            strokeOpacity={0.5}
            strokeWidth={0.6}
          />
        ))}
        <rect x={LEFT} y={b.aqueousTop} width={RIGHT - LEFT} height={BOTTOM - b.aqueousTop} fill={`url(#${id}deep)`} />
      </g>
      <path d={INSIDE} fill={`url(#${id}round)`} stroke="var(--glass)" strokeWidth={1.8} />
      <rect x={22} y={30} width={5} height={BOTTOM - 92} rx={2.5} fill="#fff" opacity={0.38} />
      <ellipse cx={50} cy={TOP} rx={39} ry={6} fill="#fff" fillOpacity={0.5} stroke="var(--glass)" strokeWidth={1.8} />
    </svg>
  );
}
