import { strToU8, Zip, ZipDeflate } from 'fflate';

/** One file of an archive. */
export interface Packed {
  readonly path: string;
  readonly text: string;
}

/** Packs files as they come, so that no more than one of them is held at a time. */
export async function* zipOf(files: AsyncIterable<Packed>): AsyncGenerator<Uint8Array> {
  const ready: Uint8Array[] = [];
  const zip = new Zip((error, piece) => {
    if (error !== null) throw error;
    ready.push(piece);
  });
  for await (const { path, text } of files) {
    const file = new ZipDeflate(path, { level: 6 });
    zip.add(file);
    file.push(strToU8(text), true);
    yield* ready.splice(0);
  }
  zip.end();
  yield* ready.splice(0);
}
