import { bandNames, writeLength } from '@wiry-otter/core';
import type { KnownBand } from '../../bands/band-law';
import { defaultWidth } from '../workbench/routes';
import type { WorkbenchInput } from '../workbench/solve-workbench';
import type { WorkbenchState } from '../workbench/workbench-state';

/**
 * What it takes to get from what is set to a set-up that was found, in words.
 *
 * @param gripped hands hold the band: else it is taken up where it hangs
 */
export function changeOverWords(
  {
    exercise,
    person,
    state,
    units,
  }: Pick<WorkbenchInput, 'exercise' | 'person' | 'state' | 'units'>,
  part: Partial<WorkbenchState>,
  bag: readonly KnownBand[],
  gripped: boolean,
): string {
  const wanted = part.bandIds ?? state.bandIds;
  const without = (ids: readonly string[], others: readonly string[]): string[] =>
    bandNames(
      ids
        .filter((id) => !others.includes(id))
        .map((id) => bag.find(({ record }) => record.id === id)?.record ?? { id, name: 'a band' }),
    );
  const off = without(state.bandIds, wanted);
  const on = without(wanted, state.bandIds);
  const ownStance_m = defaultWidth(exercise, 'stance') * (state.body ?? person).stature_m;
  const by = {
    distance: movedBy(part.distance_m, state.distance_m),
    height: movedBy(part.height_m, state.height_m),
    slip: movedBy(part.slip_m, state.slip_m),
    stance: movedBy(part.stance_m ?? undefined, state.stance_m ?? ownStance_m),
  };
  const words = (by_m: number): string => writeLength(Math.abs(by_m), units.length);
  const stays = wanted.some((id) => state.bandIds.includes(id));
  const relaid = Object.entries(part.routeIds ?? {}).some(
    ([form, id]) =>
      state.routeIds[form as 'continuous' | 'open'] !== null &&
      state.routeIds[form as 'continuous' | 'open'] !== id,
  );
  const steps = [
    ...(off.length > 0 ? [`${off.join(' and ')} off`] : []),
    ...(on.length > 0 ? [`${on.join(' and ')} on`] : []),
    ...(stays && relaid ? ['laid another way'] : []),
    ...(by.distance === 0 ? [] : [`${words(by.distance)} ${by.distance > 0 ? 'back' : 'closer'}`]),
    ...(by.height === 0
      ? []
      : [`anchor ${words(by.height)} ${by.height > 0 ? 'higher' : 'lower'}`]),
    ...(by.slip === 0 ? [] : [slipWords(by.slip, words(by.slip), gripped)]),
    ...(by.stance === 0
      ? []
      : [`stance ${words(by.stance)} ${by.stance > 0 ? 'wider' : 'closer'}`]),
  ];
  return steps.length === 0 ? 'as it is set' : steps.join(', ');
}

function slipWords(by_m: number, words: string, gripped: boolean): string {
  if (gripped) return `grip ${words} ${by_m > 0 ? 'lower' : 'higher'}`;
  return by_m > 0 ? `${words} taken up` : `${words} let out`;
}

/** A smaller move is none, m. */
const NO_MOVE_M = 0.005;

/** How far a length is changed, m; 0 where it is left alone. */
function movedBy(to_m: number | undefined, from_m: number): number {
  const by_m = to_m === undefined ? 0 : to_m - from_m;
  return Math.abs(by_m) < NO_MOVE_M ? 0 : by_m;
}
