import { fileURLToPath } from 'node:url';
import tailwind from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { buildServiceWorker } from './build-service-worker';

const BUILT = fileURLToPath(new URL('../dist/web', import.meta.url));

export default defineConfig({
  root: fileURLToPath(new URL('.', import.meta.url)),
  plugins: [react(), tailwind(), buildServiceWorker(BUILT)],
  worker: { format: 'es' },
  build: {
    outDir: BUILT,
    emptyOutDir: true,
    target: 'es2022',
    chunkSizeWarningLimit: 1200,
  },
  server: { proxy: { '/api': 'http://127.0.0.1:4173' } },
});
