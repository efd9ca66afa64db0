/** Works the salts it is sent, one after another. */
import { parentPort } from 'node:worker_threads';
import { FORMS, leafOf } from '#core/reasoning/atlas';

parentPort!.on('message', (salt: number) => parentPort!.postMessage(leafOf(FORMS[salt]!)));
