/** Hands an open document to the browser as a file named after its title and what it is. */
export function downloadJson(title: string, what: string, value: object): void {
  const link = document.createElement('a');
  const text = JSON.stringify(value, null, 2);
  link.href = URL.createObjectURL(new Blob([text], { type: 'application/json' }));
  link.download = `${title.replace(/[^\p{L}\p{N}]+/gu, '-')}.${what}.json`;
  link.click();
  URL.revokeObjectURL(link.href);
}

/** A chosen file as JSON, or what is wrong with it, in words. */
export type ReadJson =
  { readonly ok: true; readonly json: unknown } | { readonly ok: false; readonly fault: string };

/** Reads the file a trainer chose; undefined where none was. The same may be chosen again later. */
export async function readChosenJson(
  input: HTMLInputElement,
  most_bytes: number,
): Promise<ReadJson | undefined> {
  const file = input.files?.[0];
  input.value = '';
  if (file === undefined) return undefined;
  const kB = (bytes: number): string => (bytes / 1000).toFixed(0);
  if (file.size > most_bytes) {
    const fault = `$: found ${kB(file.size)} kB, expected at most ${kB(most_bytes)} kB`;
    return { ok: false, fault };
  }
  try {
    return { ok: true, json: JSON.parse(await file.text()) as unknown };
  } catch {
    return { ok: false, fault: '$: found no JSON, expected an open document' };
  }
}
