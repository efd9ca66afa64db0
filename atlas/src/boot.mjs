// A worker thread starts without the loader of its parent: it is registered here before the TypeScript is asked for.
import { workerData } from 'node:worker_threads';
import { register } from 'tsx/esm/api';

register();
await import(workerData.module);
