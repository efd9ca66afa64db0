/** `atlas`: builds the atlases anew where the data has changed. */
import { loadAtlas, loadCompounds } from '#atlas';
import { say } from '#launcher/run';
import { print } from './input';

export async function atlas(): Promise<number> {
  const [salts, compounds] = [await loadAtlas(say), await loadCompounds(say)];
  print({
    salts: { version: salts.version, outcomes: salts.outcomes.length },
    compounds: { version: compounds.version, outcomes: compounds.outcomes.length },
  });
  return 0;
}
