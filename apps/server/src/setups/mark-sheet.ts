import type { SetupRecord } from '@wiry-otter/contracts';
import {
  type DistanceMark,
  distanceMarks,
  type ForceUnit,
  fromNewtons,
  type SetupMarks,
  setupMarks,
} from '@wiry-otter/core';
import { FAINT, INK, MM, printPdf, STOP, UNIT_WORDS } from '../printing/pdf.js';

/** A4 lying, mm; a strip of the floor's ruler on each page, glued edge to edge. */
const PAGE = { width: 297, height: 210 } as const;
const STRIP = { left: 23.5, top: 62, length: 250, height: 44 } as const;
const STRIP_CM = STRIP.length / 10;
/** How far the strip reaches to either side of the mark, cm. */
const REACH_CM = 25;
/** Distances whose load is written on the strip lie so far apart, cm. */
const LOAD_STEP_CM = 5;
/** Nobody stands nearer to an anchor than this, cm. */
const NEAREST_CM = 20;

/** Whom and what a sheet is for. */
export interface MarkSheetHead {
  readonly person: string;
  readonly place: string;
}

/**
 * The marks of a set-up on paper at true scale: the floor strip with what each
 * distance asks, the grip on the band's end, half the stance, and its cautions.
 */
export function markSheet(
  setup: SetupRecord,
  head: MarkSheetHead,
  unit: ForceUnit,
): Promise<Buffer> {
  const marks = setupMarks(setup.document);
  return printPdf(`Marks: ${setup.title}`, (pdf) => {
    const strips = marks.distance_m === undefined ? [] : stripStarts(marks.distance_m * 100);
    if (strips.length === 0) {
      page(pdf, setup, head, marks);
      drawBandAndStance(pdf, marks, STRIP.top);
      drawCautions(pdf, setup);
    }
    for (const [i, from] of strips.entries()) {
      page(pdf, setup, head, marks);
      const distances = stepsOf(from).map((cm) => cm / 100);
      const loads = distanceMarks(setup.document, distances);
      drawStrip(pdf, from, loads, (marks.distance_m ?? 0) * 100, loadWords(setup, unit));
      drawGlue(pdf, i, strips.length);
      if (i > 0) continue;
      drawBandAndStance(pdf, marks, 116);
      drawCautions(pdf, setup);
    }
  });
}

/** Where each page's strip begins, cm from the plumb line: whole steps around the mark. */
function stripStarts(mark_cm: number): number[] {
  const first = Math.max(
    NEAREST_CM,
    Math.floor((mark_cm - REACH_CM) / LOAD_STEP_CM) * LOAD_STEP_CM,
  );
  const pages = Math.ceil((mark_cm + REACH_CM - LOAD_STEP_CM - first) / STRIP_CM);
  return Array.from({ length: Math.max(1, pages) }, (_, i) => first + i * STRIP_CM);
}

/** Distances on a page whose load is written, cm; the edges carry one each, to be glued over. */
function stepsOf(from_cm: number): number[] {
  return Array.from({ length: STRIP_CM / LOAD_STEP_CM + 1 }, (_, i) => from_cm + i * LOAD_STEP_CM);
}

function loadWords({ figures }: SetupRecord, unit: ForceUnit): (mean: number) => string {
  return (mean) =>
    figures.unit === 'N·m'
      ? `${mean.toFixed(1)} N·m`
      : `${fromNewtons(mean, unit).toFixed(unit === 'N' ? 0 : 1)} ${UNIT_WORDS[unit]}`;
}

function page(
  pdf: PDFKit.PDFDocument,
  { document, ready, title }: SetupRecord,
  { person, place }: MarkSheetHead,
  { height_m }: SetupMarks,
): void {
  pdf.addPage({ size: [PAGE.width * MM, PAGE.height * MM], margin: 0 });
  const x = STRIP.left * MM;
  pdf.fillColor(INK).font('bold').fontSize(18);
  pdf.text(`${document.exercise.title}: ${title}`, x, 14 * MM, line(STRIP.length - 75));
  pdf.font('regular').fontSize(12).fillColor(FAINT);
  const anchor = height_m === undefined ? '' : `, anchor ${centimetres(height_m)} over the floor`;
  const side = document.side === undefined ? '' : `, ${document.side} side`;
  pdf.text(`${person}, ${place}${side}${anchor}`, x, 23 * MM, line(STRIP.length - 75));
  if (!ready) {
    pdf.font('bold').fontSize(12).fillColor(STOP);
    pdf.text('Not ready: see the cautions before anybody pulls.', x, 30 * MM, line(STRIP.length));
  }
  drawScaleCheck(pdf);
}

/** A line to lay a ruler on: printers shrink pages unless they are told not to. */
function drawScaleCheck(pdf: PDFKit.PDFDocument): void {
  const right = (STRIP.left + STRIP.length) * MM;
  const left = right - 50 * MM;
  const y = 17 * MM;
  pdf.lineWidth(0.8).strokeColor(INK);
  pdf.moveTo(left, y).lineTo(right, y).stroke();
  for (const x of [left, right])
    pdf
      .moveTo(x, y - 4)
      .lineTo(x, y + 4)
      .stroke();
  pdf.font('regular').fontSize(8.5).fillColor(FAINT);
  pdf.text('5 cm if printed at 100 %. Measure it.', left, y + 6, line(50, 'center'));
}

