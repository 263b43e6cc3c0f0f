import next from 'eslint-config-next/core-web-vitals';
import { defineConfig, globalIgnores } from 'eslint/config';

// What the compiler of React can tell of components, in the long run (`npm run lint:react`): it takes longer than all else that
// oxlint looks at (.oxlintrc.json), which every run does.
export default defineConfig([
  globalIgnores(['**/node_modules/**', '**/.next/**', '**/next-env.d.ts', 'web/src/server/db/migrations/**']),
  ...next.map((config) => (config.ignores && !config.rules ? config : { ...config, files: ['web/src/**/*.{ts,tsx}'] })),
  { settings: { next: { rootDir: 'web' } } },
]);
