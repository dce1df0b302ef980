import optimizeLocales from '@react-aria/optimize-locales-plugin';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';
import { schemaChecks } from './schemaChecks';

export default defineConfig({
  root: import.meta.dirname,
  plugins: [
    schemaChecks(),
    // Words that react-aria brings in thirty languages, in the one that is spoken here.
    { ...optimizeLocales.vite({ locales: ['en-US'] }), enforce: 'pre' },
    react(),
    VitePWA({
      registerType: 'prompt',
      workbox: { globPatterns: ['**/*.{js,css,html,woff2,svg,json,wasm}'], maximumFileSizeToCacheInBytes: 8e6 },
      manifest: {
        name: 'Nubbin',
        short_name: 'Nubbin',
        description: 'Kits, cuts and pages from what is left',
        theme_color: '#8a1c4f',
        background_color: '#f3ece0',
        display: 'standalone',
        icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
      },
    }),
  ],
  worker: { format: 'es' },
  server: { fs: { allow: ['..'] } },
  build: { outDir: '../dist/web', emptyOutDir: true, assetsInlineLimit: 0, chunkSizeWarningLimit: 1500 },
});
