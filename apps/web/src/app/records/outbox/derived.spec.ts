import { findExercise } from '@wiry-otter/catalogue';
import {
  type BandRecord,
  type DecisionRecord,
  type LadderInput,
  type LadderRecord,
  type PrescriptionInput,
  RECORD_KINDS,
  type SetInput,
  type SetupRecord,
} from '@wiry-otter/contracts';
import {
  knowBand,
  type LadderTarget,
  MODEL,
  proposeLadder,
  USUAL_PREFERENCES,
} from '@wiry-otter/core';
import { assess, assessedRungs, derivedId, ladderOfToday } from '@wiry-otter/derived';
import { v7 as uuidv7 } from 'uuid';
import { STUDIO } from '../../../testing/app';
import {
  measurementRecord,
  personRecord,
  placeRecord,
  pull,
  measuredBand,
  UUID,
} from '../../../testing/records';
import {
  basisOf,
  gapsOf,
  keptRung,
  ladderRequestOf,
  rungsOf,
} from '../../features/setups/ladder/ladder-model';
import type { WorkbenchInput } from '../../features/setups/workbench/solve-workbench';
import { EMPTY_WORKBENCH } from '../../features/setups/workbench/workbench-state';
import type { Deriver } from './deriver';
import { differenceOf } from './differences';
import { type AllEntities, viewOf } from './overlay';
import type { KeptWrite, WriteKind } from './write';
import type { RecordView, WriteKindOf } from './write-kind';
import { WRITE_KINDS, type WriteKinds } from './write-kinds';

const IN_PLACE: Deriver = {
  assess: (...given) => Promise.resolve(assess(...given)),
  assessRungs: (...given) => Promise.resolve(assessedRungs(...given)),
  ladderOfToday: (...given) => Promise.resolve(ladderOfToday(...given)),
};

const TARGET: LadderTarget = { metric: 'mean', from: 40, to: 90, step: 0.1 };
const BAND = measuredBand([pull(1.35, 48), pull(1.77, 88), pull(2.18, 121)], {
  id: `${UUID}a`,
});
const PERSON = personRecord();
const PLACE = placeRecord();
const [LADDER, SESSION, PRESCRIBED] = [`${UUID}5`, `${UUID}6`, `${UUID}7`];

/** What a trainer has written on a device that has not met the server since. */
class Device {
  private readonly writes: KeptWrite[] = [];
  private readonly entities: AllEntities;

  constructor(band: BandRecord) {
    this.entities = {
      ...(Object.fromEntries(RECORD_KINDS.map((kind) => [kind, {}])) as AllEntities),
      studio: { [STUDIO.id]: STUDIO },
      person: { [PERSON.id]: PERSON },
      place: { [PLACE.id]: PLACE },
      band: { [band.id]: band },
    };
  }

  get view(): RecordView {
    return viewOf(this.entities, this.writes);
  }

  /** @returns what is derived, or the code of what refuses it */
  async write<Kind extends WriteKind>(
    kind: Kind,
    params: WriteKinds[Kind]['params'],
    body: WriteKinds[Kind]['body'],
  ): Promise<readonly string[] | string> {
    const by = { id: `${UUID}1`, name: 'Mika Ferrow' };
    const facts = { id: uuidv7(), at: '2026-11-23T10:00:00.000Z', params, body, by };
    const write = { ...facts, kind, what: kind, place: this.writes.length } as unknown as KeptWrite;
    const { derive } = WRITE_KINDS[kind] as unknown as WriteKindOf<unknown, unknown>;
    const derived = await derive?.(this.view, write, IN_PLACE);
    if (derived?.ok === false) return derived.code;
    this.writes.push({ ...write, derived: derived?.value });
    return (derived?.value ?? []).map((one) => one.kind);
  }
}

/** A ladder of the band as the workbench makes it. */
function ladderInput(): LadderInput {
  const exercise = findExercise('standing-row');
  if (exercise === undefined) throw new Error('no row');
  const anchor = PLACE.anchors[0] ?? null;
  const bag = [knowBand(BAND)];
  const input: WorkbenchInput = {
    ...{ person: PERSON, exercise, placeId: PLACE.id, anchor, bands: [] },
    ...{ today: '2026-11-23', eyesRule: false, unit: 'N', state: EMPTY_WORKBENCH },
  };
  const proposed = proposeLadder(ladderRequestOf(input, bag, TARGET, USUAL_PREFERENCES, false));
  if (!proposed.ok) throw new Error(JSON.stringify(proposed.faults));
  const rungs = rungsOf(input, bag, TARGET, proposed.value.rungs, [], uuidv7);
  return {
    version: 0,
    ...{ personId: PERSON.id, placeId: PLACE.id, exerciseId: exercise.id },
    ...{ anchorId: anchor?.id ?? null, target: TARGET, source: 'found', notchFirst: false },
    ...{ gaps: gapsOf(rungs, TARGET), struck: [] },
    basis: basisOf(input, bag) as LadderInput['basis'],
    rungs: rungs.map(keptRung),
  };
}

const prescriptionOf = (setupId: string): PrescriptionInput => ({
  ...{ personId: PERSON.id, setupIds: [setupId], track: 'main', school: 'fill-range', sets: 3 },
  ...{ work: { kind: 'reps', from: 8, to: 15 }, rest_s: 90, target: [8, 8, 8], drop: null },
});

// Beyond the range by as much as bridges a gap in the ladder.
const setOf = (performedAt: string): SetInput => ({
  ...{ performedAt, setupId: null, reps: 19, partial: 0, hold_s: null, lowering_s: null },
  ...{ spare: 2, form: 'clean', pain: 0 },
});

