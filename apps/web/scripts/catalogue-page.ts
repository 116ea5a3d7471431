// The catalogue as a page of the documentation: every exercise with its start and end pose.
import { CATALOGUE } from '@wiry-otter/catalogue';
import type { ExerciseDocument } from '@wiry-otter/contracts';
import {
  anchorPoints,
  otherSide,
  prepareExercise,
  type PreparedExercise,
  type Route,
} from '@wiry-otter/core';
import { drawFigure } from '../src/app/ui/figure/figure.js';
import { drawProps, type Prop } from '../src/app/ui/figure/props.js';
import type { Point } from '../src/app/ui/figure/limb-path.js';

/** The person on the pictures. */
const BODY = { stature_m: 1.75, mass_kg: 72 };
const PX_PER_METRE = 110;
const MARGIN_PX = 24;
const INK = '#14283b';
const FAINT = '#9aa3a9';
const PAPER = '#fbfaf5';
const WOOD = '#e1dcc8';
const PULL = '#b24a1e';

/** A phase of an exercise as it is drawn: places in px around the exercise's origin. */
interface Panel {
  readonly parts: readonly { readonly path: string; readonly far: boolean }[];
  readonly props: readonly Prop[];
  readonly bands: readonly (readonly Point[])[];
  readonly anchors: readonly Point[];
  readonly floor: boolean;
  readonly box: { least: Point; most: Point };
}

/** The files of the page by name: the page itself and a picture of every exercise. */
export function cataloguePage(): ReadonlyMap<string, string> {
  const files = new Map<string, string>();
  const rows = CATALOGUE.map((exercise) => {
    files.set(`catalogue/${exercise.id}.svg`, picture(exercise));
    return row(exercise);
  });
  files.set(
    'catalogue.md',
    `# The catalogue

Made from the exercise documents by \`npm run catalogue\`; the pictures come from the drawing code of
the app. Start on the left, end on the right; the first route's band in rust. From the side the person
faces right; from the front one sees their back; from above they face right.

| exercise | start and end | what it trains and how |
| --- | --- | --- |
${rows.join('\n')}
`,
  );
  return files;
}

function row({ id, title, groups = [], cues = [], routes = [], easier, harder }: ExerciseDocument) {
  const neighbours = [
    ...(easier === undefined ? [] : [`easier: ${easier.join(', ')}`]),
    ...(harder === undefined ? [] : [`harder: ${harder.join(', ')}`]),
  ].join('; ');
  const words = [
    `${groups.map(spelt).join(', ')}.`,
    cues.join(' '),
    `Routes: ${routes.map((route) => route.title).join('; ')}.`,
    neighbours === '' ? '' : `Neighbours, ${neighbours}.`,
  ].filter((part) => part !== '');
  return `| **${title}** | ![${title}](catalogue/${id}.svg) | ${words.join('<br>')} |`;
}

/** `frontShoulder` as `front shoulder`. */
function spelt(group: string): string {
  return group.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);
}

function picture(exercise: ExerciseDocument): string {
  const prepared = prepareExercise(exercise, BODY);
  if (!prepared.ok) throw new Error(`${exercise.id}: ${JSON.stringify(prepared.faults)}`);
  const { value } = prepared;
  const panels = [panel(exercise, value, 0), panel(exercise, value, value.samples - 1)];
  const top = Math.min(...panels.map(({ box }) => box.least.y)) - MARGIN_PX;
  const bottom = Math.max(...panels.map(({ box }) => box.most.y)) + MARGIN_PX;
  let x = 0;
  const drawn = panels.map((one) => {
    const shift = x + MARGIN_PX - one.box.least.x;
    x += one.box.most.x - one.box.least.x + 2 * MARGIN_PX;
    return `<g transform="translate(${px(shift)} 0)">${svgOf(one)}</g>`;
  });
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 ${px(top)} ${px(x)} ${px(bottom - top)}" width="${px(x)}" height="${px(bottom - top)}"><rect y="${px(top)}" width="100%" height="100%" fill="${PAPER}"/>${drawn.join('')}</svg>\n`;
}

