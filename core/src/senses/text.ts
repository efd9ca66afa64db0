/** A tube in words, for those who do not see the picture. */
import type { Appearance } from './appearance';

export interface TextHints {
  /** Colour word of a dry solid, when there is no liquid. */
  readonly dry?: string | undefined;
  readonly settled: boolean;
  readonly bubbling: boolean;
}

const AMOUNT = { trace: 'a trace of', slight: 'a little', moderate: 'some', heavy: 'much' } as const;

/** Such as "pale-blue clear liquid, much gelatinous pale-green solid at the bottom". */
export function drawingText(seen: Appearance, hints: TextHints): string {
  const parts: string[] = [];
  if (hints.dry) parts.push(`dry ${hints.dry} solid`);
  if (seen.layer?.position === 'upper') parts.push(`${seen.layer.word} layer on top`);
  if (seen.liquid) parts.push(`${seen.liquid.word} ${seen.liquid.cloudy ? 'cloudy' : 'clear'} liquid`);
  if (seen.ring) parts.push(`${seen.ring.word} ring at the junction`);
  if (seen.layer?.position === 'lower') parts.push(`${seen.layer.word} layer below`);
  if (seen.solid && !hints.dry) {
    const where = hints.settled ? 'at the bottom' : 'hanging in the liquid';
    parts.push(`${AMOUNT[seen.solid.amount]} ${seen.solid.texture} ${seen.solid.word} solid ${where}`);
  }
  if (hints.bubbling) parts.push('bubbles');
  return parts.length ? parts.join(', ') : 'empty tube';
}
