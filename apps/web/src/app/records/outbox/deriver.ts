import type {
  CompleteSetupDocument,
  LadderInput,
  LadderRecord,
  LadderRung,
} from '@wiry-otter/contracts';
import type {
  AssessedSetup,
  AssessmentFacts,
  Derivation,
  LadderFacts,
  LadderToday,
  RungFacts,
} from '@wiry-otter/derived';

/** Derives what takes longer than a page may stand still. */
export interface Deriver {
  assess(
    document: CompleteSetupDocument,
    facts: AssessmentFacts,
  ): Promise<Derivation<AssessedSetup>>;
  assessRungs(
    drafts: LadderInput['rungs'],
    anchorId: string | null,
    facts: RungFacts,
  ): Promise<Derivation<LadderRung[]>>;
  ladderOfToday(kept: LadderRecord, facts: LadderFacts): Promise<LadderToday>;
}
