import type { ProblemDocument, SetupRecord } from '@wiry-otter/contracts';
import { USUAL_UNITS } from '@wiry-otter/core';
import { v7 as uuidv7 } from 'uuid';
import { markSheet } from '../src/areas/setups/mark-sheet.js';
import { SOLVER_IN_PLACE } from '../src/platform/solving/solver.js';
import { demoSetup, inputOf } from './support/inputs.js';
import { drawnPages, papers, streams } from './support/pdf.js';
import { type Answer, openTestStudio, type TestStudio } from './support/studio.js';

/** Points to a millimetre of paper. */
const MM = 72 / 25.4;

/** Lines of writing on each page. */
const linesWritten = (pdf: Buffer): number[] =>
  streams(pdf).flatMap((text) => text.match(/^BT$/gm)?.length ?? []);

/** Widths of the rectangles on a page, mm. */
const widths = (page: string): number[] =>
  [...page.matchAll(/^\S+ \S+ (\S+) \S+ re$/gm)].map(([, width]) => Number(width) / MM);

/** Places across the page of lines that stand upright, mm. */
const uprights = (page: string): number[] =>
  [...page.matchAll(/^(\S+) (\S+) m\n(\S+) (\S+) l$/gm)].flatMap(([, x, , to]) =>
    x === to ? [Number(x) / MM] : [],
  );

describe('the sheet of marks', () => {
  let studio: TestStudio;
  beforeEach(async () => {
    studio = await openTestStudio();
  });
  afterEach(() => studio.close());

  it('has the floor’s ruler at true scale, with the mark where the set-up stands', async () => {
    const setup = await demoSetup(studio.mika, 'Tobias Quill');
    const { status, type, body } = await studio.mika.file(`/setups/${setup.id}/marks.pdf`);
    expect(status).toBe(200);
    expect(type).toBe('application/pdf');
    const pages = drawnPages(body);
    expect(pages.length).toBe(1);
    const [page = ''] = pages;
    expect(widths(page)[0]).toBeCloseTo(250, 2);
    // Neighbouring ticks lie one centimetre of paper apart, the first half of one from the edge.
    const ticks = uprights(page);
    for (let cm = 0; cm < 25; cm++) {
      expect(ticks.some((x) => Math.abs(x - (28.5 + 10 * cm)) < 0.01)).toBeTrue();
    }
  });

  it('is a ruler of inches where the studio measures in them', async () => {
    const setup = await demoSetup(studio.mika, 'Tobias Quill');
    const head = { person: 'Tobias', place: 'Boatyard', figuresShown: true };
    const units = { ...USUAL_UNITS, length: 'in' } as const;
    const printed = await markSheet(SOLVER_IN_PLACE, setup, head, units);
    const [page = ''] = drawnPages(printed);
    expect(papers(printed)).toEqual([{ width: 279.4, height: 215.9 }]);
    const lines = uprights(page);
    // The check of the scale is two inches long; ticks lie half an inch apart, on whole halves.
    expect((lines[1] ?? NaN) - (lines[0] ?? NaN)).toBeCloseTo(50.8, 2);
    const ticks = lines.slice(2).filter((x) => x > 23.5 && x < 273.5);
    expect(ticks.length).toBeGreaterThanOrEqual(19);
    const [first = NaN] = ticks;
    for (const [i, x] of ticks.slice(0, 19).entries()) expect(x).toBeCloseTo(first + 12.7 * i, 2);
  });

  it('has grip and stance alone where nothing is stood off from', async () => {
    const setup = await demoSetup(studio.mika, 'Tobias Quill');
    const { document, ...rest } = inputOf(setup, 0);
    const { anchor: _anchor, ...exercise } = document.exercise;
    const onBody = {
      ...rest,
      document: {
        ...document,
        exercise,
        widths: { ...document.widths, stance_m: 0.3 },
        points: {},
        runs: [{ band: document.bands[0]?.id, path: ['soleL', 'gripL', 'gripR', 'soleR'] }],
      },
    };
    const saved = await studio.mika.put<SetupRecord>(`/setups/${uuidv7()}`, onBody);
    expect(saved.status).withContext(JSON.stringify(saved.body)).toBe(200);
    const { body } = await studio.mika.file(`/setups/${saved.body.id}/marks.pdf`);
    const [page = ''] = drawnPages(body);
    expect(widths(page)).toEqual([]);
    // The check of the scale, 5 cm, and half the stance.
    const lines = uprights(page);
    expect((lines[1] ?? NaN) - (lines[0] ?? NaN)).toBeCloseTo(50, 2);
    const stance_m = saved.body.document.widths?.stance_m ?? 0;
    expect(stance_m).toBeGreaterThan(0);
    expect((lines[3] ?? NaN) - (lines[2] ?? NaN)).toBeCloseTo(stance_m * 500, 2);
  });

  it('writes every caution whole, on another page where the first is full', async () => {
    const setup = await demoSetup(studio.mika, 'Tobias Quill');
    const printed = (count: number): Promise<Buffer> => {
      const one = { rule: 'x', level: 'note', text: 'Both sides even.', figures: {} } as const;
      const cautions = Array.from({ length: count }, () => one);
      return markSheet(
        SOLVER_IN_PLACE,
        { ...setup, cautions },
        { person: 'Tobias', place: 'Boatyard', figuresShown: true },
        USUAL_UNITS,
      );
    };
    const [bare = NaN, ...none] = linesWritten(await printed(0));
    expect(none).toEqual([]);
    const pages = linesWritten(await printed(40));
    expect(pages.length).toBe(2);
    expect(pages.reduce((sum, lines) => sum + lines, 0)).toBe(bare + 40);
  });

  it('says the clearance and its limits of whoever needs one', async () => {
    const setup = await demoSetup(studio.mika, 'Odile Brandt');
    const head = { person: 'Odile', place: 'Lock cottage', figuresShown: false };
    const clearance =
      'Cleared until spring.\nNothing overhead.\nOnly in sight.\nThe rest in words.';
    const bare = linesWritten(await markSheet(SOLVER_IN_PLACE, setup, head, USUAL_UNITS))[0] ?? NaN;
    expect(
      linesWritten(await markSheet(SOLVER_IN_PLACE, setup, { ...head, clearance }, USUAL_UNITS)),
    ).toEqual([bare + 3]);
    const { body } = await studio.mika.file(`/setups/${setup.id}/marks.pdf`);
    // The demo's clearance and limits take three lines, where there was one.
    expect(linesWritten(body)).toEqual([bare + 2]);
  });

  it('tells who goes by feel alone the distances, and no loads', async () => {
    const setup = await demoSetup(studio.mika, 'Tobias Quill');
    const linesOf = async (figuresShown: boolean): Promise<number> => {
      const head = { person: 'Tobias', place: 'Boatyard', figuresShown };
      return linesWritten(await markSheet(SOLVER_IN_PLACE, setup, head, USUAL_UNITS))[0] ?? NaN;
    };
    // Five distances within a quarter of a metre, each with its load.
    expect((await linesOf(true)) - (await linesOf(false))).toBe(5);
  });

  it('is nobody else’s', async () => {
    const setup = await demoSetup(studio.mika, 'Tobias Quill');
    expect((await studio.stranger.file(`/setups/${setup.id}/marks.pdf`)).status).toBe(404);
    expect((await studio.nobody.file(`/setups/${setup.id}/marks.pdf`)).status).toBe(401);
  });
});

