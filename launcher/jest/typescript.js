/** TypeScript for the threads that run tests. */
import { register } from 'node:module';

register('./typescript-hooks.js', import.meta.url);
process.setSourceMapsEnabled(true);
