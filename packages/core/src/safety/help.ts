import { helpAt, helpFloor } from '../demand/summary.js';
import { strandsHookedIn } from '../rig/rig.js';
import { writeForce } from '../units/units.js';
import { type CautionContext, type CautionRule, comesWith } from './caution.js';

/** Help above this share leaves next to nothing to do. */
const OVER_HELP = 0.9;

/** Warns when the band does the work. */
export const overHelp: CautionRule = {
  id: 'over-help',
  level: 'warn',
  check: (context) => {
    const { summary, rig } = context.solved;
    if (!rig.prepared.bodyweight) return undefined;
    const most = summary.assistMax ?? 0;
    if (most <= OVER_HELP && summary.overAssistedShare === 0) return undefined;
    return {
      rule: 'over-help',
      level: 'warn',
      text:
        summary.overAssistedShare > 0
          ? `The band ${liftWords(context)} Take a lighter one.`
          : `The band takes ${Math.round(most * 100)} % somewhere in the rep: it does the work. Take a lighter one.`,
      figures: { assistMax: most, overAssistedShare: summary.overAssistedShare },
    };
  },
};

/** "lifts the person by 150 N more than they weigh there.": how far the demand is turned round. */
function liftWords({ solved: { rig, buffers }, units }: CautionContext): string {
  const { demand, unit: demandUnit } = rig.prepared;
  const floor = helpFloor(demand.unassisted);
  const turned = buffers.signed.reduce((most, signed, k) => {
    const alone = demand.unassisted[k] as number;
    const isTurned = signed * alone < 0 && helpAt(signed, alone, floor) !== null;
    return isTurned ? Math.max(most, Math.abs(signed)) : most;
  }, 0);
  return demandUnit === 'N'
    ? `lifts the person: ${writeForce(turned, units?.force)} more than they weigh there.`
    : `does more than the whole work: ${Math.round(turned)} N·m turn the person the other way.`;
}

/** Warns when hooking foot, knee or hips in takes more than the person can manage. */
export const mount: CautionRule = {
  id: 'mount',
  level: 'warn',
  check: (context) => {
    if (!comesWith(context, 'mount')) return undefined;
    const { mountLimit_N } = context.person;
    const pull_N = pullAtStart(context);
    if (pull_N <= mountLimit_N) return undefined;
    return {
      rule: 'mount',
      level: 'warn',
      text: `Hooking in takes ${writeForce(pull_N, context.units?.force)}, more than the ${writeForce(mountLimit_N, context.units?.force)} on file: one foot first, a box or a partner, or two slimmer bands one after the other. Never alone on a high bar.`,
      figures: { pull_N, mountLimit_N },
    };
  },
};

/** The pull at the start of the rep of the hardest band to hook in, N. */
export function pullAtStart(context: Pick<CautionContext, 'setup' | 'solved'>): number {
  return Math.max(0, ...mountingPulls(context));
}

/** What it takes to hook hand, foot or knee into each band, N: its pull at the start of the rep. */
export function mountingPulls(context: Pick<CautionContext, 'setup' | 'solved'>): number[] {
  return pullsAt(context, 0);
}

/** What each band pulls with where it is hooked in, at a sample of the effort, N. */
export function pullsAt(
  { setup, solved: { buffers, rig } }: Pick<CautionContext, 'setup' | 'solved'>,
  k: number,
): number[] {
  const { samples } = rig.prepared;
  return setup.runs.map(
    (_run, r) => strandsHookedIn(rig, r) * (buffers.strand_N[r * samples + k] as number),
  );
}
