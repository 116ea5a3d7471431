import type { DecisionRecord, SessionRecord, SetupRecord } from '@wiry-otter/contracts';
import { MODEL } from '@wiry-otter/core';
import { readFileSync } from 'node:fs';
import { renewFigures } from '../src/areas/setups/renew-figures.js';
import { KEEPER, openDumpedStudio, type TestStudio } from './support/studio.js';
import { recordsOf, sessionsOf } from './support/records.js';

/** A database as it stood before the net pull: 26 saved states of set-ups, 26 sessions, 25 decisions. */
const BEFORE_NET_PULL = readFileSync(
  new URL('databases/before-net-pull.sql', import.meta.url),
  'utf8',
);

describe('a database of the model before', () => {
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
