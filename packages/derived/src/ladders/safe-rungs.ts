import type { LadderRung } from '@wiry-otter/contracts';

/** The rungs that may be prescribed: no caution refuses them. */
export function safeRungs(rungs: readonly LadderRung[]): LadderRung[] {
  return rungs.filter(({ cautions }) => cautions.every(({ level }) => level !== 'refuse'));
}
