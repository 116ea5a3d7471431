import type {
  DecisionRecord,
  LadderRecord,
  PrescriptionRecord,
  SessionRecord,
  SetupRecord,
} from '@wiry-otter/contracts';
import { lawOfBand, MODEL } from '@wiry-otter/core';
import { readFileSync } from 'node:fs';
import { renewFigures } from '../src/areas/renewal/renew-figures.js';
import { KEEPER, openDumpedStudio, type TestStudio } from './support/studio.js';
import { asPresentDocument } from '../src/areas/renewal/model-steps.js';
import { bandsOf, recordsOf, sessionsOf } from './support/records.js';

/** A database as it stood before the net pull: 26 saved states of set-ups, 26 sessions, 25 decisions. */
const BEFORE_NET_PULL = readFileSync(
  new URL('databases/before-net-pull.sql', import.meta.url),
  'utf8',
);

/** As it stood when labels were still taken at their word: a row by a label, with its ladder, prescribed and done. */
const BEFORE_LABEL_TRUST = readFileSync(
  new URL('databases/before-label-trust.sql', import.meta.url),
  'utf8',
);

describe('a database of the model before the net pull', () => {
  let studio: TestStudio;
  let setups: readonly SetupRecord[];
  let sessions: readonly SessionRecord[];
  beforeAll(async () => {
    studio = await openDumpedStudio(BEFORE_NET_PULL);
    setups = await recordsOf(studio.mika, 'setup');
    sessions = await sessionsOf(studio.mika);
  });
  afterAll(() => studio.close());

  const setupOf = (title: string): SetupRecord => {
    const found = setups.find((setup) => setup.title === title);
    if (found === undefined) throw new Error(`no ${title}`);
    return found;
  };
  const runsOf = (title: string) => setupOf(title).document.runs;
  const shareOf = ({ figures, earlierFigures }: SetupRecord): number =>
    figures.mean / (earlierFigures?.mean ?? NaN);

  it('opens with every set-up, session and decision', () => {
    // One of the 21 set-ups was put away.
    expect(setups.length).toBe(20);
    expect(sessions.length).toBe(26);
    expect(sessions.filter(({ decision }) => decision !== null).length).toBe(25);
    expect(sessions.reduce((sum, { sets }) => sum + sets.length, 0)).toBeGreaterThan(70);
  });

  it('has all figures of the present model, and what the one before made of them beside', () => {
    for (const { title, figures, earlierFigures } of setups) {
      expect(figures.model).withContext(title).toBe(MODEL);
      expect(earlierFigures?.model).withContext(title).toBe(1);
      // A band that is slack all through is sure to give nothing.
      if (figures.peakStretch > 1) expect(figures.meanStd).withContext(title).toBeGreaterThan(0);
    }
    for (const { figures } of sessions.flatMap((session) => session.setups)) {
      expect(figures.model).toBe(MODEL);
    }
  });

  it('says how the body is held in the word of now', () => {
    expect(setupOf('Row, held by the end').document.exercise.posture).toBe('standing');
    for (const { document } of setups) expect('stance' in document.exercise).toBeFalse();
  });

  it('reads the net pull of both hands, where their sizes were added up before', () => {
    const row = setupOf('Row, held by the end');
    expect(row.earlierFigures?.mean).toBeCloseTo(90.9, 1);
    expect(shareOf(row)).toBeGreaterThan(0.6);
    expect(shareOf(row)).toBeLessThan(0.8);
  });

  it('holds what lies round the anchor as material, and the band under both feet', () => {
    // A choke round a bar of 10 cm holds two rounds of a loop.
    for (const { extra_m, hitch_m, takeUp_m } of runsOf('Pull-up with two')) {
      expect([extra_m, hitch_m, takeUp_m]).toEqual([0, 0.2, 0.2]);
    }
    expect(runsOf('Curl, gripped lower')[0]?.pinned).toEqual(['soleL', 'soleR']);
    expect(runsOf('Curl, gripped lower')[0]?.takeUp_m).toBeCloseTo(0.1, 9);
    expect(runsOf('Row, held by the end')[0]?.pinned).toBeUndefined();
    expect(shareOf(setupOf('Curl, gripped lower'))).not.toBeCloseTo(1, 2);
  });

  it('says of what cannot be laid any more that it cannot, and keeps what it was', () => {
    // A choke and a turn round a post of 56 cm take more than the loop's 2.08 m.
    const { cautions, figures, earlierFigures, ready } = setupOf('Row, choked with a turn');
    expect(ready).toBeFalse();
    expect(cautions.at(-1)?.text).toMatch(/cannot be laid as it was saved/);
    expect(figures.mean).toBe(earlierFigures?.mean ?? NaN);
  });

  it('leaves decisions as they were made, and what was done as it was', async () => {
    const decisions = await recordsOf(studio.mika, 'decision');
    const kept = await studio.database.query<DecisionRecord[]>(
      'SELECT id, ladder, decision, review FROM decision',
    );
    expect(kept.length).toBe(decisions.length);
    const before = decisions.find(({ ladder }) =>
      ladder.some(({ title }) => title === 'Row, held by the end'),
    );
    const load = before?.ladder.find(({ title }) => title === 'Row, held by the end')?.load;
    expect(load).toBeCloseTo(90.9, 1);
  });

  it('finds nothing left to renew, whoever looks again', async () => {
    expect(await renewFigures(studio.database, KEEPER)).toBe(0);
  });

  it('cannot mislead: a set-up that is refused now is not ready, a warning seen to stays so', () => {
    for (const { title, cautions, ready } of setups) {
      const stands = cautions.some(
        ({ level, seen }) => level === 'refuse' || (level === 'warn' && seen === undefined),
      );
      expect(ready).withContext(title).toBe(!stands);
    }
    const letGo = setupOf('Pull-up with two').cautions.find(({ rule }) => rule === 'let-go');
    expect(letGo?.seen?.name).toBe('Mika Ferrow');
  });
});

