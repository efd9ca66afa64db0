// A worker thread starts without the loader of its parent: it is registered here before the TypeScript is asked for.
import { setPriority } from 'node:os';
import { workerData } from 'piscina';
import { register } from 'tsx/esm/api';

// On Linux this is the priority of the calling thread alone: long work gives way to what people wait for.
if (workerData.nice) setPriority(0, workerData.nice);
register();
const { tasks } = await import(workerData.module);

export default ({ task, input }) => tasks[task](input);
