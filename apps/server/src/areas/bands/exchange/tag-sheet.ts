import type { BandToday } from '@wiry-otter/contracts';
import {
  forceFigure,
  type ForceUnit,
  type Units,
  type KnownBand,
  naturalStrands,
  predictStrand,
  RANGE_90,
  writeForce,
  writeLength,
  writeWidth,
} from '@wiry-otter/core';
import QRCode from 'qrcode';
import { FAINT, INK, MM, PAPERS, printPdf } from '../../../platform/printing/pdf.js';

/** A tag, and what stays free of them above, mm. */
const TAG = { width: 64, height: 33.9 } as const;
const TOP = 12;
const COLUMNS = 3;

/** Side of the code, mm. */
const CODE = 20;

const STATED = [1.5, 2] as const;

/** A sheet of tags to cut out: name, notches, flat length, pulls, and a code that opens the band's sheet. */
export function tagSheet(
  bands: readonly KnownBand<BandToday>[],
  units: Units,
  addressOf: (band: BandToday) => string,
): Promise<Buffer> {
  const { long, short } = PAPERS[units.length];
  const left = (short - COLUMNS * TAG.width) / 2;
  const rows = Math.floor((long - TOP) / TAG.height);
  return printPdf('Band tags', async (pdf) => {
    for (const [i, band] of bands.entries()) {
      const place = i % (COLUMNS * rows);
      if (place === 0) {
        // Other requests are answered between the pages.
        await new Promise(setImmediate);
        pdf.addPage({ size: [short * MM, long * MM], margin: 0 });
      }
      const x = (left + (place % COLUMNS) * TAG.width) * MM;
      const y = (TOP + Math.floor(place / COLUMNS) * TAG.height) * MM;
      drawTag(pdf, band, units, addressOf(band.record), x, y);
    }
  });
}

function drawTag(
  pdf: PDFKit.PDFDocument,
  { record, calibration }: KnownBand<BandToday>,
  units: Units,
  address: string,
  x: number,
  y: number,
): void {
  const width = TAG.width * MM;
  const height = TAG.height * MM;
  pdf.lineWidth(0.5).strokeColor('#b9bfc4').dash(2, { space: 2 });
  pdf.rect(x, y, width, height).stroke().undash();
  drawNotches(pdf, record.tag, x + 3 * MM, y);
  pdf.fillColor(INK).font('bold').fontSize(13);
  pdf.text(record.name, x + 3 * MM, y + 6 * MM, {
    width: width - 31 * MM,
    height: 6 * MM,
    ellipsis: true,
    lineBreak: false,
  });
  pdf.font('regular').fontSize(8).fillColor(FAINT);
  const flat = `${writeLength(record.flatLength_m, units.length)} flat · ${writeWidth(record.width_mm, units.length)} wide`;
  pdf.text(flat, x + 3 * MM, y + 12 * MM, { lineBreak: false });
  for (const [i, stretch] of STATED.entries()) {
    const line = y + (17 + i * 6.5) * MM;
    pdf.font('regular').fontSize(8).fillColor(FAINT);
    pdf.text(`×${stretch.toFixed(1)}`, x + 3 * MM, line + 2.2, { lineBreak: false });
    pdf.font('bold').fontSize(12).fillColor(INK);
    pdf.text(pullWords(record, calibration, stretch, units.force), x + 11 * MM, line, {
      lineBreak: false,
    });
  }
  if (calibration?.grade === 'label') {
    pdf.font('regular').fontSize(7).fillColor(FAINT);
    pdf.text('label only: can be off by a third', x + 3 * MM, y + 30 * MM, { lineBreak: false });
  }
  drawCode(pdf, address, x + width - 24 * MM, y + (height - CODE * MM) / 2);
}

/** The tag number as notches along the upper edge: a wide one counts 5. */
function drawNotches(pdf: PDFKit.PDFDocument, tag: number | null, x: number, y: number): void {
  if (tag === null) return;
  let at = x;
  const notch = (width: number, depth: number): void => {
    pdf
      .moveTo(at, y)
      .lineTo(at + width / 2, y + depth)
      .lineTo(at + width, y)
      .fill(INK);
    at += width + 1.2 * MM;
  };
  if (tag >= 5) notch(5 * MM, 3.5 * MM);
  for (let i = 0; i < tag % 5; i++) notch(2.5 * MM, 3.5 * MM);
}

function pullWords(
  record: BandToday,
  calibration: KnownBand['calibration'],
  stretch: number,
  unit: ForceUnit,
): string {
  if (calibration === null) return 'not measured';
  if (stretch > record.limit) return 'past its limit';
  const strands = naturalStrands(record.kind);
  const { strand_N, std_N } = predictStrand(calibration, stretch);
  const figure = forceFigure(strands * strand_N, unit);
  return `${figure} ±${writeForce(strands * RANGE_90 * std_N, unit)}`;
}

/** A code that opens an address, drawn as bars: a picture of each took many times as long. */
function drawCode(pdf: PDFKit.PDFDocument, address: string, x: number, y: number): void {
  const { modules } = QRCode.create(address, { errorCorrectionLevel: 'M' });
  const side = (CODE * MM) / modules.size;
  for (let row = 0; row < modules.size; row++) {
    for (let column = 0; column < modules.size; column++) {
      const from = column;
      while (column < modules.size && modules.get(row, column) !== 0) column++;
      if (column > from) pdf.rect(x + from * side, y + row * side, (column - from) * side, side);
    }
  }
  pdf.fill(INK);
}
