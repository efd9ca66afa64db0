/** A layer that is called the liquid. */
import type { Channel } from '../vocabulary/channels';
import type { Observation } from '../vocabulary/observation';
import type { Colour } from '../vocabulary/words';

const LIQUIDS: ReadonlySet<Channel> = new Set(['solution', 'layer']);
const tellsColour = (o: Observation): o is Observation & { readonly colour: Colour } => o.colour !== undefined;

/** A layer with its colour, in a record that tells of no other liquid. */
export const isBareLayer = (o: Observation, told: readonly Observation[]): boolean =>
  o.channel === 'layer' && tellsColour(o) && !told.some((p) => p !== o && LIQUIDS.has(p.channel));

/** The layer as one who calls it the liquid writes it down. */
export const calledLiquid = ({ colour }: Observation): Observation => ({ channel: 'solution', ...(colour && { colour }) });

const meantBefore = new WeakMap<readonly Observation[], readonly (readonly Observation[])[]>();

/** Where the liquid that is told of may be a layer: the records that were meant, which tell of the layer in either way. */
export function layersMeant(recorded: readonly Observation[]): readonly (readonly Observation[])[] {
  let meant = meantBefore.get(recorded);
  if (!meant) {
    const [liquid, ...others] = recorded.filter((o) => LIQUIDS.has(o.channel));
    const bare = liquid?.channel === 'solution' && !others.length && tellsColour(liquid) && Object.keys(liquid).length === 2;
    const as = (layer: Observation) => recorded.map((o) => (o === liquid ? layer : o));
    const layer: Observation = { channel: 'layer', ...(liquid?.colour && { colour: liquid.colour }) };
    meant = bare ? [as({ ...layer, event: 'present' }), as(layer)] : [];
    meantBefore.set(recorded, meant);
  }
  return meant;
}
