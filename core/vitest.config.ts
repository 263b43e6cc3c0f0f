import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    // Only what hangs is ended: what is slow beside the journeys is not.
    testTimeout: 300_000,
    name: 'core',
    environment: 'node',
    // Everything here is pure: files may share their modules.
    isolate: false,
    include: ['src/**/*.test.ts'],
    // The same cases in every ordinary run; others, and many more, in the long one.
    setupFiles: ['src/test/seed.ts'],
    benchmark: { include: ['src/**/*.bench.ts'] },
  },
});
