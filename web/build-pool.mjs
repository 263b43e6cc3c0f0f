// node build-pool.mjs: the entry of a thread of the pool as one file beside the built application. What comes from a
// registry stays where it is installed; what is ours is put in.
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { build } from 'esbuild';

const root = path.dirname(fileURLToPath(import.meta.url));
const own = /^(@herrero\/core|@\/)/;

await build({
  entryPoints: [path.join(root, 'src/server/pool/worker.ts')],
  outfile: path.join(root, '.next/pool/worker.mjs'),
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  jsx: 'automatic',
  sourcemap: true,
  alias: { '@': path.join(root, 'src') },
  plugins: [
    {
      name: 'what is ours',
      setup({ onResolve, onLoad }) {
        // A marker for the other bundler: all of this is the server.
        onResolve({ filter: /^server-only$/ }, () => ({ path: 'server-only', namespace: 'nothing' }));
        onLoad({ filter: /.*/, namespace: 'nothing' }, () => ({ contents: '' }));
        onResolve({ filter: /^[^./]/ }, ({ path: name, kind }) =>
          kind === 'entry-point' || own.test(name)
            ? undefined
            : { path: name === 'next/server' ? 'next/server.js' : name, external: true },
        );
      },
    },
  ],
});
