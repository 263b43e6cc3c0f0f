import path from 'node:path';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  oxc: { jsx: { runtime: 'automatic' } },
  resolve: {
    alias: {
      '@': path.resolve(import.meta.dirname, 'src'),
      // A marker for the bundler only; in the tests everything is the server.
      'server-only': path.resolve(import.meta.dirname, 'src/server/test/server-only.ts'),
    },
  },
  test: {
    name: 'web',
    // What is heavy is worked on where a test asks for it; the threads have a test of their own.
    env: { HERRERO_POOL: 'inline' },
    environment: 'node',
    include: ['src/**/*.test.{ts,tsx}'],
    globalSetup: ['src/server/test/need-database.ts'],
    setupFiles: ['../core/src/test/seed.ts', 'src/test/dom.ts'],
    // Files share their modules, and must not care: `--sequence.shuffle.files` shows that they do not.
    isolate: false,
    testTimeout: 60_000,
    hookTimeout: 60_000,
  },
});
