import { constants } from 'node:zlib';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { compression, defineAlgorithm } from 'vite-plugin-compression2';
import { VitePWA } from 'vite-plugin-pwa';

/** The best there is takes five times as long, for three per cent. */
const brotliQuality = constants.BROTLI_PARAM_QUALITY;

export default defineConfig({
  plugins: [
    react(),
    // The bench opens without the server: what it is made of lies in the browser, and a page that cannot be had is the one that lies there.
    VitePWA({
      registerType: 'autoUpdate',
      injectRegister: 'script-defer',
      manifest: false,
      workbox: {
        globPatterns: ['index.html', 'icon.svg', 'assets/*.{js,css,woff2}'],
        // Loaded by the few who print a report.
        globIgnores: ['assets/pdfmake-*'],
        maximumFileSizeToCacheInBytes: 4_000_000,
        directoryIndex: null,
        navigateFallback: null,
        skipWaiting: true,
        clientsClaim: true,
        cleanupOutdatedCaches: true,
        runtimeCaching: [
          {
            urlPattern: ({ request, url }) =>
              request.mode === 'navigate' && !url.pathname.startsWith('/api/'),
            handler: 'NetworkFirst',
            options: {
              cacheName: 'pages',
              networkTimeoutSeconds: 4,
              // Every address of the application is the same page.
              plugins: [{ cacheKeyWillBeUsed: () => Promise.resolve('/') }],
              precacheFallback: { fallbackURL: 'index.html' },
            },
          },
        ],
      },
    }),
    compression({
      algorithms: ['gzip', defineAlgorithm('brotliCompress', { params: { [brotliQuality]: 9 } })],
      include: /\.(js|css|html|svg|json)$/,
      threshold: 1400,
    }),
  ],
  worker: { format: 'es' },
  build: {
    target: 'es2022',
    chunkSizeWarningLimit: 1500,
    rolldownOptions: {
      output: {
        // A few files rather than three hundred: a tablet on a school's network asks for each of them in turn.
        codeSplitting: {
          groups: [
            { name: 'start', tags: ['$initial'], priority: 4 },
            { name: 'chemistry', test: /core\/src\//, priority: 3 },
            { name: 'shared', test: /web\/src\/(shared|data)\//, priority: 2 },
            {
              name: 'day',
              test: /web\/src\/features\/(plan|prepare|bench|judge|report)\//,
              priority: 1,
            },
          ],
        },
      },
    },
  },
  server: {
    proxy: { '/api': 'http://127.0.0.1:8410' },
  },
});
