/** A probability as people say it, never rounded to certainty. */
export const percent = (p: number) =>
  p >= 0.9995 ? '> 99.9 %' : p < 0.0005 ? '< 0.1 %' : `${(100 * p).toFixed(p > 0.1 && p < 0.99 ? 0 : 1)} %`;