function panel(exercise: ExerciseDocument, prepared: PreparedExercise, k: number): Panel {
  const toDrawing = (x_m: number, y_m: number): Point => ({
    x: x_m * PX_PER_METRE,
    y: -y_m * PX_PER_METRE,
  });
  const { contacts, samples } = prepared;
  const points = anchorsOf(exercise);
  const at = (name: string): Point | undefined => {
    const c = contacts.index.get(name);
    if (c !== undefined) {
      return toDrawing(contacts.x[c * samples + k] ?? 0, contacts.y[c * samples + k] ?? 0);
    }
    const point = points[name];
    return point === undefined ? undefined : toDrawing(point[0], point[1]);
  };
  const bands = routesDrawn(exercise).map((route) => {
    const path = route.path.flatMap((name) => at(name) ?? []);
    return route.for === 'continuous' ? [...path, ...path.slice(0, 1)] : path;
  });
  const parts = drawFigure(exercise, BODY, prepared, k, toDrawing, PX_PER_METRE);
  const anchors = Object.values(points).map(([x, y]) => toDrawing(x, y));
  const floor = exercise.plane !== 'transverse';
  const outline = parts.flatMap((part) => pointsOf(part.path));
  const all = [...outline, ...bands.flat(), ...anchors, ...(floor ? [{ x: 0, y: 0 }] : [])];
  return {
    parts,
    props: drawProps(exercise, BODY, prepared, toDrawing),
    bands,
    anchors,
    floor,
    box: {
      least: { x: Math.min(...all.map(({ x }) => x)), y: Math.min(...all.map(({ y }) => y)) },
      most: { x: Math.max(...all.map(({ x }) => x)), y: Math.max(...all.map(({ y }) => y)) },
    },
  };
}

/** The first route, and its mirror image where the exercise takes a band on each side. */
function routesDrawn({ routes = [], bandOnEachSide }: ExerciseDocument): Route[] {
  return routes
    .slice(0, 1)
    .flatMap((route) => (bandOnEachSide === true ? [route, otherSide(route)] : [route]));
}

function anchorsOf(exercise: ExerciseDocument): Record<string, [number, number, number]> {
  const { anchor } = exercise;
  if (anchor === undefined) return {};
  const { stature_m } = BODY;
  return anchorPoints(exercise, stature_m, {
    height_m: anchor.height * stature_m,
    distance_m: anchor.distance * stature_m,
  });
}

/** The end points of an outline's pieces, to see how far it reaches. */
function pointsOf(path: string): Point[] {
  return [...path.matchAll(/(-?[\d.]+) (-?[\d.]+)(?= [A-Z]|$| Z)/g)].map(([, x, y]) => ({
    x: Number(x),
    y: Number(y),
  }));
}

function svgOf({ parts, props, bands, anchors, floor, box }: Panel): string {
  const ground = floor
    ? `<path d="M${px(box.least.x - 10)} 0H${px(box.most.x + 10)}" stroke="${INK}"/>`
    : '';
  const figure = parts.map(
    ({ path, far }) =>
      `<path d="${shortened(path)}" fill="${far ? FAINT : INK}" stroke="${PAPER}" stroke-width=".8"/>`,
  );
  const things = props.map(
    ({ x, y, width, height }) =>
      `<rect x="${px(x)}" y="${px(y)}" width="${px(width)}" height="${px(height)}" fill="${WOOD}" stroke="${INK}"/>`,
  );
  const lines = bands.map(
    (band) =>
      `<path d="M${band.map(({ x, y }) => `${px(x)} ${px(y)}`).join('L')}" fill="none" stroke="${PULL}" stroke-width="2.5"/>`,
  );
  const marks = anchors.map(
    ({ x, y }) =>
      `<circle cx="${px(x)}" cy="${px(y)}" r="4" fill="${PAPER}" stroke="${INK}" stroke-width="2"/>`,
  );
  return `${ground}${things.join('')}${figure.join('')}${lines.join('')}${marks.join('')}`;
}

/** A path's figures to a tenth of a pixel. */
function shortened(path: string): string {
  return path.replace(/-?\d+\.\d+/g, (figure) => px(Number(figure)));
}

function px(value: number): string {
  return String(Math.round(value * 10) / 10);
}
