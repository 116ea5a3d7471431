import type { Exercise, Plane, SegmentPlace } from './exercise.js';
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

/** A contact's track before its depth or side is known. */
interface Placed extends ContactKind {
  readonly track: PlaneTrack;
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
 */
export function locateContacts(
  exercise: Exercise,
  body: Body,
  motion: Motion,
  widths: Widths,
): ContactField {
  const placed = [
    ...pairedContacts(motion, body, exercise.plane, widths),
    ...middleContacts(motion, body, exercise.plane),
    ...ownContacts(exercise, motion, body),
  ];
  const samples = motion.phase.length;
  const size = placed.length * samples;
  const field = {
    kinds: placed.map(({ name, side, segment }) => ({ name, side, segment })),
    index: new Map(placed.map(({ name }, c) => [name, c])),
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
  start: number,
  plane: Plane,
): void {
  const samples = contact.track.x.length;
  field.x.set(contact.track.x, start);
  field.y.set(contact.track.y, start);
  field.z.fill(contact.z_m, start, start + samples);
  if (plane === 'sagittal') return;
  const across = plane === 'frontal' ? field.x : field.y;
  if (contact.centred) across.fill(0, start, start + samples);
  if (contact.side !== 'left') return;
  for (let k = start; k < start + samples; k++) across[k] = -(across[k] as number);
}

function pairedContacts(motion: Motion, body: Body, plane: Plane, widths: Widths): Placed[] {
  const placed: Placed[] = [];
  const addPair = (place: string, joint: Joint, track: PlaneTrack): void => {
    const depth_m = plane === 'sagittal' ? halfWidth(joint, body, widths) : 0;
    const segment = place === 'sole' ? 'foot' : JOINT_SEGMENT[joint];
    placed.push(
      { name: `${place}L`, side: 'left', segment, track, z_m: -depth_m, centred: false },
      { name: `${place}R`, side: 'right', segment, track, z_m: depth_m, centred: false },
    );
  };
  for (const [joint, track] of motion.joints) addPair(joint, joint, track);
  const sole = soleTrack(motion, body);
  if (sole !== undefined) addPair('sole', 'ankle', sole);
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

function soleTrack(motion: Motion, body: Body): PlaneTrack | undefined {
  const ankle = motion.joints.get('ankle');
  const foot = motion.directions.get('foot');
  if (ankle === undefined || foot === undefined) return undefined;
  return along(
    ankle,
    foot,
    SOLE_AHEAD * SEGMENTS.foot.length * body.stature_m,
    -SOLE_DEPTH * body.stature_m,
  );
}

function middleContacts(motion: Motion, body: Body, plane: Plane): Placed[] {
  const hip = motion.joints.get('hip');
  const trunk = motion.directions.get('trunk');
  if (hip === undefined) return [];
  const segment: Segment = 'trunk';
  const side: Side = 'middle';
  // The hip line is known without the trunk; the rest of the middle is not.
  if (trunk === undefined) {
    return [{ name: 'hips', side, segment, track: hip, z_m: 0, centred: true }];
  }
  return MIDDLE.map(({ name, at, beyond, offset }) => {
    const along_m = (at * SEGMENTS.trunk.length + beyond) * body.stature_m;
    const offset_m = offset * body.stature_m;
    // In the frontal plane the back lies behind the plane instead of beside the trunk.
    const behind = plane === 'frontal';
    return {
      name,
      side,
      segment,
      track: along(hip, trunk, along_m, behind ? 0 : offset_m),
      z_m: behind ? offset_m : 0,
      centred: true,
    };
  });
}

function ownContacts(exercise: Exercise, motion: Motion, body: Body): Placed[] {
  return Object.entries(exercise.contacts ?? {}).flatMap(([name, place]) => {
    const track = placeTrack(place, motion, body);
    if (track === undefined) return [];
    const z_m = place.z_m ?? 0;
    return [{ name, side: 'middle' as const, segment: place.segment, track, z_m, centred: false }];
  });
}

function placeTrack(place: SegmentPlace, motion: Motion, body: Body): PlaneTrack | undefined {
  const { from, length } = SEGMENTS[place.segment];
  const start = motion.joints.get(from);
  const direction = motion.directions.get(place.segment);
  if (start === undefined || direction === undefined) return undefined;
  const along_m = place.at * length * body.stature_m;
  return along(start, direction, along_m, (place.offset ?? 0) * body.stature_m);
}

/** Goes `along_m` along a direction and `aside_m` along the direction turned +90°. */
function along(
  start: PlaneTrack,
  direction: PlaneTrack,
  along_m: number,
  aside_m: number,
): PlaneTrack {
  const x = new Float64Array(start.x.length);
  const y = new Float64Array(start.x.length);
  for (let k = 0; k < x.length; k++) {
    const ux = direction.x[k] as number;
    const uy = direction.y[k] as number;
    x[k] = (start.x[k] as number) + along_m * ux - aside_m * uy;
    y[k] = (start.y[k] as number) + along_m * uy + aside_m * ux;
  }
  return { x, y };
}