/** A session of three full sets on a rung of a ladder, not ended yet. */
async function trained(band: BandRecord, ladder = ladderInput()): Promise<Device> {
  const device = new Device(band);
  const [rung] = ladder.rungs;
  expect(await device.write('putLadder', { id: LADDER }, ladder)).toEqual(['ladder']);
  const prescription = prescriptionOf(rung?.setupId ?? '');
  // The rung that is prescribed becomes a set-up.
  expect(await device.write('prescribe', { id: PRESCRIBED }, prescription)).toEqual(['setup']);
  const began = { prescriptionId: PRESCRIBED, startedAt: '2026-11-23T09:00:00.000Z' };
  await device.write('startSession', { id: SESSION }, began);
  for (const minute of ['01', '04', '07']) {
    const set = setOf(`2026-11-23T09:${minute}:00.000Z`);
    await device.write('logSet', { id: SESSION, setId: uuidv7() }, set);
  }
  return device;
}

describe('what follows from a write, derived on the device', () => {
  it('is what comes next after a session, and the prescription once it is taken', async () => {
    const ladder = ladderInput();
    const device = await trained(BAND, ladder);
    const ended = await device.write('finishSession', { id: SESSION }, { redFlag: false });
    expect(ended).toEqual(['decision']);
    const session = device.view.get('session', SESSION);
    const decisionId = derivedId('decision', SESSION);
    expect(session?.finishedAt).toBe('2026-11-23T10:00:00.000Z');
    expect(session?.decision).toEqual({ id: decisionId, code: 'heavier', status: 'waiting' });
    expect(device.view.get('decision', decisionId)?.model).toBe(MODEL);

    await device.write('acceptDecision', { id: decisionId, sessionId: SESSION }, null);
    const [next, ...others] = device.view.all('prescription');
    expect(others).toEqual([]);
    expect(next?.fromDecisionId).toBe(decisionId);
    expect(next?.setupIds).toEqual([ladder.rungs[1]?.setupId ?? '']);
    // It can be begun at once: its rung is a set-up now.
    expect(device.view.get('setup', next?.setupIds[0] ?? '')?.ready).toBeTrue();
    expect(device.view.get('decision', decisionId)?.outcome?.decidedBy).toBe('Mika Ferrow');
  });

  it('is a ladder made anew where a band pulls otherwise now, and the work that moves along', async () => {
    const measured = [pull(1.35, 58), pull(1.77, 106), pull(2.18, 146)];
    const anew = { ...BAND, measurements: [measurementRecord(measured)] };
    const device = await trained(anew);
    const derived = await device.write('finishSession', { id: SESSION }, { redFlag: false });
    expect(derived).toContain('ladder');
    expect(derived).toContain('decision');
    const ladder = device.view.get('ladder', LADDER);
    expect(ladder?.version).toBe(2);
    const reasons = device.view.get('decision', derivedId('decision', SESSION))?.decision.reasons;
    expect(reasons?.map(({ rule }) => rule)).toContain('ladder.anew');
    // Whoever makes it anew from the same comes to the same ids.
    const again = await trained(anew);
    await again.write('finishSession', { id: SESSION }, { redFlag: false });
    const keys = (of: LadderRecord | undefined): string[] =>
      (of?.rungs ?? []).map(({ key }) => key);
    expect(keys(again.view.get('ladder', LADDER))).toEqual(keys(ladder));
  });

  it('is refused here where the server would: a band that is retired', async () => {
    const copies = BAND.copies.map((copy) => ({ ...copy, state: 'retired' as const }));
    const device = new Device({ ...BAND, copies, state: 'retired' });
    expect(await device.write('putLadder', { id: LADDER }, ladderInput())).toBe('band-unusable');
    expect(device.view.all('ladder')).toEqual([]);
  });

  it('leaves behind decisions that a later session overtakes', async () => {
    const device = await trained(BAND);
    await device.write('finishSession', { id: SESSION }, { redFlag: false });
    const later = `${UUID}8`;
    const began = { prescriptionId: PRESCRIBED, startedAt: '2026-11-23T09:30:00.000Z' };
    await device.write('startSession', { id: later }, began);
    const decisionId = derivedId('decision', SESSION);
    expect(device.view.get('decision', decisionId)?.status).toBe('waiting');
    const set = setOf('2026-11-23T09:31:00.000Z');
    await device.write('logSet', { id: later, setId: uuidv7() }, set);
    expect(device.view.get('decision', decisionId)?.status).toBe('void');
  });
});

describe('what a device and the server derived', () => {
  const decision = {
    id: 'd',
    model: MODEL,
    ladder: [{ setupId: 's', title: 'Plank', load: 40.1 }],
    decision: { code: 'repeat', rungs: [0], target: [8] },
  } as unknown as DecisionRecord;
  const mine = { kind: 'decision' as const, id: 'd', record: decision };

  it('is the same but for what no computer keeps', () => {
    const servers = { ...decision, ladder: [{ setupId: 's', title: 'Plank', load: 40.1 + 1e-9 }] };
    expect(differenceOf(mine, servers)).toBeNull();
    const setup = {
      id: 's',
      figures: { model: MODEL, start: 1, mean: 2, end: 3, peak: 3 },
      cautions: [],
      ready: true,
    } as unknown as SetupRecord;
    expect(differenceOf({ kind: 'setup', id: 's', record: setup }, setup)).toBeNull();
  });

  it('is a defect where one model comes to two results, and not where models differ', () => {
    const other = { ...decision, decision: { ...decision.decision, code: 'heavier' } };
    expect(differenceOf(mine, other)).toContain('heavier');
    expect(differenceOf(mine, { ...other, model: MODEL + 1 })).toBeNull();
  });
});
