import type { SetupRecord } from '@wiry-otter/contracts';
import {
  DEFERENCE,
  type DistanceMark,
  fromMetres,
  INCH_M,
  type LengthUnit,
  RANGE_90,
  type SetupMarks,
  setupMarks,
  type Units,
  writeForce,
  writeLength,
} from '@wiry-otter/core';
import { FAINT, INK, MM, PAPERS, printPdf, STOP } from '../../platform/printing/pdf.js';
import type { Solver } from '../../platform/solving/solver.js';

/** What a sheet is laid out in, mm; it stands in the middle of the paper, which lies. */
const PAGE = { width: 297, height: 210 } as const;
/** Where writing begins on a page, and how far from its lower edge it ends, mm. */
const TOP = 14;
const BOTTOM = 10;
const STRIP = { left: 23.5, top: 58, length: 250, height: 48 } as const;
const STRIP_M = STRIP.length / 1000;
/** Nobody stands nearer to an anchor than this, m. */
const NEAREST_M = 0.2;

/** A ruler at true scale: its finest step, how many of them make the longer ones, and what it is called. */
interface Ruler {
  readonly step_m: number;
  readonly middle: number;
  readonly long: number;
  /** Distances whose load is written lie so many steps apart. */
  readonly loads: number;
  readonly words: string;
  /** How long the line is that is laid beside a ruler. */
  readonly check_m: number;
}

const RULERS: Readonly<Record<LengthUnit, Ruler>> = {
  cm: { step_m: 0.01, middle: 5, long: 10, loads: 5, words: 'centimetres', check_m: 0.05 },
  in: { step_m: INCH_M / 2, middle: 2, long: 4, loads: 4, words: 'inches', check_m: 2 * INCH_M },
};

/** Whom and what a sheet is for. */
export interface MarkSheetHead {
  readonly person: string;
  readonly place: string;
  /** Without them the distances stand there, and no loads. */
  readonly figuresShown: boolean;
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
  units: Units,
): Promise<Buffer> {
  const marks = setupMarks(setup.document);
  const { distance_m: mark_m } = marks;
  const ruler = RULERS[units.length];
  const from_m = mark_m === undefined ? 0 : stripStart(mark_m, ruler);
  const loads =
    mark_m === undefined ? [] : await solver.marksAt(setup.document, steps(from_m, ruler));
  return printPdf(`Marks: ${setup.title}`, (pdf) => {
    drawHead(pdf, setup, head, marks, units.length);
    let y = STRIP.top - 14;
    if (mark_m !== undefined) {
      const { figuresShown } = head;
      drawStrip(pdf, setup, { mark_m, from_m, over: marks.over, loads, figuresShown }, units);
      y = STRIP.top + STRIP.height + 10;
    }
    y = drawGrip(pdf, marks, y, units.length);
    y = drawStance(pdf, marks, y, units.length);
    drawCautions(pdf, setup, head, { top: y, unit: units.length });
  });
}

function loadWords({ figures }: SetupRecord, { force }: Units): (mean: number) => string {
  return (mean) => (figures.unit === 'N·m' ? `${mean.toFixed(1)} N·m` : writeForce(mean, force));
}

/** How sure the mean at the mark is, as the range that holds nine in ten; nothing where none is on record. */
function spreadWords(setup: SetupRecord, units: Units): string {
  const { meanStd } = setup.figures;
  return meanStd === null ? '' : ` (at the mark ±${loadWords(setup, units)(RANGE_90 * meanStd)})`;
}

function drawHead(
  pdf: PDFKit.PDFDocument,
  { document, ready, title }: SetupRecord,
  { person, place }: MarkSheetHead,
  { height_m }: SetupMarks,
  unit: LengthUnit,
): void {
  addPage(pdf, unit);
  const x = STRIP.left * MM;
  pdf.fillColor(INK).font('bold').fontSize(18);
  pdf.text(`${document.exercise.title}: ${title}`, x, TOP * MM, line(STRIP.length - 75));
  pdf.font('regular').fontSize(12).fillColor(FAINT);
  const anchor =
    height_m === undefined ? '' : `, anchor ${writeLength(height_m, unit)} over the floor`;
  const side = document.side === undefined ? '' : `, ${document.side} side`;
  pdf.text(`${person}, ${place}${side}${anchor}`, x, 23 * MM, line(STRIP.length - 75));
  if (!ready) {
    pdf.font('bold').fontSize(12).fillColor(STOP);
    pdf.text('Not ready: see the cautions before anybody pulls.', x, 30 * MM, line(STRIP.length));
  }
  drawScaleCheck(pdf, unit);
}

/** A line to lay a ruler on: printers shrink pages unless they are told not to. */
function drawScaleCheck(pdf: PDFKit.PDFDocument, unit: LengthUnit): void {
  const { check_m } = RULERS[unit];
  const right = (STRIP.left + STRIP.length) * MM;
  const left = right - 1000 * check_m * MM;
  const y = 17 * MM;
  pdf.lineWidth(0.8).strokeColor(INK);
  pdf.moveTo(left, y).lineTo(right, y).stroke();
  for (const x of [left, right])
    pdf
      .moveTo(x, y - 4)
      .lineTo(x, y + 4)
      .stroke();
  pdf.font('regular').fontSize(8.5).fillColor(FAINT);
  const words = `${Math.round(fromMetres(check_m, unit))} ${unit} if printed at 100 %. Measure it.`;
  pdf.text(words, left, y + 6, line(1000 * check_m, 'center'));
}