/** The floor's ruler with the load at every step, and the mark. */
function drawStrip(
  pdf: PDFKit.PDFDocument,
  from_cm: number,
  loads: readonly DistanceMark[],
  mark_cm: number,
  words: (mean: number) => string,
): void {
  const at = (cm: number): number => (STRIP.left + (cm - from_cm) * 10) * MM;
  const top = STRIP.top * MM;
  const bottom = (STRIP.top + STRIP.height) * MM;
  pdf.lineWidth(0.5).strokeColor(FAINT);
  pdf.rect(STRIP.left * MM, top, STRIP.length * MM, STRIP.height * MM).stroke();
  pdf.strokeColor(INK);
  for (let cm = Math.ceil(from_cm); cm <= from_cm + STRIP_CM; cm++) {
    const length = cm % 10 === 0 ? 9 : cm % LOAD_STEP_CM === 0 ? 7 : 4;
    pdf.lineWidth(cm % LOAD_STEP_CM === 0 ? 1 : 0.6);
    pdf
      .moveTo(at(cm), bottom)
      .lineTo(at(cm), bottom - length * MM)
      .stroke();
  }
  for (const { distance_m, mean, overLimit } of loads) {
    const x = at(distance_m * 100) - 12.5 * MM;
    // Both edges carry a step: the page before or after has it whole.
    if (x < STRIP.left * MM - 13 * MM || x > (STRIP.left + STRIP.length - 12) * MM) continue;
    pdf.font('regular').fontSize(10).fillColor(FAINT);
    pdf.text(`${(distance_m * 100).toFixed(0)} cm`, x, bottom - 15 * MM, line(25, 'center'));
    pdf
      .font('bold')
      .fontSize(14)
      .fillColor(overLimit ? STOP : INK);
    pdf.text(overLimit ? 'too far' : words(mean), x, bottom - 22 * MM, line(25, 'center'));
  }
  if (mark_cm < from_cm || mark_cm >= from_cm + STRIP_CM) return;
  const x = at(mark_cm);
  pdf
    .moveTo(x, bottom)
    .lineTo(x - 5 * MM, top + 9 * MM)
    .lineTo(x + 5 * MM, top + 9 * MM)
    .fillOpacity(0.15)
    .fill(INK)
    .fillOpacity(1);
  pdf.lineWidth(1.5).strokeColor(INK).moveTo(x, top).lineTo(x, bottom).stroke();
  pdf.font('bold').fontSize(13).fillColor(INK);
  pdf.text(`stand here: ${mark_cm.toFixed(0)} cm`, x - 40 * MM, top - 7 * MM, line(80, 'center'));
}

function drawGlue(pdf: PDFKit.PDFDocument, i: number, pages: number): void {
  const y = (STRIP.top - 20) * MM;
  pdf.font('regular').fontSize(11).fillColor(FAINT);
  const parts = pages > 1 ? ` Sheet ${i + 1} of ${pages}: glue them edge to edge.` : '';
  pdf.text(
    `Floor strip. Centimetres from the anchor’s plumb line, which is to the left; what each distance asks on average.${parts}`,
    STRIP.left * MM,
    y,
    line(STRIP.length),
  );
}

/** The band's end with its grip mark, and half the stance, as far as they fit on the paper. */
function drawBandAndStance(
  pdf: PDFKit.PDFDocument,
  { foot_m, grip_m, stance_m }: SetupMarks,
  top_mm: number,
): void {
  let top = top_mm;
  if (grip_m !== undefined) {
    const words =
      grip_m > 0 ? `Grip ${centimetres(grip_m)} from the band’s end.` : 'Grip at the band’s end.';
    drawLength(pdf, words, 'end', 'grip', grip_m, top);
    top += 24;
  }
  if (stance_m !== undefined) {
    const feet = (stance_m / foot_m).toFixed(1);
    const words = `Stance ${centimetres(stance_m)} between the middles of the feet, ${feet} foot-lengths. Half of it:`;
    drawLength(pdf, words, 'middle', 'foot', stance_m / 2, top);
  }
}

/** A length at true scale between two named ends; words alone where it is nothing or too long. */
function drawLength(
  pdf: PDFKit.PDFDocument,
  words: string,
  from: string,
  to: string,
  length_m: number,
  top_mm: number,
): void {
  const x = STRIP.left * MM;
  const y = (top_mm + 11) * MM;
  pdf.font('regular').fontSize(11).fillColor(INK);
  pdf.text(words, x, top_mm * MM, line(STRIP.length));
  if (length_m <= 0 || length_m * 1000 > STRIP.length - 12) return;
  const end = x + length_m * 1000 * MM;
  pdf.lineWidth(1).strokeColor(INK).moveTo(x, y).lineTo(end, y).stroke();
  for (const tick of [x, end])
    pdf
      .moveTo(tick, y - 8)
      .lineTo(tick, y + 8)
      .stroke();
  pdf.fontSize(9).fillColor(FAINT);
  pdf.text(from, x + 3, y + 2, line(20));
  pdf.text(to, end + 3, y + 2, line(20));
}

/** In words: the face on paper has no signs. */
const LEVEL_WORDS = { refuse: 'Do not use', warn: 'Caution', note: 'Note' } as const;

function drawCautions(pdf: PDFKit.PDFDocument, { cautions }: SetupRecord): void {
  const shown = cautions.map(({ level, text }) => `${LEVEL_WORDS[level]}: ${text}`);
  pdf.font('regular').fontSize(9.5).fillColor(INK);
  pdf.text(
    [
      ...shown,
      'The figures are estimates. Clearance is a clinician’s; local rules and licensed practice come first.',
    ].join('\n'),
    STRIP.left * MM,
    164 * MM,
    { width: STRIP.length * MM, height: 40 * MM, ellipsis: true },
  );
}

/** One line of text in so many millimetres. */
function line(width_mm: number, align: 'left' | 'center' = 'left') {
  return { width: width_mm * MM, align, lineBreak: false, ellipsis: true } as const;
}

function centimetres(length_m: number): string {
  return `${(100 * length_m).toFixed(0)} cm`;
}
