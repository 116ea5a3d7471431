import type { SetupRecord } from '@wiry-otter/contracts';
import {
  DEFERENCE,
  type DistanceMark,
  type ForceUnit,
  RANGE_90,
  type SetupMarks,
  setupMarks,
  writeForce,
} from '@wiry-otter/core';
import { FAINT, INK, MM, printPdf, STOP } from '../../platform/printing/pdf.js';
import type { Solver } from '../../platform/solving/solver.js';

/** A4 lying, mm. */
const PAGE = { width: 297, height: 210 } as const;
/** Where writing begins on a page, and how far from its lower edge it ends, mm. */
const TOP = 14;
const BOTTOM = 10;
const STRIP = { left: 23.5, top: 58, length: 250, height: 48 } as const;
const STRIP_CM = STRIP.length / 10;
/** Distances whose load is written on the strip lie so far apart, cm. */
const LOAD_STEP_CM = 5;
/** Nobody stands nearer to an anchor than this, cm. */
const NEAREST_CM = 20;

/** Whom and what a sheet is for. */
export interface MarkSheetHead {
  readonly person: string;
  readonly place: string;
  /** What is said of the person's clearance; undefined where none is asked for. */
  readonly clearance?: string | undefined;
}

/**
 * The marks of a set-up on paper at true scale: the floor strip with what each
 * distance asks, the grip on the band's end, half the stance, and its cautions.
 */
export async function markSheet(
  solver: Pick<Solver, 'marksAt'>,
  setup: SetupRecord,
  head: MarkSheetHead,
  unit: ForceUnit,
): Promise<Buffer> {
  const marks = setupMarks(setup.document);
  const mark_cm = marks.distance_m === undefined ? undefined : marks.distance_m * 100;
  const from_cm = mark_cm === undefined ? 0 : stripStart(mark_cm);
  const loads = mark_cm === undefined ? [] : await solver.marksAt(setup.document, steps(from_cm));
  return printPdf(`Marks: ${setup.title}`, (pdf) => {
    drawHead(pdf, setup, head, marks);
    let y = STRIP.top - 14;
    if (mark_cm !== undefined) {
      drawStrip(pdf, setup, { mark_cm, from_cm, over: marks.over, loads }, unit);
      y = STRIP.top + STRIP.height + 10;
    }
    y = drawGrip(pdf, marks, y);
    y = drawStance(pdf, marks, y);
    drawCautions(pdf, setup, head, y);
  });
}

function loadWords({ figures }: SetupRecord, unit: ForceUnit): (mean: number) => string {
  return (mean) => (figures.unit === 'N·m' ? `${mean.toFixed(1)} N·m` : writeForce(mean, unit));
}

/** How sure the mean at the mark is, as the range that holds nine in ten; nothing where none is on record. */
function spreadWords(setup: SetupRecord, unit: ForceUnit): string {
  const { meanStd } = setup.figures;
  return meanStd === null ? '' : ` (at the mark ±${loadWords(setup, unit)(RANGE_90 * meanStd)})`;
}

