/** Works the samples it is sent. */
import { parentPort } from 'node:worker_threads';
import { atlasesFor } from './atlases';
import { type Job, workOn } from './solve-one';

parentPort!.on('message', (job: Job) => {
  void atlasesFor(job.sample).then((atlases) => parentPort!.postMessage(workOn(atlases, job)));
});
