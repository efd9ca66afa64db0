// Loads the bundle of a crew's tasks, at the priority of its work.
import { setPriority } from 'node:os';
import { pathToFileURL } from 'node:url';
import { parentPort } from 'node:worker_threads';
import { workerData } from 'piscina';

// On Linux this is the priority of the calling thread alone: long work gives way to what people wait for.
if (workerData.nice) setPriority(0, workerData.nice);
const { tasks } = await import(pathToFileURL(workerData.file).href);

export default ({ ticket, task, input }) => {
  parentPort.postMessage({ begun: ticket });
  return tasks[task](input);
};
