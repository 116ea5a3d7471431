// What a trainer writes and a device derives while there is no server: the records that screens show.
import { findExercise } from '@wiry-otter/catalogue';
import {
  type BandRecord,
  type LadderInput,
  type PrescriptionInput,
  RECORD_KINDS,
  type RecordKind,
  type RecordOf,
  type SetInput,
} from '@wiry-otter/contracts';
import {
  knowBand,
  type LadderTarget,
  proposeLadder,
  USUAL_PREFERENCES,
  USUAL_UNITS,
} from '@wiry-otter/core';
import { DERIVER_IN_PLACE } from '@wiry-otter/derived';
import { v7 as uuidv7 } from 'uuid';
import {
  basisOf,
  gapsOf,
  keptRung,
  ladderRequestOf,
  rungsOf,
} from '../app/features/setups/ladder/ladder-model';
import type { WorkbenchInput } from '../app/features/setups/workbench/solve-workbench';
import { EMPTY_WORKBENCH } from '../app/features/setups/workbench/workbench-state';
import { type AllEntities, viewOf } from '../app/records/outbox/overlay';
import type { KeptWrite, WriteKind } from '../app/records/outbox/write';
import type { RecordView, WriteKindOf } from '../app/records/outbox/write-kind';
import { WRITE_KINDS, type WriteKinds } from '../app/records/outbox/write-kinds';
import { STUDIO } from './app';
import { measuredBand, personRecord, placeRecord, pull, UUID } from './records';

const TARGET: LadderTarget = { metric: 'mean', from: 40, to: 90, step: 0.1 };
export const BAND = measuredBand([pull(1.35, 48), pull(1.77, 88), pull(2.18, 121)], {
  id: `${UUID}a`,
});
export const PERSON = personRecord();
export const PLACE = placeRecord();
export const [LADDER, SESSION, PRESCRIBED] = [`${UUID}5`, `${UUID}6`, `${UUID}7`];

/** What a trainer has written on a device that has not met the server since. */
export class OfflineDevice {
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

  /** All records, as the feed would tell of them. */
  get records(): { readonly [Kind in RecordKind]: readonly RecordOf<Kind>[] } {
    const { view } = this;
    return Object.fromEntries(RECORD_KINDS.map((kind) => [kind, view.all(kind)])) as never;
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
    const derived = await derive?.(this.view, write, DERIVER_IN_PLACE);
    if (derived?.ok === false) return derived.code;
    this.writes.push({ ...write, derived: derived?.value });
    return (derived?.value ?? []).map((one) => one.kind);
  }
}

/** A ladder of the band as the workbench makes it. */
export function ladderInput(): LadderInput {
  const exercise = findExercise('standing-row');
  if (exercise === undefined) throw new Error('no row');
  const anchor = PLACE.anchors[0] ?? null;
  const bag = [knowBand(BAND)];
  const input: WorkbenchInput = {
    ...{ person: PERSON, exercise, placeId: PLACE.id, anchor, bands: [] },
    ...{ today: '2026-11-23', eyesRule: false, units: USUAL_UNITS, state: EMPTY_WORKBENCH },
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

export const prescriptionOf = (setupId: string): PrescriptionInput => ({
  ...{ personId: PERSON.id, setupIds: [setupId], track: 'main', school: 'fill-range', sets: 3 },
  ...{ work: { kind: 'reps', from: 8, to: 15 }, rest_s: 90, target: [8, 8, 8], drop: null },
});

// Beyond the range by as much as bridges a gap in the ladder.
export const setOf = (performedAt: string): SetInput => ({
  ...{ performedAt, setupId: null, reps: 19, partial: 0, hold_s: null, lowering_s: null },
  ...{ spare: 2, form: 'clean', pain: 0 },
});

/** A session of full sets on a rung of a ladder, not ended yet. */
export async function trained(
  band: BandRecord = BAND,
  ladder = ladderInput(),
  minutes: readonly string[] = ['01', '04', '07'],
): Promise<OfflineDevice> {
  const device = new OfflineDevice(band);
  const [rung] = ladder.rungs;
  await device.write('putLadder', { id: LADDER }, ladder);
  const prescription = prescriptionOf(rung?.setupId ?? '');
  // The rung that is prescribed becomes a set-up.
  await device.write('prescribe', { id: PRESCRIBED }, prescription);
  const began = { prescriptionId: PRESCRIBED, startedAt: '2026-11-23T09:00:00.000Z' };
  await device.write('startSession', { id: SESSION }, began);
  for (const minute of minutes) {
    const set = setOf(`2026-11-23T09:${minute}:00.000Z`);
    await device.write('logSet', { id: SESSION, setId: uuidv7() }, set);
  }
  return device;
}
