/** Makes what `./foxing` runs: the launcher in one file, which plain Node starts at once. */
import { copyFileSync, renameSync } from 'node:fs';
import { bundleOf } from '../../atlas/src/bundle';

const file = process.argv[2]!;
const half = `${file}.${process.pid}`;
copyFileSync(await bundleOf(new URL('./main.ts', import.meta.url)), half);
renameSync(half, file);
