import { LONGEST_TITLE } from '@wiry-otter/contracts';
import type { SolvedWorkbench } from './solve-workbench';
import type { WorkbenchState } from './workbench-state';

/** The name a set-up goes by unless the trainer gives another: its bands, where it stands and how far down it is held. */
export function setupTitle(
  { bands, document }: Pick<SolvedWorkbench, 'bands' | 'document'>,
  { bandIds, distance_m, slip_m }: Pick<WorkbenchState, 'bandIds' | 'distance_m' | 'slip_m'>,
): string {
  const { anchor } = document.exercise;
  const linked = document.links !== undefined;
  // A chain is named in the order in which it hangs, a stack in that of the tags.
  const rank = ({ record }: (typeof bands)[number]): number =>
    linked ? bandIds.indexOf(record.id) : (record.tag ?? 10);
  const names = bands.toSorted((a, b) => rank(a) - rank(b)).map(({ record }) => record.name);
  const at = anchor === undefined || anchor.side === 'over' ? '' : ` at ${distance_m.toFixed(2)} m`;
  const gripped = document.runs.some(({ path }) => path.some((name) => name.startsWith('grip')));
  const lower =
    slip_m === 0 ? '' : `, ${(100 * slip_m).toFixed(0)} cm ${gripped ? 'down' : 'taken up'}`;
  const rest = `${at}${lower}${document.side === 'left' ? ', left' : ''}`;
  const title = `${names.join(linked ? ' linked with ' : ' + ')}${rest}`;
  return title.length <= LONGEST_TITLE ? title : `${names.length} bands${rest}`;
}
