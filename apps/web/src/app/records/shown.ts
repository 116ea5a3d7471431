import { createSelector } from '@ngrx/store';
import { RECORD_KINDS, type RecordKind, type RecordOf } from '@wiry-otter/contracts';
import { outboxFeature } from './outbox/outbox-state';
import {
  type AllEntities,
  type Entities,
  merged,
  type Overlay,
  overlayOf,
  viewOf,
} from './outbox/overlay';
import type { RecordView } from './outbox/write-kind';
import { SLICES } from './record-slice';

/** Records as the server has told of them. */
export const selectServers = createSelector(
  RECORD_KINDS.map((kind) => SLICES[kind].selectEntities),
  (...all: unknown[]) =>
    Object.fromEntries(RECORD_KINDS.map((kind, i) => [kind, all[i]])) as AllEntities,
);

const NOTHING_OVER: Overlay = new Map();

const selectOverlay = createSelector(
  selectServers,
  outboxFeature.selectLaidOver,
  (servers, writes) => (writes.length === 0 ? NOTHING_OVER : overlayOf(servers, writes)),
);

function shownOf<Kind extends RecordKind>(kind: Kind) {
  const selectEntities = createSelector(
    selectServers,
    selectOverlay,
    (servers, overlay): Entities<Kind> => merged(servers[kind], overlay.get(kind)),
  );
  return {
    selectEntities,
    selectAll: createSelector(selectEntities, (entities): RecordOf<Kind>[] =>
      Object.values(entities).flatMap((record) => record ?? []),
    ),
  };
}

/** The records with what waits carried out, to be asked one by one. */
export const selectView = createSelector(
  selectServers,
  outboxFeature.selectLaidOver,
  (servers, writes): RecordView => viewOf(servers, writes),
);

/** Records as screens show them: the server's, with what waits to be sent laid over them. */
export const SHOWN = Object.fromEntries(RECORD_KINDS.map((kind) => [kind, shownOf(kind)])) as {
  [Kind in RecordKind]: ReturnType<typeof shownOf<Kind>>;
};
