import type { Take } from '../memory/arena.js';
import { type Chain, describeChain } from './chain.js';
import type { Exercise, Plane } from './exercise.js';
import type { Motion, PlaneTrack } from './motion.js';
import { type Body, type Joint, JOINTS, type Segment, SEGMENTS } from './segments.js';

export type Side = 'left' | 'right' | 'middle';

/** What a contact is, apart from where it is. */
export interface ContactKind {
  readonly name: string;
  readonly side: Side;
  readonly segment: Segment;
}

/**
 * Places of all contacts on the body over the sampled phases, metres in the
 * exercise's frame. Entry k of contact c stands at `c · samples + k`.
 */
export interface ContactField {
  readonly kinds: readonly ContactKind[];
  readonly index: ReadonlyMap<string, number>;
  readonly x: Float64Array;
  readonly y: Float64Array;
  readonly z: Float64Array;
}

/** Grip and stance width in metres. */
export interface Widths {
  readonly grip_m: number;
  readonly stance_m: number;
}

/** Widths in statures where an exercise gives none. */
export const DEFAULT_WIDTHS = { grip: 0.259, stance: 0.191 } as const;

/** Half widths of the body in statures: shoulders and elbows, hips. */
const HALF_SHOULDER = 0.1295;
const HALF_HIP = 0.0955;

/** Height of the ankle over the sole, and the sole's middle ahead of it as share of the foot. */
const SOLE_DEPTH = 0.039;
const SOLE_AHEAD = 0.35;

const JOINT_SEGMENT: Readonly<Record<Joint, Segment>> = {
  toe: 'foot',
  ankle: 'shank',
  knee: 'shank',
  hip: 'trunk',
  shoulder: 'trunk',
  elbow: 'forearm',
  grip: 'forearm',
};

/** A contact that every body has: a place along and aside of a segment, or a joint itself. */
interface BodyContact {
  readonly kind: ContactKind;
  readonly start: Joint;
  /** The segment it lies along; none where it lies at the joint. */
  readonly segment: Segment | undefined;
  readonly alongStature: number;
  readonly asideStature: number;
}

const MIDDLE: readonly BodyContact[] = [
  // The hip line is known without the trunk; the rest of the middle is not.
  { ...onTrunk('hips', 0, 0, 0), segment: undefined },
  onTrunk('waist', 0.12, 0, 0),
  onTrunk('lowerBack', 0.25, 0, 0.06),
  onTrunk('upperBack', 0.8, 0, 0.06),
  onTrunk('nape', 1, 0.05, 0),
  onTrunk('head', 1, 0.13, 0),
];

const BODY_CONTACTS: readonly BodyContact[] = [
  ...JOINTS.flatMap((joint) => bothSides(joint, JOINT_SEGMENT[joint], joint, undefined, 0, 0)),
  ...bothSides('sole', 'foot', 'ankle', 'foot', SOLE_AHEAD * SEGMENTS.foot.length, -SOLE_DEPTH),
  ...MIDDLE,
];

const BODY_CONTACT_OF: ReadonlyMap<string, BodyContact> = new Map(
  BODY_CONTACTS.map((contact) => [contact.kind.name, contact]),
);

/** Every name that a contact on the body has by itself, whatever the exercise. */
export const BUILT_IN_CONTACTS: ReadonlySet<string> = new Set(BODY_CONTACT_OF.keys());

/** Share of the trunk's length, statures beyond that, statures behind the back's line. */
function onTrunk(name: string, share: number, beyond: number, behind: number): BodyContact {
  return {
    kind: { name, side: 'middle', segment: 'trunk' },
    start: 'hip',
    segment: 'trunk',
    alongStature: share * SEGMENTS.trunk.length + beyond,
    asideStature: behind,
  };
}

function bothSides(
  name: string,
  on: Segment,
  start: Joint,
  segment: Segment | undefined,
  alongStature: number,
  asideStature: number,
): BodyContact[] {
  const place = { start, segment, alongStature, asideStature };
  return [
    { ...place, kind: { name: `${name}L`, side: 'left', segment: on } },
    { ...place, kind: { name: `${name}R`, side: 'right', segment: on } },
  ];
}

/** Whether {@link locateContacts} will find this contact. */
export function hasContact(exercise: Exercise, chain: Chain, name: string): boolean {
  const contact = BODY_CONTACT_OF.get(name);
  if (contact !== undefined) {
    const { start, segment } = contact;
    return chain.reached.has(start) && (segment === undefined || chain.named.has(segment));
  }
  const { contacts = {} } = exercise;
  const own = Object.hasOwn(contacts, name) ? contacts[name] : undefined;
  if (own === undefined) return false;
  return chain.named.has(own.segment) && chain.reached.has(SEGMENTS[own.segment].from);
}

/** The names that {@link locateContacts} will find for an exercise, without laying it out. */
export function contactNames(exercise: Exercise, chain = describeChain(exercise)): string[] {
  return [...BUILT_IN_CONTACTS, ...Object.keys(exercise.contacts ?? {})].filter((name) =>
    hasContact(exercise, chain, name),
  );
}

