import optimizeLocales from '@react-aria/optimize-locales-plugin';
import babel from '@rolldown/plugin-babel';
import react, { reactCompilerPreset } from '@vitejs/plugin-react';
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

/**
 * What travels together. Left to itself a page is a hundred small files, and asking for each costs more than reading it.
 * Nothing of `first` needs `shared`, so no file waits for one that waits for it; charts and models come only where they are drawn.
 */
const groups = [
  { name: 'first', tags: ['$initial' as const], priority: 3 },
  { name: 'charts', test: /node_modules[\\/](?:echarts|zrender)/, priority: 2 },
  {
    name: 'shared',
    test: (id: string) => !/node_modules[\\/]three|src[\\/]ui[\\/]charts/.test(id),
    minShareCount: 3,
    priority: 1,
  },
];

export default defineConfig({
  // The compiler keeps what a component made, so that a keystroke draws anew only what it moves. It takes most of the
  // build's time, so it reads only what is on the page while a plan is typed.
  plugins: [
    react(),
    babel({
      include: /packages[\\/]web[\\/]src[\\/](?:bench|ui[\\/](?:controls|drawing))[\\/].*\.tsx$/,
      presets: [reactCompilerPreset()],
    }),
    { ...optimizeLocales.vite({ locales: ['en-US', 'en-GB'] }), enforce: 'pre' },
    offline,
  ],
  worker: { format: 'es' },
  server: { proxy: { '/api': 'http://127.0.0.1:4601' } },
  build: {
    target: 'es2022',
    sourcemap: true,
    chunkSizeWarningLimit: 900,
    // That the compiler takes its time is known.
    rolldownOptions: { checks: { bundlerTimings: false }, output: { codeSplitting: { groups } } },
  },
});
