import { build } from 'esbuild';
import { fileURLToPath } from 'node:url';

/** The device in one script, with Angular's services compiled in the browser. */
export async function bundledDevice(): Promise<string> {
  const { outputFiles } = await build({
    entryPoints: [fileURLToPath(new URL('../apps/web/src/testing/device.ts', import.meta.url))],
    bundle: true,
    write: false,
    format: 'iife',
    target: 'es2022',
    logLevel: 'error',
    define: { 'import.meta.url': '""', ngDevMode: 'false' },
    tsconfigRaw: {
      compilerOptions: { experimentalDecorators: true, useDefineForClassFields: false },
    },
  });
  return outputFiles[0]?.text ?? '';
}
