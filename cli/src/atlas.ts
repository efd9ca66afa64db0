/** `atlas`: builds the atlases anew where the data has changed; with `--difficulties` also how hard every unknown is. */
import { loadAtlas, loadCompounds } from '#atlas';
import { buildDifficulties } from '../../atlas/src/difficulties';
import { say } from '#launcher/run';
import { print } from './input';

const SAID_EVERY = 100;

export async function atlas(args: readonly string[]): Promise<number> {
  const [salts, compounds] = [await loadAtlas(say), await loadCompounds(say)];
  const hard = args.includes('--difficulties')
    ? await buildDifficulties((n, of) => n % SAID_EVERY || say(`difficulties: ${n} of ${of}`))
    : null;
  print({
    salts: { version: salts.version, outcomes: salts.outcomes.length },
    compounds: { version: compounds.version, outcomes: compounds.outcomes.length },
    ...(hard && { difficulties: Object.keys(hard).length }),
  });
  return 0;
}
