// Bundles the server, so that it starts in half the time, and its solver's threads at once.
import { join } from 'node:path';

/** What is not ours is loaded from node_modules, as it is. */
const OURS = '@wiry-otter/';
const npmPackages = {
  name: 'npm-packages',
  setup({ onResolve }) {
    onResolve({ filter: /^[^./]/ }, ({ kind, path }) =>
      kind === 'entry-point' || path.startsWith(OURS) ? undefined : { path, external: true },
    );
  },
};

/** Takes half a second, so it is done at every start. @returns what Node is given to run it */
export async function buildServer(root) {
  // In a fresh clone it is only there once `npm start` has installed it.
  const { build } = await import('esbuild');
  const source = join(root, 'apps/server/src');
  const folder = join(root, 'apps/server/dist');
  await build({
    absWorkingDir: root,
    entryPoints: {
      main: join(source, 'main.ts'),
      'solver.worker': join(source, 'platform/solving/solver.worker.ts'),
    },
    outdir: folder,
    bundle: true,
    // Steps of the schema and entities are known to the database by the names of their classes.
    keepNames: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    sourcemap: true,
    plugins: [npmPackages],
    tsconfig: join(root, 'tsconfig.base.json'),
    logLevel: 'error',
  });
  return ['--enable-source-maps', join(folder, 'main.js')];
}
