import { liquidSampleOf, sampleOf } from '#core/senses/colour';
import type { Observation } from '#core/vocabulary/observation';

/** The colour that an observation tells of, as it looks: of a liquid through its tube, of all else on a card. */
export function swatchOf({ channel, colour }: Observation): string | undefined {
  if (colour === undefined || colour === 'none') return undefined;
  return channel === 'solution' || channel === 'layer' ? liquidSampleOf(colour) : sampleOf(colour);
}
