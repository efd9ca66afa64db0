import * as m from './cli/src/reason';
await m.deduce(process.argv.slice(2));
