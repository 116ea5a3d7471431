import type { Plane } from '../body/exercise.js';
import type { Material } from '../care/inspection.js';
import type { Softening } from '../care/softening.js';
import type { Grade } from '../elastic/calibration.js';
import type { SolvedRig } from '../demand/solve-setup.js';
import type { Setup } from '../rig/setup.js';

/** `refuse` keeps a set-up from being ready, `warn` must be acknowledged, `note` informs. */
export type CautionLevel = 'refuse' | 'warn' | 'note';

/** The smallest change that ends a refusal. */
export interface Cure {
  readonly kind: 'distance';
  /** How far the person has to step towards the anchor, m. */
  readonly closer_m: number;
}

export interface Caution {
  readonly rule: string;
  readonly level: CautionLevel;
  readonly text: string;
  /** The figures the rule weighed, keyed with their unit. */
  readonly figures: Readonly<Record<string, number | string>>;
  readonly cure?: Cure;
}

/** What is known about a band in the set-up besides its law. */
export interface BandFacts {
  readonly id: string;
  readonly title: string;
  readonly grade: Grade;
  readonly retired: boolean;
  readonly flatLength_m: number;
  readonly material: Material;
  /** Days or stretch cycles since the last inspection are over the studio's rule. */
  readonly inspectionDue: boolean;
  /** How much softer it is than at first; null where it was measured once. */
  readonly softening: Softening | null;
}

export type AnchorKind = 'door' | 'wall' | 'post' | 'bar' | 'underFoot';

/** Everything the rules look at. */
export interface CautionContext {
  readonly setup: Setup;
  readonly plane: Plane;
  readonly solved: SolvedRig;
  readonly bands: readonly BandFacts[];
  readonly anchor: AnchorKind;
  readonly latexAllergy?: boolean | undefined;
  /** The studio refuses a pull toward the face, where it is else warned of. */
  readonly eyesRule?: boolean | undefined;
  /** A condition on file or a rehab goal asks for a clinician's clearance. */
  readonly clearance?: { readonly needed: boolean; readonly valid: boolean } | undefined;
}

/** One rule: pure, and silent when it has nothing to say. */
export interface CautionRule {
  readonly id: string;
  readonly level: CautionLevel;
  readonly check: (context: CautionContext) => Caution | undefined;
}
