import { writeForce, writeLength } from '../units/units.js';
import type { CautionContext, CautionRule } from './caution.js';
import { pullAtStart } from './help.js';

const SLACK_START_SHARE = 0.1;
const SLACK_SHARE = 0.15;
const LET_GO_N = 100;
const BARE_HAND_N = 150;
const LENGTH_MIX_SHARE = 0.03;

/** Warns when a part of the movement is not trained, since the band hangs loose. */
export const slackStart: CautionRule = {
  id: 'slack-start',
  level: 'warn',
  check: ({ setup, solved: { summary, rig } }) => {
    if (setup.runs.length === 0) return undefined;
    const { slackShare, start, peak } = summary;
    // Where the body's own weight is the work, a small demand at the start is help, not slack.
    const lowStart = !rig.prepared.bodyweight && start < SLACK_START_SHARE * peak;
    // Gravity or the band do the movement there: that has a caution of its own.
    const isReversed = summary.reversedShare > 0 && slackShare === 0;
    const isAnchored = Object.keys(setup.points).length > 0;
    if ((!lowStart || isReversed) && slackShare <= SLACK_SHARE) return undefined;
    return {
      rule: 'slack-start',
      level: 'warn',
      text: rig.prepared.bodyweight
        ? `${slackHelpWords(slackShare)} Shorten the band, or take a shorter one.`
        : `${slackWords(slackShare)} ${isAnchored ? 'Step back, shorten the band,' : 'Shorten the band, grip it lower,'} or start with a lighter one.`,
      figures: { slackShare, start, peak },
    };
  },
};

/** Slack for more than this share leaves only the last part of the movement. */
const MOSTLY_SLACK = 0.5;

function slackWords(slackShare: number): string {
  if (slackShare === 1) return 'The band is slack all through the rep: nothing is trained.';
  if (slackShare === 0) return 'Next to nothing is asked at the start.';
  const share = Math.round(slackShare * 100);
  return slackShare > MOSTLY_SLACK
    ? `The band is slack for ${share} % of the rep: only the last part is trained.`
    : `The band is slack for ${share} % of the rep: that part is not trained.`;
}

function slackHelpWords(slackShare: number): string {
  return slackShare === 1
    ? 'The band is slack all through: it gives no help, the person carries everything alone.'
    : `The band is slack for ${Math.round(slackShare * 100)} % of the rep and gives no help there.`;
}

/** Warns when a figure rests on a maker's label. */
export const labelOnly: CautionRule = {
  id: 'label-only',
  level: 'warn',
  check: ({ setup, bands }) => {
    const unmeasured = bands.filter(
      ({ id, grade }) => grade === 'label' && setup.runs.some((run) => run.band === id),
    );
    if (unmeasured.length === 0) return undefined;
    const titles = unmeasured.map(({ title }) => title).join(', ');
    return {
      rule: 'label-only',
      level: 'warn',
      text: `${titles}: label only. The figure can be off by a third; measure it.`,
      figures: { bands: titles },
    };
  },
};

/** Notes a stack of unequal lengths: the shorter band works first. */
export const mixedLengths: CautionRule = {
  id: 'mixed-lengths',
  level: 'note',
  check: ({ setup, bands, units }) => {
    const lengths = bands
      .filter(({ id }) => setup.runs.some((run) => run.band === id))
      .map(({ flatLength_m }) => flatLength_m);
    const longest = Math.max(...lengths);
    const shortest = Math.min(...lengths);
    if (lengths.length < 2 || longest <= shortest * (1 + LENGTH_MIX_SHARE)) return undefined;
    return {
      rule: 'mixed-lengths',
      level: 'note',
      text: `Flat lengths of ${writeLength(shortest, units?.length)} and ${writeLength(longest, units?.length)} in one stack: the shorter one works first. Loads are computed, but logs compare badly.`,
      figures: { shortest_m: shortest, longest_m: longest },
    };
  },
};

/** Warns that taking the band off under load wants control. */
export const letGo: CautionRule = {
  id: 'let-go',
  level: 'warn',
  check: (context) => {
    const start_N = pullAtStart(context);
    if (start_N <= LET_GO_N) return undefined;
    return {
      rule: 'let-go',
      level: 'warn',
      text: `The band is already under ${writeForce(start_N, context.units?.force)} when it is taken off: release with control and clear the line of recoil.`,
      figures: { pull_N: start_N },
    };
  },
};

/** Notes gloves or a handle for a hard pull in the bare hand. */
export const hands: CautionRule = {
  id: 'hands',
  level: 'note',
  check: (context) => {
    const { bands, setup, units } = context;
    const handled = bands.filter(({ id }) => setup.runs.some((run) => run.band === id));
    if (handled.length > 0 && handled.every(({ hasHandles }) => hasHandles === true)) {
      return undefined;
    }
    const hand_N = hardestOnHand(context);
    if (hand_N <= BARE_HAND_N) return undefined;
    return {
      rule: 'hands',
      level: 'note',
      text: `${writeForce(hand_N, units?.force)} in a bare hand: full-finger gloves or a handle, held in the base of the palm.`,
      figures: { hand_N },
    };
  },
};

/** The greatest force at one hand of a demand at the hands, load included, N: what skin and fingers feel. */
function hardestOnHand({ solved: { rig, buffers } }: CautionContext): number {
  const { contacts, demand, samples } = rig.prepared;
  if (demand.kind !== 'netPull') return 0;
  let most = 0;
  demand.at.forEach((contact, j) => {
    if (contacts.kinds[contact]?.name.startsWith('grip') !== true) return;
    const base = (buffers.trackOfNode[contact] as number) * samples;
    for (let k = base; k < base + samples; k++) {
      const force_N = Math.hypot(
        buffers.effortX[k] as number,
        (buffers.effortY[k] as number) + (demand.load_N[j] as number),
        buffers.effortZ[k] as number,
      );
      most = Math.max(most, force_N);
    }
  });
  return most;
}
