import optimizeLocales from '@react-aria/optimize-locales-plugin';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [react(), { ...optimizeLocales.vite({ locales: ['en-US', 'en-GB'] }), enforce: 'pre' }],
  worker: { format: 'es' },
  server: { proxy: { '/api': 'http://127.0.0.1:4601' } },
  build: { target: 'es2022', sourcemap: true, chunkSizeWarningLimit: 900 },
});
