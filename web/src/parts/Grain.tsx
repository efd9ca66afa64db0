/** What a solid in a tube is drawn of. */

/** A repeatable scatter in 0…1. */
function scatter(count: number): { x: number; y: number; r: number }[] {
  let seed = 7;
  const next = () => (seed = (seed * 16807) % 2147483647) / 2147483647;
  return Array.from({ length: count }, () => ({ x: next(), y: next(), r: next() }));
}

export const GRAINS = scatter(90);

/** One grain, flake or curd of a solid. */
export function Grain({ texture, x, y, r, fill }: { texture: string; x: number; y: number; r: number; fill: string }) {
  switch (texture) {
    case 'crystalline':
      return (
        <path
          d={`M${x} ${y - 2.6 - 2 * r} l${1.8 + r} ${2.8 + 2 * r} l-${1.8 + r} ${2.8 + 2 * r} l-${1.8 + r} -${2.8 + 2 * r} Z`}
          fill={fill}
          stroke="#fff"
          strokeOpacity={0.5}
          strokeWidth={0.5}
        />
      );
    case 'spangles':
      return (
        <path
          d={`M${x - 3} ${y} l3 -${2 + 2 * r} l3 ${2 + 2 * r} l-3 ${1 + r} Z`}
          fill={fill}
          stroke="#fff6c8"
          strokeWidth={0.7}
        />
      );
    case 'curdy':
      return <ellipse cx={x} cy={y} rx={3.2 + 4 * r} ry={2.6 + 2.6 * r} fill={fill} />;
    case 'flocculent':
    case 'gelatinous':
      return <ellipse cx={x} cy={y} rx={2.6 + 3.4 * r} ry={2 + 2 * r} fill={fill} opacity={0.75} />;
    default:
      return <circle cx={x} cy={y} r={0.9 + 1.1 * r} fill={fill} />;
  }
}
