import { inflateSync } from 'node:zlib';

/** What a PDF holds packed, as text: pages as their operators, faces. */
export function streams(pdf: Buffer): string[] {
  const found: string[] = [];
  let at = 0;
  for (;;) {
    const start = pdf.indexOf('stream\n', at);
    if (start < 0) return found;
    const end = pdf.indexOf('\nendstream', start);
    found.push(unpacked(pdf.subarray(start + 7, end)));
    at = end + 10;
  }
}

/** Pages on which lines are stroked. */
export const drawnPages = (pdf: Buffer): string[] =>
  streams(pdf).filter((text) => / l\nS\n/.test(text));

function unpacked(stream: Buffer): string {
  try {
    return inflateSync(stream).toString('latin1');
  } catch {
    return '';
  }
}

/** The paper of each page, mm. */
export function papers(pdf: Buffer): { readonly width: number; readonly height: number }[] {
  const boxes = pdf.toString('latin1').matchAll(/\/MediaBox \[0 0 (\S+) (\S+)\]/g);
  const millimetres = (points = ''): number => Number(((Number(points) * 25.4) / 72).toFixed(2));
  return [...boxes].map(([, width, height]) => ({
    width: millimetres(width),
    height: millimetres(height),
  }));
}
