import * as bands from './kinds/bands';
import {
  acceptDecision,
  finishSession,
  noteNextMorning,
  overruleDecision,
} from './kinds/decisions';
import { putLadder, putLadderAway, takeLadderBack } from './kinds/ladders';
import { putNote, putPerson } from './kinds/people';
import { prescribe } from './kinds/prescriptions';
import {
  discardSession,
  logSet,
  restoreSession,
  setSetAside,
  startSession,
} from './kinds/sessions';
import { putSetup, putSetupAway, takeSetupBack } from './kinds/setups';
import * as stops from './kinds/stops';
import * as studio from './kinds/studio';
import type { WriteKindOf } from './write-kind';

/** Every kind of write: each goes through the outbox, there is no other way. */
export const WRITE_KINDS = {
  ...bands,
  ...studio,
  ...stops,
  ...{ putSetup, putSetupAway, takeSetupBack },
  ...{ putLadder, putLadderAway, takeLadderBack },
  ...{ putPerson, putNote },
  prescribe,
  ...{ startSession, logSet, setSetAside, discardSession, restoreSession },
  ...{ finishSession, noteNextMorning, acceptDecision, overruleDecision },
};

/** What each of them takes. */
export type WriteKinds = {
  readonly [Kind in keyof typeof WRITE_KINDS]: (typeof WRITE_KINDS)[Kind] extends WriteKindOf<
    infer Params,
    infer Body
  >
    ? { readonly params: Params; readonly body: Body }
    : never;
};
