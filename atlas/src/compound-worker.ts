/** Works the compounds it is sent, one after another. */
import { parentPort } from 'node:worker_threads';
import { LIBRARY } from '#core/organic/library';
import { compoundLeaf } from '#core/reasoning/compound-atlas';

parentPort!.on('message', (compound: number) => parentPort!.postMessage(compoundLeaf({ smiles: LIBRARY[compound]!.smiles })));
