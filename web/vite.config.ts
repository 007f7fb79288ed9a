import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react(), tailwindcss()],
  test: { setupFiles: ['src/test-setup.ts'], testTimeout: 180_000, hookTimeout: 180_000 },
  build: { target: 'es2022', assetsInlineLimit: 0, manifest: true },
  // The launcher's dev says where the server is.
  server: {
    // The server answers only to pages of its own: it has to hear the name that the page has.
    proxy: {
      '/api': { target: process.env.SALT_DRUM_SERVER ?? 'http://127.0.0.1:7311', changeOrigin: false },
    },
  },
});
