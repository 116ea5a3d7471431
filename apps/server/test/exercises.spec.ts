import { findExercise } from '@wiry-otter/catalogue';
import type { ExerciseDocument, OwnExerciseRecord, ProblemDocument } from '@wiry-otter/contracts';
import { v7 as uuidv7 } from 'uuid';
import { openTestStudio, type TestStudio } from './support/studio.js';
import { recordsOf } from './support/records.js';

const ROW = findExercise('standing-row');
if (ROW === undefined) throw new Error('no row');
const COPY: ExerciseDocument = { ...ROW, id: 'own-capstan-row', title: 'Capstan row' };

describe('exercises of one’s own', () => {
  let studio: TestStudio;
  beforeEach(async () => {
    studio = await openTestStudio();
  });
  afterEach(() => studio.close());

  const put = (id: string, document: unknown, version = 0) =>
    studio.mika.put<OwnExerciseRecord & ProblemDocument>(`/exercises/${id}`, { version, document });
  const list = async (): Promise<OwnExerciseRecord[]> => await recordsOf(studio.mika, 'exercise');

  it('are kept, changed from the version on record, put away and taken back', async () => {
    const id = uuidv7();
    expect((await put(id, COPY)).status).toBe(200);
    expect((await put(id, { ...COPY, title: 'Windlass row' }, 1)).body.version).toBe(2);
    expect((await put(id, COPY, 1)).status).toBe(409);
    expect((await list()).map(({ document }) => document.title)).toEqual(['Windlass row']);
    await studio.mika.delete(`/exercises/${id}`);
    expect(await list()).toEqual([]);
    await studio.mika.post(`/exercises/${id}/restore`, {});
    expect((await list()).length).toBe(1);
  });

  it('are the studio’s alone', async () => {
    const id = uuidv7();
    await put(id, COPY);
    expect(await recordsOf(studio.stranger, 'exercise')).toEqual([]);
    const theirs = await studio.stranger.put(`/exercises/${id}`, { version: 1, document: COPY });
    expect(theirs.status).toBe(404);
    expect((await studio.stranger.delete(`/exercises/${id}`)).status).toBe(404);
  });

  it('are refused with path and reason when they cannot be', async () => {
    const faultsOf = async (document: unknown): Promise<string[]> => {
      const { status, body } = await put(uuidv7(), document);
      expect(status).toBeGreaterThanOrEqual(400);
      return (body.faults ?? []).map(({ path, found }) => `${path} ${found}`);
    };
    const [start, end] = COPY.poses;
    const { upperArm: _u, forearm: _f, ...handless } = { ...start, phase: 0 };
    const far = [
      { ...handless, hand: [0.9, 0] },
      { ...handless, phase: 1, hand: [0.3, 0] },
    ];
    expect((await faultsOf({ ...COPY, poses: far })).join()).toMatch(/poses hand 0\.9000 statures/);
    const twisted = [{ ...start, trunk: 'NaN' }, end];
    expect((await faultsOf({ ...COPY, poses: twisted })).join()).toContain('poses[0].trunk');
    const demand = { kind: 'contact', at: ['gripL', 'tail'] };
    expect((await faultsOf({ ...COPY, demand })).join()).toContain('demand.at[1] "tail"');
    expect((await faultsOf({ ...COPY, id: 'curl' })).join()).toContain('$.document.id');
  });

  it('are refused when they are far too large, before they are read', async () => {
    const poses = Array.from({ length: 200_000 }, (_, i) => ({ phase: i / 199_999, trunk: 90 }));
    const { status } = await put(uuidv7(), { ...COPY, poses });
    expect(status).toBe(413);
  });
});
