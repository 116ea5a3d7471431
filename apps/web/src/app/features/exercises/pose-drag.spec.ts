import { findExercise } from '@wiry-otter/catalogue';
import type { ExerciseDocument } from '@wiry-otter/contracts';
import { type Joint, type Pair, prepareExercise } from '@wiry-otter/core';
import { copyExercise, exerciseFaults, OWN_PREFIX } from './own-exercise';
import { addPose, dragJoint, handlesOf, MOST_POSES, removePose, turnSegment } from './pose-drag';

function exercise(id: string): ExerciseDocument {
  const found = findExercise(id);
  if (found === undefined) throw new Error(id);
  return found;
}

const BODY = { stature_m: 1, mass_kg: 70 };

/** Places of the right side's joints at the start, statures. */
function jointsOf(of: ExerciseDocument): Map<Joint, Pair> {
  const prepared = prepareExercise(of, BODY);
  if (!prepared.ok) throw new Error('not reachable');
  const { contacts, samples } = prepared.value;
  return new Map(
    contacts.kinds.flatMap(({ name, side }, c) =>
      side === 'right'
        ? [
            [
              name.slice(0, -1) as Joint,
              [contacts.x[c * samples] ?? 0, contacts.y[c * samples] ?? 0] as const,
            ],
          ]
        : [],
    ),
  );
}

describe('posing a figure', () => {
  it('offers the root, and every joint by the segment that leads to it', () => {
    const handles = handlesOf(exercise('standing-row'));
    expect(handles.map(({ joint }) => joint)).toEqual([
      'ankle',
      'toe',
      'knee',
      'hip',
      'shoulder',
      'elbow',
      'grip',
    ]);
    expect(handles[0]?.segment).toBeNull();
    expect(handles.find(({ joint }) => joint === 'knee')?.segment).toBe('shank');
    // A hand given by its place is dragged as such, and bends the arm.
    const squat = handlesOf(exercise('squat'));
    expect(squat.at(-1)).toEqual({ joint: 'grip', segment: null });
    expect(squat.some(({ joint }) => joint === 'elbow')).toBeFalse();
  });

  it('brings a dragged joint as near to the pointer as its segment reaches', () => {
    const row = exercise('standing-row');
    for (const handle of handlesOf(row).slice(1)) {
      const joints = jointsOf(row);
      const [x, y] = joints.get(handle.joint) ?? [0, 0];
      const place: Pair = [x + 0.03, y + 0.02];
      const moved = jointsOf(dragJoint(row, 0, handle, joints, place)).get(handle.joint);
      const before = Math.hypot(x - place[0], y - place[1]);
      const after = Math.hypot((moved?.[0] ?? 9) - place[0], (moved?.[1] ?? 9) - place[1]);
      expect(after).withContext(handle.joint).toBeLessThan(before);
    }
  });

  it('turns the shorter way, so that the movement between poses stays short', () => {
    const turned = turnSegment(exercise('standing-row'), 0, 'shank', 262);
    expect(turned.poses[0]?.shank).toBe(-98);
  });

  it('moves the root for all poses, the hand for one', () => {
    const row = exercise('standing-row');
    const [root] = handlesOf(row);
    if (root === undefined) throw new Error('no root');
    expect(dragJoint(row, 0, root, jointsOf(row), [0.1, 0.05]).root.at).toEqual([0.1, 0.05]);
    const squat = exercise('squat');
    const hand = handlesOf(squat).at(-1);
    if (hand === undefined) throw new Error('no hand');
    const [sx, sy] = jointsOf(squat).get('shoulder') ?? [0, 0];
    const moved = dragJoint(squat, 0, hand, jointsOf(squat), [sx + 0.2, sy - 0.1]);
    expect(moved.poses[0]?.hand).toEqual([0.2, -0.1]);
    expect(moved.poses[1]?.hand).toEqual(squat.poses[1]?.hand);
  });

  it('adds poses half-way that change nothing yet, up to five, and takes them away', () => {
    const row = exercise('standing-row');
    let more = addPose(row, 0);
    expect(more.poses[1]?.phase).toBe(0.5);
    expect(exerciseFaults(more)).toEqual([]);
    while (more.poses.length < MOST_POSES) more = addPose(more, 0);
    expect(addPose(more, 0).poses.length).toBe(MOST_POSES);
    expect(exerciseFaults(more)).toEqual([]);
    expect(removePose(more, 1).poses.length).toBe(MOST_POSES - 1);
    expect(removePose(more, 0).poses.length).toBe(MOST_POSES);
  });
});

describe('an exercise of one’s own', () => {
  it('is a copy under an id that no exercise of the catalogue has', () => {
    const copy = copyExercise(exercise('curl'), 'x');
    expect(copy.id.startsWith(OWN_PREFIX)).toBeTrue();
    expect(exerciseFaults(JSON.parse(JSON.stringify(copy)))).toEqual([]);
  });

  it('is told apart from what cannot be, with path and reason', () => {
    const row = exercise('standing-row');
    expect(exerciseFaults({ ...row, poses: [{ phase: 0 }] }).join()).toContain('$.poses');
    expect(exerciseFaults({ ...row, demand: { kind: 'contact', at: ['fin'] } }).join()).toContain(
      '$.demand.at[0]: found "fin"',
    );
    const squat = exercise('squat');
    const far = squat.poses.map((pose) => ({ ...pose, hand: [2, 0] }));
    expect(exerciseFaults({ ...squat, poses: far }).join()).toContain('statures from the shoulder');
  });
});
