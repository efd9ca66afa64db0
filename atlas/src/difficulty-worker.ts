/** Works out how hard an unknown is, one after another. */
import { parentPort } from 'node:worker_threads';
import { rulesOfSchool } from '#core/reasoning/atlas';
import { CompoundSpace } from '#core/reasoning/compounds';
import { difficultyOf } from '#core/reasoning/difficulty';
import { SaltSpace, type Space } from '#core/reasoning/space';
import { SCHOOLS } from '#core/scheme/model';
import { loadAtlas, loadCompounds } from './index';

/** A member by its number; or a mixture by what it holds. */
export interface Asked {
  readonly of: 'salts' | 'mixtures' | 'compounds';
  readonly member: number;
}

const one = { cations: 1, anions: 1 };
const two = { cations: 2, anions: 2 };
const spaces = new Map<Asked['of'], Promise<Space>>();

async function made(of: Asked['of']): Promise<Space> {
  if (of === 'compounds') return new CompoundSpace(await loadCompounds());
  return new SaltSpace(await loadAtlas(), rulesOfSchool(SCHOOLS[0]), of === 'salts' ? one : two);
}

function spaceOf(of: Asked['of']): Promise<Space> {
  let space = spaces.get(of);
  if (!space) spaces.set(of, (space = made(of)));
  return space;
}

parentPort!.on('message', ({ of, member }: Asked) => {
  void spaceOf(of).then((space) => parentPort!.postMessage(difficultyOf(space, member)));
});
