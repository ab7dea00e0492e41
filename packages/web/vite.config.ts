import optimizeLocales from '@react-aria/optimize-locales-plugin';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

/** The page itself opens from the browser while the server is away; its data is kept elsewhere (app/keptAnswers). */
const offline = VitePWA({
  registerType: 'autoUpdate',
  injectRegister: null,
  manifest: {
    name: 'Ember Fold',
    short_name: 'Ember Fold',
    display: 'standalone',
    start_url: '/table',
    background_color: '#E9EEEC',
    theme_color: '#17211E',
    icons: [{ src: '/mark.svg', sizes: 'any', type: 'image/svg+xml' }],
  },
  workbox: {
    globPatterns: ['**/*.{js,css,html,svg,woff2}'],
    navigateFallback: '/index.html',
    navigateFallbackDenylist: [/^\/api\//],
    cleanupOutdatedCaches: true,
    clientsClaim: true,
    skipWaiting: true,
    maximumFileSizeToCacheInBytes: 4_000_000,
  },
});

export default defineConfig({
  plugins: [react(), { ...optimizeLocales.vite({ locales: ['en-US', 'en-GB'] }), enforce: 'pre' }, offline],
  worker: { format: 'es' },
  server: { proxy: { '/api': 'http://127.0.0.1:4601' } },
  build: { target: 'es2022', sourcemap: true, chunkSizeWarningLimit: 900 },
});
