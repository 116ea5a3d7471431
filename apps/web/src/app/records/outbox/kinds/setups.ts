import type { LadderRecord, LadderRung, SetupInput, SetupRecord } from '@wiry-otter/contracts';
import { removalOf, returnOf } from './removal';
import { type Derivation, derived, refused, type Deriver } from '@wiry-otter/derived';
import { bandFacts, studioFacts } from '../facts';
import {
  type RecordView,
  shown,
  type ShownRecord,
  type WriteFacts,
  type WriteKindOf,
} from '../write-kind';

interface One {
  readonly id: string;
}

export const putSetup: WriteKindOf<One, SetupInput> = {
  method: 'PUT',
  path: ({ id }) => `/setups/${id}`,
  answers: 'setup',
  isWhole: true,
  about: ({ id }) => [id],
  derive: savedSetup,
  show: (_view, { derived: records = [] }) => records,
};

/** A set-up as it is once it is saved: its figures and cautions by the laws on record. */
async function savedSetup(
  view: RecordView,
  {
    at,
    body,
    by,
    params: { id },
  }: Pick<WriteFacts<One, SetupInput>, 'at' | 'body' | 'by' | 'params'>,
  deriver: Deriver,
): Promise<Derivation<readonly ShownRecord<'setup'>[]>> {
  const { acknowledged, document, version, ...where } = body;
  const person = view.get('person', where.personId);
  const anchors = view.get('place', where.placeId)?.anchors;
  const anchor = where.anchorId === null ? null : anchors?.find((one) => one.id === where.anchorId);
  if (person === undefined || anchors === undefined || anchor === undefined) {
    return refused('not-found');
  }
  const before = view.get('setup', id);
  const studio = studioFacts(view, at);
  const assessed = await deriver.assess(document, {
    ...studio,
    person,
    anchor,
    bands: bandFacts(view, studio.today),
    seen: {
      acknowledged,
      present: { by: by.id, name: by.name, at },
      before: before?.cautions ?? [],
    },
  });
  if (!assessed.ok) return assessed;
  const setup: SetupRecord = {
    ...where,
    ...assessed.value,
    id,
    version: version + 1,
    exerciseId: document.exercise.id,
    earlierFigures: null,
    removed: before?.removed ?? false,
    savedAt: at,
  };
  return derived([shown('setup', setup)]);
}

/** Makes rungs that are prescribed set-ups; those that are one already stay as they are. */
export async function setupsOfRungs(
  view: RecordView,
  { anchorId, personId, placeId }: Pick<LadderRecord, 'anchorId' | 'personId' | 'placeId'>,
  rungs: readonly LadderRung[],
  { at, by }: Pick<WriteFacts<unknown, unknown>, 'at' | 'by'>,
  deriver: Deriver,
): Promise<Derivation<readonly ShownRecord<'setup'>[]>> {
  const made: ShownRecord<'setup'>[] = [];
  for (const { document, routeId, setupId, title } of rungs) {
    if (view.get('setup', setupId) !== undefined) continue;
    const where = { personId, placeId, anchorId, title, routeId };
    const body = { ...where, version: 0, document, acknowledged: [] };
    const setup = await savedSetup(view, { at, body, by, params: { id: setupId } }, deriver);
    if (!setup.ok) return setup;
    made.push(...setup.value);
  }
  return derived(made);
}

export const putSetupAway = removalOf('setup', '/setups');
export const takeSetupBack = returnOf('setup', '/setups');
