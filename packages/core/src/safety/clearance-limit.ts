import { RANGE_90 } from '../elastic/worst-spread.js';
import { describeChain } from '../body/chain.js';
import type { Demand } from '../body/exercise.js';
import type { RangedJoint } from '../body/joint-angles.js';
import type { Segment } from '../body/segments.js';
import { BY_EYE, BY_MARKS, solutionSpread } from '../demand/spread.js';
import { rigSetup, type SolvedRig } from '../demand/solve-setup.js';
import { writeAngle, writeForce, writeLength } from '../units/units.js';
import type { AnchoredSetup, Caution, CautionContext, CautionRule, Cure } from './caution.js';
import { type Allowed, type ClearanceLimits, REHAB_STAGES, stageOf } from './clearance.js';
import { distanceCure, phaseWords } from './cures.js';
import { beyondRange, handHeight, partWithinLimits } from './pose-limits.js';

/** So far inside a limit a cure lands, as a share of it. */
const INSIDE_SHARE = 0.01;

/** What work of each stage of rehab is. */
export const STAGE_WORDS = {
  isometric: 'holds',
  isometricWithMovement: 'holds with movement',
  dynamic: 'movement',
  changedPosture: 'movement in another posture',
} as const;

/**
 * Refuses a set-up beyond limits of the clearance on file: names them all, and the smallest change
 * that keeps the first; what then is left of the others is told with the set-up so changed.
 */
export const clearanceLimit: CautionRule = {
  id: 'clearance-limit',
  level: 'refuse',
  check: (context) => {
    const limits = context.person.clearance?.enforced;
    if (limits === undefined) return undefined;
    const [first, ...others] = SEARCHES.flatMap((find) => find(context, limits) ?? []);
    if (first === undefined) return undefined;
    const { cure, words } = first.mend?.() ?? {};
    const sentences = [
      ...[first.text, words, ...others.map(({ text }) => text)].filter((one) => one !== undefined),
      'Only the licensed clinician who gave it can widen it.',
    ];
    return {
      rule: 'clearance-limit',
      level: 'refuse',
      text: sentences.join(' '),
      figures: first.figures,
      ...(cure === undefined ? {} : { cure }),
    };
  },
};

/** A limit that a set-up goes beyond. */
interface Beyond {
  readonly text: string;
  readonly figures: Caution['figures'];
  /** The smallest change that keeps it, looked for only where it is told. */
  readonly mend?: () => Mend;
}

interface Mend {
  readonly words: string;
  readonly cure?: Cure;
}

type Search = (context: CautionContext, limits: ClearanceLimits) => Beyond | undefined;

const beyondMovement: Search = ({ setup: { exercise } }, { movements, groups }) => {
  const isOut = <Name extends string>(name: Name, allowed: Allowed<Name> | undefined): boolean =>
    allowed?.not?.includes(name) === true || allowed?.only?.includes(name) === false;
  if (isOut(exercise.id, movements)) {
    return {
      text: `The clearance does not allow this exercise, ${exercise.title}.`,
      figures: { exercise: exercise.id },
    };
  }
  const group = exercise.groups?.find((one) => isOut(one, groups));
  if (group === undefined) return undefined;
  return {
    text: `The clearance does not allow work for this muscle group: ${groupWords(group)}.`,
    figures: { group },
  };
};

const beyondStage: Search = ({ setup: { exercise } }, { stage: reached }) => {
  if (reached === undefined) return undefined;
  const stage = stageOf(exercise);
  if (REHAB_STAGES.indexOf(stage) <= REHAB_STAGES.indexOf(reached)) return undefined;
  return {
    text: `The clearance goes as far as ${STAGE_WORDS[reached]}; this is ${STAGE_WORDS[stage]}.`,
    figures: { stage, reached },
  };
};

const beyondHeight: Search = (context, { handHeight_m: most_m }) => {
  if (most_m === undefined) return undefined;
  const { prepared } = context.solved.rig;
  let highest_m = -Infinity;
  for (let k = 0; k < prepared.samples; k++) {
    highest_m = Math.max(highest_m, handHeight(context.setup, prepared, k));
  }
  if (highest_m <= most_m) return undefined;
  const words = (length_m: number): string => writeLength(length_m, context.units?.length);
  return {
    text: `The hands go to ${words(highest_m)} over the floor; the clearance ends at ${words(most_m)}.`,
    figures: { height_m: highest_m, most_m },
    mend: () => shorterMovement(context),
  };
};

const beyondJoint: Search = (context, { ranges = [] }) => {
  const beyond = beyondRange(context, ranges);
  if (beyond === undefined) return undefined;
  const { angle_deg, edge_deg, joint } = beyond;
  return {
    text: `The ${joint} goes to ${writeAngle(angle_deg)}; the clearance ends at ${writeAngle(edge_deg)}.`,
    figures: { joint, angle_deg, edge_deg },
    mend: () => shorterMovement(context),
  };
};

function shorterMovement(context: CautionContext): Mend {
  const part = partWithinLimits(context);
  return part === undefined
    ? { words: 'Choose another exercise.' }
    : { words: `Do it only ${phaseWords(part)}.`, cure: { kind: 'phases', ...part } };
}

