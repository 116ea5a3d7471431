import { daysBetween } from '../progression/day.js';
import { writeForce } from '../units/units.js';
import {
  type Caution,
  type CautionContext,
  type CautionLevel,
  type CautionRule,
  comesWith,
} from './caution.js';
import { isCleared } from './clearance.js';

/** A band across the back may lie up to here along the trunk, as share of it. */
const HIGHEST_ON_BACK = 0.9;
/** No neck is asked for more, N. */
const NECK_CAP_N = 60;
/** Slow lowerings are new for so long, days. */
const NEW_DAYS = 14;
/** Holds longer than this are told to breathe, s. */
const LONG_HOLD_S = 10;
/** Clean sessions before anything is done fast. */
const CLEAN_BEFORE_SPEED = 4;

/** A note or warning that comes with the movement, by its document. */
function withMovement(id: string, level: CautionLevel, text: string): CautionRule {
  return {
    id,
    level,
    check: (context) =>
      comesWith(context, id) ? { rule: id, level, text, figures: {} } : undefined,
  };
}

export const backForm = withMovement(
  'back-form',
  'note',
  'Hinge at the hips, back flat, band centred under mid-foot, both sides even.',
);

export const freeHand = withMovement(
  'free-hand',
  'note',
  'A band across bars: both ends secured before weight goes on.',
);

/** Warns of a band that lies near the neck in push-ups and dips. */
export const neckSlip: CautionRule = {
  id: 'neck-slip',
  level: 'warn',
  check: (context) => {
    const { setup } = context;
    if (!comesWith(context, 'neck-slip')) return undefined;
    const highest = Math.max(
      0,
      ...setup.runs.flatMap(({ path }) => path.map((name) => placeOnTrunk(name, setup))),
    );
    if (highest <= HIGHEST_ON_BACK) return undefined;
    return {
      rule: 'neck-slip',
      level: 'warn',
      text: 'The band lies near the neck and can slip onto it: keep it flat between the shoulder blades.',
      figures: { trunkShare: highest },
    };
  },
};

/** Refuses neck work without clearance, and any that asks for more than the cap. */
export const neckWork: CautionRule = {
  id: 'neck-work',
  level: 'refuse',
  check: (context) => {
    const { person, solved, today, units } = context;
    const { summary } = solved;
    if (!comesWith(context, 'neck-work')) return undefined;
    const refused = (text: string): Caution => ({
      rule: 'neck-work',
      level: 'refuse',
      text,
      figures: { peak_N: summary.peak, cap_N: NECK_CAP_N },
    });
    if (!isCleared(person, today)) {
      return refused(
        'Neck work wants clearance by a licensed clinician (physician or physiotherapist): ask, and record name, date and limits. Isometric first, chin in, a towel under the band, all four directions before rotation.',
      );
    }
    if (summary.peak > NECK_CAP_N) {
      return refused(
        `${writeForce(summary.peak, units?.force)} on the neck; ${writeForce(NECK_CAP_N, units?.force)} is the most. Step closer or take a lighter band.`,
      );
    }
    return undefined;
  },
};

/** Warns of a raised arm in rehab. */
export const shoulderRehab: CautionRule = {
  id: 'shoulder-rehab',
  level: 'warn',
  check: (context) =>
    comesWith(context, 'shoulder-rehab') && context.person.goal === 'rehab'
      ? {
          rule: 'shoulder-rehab',
          level: 'warn',
          text: 'Rehab: elbow a little off the body, shoulder neutral, no shrug; raised only after the neutral stage’s exit. If the back helps, the band is too strong. The clinician’s limits come first.',
          figures: {},
        }
      : undefined,
};

/** What is said of slow lowerings, wherever they are new. */
export const SLOW_LOWERING_NOTE = 'New: few reps, long rest; soreness peaks on day two.';

/** Notes that slow lowerings are hard at first. */
export const loweringHard: CautionRule = {
  id: 'lowering-hard',
  level: 'note',
  check: (context) => {
    const { person, setup, today } = context;
    if (!comesWith(context, 'lowering-hard')) return undefined;
    const since = person.trainedSince?.[setup.exercise.id];
    const days = since === undefined ? undefined : daysBetween(since, today);
    if (days !== undefined && days >= NEW_DAYS) return undefined;
    return {
      rule: 'lowering-hard',
      level: 'note',
      text: `${SLOW_LOWERING_NOTE} Ankles held by a person who can hold.`,
      figures: days === undefined ? {} : { daysTrained: days },
    };
  },
};

/** Refuses speed before it is earned, and fast lowering always. */
export const fast: CautionRule = {
  id: 'fast',
  level: 'refuse',
  check: ({ work }) => {
    const speed = work?.speed;
    if (speed === undefined) return undefined;
    const early = speed.cleanSessions < CLEAN_BEFORE_SPEED;
    if (!early && !speed.fastLowering) return undefined;
    return {
      rule: 'fast',
      level: 'refuse',
      text: early
        ? `Master the movement slowly first: ${speed.cleanSessions} clean sessions of this exercise so far, ${CLEAN_BEFORE_SPEED} before anything is done quickly.`
        : 'Only the lifting phase may be quick: the return stays controlled.',
      figures: { cleanSessions: speed.cleanSessions },
    };
  },
};

/** Notes long holds, and warns of them with high blood pressure on file. */
export const breath: CautionRule = {
  id: 'breath',
  level: 'note',
  check: (context) => {
    const { person, work } = context;
    const long = (work?.hold_s ?? 0) > LONG_HOLD_S;
    if (!long && !comesWith(context, 'breath')) return undefined;
    const pressed = person.conditions.includes('highBloodPressure');
    return {
      rule: 'breath',
      level: pressed ? 'warn' : 'note',
      text: pressed
        ? 'High blood pressure on file: no straining holds; keep breathing, and ask the physician how hard is allowed.'
        : 'Keep breathing through the hold.',
      figures: work?.hold_s === undefined ? {} : { hold_s: work.hold_s },
    };
  },
};

/** How far up the trunk a contact on the back lies, as share; 0 for everything else. */
function placeOnTrunk(name: string, { exercise }: CautionContext['setup']): number {
  const own = exercise.contacts?.[name];
  if (own !== undefined) return own.segment === 'trunk' ? own.at : 0;
  return TRUNK_SHARE[name] ?? 0;
}

const TRUNK_SHARE: Readonly<Record<string, number>> = {
  lowerBack: 0.25,
  upperBack: 0.8,
  shoulderL: 1,
  shoulderR: 1,
  nape: 1.17,
  head: 1.45,
};
