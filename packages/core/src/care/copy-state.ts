import { type Finding, type InspectionPoint, inspectionResult } from './inspection.js';

/** What can happen to a copy of a band. */
type Happening<Holder> =
  | {
      readonly kind: 'inspected';
      readonly findings: Readonly<Partial<Record<InspectionPoint, Finding>>>;
      readonly note: string;
    }
  | { readonly kind: 'retired' | 'returned'; readonly reason: string }
  | { readonly kind: 'moved'; readonly holder: Holder };

type CopyState = 'inUse' | 'watch' | 'retired';

interface CopyChange<Holder> {
  holder?: Holder;
  state?: CopyState;
  stateReason?: string;
}

/** What an event makes of a copy that is in this state. */
export function copyAfter<Holder>(
  what: Happening<Holder>,
  before: { readonly state: CopyState },
): CopyChange<Holder> {
  switch (what.kind) {
    case 'moved':
      return { holder: what.holder };
    case 'retired':
      return { state: 'retired', stateReason: what.reason };
    case 'returned':
      return { state: 'inUse', stateReason: '' };
    case 'inspected': {
      const result = inspectionResult(what.findings);
      // A band that was retired for good is not brought back by a walk that finds nothing.
      if (before.state === 'retired' && result !== 'retire') return {};
      const found = Object.entries(what.findings)
        .filter(([, finding]) => finding !== 'good')
        .map(([point, finding]) => `${point}: ${finding}`);
      const stateReason = [...found, what.note].filter((words) => words !== '').join('. ');
      if (result === 'retire') {
        return { state: 'retired', stateReason: `Inspection failed. ${stateReason}` };
      }
      return result === 'watch'
        ? { state: 'watch', stateReason }
        : { state: 'inUse', stateReason: '' };
    }
  }
}

/** A band can be used while one of its copies can; without doubt while one is without doubt. */
export function bestCopyState(copies: readonly { readonly state: CopyState }[]): CopyState {
  if (copies.some(({ state }) => state === 'inUse')) return 'inUse';
  return copies.some(({ state }) => state === 'watch') ? 'watch' : 'retired';
}
