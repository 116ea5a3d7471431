import { writeForce } from '../units/units.js';
import type { CautionRule } from './caution.js';
import { pullAtStart } from './help.js';

const SLACK_START_SHARE = 0.1;
const SLACK_SHARE = 0.15;
const LET_GO_N = 100;
const BARE_HAND_N = 150;
const LENGTH_MIX_SHARE = 0.03;

/** Warns when only the last part of the movement is trained. */
export const slackStart: CautionRule = {
  id: 'slack-start',
  level: 'warn',
  check: ({ setup, solved: { summary } }) => {
    if (setup.runs.length === 0) return undefined;
    const lowStart = summary.start < SLACK_START_SHARE * summary.peak;
    if (!lowStart && summary.slackShare <= SLACK_SHARE) return undefined;
    return {
      rule: 'slack-start',
      level: 'warn',
      text: `${slackWords(summary.slackShare)} Step back, shorten the band, or start with a lighter one.`,
      figures: {
        slackShare: summary.slackShare,
        start: summary.start,
        peak: summary.peak,
      },
    };
  },
};

function slackWords(slackShare: number): string {
  if (slackShare === 1) return 'The band is slack all through the rep: nothing is trained.';
  const share = Math.round(slackShare * 100);
  const what =
    share > 0
      ? `The band is slack for ${share} % of the rep`
      : 'Next to nothing is asked at the start';
  return `${what}: only the last part is trained.`;
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
  check: ({ setup, bands }) => {
    const lengths = bands
      .filter(({ id }) => setup.runs.some((run) => run.band === id))
      .map(({ flatLength_m }) => flatLength_m);
    const longest = Math.max(...lengths);
    const shortest = Math.min(...lengths);
    if (lengths.length < 2 || longest <= shortest * (1 + LENGTH_MIX_SHARE)) return undefined;
    return {
      rule: 'mixed-lengths',
      level: 'note',
      text: `Flat lengths of ${shortest.toFixed(2)} and ${longest.toFixed(2)} m in one stack: the shorter one works first. Loads are computed, but logs compare badly.`,
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
      text: `The band is already under ${writeForce(start_N, context.unit)} when it is taken off: release with control and clear the line of recoil.`,
      figures: { pull_N: start_N },
    };
  },
};

/** Notes gloves or a handle for a hard pull in the bare hand. */
export const hands: CautionRule = {
  id: 'hands',
  level: 'note',
  check: ({ setup, solved: { summary, rig }, unit }) => {
    if (setup.exercise.demand.kind !== 'contact' || rig.prepared.unit !== 'N') return undefined;
    const each_N = summary.peak / setup.exercise.demand.at.length;
    if (each_N <= BARE_HAND_N) return undefined;
    return {
      rule: 'hands',
      level: 'note',
      text: `${writeForce(each_N, unit)} in each bare hand: full-finger gloves or a handle, held in the base of the palm.`,
      figures: { hand_N: each_N },
    };
  },
};