/** Where a contact lies before its side is known: a place along and aside of a direction. */
interface Placed {
  readonly kind: ContactKind;
  readonly start: PlaneTrack;
  /** Direction to go along, and turned +90° aside; none where the contact is at `start`. */
  readonly direction: PlaneTrack | undefined;
  readonly along_m: number;
  readonly aside_m: number;
  /** Distance out of the plane, m. */
  readonly z_m: number;
  /** In the frontal and transverse planes the middle lies on the line of symmetry. */
  readonly centred: boolean;
}

/**
 * Finds every contact that the motion gives a place: the joints and soles of
 * both sides, the middle of the trunk, and the exercise's own.
 *
 * In the sagittal plane left and right differ in z. In the frontal plane the
 * left is the mirror of the right in x = 0, in the transverse plane in y = 0.
 *
 * @param take where the places are written
 * @param only the contacts wanted; all of them where it is not given
 */
export function locateContacts(
  exercise: Exercise,
  body: Body,
  motion: Motion,
  widths: Widths,
  take: Take,
  only?: ReadonlySet<string>,
): ContactField {
  const placed: Placed[] = [];
  for (const contact of BODY_CONTACTS) {
    if (only !== undefined && !only.has(contact.kind.name)) continue;
    const place = placeOnBody(contact, exercise.plane, motion, body, widths);
    if (place !== undefined) placed.push(place);
  }
  for (const place of ownContacts(exercise, motion, body)) {
    if (only === undefined || only.has(place.kind.name)) placed.push(place);
  }
  const samples = motion.phase.length;
  const size = placed.length * samples;
  const field = {
    kinds: placed.map(({ kind }) => kind),
    index: new Map(placed.map(({ kind }, c) => [kind.name, c])),
    x: take(size),
    y: take(size),
    z: take(size),
  };
  placed.forEach((contact, c) => writeContact(field, contact, c * samples, exercise.plane));
  return field;
}

function placeOnBody(
  contact: BodyContact,
  plane: Plane,
  motion: Motion,
  body: Body,
  widths: Widths,
): Placed | undefined {
  const start = motion.joints.get(contact.start);
  const direction =
    contact.segment === undefined ? undefined : motion.directions.get(contact.segment);
  if (start === undefined) return undefined;
  if (contact.segment !== undefined && direction === undefined) return undefined;
  const centred = contact.kind.side === 'middle';
  const aside_m = contact.asideStature * body.stature_m;
  // In the frontal plane the back lies behind the plane instead of beside the trunk.
  const behind = centred && plane === 'frontal';
  return {
    kind: contact.kind,
    start,
    direction,
    along_m: contact.alongStature * body.stature_m,
    aside_m: behind ? 0 : aside_m,
    z_m: behind ? aside_m : depth(contact, plane, body, widths),
    centred,
  };
}

/** Distance of a contact out of the sagittal plane, m: right positive, left negative. */
function depth({ kind, start }: BodyContact, plane: Plane, body: Body, widths: Widths): number {
  if (plane !== 'sagittal' || kind.side === 'middle') return 0;
  return (kind.side === 'left' ? -1 : 1) * halfWidth(start, body, widths);
}

function writeContact(
  field: { x: Float64Array; y: Float64Array; z: Float64Array },
  contact: Placed,
  first: number,
  plane: Plane,
): void {
  const { start, direction, along_m, aside_m } = contact;
  const samples = start.x.length;
  field.z.fill(contact.z_m, first, first + samples);
  if (direction === undefined) {
    field.x.set(start.x, first);
    field.y.set(start.y, first);
  } else {
    for (let k = 0; k < samples; k++) {
      const ux = direction.x[k] as number;
      const uy = direction.y[k] as number;
      field.x[first + k] = (start.x[k] as number) + along_m * ux - aside_m * uy;
      field.y[first + k] = (start.y[k] as number) + along_m * uy + aside_m * ux;
    }
  }
  if (plane === 'sagittal') return;
  const across = plane === 'frontal' ? field.x : field.y;
  if (contact.centred) across.fill(0, first, first + samples);
  if (contact.kind.side !== 'left') return;
  for (let i = first; i < first + samples; i++) across[i] = -(across[i] as number);
}

function halfWidth(joint: Joint, body: Body, widths: Widths): number {
  switch (joint) {
    case 'grip':
      return widths.grip_m / 2;
    case 'elbow':
    case 'shoulder':
      return HALF_SHOULDER * body.stature_m;
    case 'hip':
      return HALF_HIP * body.stature_m;
    default:
      return widths.stance_m / 2;
  }
}

function ownContacts(exercise: Exercise, motion: Motion, body: Body): Placed[] {
  return Object.entries(exercise.contacts ?? {}).flatMap(([name, own]) => {
    const { from, length } = SEGMENTS[own.segment];
    const start = motion.joints.get(from);
    const direction = motion.directions.get(own.segment);
    if (start === undefined || direction === undefined) return [];
    return [
      {
        kind: { name, side: 'middle' as const, segment: own.segment },
        start,
        direction,
        along_m: own.at * length * body.stature_m,
        aside_m: (own.offset ?? 0) * body.stature_m,
        z_m: own.z_m ?? 0,
        centred: false,
      },
    ];
  });
}
