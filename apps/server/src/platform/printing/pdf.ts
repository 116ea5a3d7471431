import type { LengthUnit } from '@wiry-otter/core';
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import PDFDocument from 'pdfkit';

/** Points to a millimetre: sheets are laid out in millimetres, at true scale. */
export const MM = 72 / 25.4;

/** The paper that lies in the printer where lengths are measured so: A4, or Letter; mm. */
export const PAPERS: Readonly<
  Record<LengthUnit, { readonly short: number; readonly long: number }>
> = {
  cm: { short: 210, long: 297 },
  in: { short: 215.9, long: 279.4 },
};

/** The chart room's inks on paper. */
export const INK = '#14283b';
export const FAINT = '#51606d';
export const STOP = '#8b2748';

const WEIGHTS = { regular: 400, bold: 700 } as const;

/** A PDF without pages yet, in one face; `draw` adds them. */
export async function printPdf(
  title: string,
  draw: (pdf: PDFKit.PDFDocument) => void | Promise<void>,
): Promise<Buffer> {
  const pdf = new PDFDocument({ margin: 0, autoFirstPage: false });
  pdf.info.Title = title;
  for (const [name, weight] of Object.entries(WEIGHTS)) pdf.registerFont(name, fontFile(weight));
  const pieces: Buffer[] = [];
  pdf.on('data', (piece: Buffer) => pieces.push(piece));
  const ended = new Promise<void>((resolve) => pdf.on('end', resolve));
  await draw(pdf);
  pdf.end();
  await ended;
  return Buffer.concat(pieces);
}

/** The face of the application's digits, here for the words too, as a file of its package. */
function fontFile(weight: number): Buffer {
  const require = createRequire(import.meta.url);
  return readFileSync(
    require.resolve(`@fontsource/public-sans/files/public-sans-latin-${weight}-normal.woff`),
  );
}
