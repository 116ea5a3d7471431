import { bandNames } from '@wiry-otter/core';
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
  { exercise, person, state }: Pick<WorkbenchInput, 'exercise' | 'person' | 'state'>,
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
    distance: centimetres(part.distance_m, state.distance_m),
    height: centimetres(part.height_m, state.height_m),
    slip: centimetres(part.slip_m, state.slip_m),
    stance: centimetres(part.stance_m ?? undefined, state.stance_m ?? ownStance_m),
  };
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
    ...(by.distance === 0
      ? []
      : [`${Math.abs(by.distance)} cm ${by.distance > 0 ? 'back' : 'closer'}`]),
    ...(by.height === 0
      ? []
      : [`anchor ${Math.abs(by.height)} cm ${by.height > 0 ? 'higher' : 'lower'}`]),
    ...(by.slip === 0 ? [] : [slipWords(by.slip, gripped)]),
    ...(by.stance === 0
      ? []
      : [`stance ${Math.abs(by.stance)} cm ${by.stance > 0 ? 'wider' : 'closer'}`]),
  ];
  return steps.length === 0 ? 'as it is set' : steps.join(', ');
}

function slipWords(by_cm: number, gripped: boolean): string {
  const cm = `${Math.abs(by_cm)} cm`;
  if (gripped) return `grip ${cm} ${by_cm > 0 ? 'lower' : 'higher'}`;
  return by_cm > 0 ? `${cm} taken up` : `${cm} let out`;
}

/** How far a length is changed, whole centimetres; 0 where it is left alone. */
function centimetres(to_m: number | undefined, from_m: number): number {
  return to_m === undefined ? 0 : Math.round(100 * (to_m - from_m));
}