function drawHead(
  pdf: PDFKit.PDFDocument,
  { document, ready, title }: SetupRecord,
  { person, place }: MarkSheetHead,
  { height_m }: SetupMarks,
): void {
  addPage(pdf);
  const x = STRIP.left * MM;
  pdf.fillColor(INK).font('bold').fontSize(18);
  pdf.text(`${document.exercise.title}: ${title}`, x, TOP * MM, line(STRIP.length - 75));
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

/** The floor's ruler: where it begins, whose place is marked, and what other distances ask. */
interface FloorStrip {
  readonly mark_cm: number;
  readonly from_cm: number;
  readonly over: string;
  readonly loads: readonly DistanceMark[];
}

/** The edges fall between two steps, so that every figure is whole. */
function stripStart(mark_cm: number): number {
  return LOAD_STEP_CM * Math.round(mark_cm / LOAD_STEP_CM) - STRIP_CM / 2;
}

/** The floor's ruler around the mark, with the load at every step. */
function drawStrip(
  pdf: PDFKit.PDFDocument,
  setup: SetupRecord,
  { mark_cm, from_cm, over, loads }: FloorStrip,
  unit: ForceUnit,
): void {
  const at = (cm: number): number => (STRIP.left + (cm - from_cm) * 10) * MM;
  const top = STRIP.top * MM;
  const bottom = (STRIP.top + STRIP.height) * MM;
  pdf.font('regular').fontSize(11).fillColor(FAINT);
  pdf.text(
    `Floor strip: centimetres from the anchor’s plumb line, which lies to the left, and what each distance asks on average${spreadWords(setup, unit)}.`,
    STRIP.left * MM,
    (STRIP.top - 19) * MM,
    line(STRIP.length),
  );
  drawMark(pdf, at(mark_cm), top, bottom, `${over} here: ${mark_cm.toFixed(0)} cm`);
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
  const words = loadWords(setup, unit);
  for (const { distance_m, mean, overLimit } of loads) {
    const x = at(distance_m * 100) - 12.5 * MM;
    pdf.font('regular').fontSize(11).fillColor(FAINT);
    pdf.text(`${(distance_m * 100).toFixed(0)} cm`, x, bottom - 15.5 * MM, line(25, 'center'));
    pdf
      .font('bold')
      .fontSize(17)
      .fillColor(overLimit ? STOP : INK);
    pdf.text(overLimit ? 'too far' : words(mean), x, bottom - 24 * MM, line(25, 'center'));
  }
}

/** Distances on the strip whose load is written, m. */
function steps(from_cm: number): number[] {
  const first = LOAD_STEP_CM * Math.ceil(from_cm / LOAD_STEP_CM);
  return Array.from({ length: STRIP_CM / LOAD_STEP_CM }, (_, i) => first + i * LOAD_STEP_CM)
    .filter((cm) => cm >= NEAREST_CM)
    .map((cm) => cm / 100);
}

function drawMark(
  pdf: PDFKit.PDFDocument,
  x: number,
  top: number,
  bottom: number,
  words: string,
): void {
  pdf
    .moveTo(x, bottom)
    .lineTo(x - 6 * MM, top)
    .lineTo(x + 6 * MM, top)
    .fillOpacity(0.12)
    .fill(INK)
    .fillOpacity(1);
  pdf.font('bold').fontSize(15).fillColor(INK);
  pdf.text(words, x - 60 * MM, top - 8 * MM, line(120, 'center'));
}

/** The band's end with its grip mark; returns where the next thing goes, mm. */
function drawGrip(pdf: PDFKit.PDFDocument, { grip_m }: SetupMarks, top: number): number {
  if (grip_m === undefined) return top;
  const where = grip_m > 0 ? `${centimetres(grip_m)} from the band’s end` : 'at the band’s end';
  return drawLength(pdf, `Grip ${where}.`, ['end', 'grip'], grip_m, top);
}

/** Half the stance; returns where the next thing goes, mm. */
function drawStance(
  pdf: PDFKit.PDFDocument,
  { foot_m, stance_m }: SetupMarks,
  top: number,
): number {
  if (stance_m === undefined) return top;
  const feet = (stance_m / foot_m).toFixed(1);
  const words = `Stance ${centimetres(stance_m)} between the middles of the feet, ${feet} foot-lengths. Half of it:`;
  return drawLength(pdf, words, ['middle', 'foot'], stance_m / 2, top);
}

/** A length at true scale between two named ends; words alone where it is nothing or too long. */
function drawLength(
  pdf: PDFKit.PDFDocument,
  words: string,
  [from, to]: readonly [string, string],
  length_m: number,
  top: number,
): number {
  const x = STRIP.left * MM;
  const y = (top + 10) * MM;
  pdf.font('regular').fontSize(11).fillColor(INK);
  pdf.text(words, x, top * MM, line(STRIP.length));
  if (length_m <= 0 || length_m * 1000 > STRIP.length - 12) return top + 9;
  const end = x + length_m * 1000 * MM;
  pdf.lineWidth(1).strokeColor(INK).moveTo(x, y).lineTo(end, y).stroke();
  for (const tick of [x, end]) {
    pdf
      .moveTo(tick, y - 8)
      .lineTo(tick, y + 8)
      .stroke();
  }
  pdf.fontSize(9).fillColor(FAINT);
  pdf.text(from, x + 3, y + 2, line(20));
  pdf.text(to, end + 3, y + 2, line(20));
  return top + 23;
}

/** In words: the face on paper has no signs. */
const LEVEL_WORDS = { refuse: 'Do not use', warn: 'Caution', note: 'Note' } as const;

/** Every caution whole, on another page where this one has no room left: none is cut short. */
function drawCautions(
  pdf: PDFKit.PDFDocument,
  { cautions }: SetupRecord,
  { clearance }: MarkSheetHead,
  top: number,
): void {
  const width = STRIP.length * MM;
  let y = (top + 2) * MM;
  for (const words of [
    ...cautions.map(({ level, text }) => `${LEVEL_WORDS[level]}: ${text}`),
    clearance ?? DEFERENCE,
  ]) {
    pdf.font('regular').fontSize(11).fillColor(INK);
    const height = pdf.heightOfString(words, { width });
    if (y + height > (PAGE.height - BOTTOM) * MM) {
      addPage(pdf);
      pdf.font('regular').fontSize(11).fillColor(INK);
      y = TOP * MM;
    }
    pdf.text(words, STRIP.left * MM, y, { width });
    y += height;
  }
}

function addPage(pdf: PDFKit.PDFDocument): void {
  pdf.addPage({ size: [PAGE.width * MM, PAGE.height * MM], margin: 0 });
}

/** One line of text in so many millimetres. */
function line(width_mm: number, align: 'left' | 'center' = 'left') {
  return { width: width_mm * MM, align, lineBreak: false, ellipsis: true } as const;
}

function centimetres(length_m: number): string {
  return `${(100 * length_m).toFixed(0)} cm`;
}