describe('a database in which labels were taken at their word', () => {
  let studio: TestStudio;
  let setups: readonly SetupRecord[];
  let byLabel: SetupRecord;
  let ladder: LadderRecord;
  beforeAll(async () => {
    studio = await openDumpedStudio(BEFORE_LABEL_TRUST);
    setups = await recordsOf(studio.mika, 'setup');
    const found = setups.find(({ title }) => title === 'Row, by its label');
    const [kept] = await recordsOf(studio.mika, 'ladder');
    if (found === undefined || kept === undefined) throw new Error('not in the dump');
    [byLabel, ladder] = [found, kept];
  });
  afterAll(() => studio.close());

  it('keeps a set-up by a label as it is laid, and tells its load less and less sure', () => {
    const { document, earlierFigures, figures } = byLabel;
    expect([earlierFigures?.model, figures.model]).toEqual([2, MODEL]);
    const share = figures.mean / (earlierFigures?.mean ?? NaN);
    expect(share).toBeGreaterThan(0.75);
    expect(share).toBeLessThan(0.85);
    expect((figures.meanStd ?? 0) / figures.mean).toBeGreaterThan(
      (earlierFigures?.meanStd ?? 0) / (earlierFigures?.mean ?? NaN),
    );
    expect(document.points).toEqual(ladder.rungs.at(0)?.document.points ?? {});
    expect(document.runs[0]?.path.length).toBeGreaterThan(1);
  });

  it('leaves what was measured, to the last bit', () => {
    const measured = setups.filter(({ id }) => id !== byLabel.id);
    expect(measured.length).toBe(10);
    for (const { earlierFigures, figures, title } of measured) {
      expect(figures.mean)
        .withContext(title)
        .toBe(earlierFigures?.mean ?? NaN);
    }
  });

  it('has its ladder restated: the same rungs, none of them heavier, and nothing changed since', async () => {
    expect(ladder.version).toBe(1);
    expect(ladder.model).toBe(MODEL);
    const [first] = ladder.rungs;
    expect(first?.setupId).toBe(byLabel.id);
    expect(first?.load).toBeCloseTo(byLabel.figures.mean, 9);
    const loads = ladder.rungs.map(({ load }) => load);
    expect(loads).toEqual(loads.toSorted((a, b) => a - b));
    const band = (await bandsOf(studio.mika)).find(({ name }) => name === 'Slack Water');
    const law = band === undefined ? undefined : lawOfBand(band);
    const kept = ladder.basis.bands.find(({ id }) => id === band?.id);
    expect(law?.ok === true && law.value.law).toEqual(kept?.law ?? false);
  });

  it('puts no more band on anybody: the prescription stands on the set-up it stood on', async () => {
    const inForce = (await recordsOf(studio.mika, 'prescription')).filter(({ setupIds }) =>
      setupIds.includes(byLabel.id),
    );
    expect(inForce.map(({ setupIds }: PrescriptionRecord) => setupIds)).toEqual([[byLabel.id]]);
    expect(ladder.moved).toBeNull();
  });

  it('has a step from every model to the next, and each does what it does once', () => {
    const { document } = byLabel;
    for (let model = 1; model < MODEL; model++) {
      expect(() => asPresentDocument(document, model, [])).not.toThrow();
    }
    expect(asPresentDocument(document, MODEL, [])).toBe(document);
    // Material round an anchor was told apart once, by the step from model 1.
    const [run] = document.runs;
    if (run === undefined) throw new Error('nothing laid');
    const wound = { ...document, runs: [{ ...run, extra_m: (run.extra_m ?? 0) + 0.2 }] };
    expect(asPresentDocument(wound, 1, []).runs[0]?.hitch_m).toBeCloseTo(0.2, 9);
    expect(asPresentDocument(wound, 2, []).runs[0]?.hitch_m ?? 0).toBe(run.hitch_m ?? 0);
  });
});
