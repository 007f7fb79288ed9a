import { defineConfig } from 'vite';

// The painter alone, for the parity test and the paint benchmark; not shipped.
export default defineConfig({
  publicDir: false,
  build: {
    target: 'es2022',
    minify: false,
    outDir: 'build',
    lib: { entry: 'src/stage/paint/index.ts', formats: ['iife'], name: 'saltDrumPainter', fileName: () => 'painter.js' },
  },
});