/** The floor's ruler: where it begins, whose place is marked, and what other distances ask. */
interface FloorStrip {
  readonly mark_m: number;
  readonly from_m: number;
  readonly over: string;
  readonly loads: readonly DistanceMark[];
  readonly figuresShown: boolean;
}

/** The edges fall between two steps, so that every figure is whole. */
function stripStart(mark_m: number, { loads, step_m }: Ruler): number {
  const apart_m = loads * step_m;
  return apart_m * Math.round(mark_m / apart_m) - STRIP_M / 2;
}

/** The floor's ruler around the mark, with the load at every step. */
function drawStrip(
  pdf: PDFKit.PDFDocument,
  setup: SetupRecord,
  { figuresShown, from_m, loads, mark_m, over }: FloorStrip,
  units: Units,
): void {
  const ruler = RULERS[units.length];
  const at = (distance_m: number): number => (STRIP.left + (distance_m - from_m) * 1000) * MM;
  const top = STRIP.top * MM;
  const bottom = (STRIP.top + STRIP.height) * MM;
  const asked = figuresShown
    ? `, and what each distance asks on average${spreadWords(setup, units)}`
    : '';
  pdf.font('regular').fontSize(11).fillColor(FAINT);
  pdf.text(
    `Floor strip: ${ruler.words} from the anchor’s plumb line, which lies to the left${asked}.`,
    STRIP.left * MM,
    (STRIP.top - 19) * MM,
    line(STRIP.length),
  );
  drawMark(pdf, at(mark_m), top, bottom, `${over} here: ${writeLength(mark_m, units.length)}`);
  pdf.lineWidth(0.5).strokeColor(FAINT);
  pdf.rect(STRIP.left * MM, top, STRIP.length * MM, STRIP.height * MM).stroke();
  pdf.strokeColor(INK);
  for (const tick of ticks(from_m, ruler)) {
    const length = tick % ruler.long === 0 ? 9 : tick % ruler.middle === 0 ? 7 : 4;
    const x = at(tick * ruler.step_m);
    pdf.lineWidth(tick % ruler.loads === 0 ? 1 : 0.6);
    pdf
      .moveTo(x, bottom)
      .lineTo(x, bottom - length * MM)
      .stroke();
  }
  const words = loadWords(setup, units);
  for (const { distance_m, mean, overLimit } of loads) {
    const x = at(distance_m) - 12.5 * MM;
    pdf.font('regular').fontSize(11).fillColor(FAINT);
    pdf.text(writeLength(distance_m, units.length), x, bottom - 15.5 * MM, line(25, 'center'));
    pdf
      .font('bold')
      .fontSize(17)
      .fillColor(overLimit ? STOP : INK);
    if (!figuresShown && !overLimit) continue;
    pdf.text(overLimit ? 'too far' : words(mean), x, bottom - 24 * MM, line(25, 'center'));
  }
}

/** Distances on the strip whose load is written, m. */
function steps(from_m: number, ruler: Ruler): number[] {
  return ticks(from_m, ruler)
    .filter((tick) => tick % ruler.loads === 0 && tick * ruler.step_m >= NEAREST_M)
    .map((tick) => tick * ruler.step_m);
}

/** The steps of the ruler on the strip, counted from the anchor. */
function ticks(from_m: number, { step_m }: Ruler): number[] {
  const first = Math.ceil(from_m / step_m);
  const count = Math.floor((from_m + STRIP_M) / step_m) - first + 1;
  return Array.from({ length: count }, (_, i) => first + i);
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
function drawGrip(
  pdf: PDFKit.PDFDocument,
  { grip_m }: SetupMarks,
  top: number,
  unit: LengthUnit,
): number {
  if (grip_m === undefined) return top;
  const where =
    grip_m > 0 ? `${writeLength(grip_m, unit)} from the band’s end` : 'at the band’s end';
  return drawLength(pdf, `Grip ${where}.`, ['end', 'grip'], grip_m, top);
}

/** Half the stance; returns where the next thing goes, mm. */
function drawStance(
  pdf: PDFKit.PDFDocument,
  { foot_m, stance_m }: SetupMarks,
  top: number,
  unit: LengthUnit,
): number {
  if (stance_m === undefined) return top;
  const feet = (stance_m / foot_m).toFixed(1);
  const words = `Stance ${writeLength(stance_m, unit)} between the middles of the feet, ${feet} foot-lengths. Half of it:`;
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
  { top, unit }: { readonly top: number; readonly unit: LengthUnit },
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
      addPage(pdf, unit);
      pdf.font('regular').fontSize(11).fillColor(INK);
      y = TOP * MM;
    }
    pdf.text(words, STRIP.left * MM, y, { width });
    y += height;
  }
}

function addPage(pdf: PDFKit.PDFDocument, unit: LengthUnit): void {
  const { long, short } = PAPERS[unit];
  pdf.addPage({ size: [long * MM, short * MM], margin: 0 });
  pdf.translate(((long - PAGE.width) / 2) * MM, 0);
}

/** One line of text in so many millimetres. */
function line(width_mm: number, align: 'left' | 'center' = 'left') {
  return { width: width_mm * MM, align, lineBreak: false, ellipsis: true } as const;
}
