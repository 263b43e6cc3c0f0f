import next from 'eslint-config-next/core-web-vitals';
import { defineConfig, globalIgnores } from 'eslint/config';

// What React and Next ask of the web. All else, with what needs to know types, is oxlint's (.oxlintrc.json), which takes a
// tenth of the time.
export default defineConfig([
  globalIgnores(['**/node_modules/**', '**/.next/**', '**/next-env.d.ts', 'web/src/server/db/migrations/**']),
  ...next.map((config) => (config.ignores && !config.rules ? config : { ...config, files: ['web/src/**/*.{ts,tsx}'] })),
  { settings: { next: { rootDir: 'web' } } },
]);
