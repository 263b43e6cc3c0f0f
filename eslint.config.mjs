import next from 'eslint-config-next/core-web-vitals';
import nextTs from 'eslint-config-next/typescript';
import { defineConfig, globalIgnores } from 'eslint/config';
import tseslint from 'typescript-eslint';

export default defineConfig([
  globalIgnores([
    '**/node_modules/**',
    '**/.next/**',
    '**/next-env.d.ts',
    '.data/**',
    'test-results/**',
    'web/src/server/db/migrations/**',
  ]),
  ...next.map((config) => (config.ignores && !config.rules ? config : { ...config, files: ['web/**/*.{ts,tsx,mjs}'] })),
  ...nextTs,
  { settings: { next: { rootDir: 'web' } } },
  {
    files: ['core/**/*.ts', 'web/**/*.{ts,tsx}', 'e2e/**/*.ts', '*.ts'],
    extends: [tseslint.configs.recommendedTypeChecked],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: { attributes: false } }],
      '@typescript-eslint/restrict-template-expressions': 'off',
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      // What is left out by taking it apart is not used on purpose.
      '@typescript-eslint/no-unused-vars': ['error', { ignoreRestSiblings: true }],
      // A name of its own for a type that is made of a description.
      '@typescript-eslint/no-empty-object-type': ['error', { allowInterfaces: 'with-single-extends' }],
    },
  },
  {
    // core computes: it knows no interface, database, clock or platform.
    files: ['core/src/**/*.ts'],
    ignores: ['core/src/**/*.test.ts', 'core/src/**/*.bench.ts', 'core/src/test/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: [
                '@herrero/*',
                '**/web/**',
                'react',
                'react-*',
                'next',
                'next/*',
                'node:*',
                'drizzle-orm',
                'postgres',
              ],
              message: 'core is pure computation',
            },
          ],
        },
      ],
      'no-restricted-globals': [
        'error',
        'Date',
        'performance',
        'crypto',
        'fetch',
        'process',
        'window',
        'document',
        'setTimeout',
      ],
      'no-restricted-properties': ['error', { object: 'Math', property: 'random', message: 'core is deterministic' }],
    },
  },
  {
    // web sees core only through its index.
    files: ['web/**/*.{ts,tsx}', 'e2e/**/*.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              // What only tests use is no part of the index.
              group: ['@herrero/core/*', '**/core/src/**', '!**/core/src/test', '!**/core/src/test/**'],
              message: 'import from @herrero/core',
            },
          ],
        },
      ],
    },
  },
]);
