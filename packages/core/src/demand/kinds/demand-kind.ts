import type { ContactField } from '../../body/contacts.js';
import type { Demand, Exercise } from '../../body/exercise.js';
import type { Motion } from '../../body/motion.js';
import type { Body, Joint, Segment } from '../../body/segments.js';
import type { Result } from '../../faults.js';
import type { Take } from '../../memory/arena.js';
import type { Load } from '../../rig/setup.js';
import type { PreparedDemand } from '../prepared.js';

/** Everything a demand is worked out from. */
export interface DemandInput {
  readonly exercise: Exercise;
  readonly body: Body;
  readonly motion: Motion;
  /** The motion over the whole rep, at 41 even phases; for what does not depend on the part done. */
  readonly wholeMotion: () => Result<Motion>;
  readonly contacts: ContactField;
  readonly loads: readonly Load[];
  /** Where weights and the unassisted demand are written. */
  readonly take: Take;
}

/** Name that a demand asks for, with the key of the demand that asks for it. */
export interface Asked<Name extends string> {
  readonly key: string;
  readonly name: Name;
}

/** A demand that does not suit its exercise: the key at fault, what is there, what may be. */
export interface UnsuitedDemand {
  readonly key: string;
  readonly found: string;
  readonly expected: string;
}

/** What of an exercise decides whether a demand suits it. */
export type DemandSetting = Pick<Exercise, 'plane' | 'limbs'>;

/** All that the product knows of one kind of demand. */
export interface DemandKind<D extends Demand> {
  readonly unit: 'N' | 'N·m';
  /** Whether it can be the demand of an exercise in this plane. */
  readonly unsuited: (demand: D, setting: DemandSetting) => UnsuitedDemand | undefined;
  /** Contacts on the body that it names. */
  readonly contacts: (demand: D) => readonly Asked<string>[];
  /** Joints that the poses must reach for it. */
  readonly joints: (demand: D, setting: DemandSetting) => readonly Asked<Joint>[];
  /** Segments that the poses must give for it. */
  readonly segments: (demand: D) => readonly Asked<Segment>[];
  /** Where a free weight is held or strapped instead of a band; nowhere where it has no say. */
  readonly weightContacts: (demand: D, setting: DemandSetting) => readonly string[];
  /** How forces count towards it, and its size without bands. */
  readonly prepare: (input: DemandInput, demand: D) => Result<PreparedDemand>;
}
