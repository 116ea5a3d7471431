import { build } from 'esbuild';
import { fileURLToPath } from 'node:url';

/** A worker of this folder with the core in one file, as the application's build makes it. */
export async function bundled(name: string): Promise<string> {
  const { outputFiles } = await build({
    entryPoints: [fileURLToPath(new URL(name, import.meta.url))],
    bundle: true,
    minify: true,
    write: false,
    format: 'iife',
    target: 'es2022',
    logLevel: 'error',
  });
  return outputFiles[0]?.text ?? '';
}
