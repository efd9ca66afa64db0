/** Builds the service worker, which is told every file of the application and what is in it. */
import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { build } from 'esbuild';
import type { Plugin } from 'vite';

const KEPT = /\.(html|js|css|svg|woff2)$/;
/** Their names tell what is in them. */
const NAMED_BY_CONTENT = /^assets\//;

const builtIn = (folder: string) =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((file) => KEPT.test(file))
    .map((file) => ({
      url: `/${file}`,
      revision: NAMED_BY_CONTENT.test(file)
        ? null
        : createHash('sha256')
            .update(readFileSync(join(folder, file)))
            .digest('hex')
            .slice(0, 16),
    }));

/** @param folder where the application is built. */
export const buildServiceWorker = (folder: string): Plugin => ({
  name: 'foxing-service-worker',
  apply: 'build',
  closeBundle: async () => {
    await build({
      entryPoints: [fileURLToPath(new URL('./src/service-worker.ts', import.meta.url))],
      outfile: join(folder, 'sw.js'),
      bundle: true,
      minify: true,
      define: { BUILT: JSON.stringify(builtIn(folder)), 'process.env.NODE_ENV': '"production"' },
    });
  },
});