const beyondPull: Search = (context, { pull_N: most_N }) => {
  if (most_N === undefined) return undefined;
  const asked = upperPeak(context, { kind: 'contact', at: handsOf(context) });
  if (asked === undefined || asked.upper <= most_N) return undefined;
  const words = (force_N: number): string => writeForce(force_N, context.units?.force);
  return {
    text: `Up to ${words(asked.upper)} at the hands; the clearance ends at ${words(most_N)}, ${words(asked.upper - most_N)} less.`,
    figures: { pull_N: asked.upper, most_N },
    mend: () => lighterSetup(context, asked, most_N),
  };
};

const beyondMoment: Search = (context, { moments = [] }) => {
  for (const { joint, most_Nm } of moments) {
    const carries = distalOf(joint, context);
    if (carries.length === 0) continue;
    const asked = upperPeak(context, { kind: 'moment', at: joint, carries });
    if (asked === undefined || asked.upper <= most_Nm) continue;
    return {
      text: `Up to ${Math.round(asked.upper)} N·m at one ${joint}; the clearance ends at ${Math.round(most_Nm)} N·m.`,
      figures: { joint, moment_Nm: asked.upper, most_Nm },
      mend: () => lighterSetup(context, asked, most_Nm),
    };
  }
  return undefined;
};

/** In the order they are told. */
const SEARCHES: readonly Search[] = [
  beyondMovement,
  beyondStage,
  beyondHeight,
  beyondJoint,
  beyondPull,
  beyondMoment,
];

/** A figure of the person's that a limit is set on: the peak, and the upper end of its ±. */
interface Asked {
  readonly setup: AnchoredSetup;
  readonly solved: SolvedRig;
  readonly upper: number;
  /** The upper end over the peak. */
  readonly margin: number;
}

/**
 * The peak of another demand of the same set-up with the upper end of its ±.
 * The person carries body weight at the hands too: a support or a prop there is
 * asked as it is.
 */
function upperPeak(context: CautionContext, demand: Demand): Asked | undefined {
  const { bands, setup } = context;
  const own = setup.exercise.demand;
  const isOwn = demand.kind === 'contact' && (own.kind === 'support' || own.kind === 'prop');
  if (demand.kind === 'contact' && demand.at.length === 0) return undefined;
  const atHands = isOwn && JSON.stringify(own).includes('grip');
  const asking: AnchoredSetup = {
    ...setup,
    exercise: {
      ...setup.exercise,
      // One side of a joint, and its size whichever way it goes.
      ...(demand.kind === 'moment' ? { bodyweight: true } : {}),
      ...(demand.kind === 'moment' && setup.exercise.plane === 'sagittal'
        ? { limbs: 1 as const }
        : {}),
      demand: atHands ? own : demand,
    },
  };
  const rigged = rigSetup(asking);
  if (!rigged.ok) return undefined;
  const covariances = setup.runs.map((run) => bands.find(({ id }) => id === run.band)?.covariance);
  const accuracy = setup.marked === true ? BY_MARKS : BY_EYE;
  const spread = solutionSpread(rigged.value, covariances, accuracy);
  const { peak } = rigged.value.summary;
  const upper = peak + RANGE_90 * spread.peak;
  return { setup: asking, solved: rigged.value, upper, margin: peak > 0 ? upper / peak : 1 };
}

function lighterSetup(
  context: CautionContext,
  { setup, solved, margin }: Asked,
  most: number,
): Mend {
  // Another distance is about as unsure as this one.
  const closer_m = distanceCure(
    { setup, solved },
    () => peakOf(solved) * margin <= most * (1 - INSIDE_SHARE),
  );
  if (closer_m === undefined) return { words: 'Take a lighter band.' };
  return {
    words: `Step ${writeLength(closer_m, context.units?.length)} closer, or take a lighter band.`,
    cure: { kind: 'distance', closer_m },
  };
}

function peakOf({ buffers: { signed } }: SolvedRig): number {
  return signed.reduce((most, value) => Math.max(most, Math.abs(value)), 0);
}

function handsOf({ solved: { rig } }: CautionContext): string[] {
  return ['gripL', 'gripR'].filter((name) => rig.prepared.contacts.index.has(name));
}

const DISTAL: Readonly<Record<RangedJoint, readonly Segment[]>> = {
  shoulder: ['upperArm', 'forearm'],
  elbow: ['forearm'],
  hip: ['thigh', 'shank', 'foot'],
  knee: ['shank', 'foot'],
  ankle: ['foot'],
};

/** The segments beyond a joint that the exercise's poses give. */
function distalOf(joint: RangedJoint, { setup: { exercise } }: CautionContext): readonly Segment[] {
  const { named, reached } = describeChain(exercise);
  return reached.has(joint) ? DISTAL[joint].filter((segment) => named.has(segment)) : [];
}

/** "rotatorCuff" as "rotator cuff". */
export function groupWords(group: string): string {
  return group.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);
}
