import type {
  CompleteSetupDocument,
  LadderInput,
  LadderRecord,
  LadderRung,
} from '@wiry-otter/contracts';
import type { Derivation } from './derivation.js';
import { type LadderFacts, ladderOfToday, type LadderToday } from './ladders/ladder-of-today.js';
import { assessedRungs, type RungFacts } from './ladders/rungs.js';
import { assess, type AssessedSetup, type AssessmentFacts } from './setups/assess.js';

/** Derives what takes longer than a page, or the routes of a server, may stand still. */
export interface Deriver {
  /** A set-up by the laws on record. */
  assess(
    document: CompleteSetupDocument,
    facts: AssessmentFacts,
  ): Promise<Derivation<AssessedSetup>>;
  /** Rungs of a ladder by the laws on record. */
  assessRungs(
    drafts: LadderInput['rungs'],
    anchorId: string | null,
    facts: RungFacts,
  ): Promise<Derivation<LadderRung[]>>;
  /** A kept ladder as it is to be climbed today. */
  ladderOfToday(kept: LadderRecord, facts: LadderFacts): Promise<LadderToday>;
}

/** In the thread that asks: for what nobody waits for. */
export const DERIVER_IN_PLACE: Deriver = {
  assess: (document, facts) => Promise.resolve(assess(document, facts)),
  assessRungs: (drafts, anchorId, facts) => Promise.resolve(assessedRungs(drafts, anchorId, facts)),
  ladderOfToday: (kept, facts) => Promise.resolve(ladderOfToday(kept, facts)),
};
