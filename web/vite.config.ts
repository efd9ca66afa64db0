import { fileURLToPath } from 'node:url';
import tailwind from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

export default defineConfig({
  root: fileURLToPath(new URL('.', import.meta.url)),
  plugins: [
    react(),
    tailwind(),
    VitePWA({
      // The page registers it itself, once it stands.
      injectRegister: null,
      registerType: 'autoUpdate',
      manifest: {
        name: 'Foxing',
        short_name: 'Foxing',
        description: 'Work an unknown salt from the first look to a signed report.',
        start_url: '/cases',
        display: 'standalone',
        background_color: '#f6f1e7',
        theme_color: '#f6f1e7',
        icons: [{ src: '/foxing.svg', sizes: 'any', type: 'image/svg+xml' }],
      },
      workbox: {
        globPatterns: ['**/*.{html,js,css,svg,woff2}'],
        maximumFileSizeToCacheInBytes: 4 * 1024 * 1024,
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//],
        inlineWorkboxRuntime: true,
        runtimeCaching: [
          {
            // A photo never changes under its name.
            urlPattern: /\/api\/cases\/[^/]+\/photos\//,
            handler: 'CacheFirst',
            options: { cacheName: 'photos', expiration: { maxEntries: 300 } },
          },
        ],
      },
    }),
  ],
  worker: { format: 'es' },
  build: {
    outDir: fileURLToPath(new URL('../dist/web', import.meta.url)),
    emptyOutDir: true,
    target: 'es2022',
    chunkSizeWarningLimit: 1200,
  },
  server: { proxy: { '/api': 'http://127.0.0.1:4173' } },
});
