/** The atlas that a sample asks for. */
import { loadAtlas, loadCompounds } from '#atlas';
import type { SampleSpec } from '#core/bench/sample';
import type { Atlases } from './solve-one';

export async function atlasesFor(sample: SampleSpec, say?: (line: string) => void): Promise<Atlases> {
  return 'smiles' in sample ? { compounds: await loadCompounds(say) } : { salts: await loadAtlas(say) };
}
