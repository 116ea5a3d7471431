import type { Demand, Exercise } from '../../body/exercise.js';
import type { Joint, Segment } from '../../body/segments.js';
import type { Result } from '../../faults.js';
import type { PreparedDemand } from '../prepared.js';
import { contactKind } from './contact.js';
import type {
  Asked,
  DemandInput,
  DemandKind,
  UnsuitedDemand,
  DemandSetting,
} from './demand-kind.js';
import { momentKind } from './moment.js';
import { propKind } from './prop.js';
import { supportKind } from './support.js';

type Kinds = {
  readonly [Kind in Demand['kind']]: DemandKind<Extract<Demand, { kind: Kind }>>;
};

/** One object per kind of demand: a new kind is found here by the compiler, and works everywhere. */
const KINDS: Kinds = {
  support: supportKind,
  moment: momentKind,
  prop: propKind,
  contact: contactKind,
};

/** The kind's object, for the demand it was looked up by. */
function kindOf(demand: Demand): DemandKind<Demand> {
  return KINDS[demand.kind] as DemandKind<Demand>;
}

export type { UnsuitedDemand, DemandSetting };

/** Every kind of demand there is. */
export const DEMAND_KINDS = Object.keys(KINDS) as readonly Demand['kind'][];

/** Unit of a demand: newtons, or newton-metres for a moment. */
export function demandUnit(demand: Demand): 'N' | 'N·m' {
  return kindOf(demand).unit;
}

/** Why a demand does not suit the exercise's plane; undefined where it does. */
export function unsuitedDemand(demand: Demand, setting: DemandSetting): UnsuitedDemand | undefined {
  return kindOf(demand).unsuited(demand, setting);
}

/** Contacts on the body that a demand names. */
export function demandContacts(demand: Demand): readonly Asked<string>[] {
  return kindOf(demand).contacts(demand);
}

/** Joints that the poses must reach for a demand. */
export function demandJoints(demand: Demand, setting: DemandSetting): readonly Asked<Joint>[] {
  return kindOf(demand).joints(demand, setting);
}

/** Segments that the poses must give for a demand. */
export function demandSegments(demand: Demand): readonly Asked<Segment>[] {
  return kindOf(demand).segments(demand);
}

/** Where a free weight is held or strapped instead of a band; nowhere where it has no say. */
export function weightContacts({ demand, plane, limbs }: Exercise): readonly string[] {
  return kindOf(demand).weightContacts(demand, { plane, limbs });
}

/** Works out how forces count towards the demand of an exercise, and its size without bands. */
export function prepareDemand(input: DemandInput): Result<PreparedDemand> {
  const { demand } = input.exercise;
  return kindOf(demand).prepare(input, demand);
}
