/** Works the salts it is sent, one after another. */
import { parentPort } from 'node:worker_threads';
import { leafOf, SINGLES } from '#core/reasoning/atlas';

parentPort!.on('message', (salt: number) => parentPort!.postMessage(leafOf(SINGLES[salt]!)));
