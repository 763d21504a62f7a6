import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [react()],
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