describe('linked set-ups', () => {
  let studio: TestStudio;
  beforeEach(async () => {
    studio = await openTestStudio();
  });
  afterEach(() => studio.close());

  const saved = async (part: (band: string) => object): Promise<Answer<SetupRecord>> => {
    const setup = await demoSetup(studio.mika, 'Tobias Quill');
    const { document, ...rest } = inputOf(setup, 0);
    const band = document.bands[0]?.id ?? '';
    return studio.mika.put<SetupRecord>(`/setups/${uuidv7()}`, {
      ...rest,
      document: { ...document, ...part(band) },
    });
  };

  it('keep their links and their side on record', async () => {
    const { status, body } = await saved((band) => ({
      side: 'left',
      points: { anchor: [1.9, 1.2, 0] },
      links: { link1: [1, 1.2, 0] },
      runs: [{ band, path: ['anchor', 'link1', 'gripL', 'gripR'] }],
    }));
    expect(status).withContext(JSON.stringify(body)).toBe(200);
    const read = await studio.mika.get<SetupRecord>(`/records/setup/${body.id}`);
    expect(read.body.document.links).toEqual({ link1: [1, 1.2, 0] });
    expect(read.body.document.side).toBe('left');
  });

  it('are refused where they hang in a ring, with the path', async () => {
    const { status, body } = await saved((band) => ({
      links: { a: [1, 1, 0], b: [1.2, 1, 0] },
      runs: [{ band, path: ['a', 'b'] }],
    }));
    expect(status).toBe(422);
    const { faults } = body as unknown as ProblemDocument;
    expect(faults?.[0]?.path).toBe('$.document.links.a');
    expect(faults?.[0]?.found).toContain('in a ring');
  });
});
