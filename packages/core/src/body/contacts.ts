import type { Exercise, Plane } from './exercise.js';
import { type Motion, namedSegments, type PlaneTrack, reachedJoints } from './motion.js';
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

/** Middle contacts on the trunk: share of its length, extra statures along it, offset to the back. */
const MIDDLE: readonly { name: string; at: number; beyond: number; offset: number }[] = [
  { name: 'hips', at: 0, beyond: 0, offset: 0 },
  { name: 'waist', at: 0.12, beyond: 0, offset: 0 },
  { name: 'lowerBack', at: 0.25, beyond: 0, offset: 0.06 },
  { name: 'upperBack', at: 0.8, beyond: 0, offset: 0.06 },
  { name: 'nape', at: 1, beyond: 0.05, offset: 0 },
  { name: 'head', at: 1, beyond: 0.13, offset: 0 },
];

/** Every name that a contact on the body has by itself, whatever the exercise. */
export const BUILT_IN_CONTACTS: readonly string[] = [
  ...[...JOINTS, 'sole'].flatMap((place) => [`${place}L`, `${place}R`]),
  ...MIDDLE.map(({ name }) => name),
];

/** The names that {@link locateContacts} will find for an exercise, without laying it out. */
export function contactNames(exercise: Exercise): ReadonlySet<string> {
  const joints = reachedJoints(exercise);
  const segments = namedSegments(exercise);
  const names = new Set([...joints].flatMap((joint) => [`${joint}L`, `${joint}R`]));
  if (joints.has('ankle') && segments.has('foot')) names.add('soleL').add('soleR');
  if (joints.has('hip')) {
    for (const { name } of MIDDLE) if (name === 'hips' || segments.has('trunk')) names.add(name);
  }
  for (const [name, { segment }] of Object.entries(exercise.contacts ?? {})) {
    if (segments.has(segment) && joints.has(SEGMENTS[segment].from)) names.add(name);
  }
  return names;
}

interface PlaceOnTrack {
  readonly start: PlaneTrack;
  /** Direction to go along, and turned +90° aside; none where the contact is at `start`. */
  readonly direction: PlaneTrack | undefined;
  readonly along_m: number;
  readonly aside_m: number;
}

/** Where a contact lies before its side is known: a place along and aside of a direction. */
interface Placed {
  readonly kind: ContactKind;
  readonly place: PlaceOnTrack;
  /** Distance out of the plane, m, for the side at hand. */
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
 * @param only the contacts wanted; all of them where it is not given
 */
export function locateContacts(
  exercise: Exercise,
  body: Body,
  motion: Motion,
  widths: Widths,
  only?: ReadonlySet<string>,
): ContactField {
  const all = [
    ...pairedContacts(motion, body, exercise.plane, widths),
    ...middleContacts(motion, body, exercise.plane),
    ...ownContacts(exercise, motion, body),
  ];
  const placed = only === undefined ? all : all.filter(({ kind }) => only.has(kind.name));
  const samples = motion.phase.length;
  const size = placed.length * samples;
  const field = {
    kinds: placed.map(({ kind }) => kind),
    index: new Map(placed.map(({ kind }, c) => [kind.name, c])),
    x: new Float64Array(size),
    y: new Float64Array(size),
    z: new Float64Array(size),
  };
  placed.forEach((contact, c) => writeContact(field, contact, c * samples, exercise.plane));
  return field;
}

function writeContact(
  field: { x: Float64Array; y: Float64Array; z: Float64Array },
  contact: Placed,
  first: number,
  plane: Plane,
): void {
  const { start, direction, along_m, aside_m } = contact.place;
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

function pairedContacts(motion: Motion, body: Body, plane: Plane, widths: Widths): Placed[] {
  const placed: Placed[] = [];
  const addPair = (name: string, joint: Joint, segment: Segment, place: PlaceOnTrack): void => {
    const depth_m = plane === 'sagittal' ? halfWidth(joint, body, widths) : 0;
    const left: ContactKind = { name: `${name}L`, side: 'left', segment };
    const right: ContactKind = { name: `${name}R`, side: 'right', segment };
    placed.push({ kind: left, place, z_m: -depth_m, centred: false });
    placed.push({ kind: right, place, z_m: depth_m, centred: false });
  };
  for (const [joint, start] of motion.joints) {
    const place = { start, direction: undefined, along_m: 0, aside_m: 0 };
    addPair(joint, joint, JOINT_SEGMENT[joint], place);
  }
  const start = motion.joints.get('ankle');
  const direction = motion.directions.get('foot');
  if (start !== undefined && direction !== undefined) {
    const along_m = SOLE_AHEAD * SEGMENTS.foot.length * body.stature_m;
    const aside_m = -SOLE_DEPTH * body.stature_m;
    addPair('sole', 'ankle', 'foot', { start, direction, along_m, aside_m });
  }
  return placed;
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

function middleContacts(motion: Motion, body: Body, plane: Plane): Placed[] {
  const start = motion.joints.get('hip');
  const direction = motion.directions.get('trunk');
  if (start === undefined) return [];
  const kindOf = (name: string): ContactKind => ({ name, side: 'middle', segment: 'trunk' });
  // The hip line is known without the trunk; the rest of the middle is not.
  if (direction === undefined) {
    const place = { start, direction, along_m: 0, aside_m: 0 };
    return [{ kind: kindOf('hips'), place, z_m: 0, centred: true }];
  }
  return MIDDLE.map(({ name, at, beyond, offset }) => {
    const along_m = (at * SEGMENTS.trunk.length + beyond) * body.stature_m;
    const offset_m = offset * body.stature_m;
    // In the frontal plane the back lies behind the plane instead of beside the trunk.
    const behind = plane === 'frontal';
    return {
      kind: kindOf(name),
      place: { start, direction, along_m, aside_m: behind ? 0 : offset_m },
      z_m: behind ? offset_m : 0,
      centred: true,
    };
  });
}

function ownContacts(exercise: Exercise, motion: Motion, body: Body): Placed[] {
  return Object.entries(exercise.contacts ?? {}).flatMap(([name, own]) => {
    const { from, length } = SEGMENTS[own.segment];
    const start = motion.joints.get(from);
    const direction = motion.directions.get(own.segment);
    if (start === undefined || direction === undefined) return [];
    const along_m = own.at * length * body.stature_m;
    const aside_m = (own.offset ?? 0) * body.stature_m;
    return [
      {
        kind: { name, side: 'middle' as const, segment: own.segment },
        place: { start, direction, along_m, aside_m },
        z_m: own.z_m ?? 0,
        centred: false,
      },
    ];
  });
}
