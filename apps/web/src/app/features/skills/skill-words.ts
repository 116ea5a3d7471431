import type { ExerciseDocument, PersonRecord, SkillDocument } from '@wiry-otter/contracts';
import {
  centreOfMass,
  type ForceUnit,
  type Help,
  isHold,
  type PreparedExercise,
  type SkillLevel,
  writeForce,
} from '@wiry-otter/core';
import { demandQuantity, quantityWords } from '../../ui/quantities/figures';

/** What a level is called. */
export function levelTitle({ title }: SkillLevel, exercise: ExerciseDocument): string {
  return title === undefined ? exercise.title : `${title.charAt(0).toUpperCase()}${title.slice(1)}`;
}

/** Names of the first, the middle and the last point of a movement: where the body is then. */
export interface PointNames {
  readonly start: string;
  readonly middle: string;
  readonly end: string;
}

/** Farther than this up or down a movement has a top and a bottom, m. */
const MOVES_M = 0.05;

/** "bottom", "middle", "top", by where the centre of mass goes. */
export function pointNames(exercise: ExerciseDocument, prepared: PreparedExercise): PointNames {
  const heightAt = (k: number): number => centreOfMass(prepared, k)?.[1] ?? 0;
  const rise_m = heightAt(prepared.samples - 1) - heightAt(0);
  if (isHold(exercise) || Math.abs(rise_m) < MOVES_M) {
    return { start: 'start', middle: 'middle', end: 'end' };
  }
  return rise_m > 0
    ? { start: 'bottom', middle: 'middle', end: 'top' }
    : { start: 'top', middle: 'middle', end: 'bottom' };
}

/** Help, or need, in the unit on show: "170 N". */
export function amountWords(value: number, demandUnit: 'N' | 'N·m', unit: ForceUnit): string {
  return quantityWords(demandQuantity(value, null, demandUnit, unit));
}

/** A share of the need: "25 %"; a dash where next to nothing is needed. */
export function shareWords(share: number | null): string {
  return share === null ? '–' : `${Math.round(100 * share)} %`;
}

/** "lifts Runa by 150 N" where the bands do more than is needed. */
export function liftWords(
  lifts: NonNullable<Help['lifts']>,
  demandUnit: Help['unit'],
  name: string,
  unit: ForceUnit,
): string {
  const by = amountWords(lifts.by, demandUnit, unit);
  return demandUnit === 'N'
    ? `lifts ${name} by ${by} more than is needed`
    : `turns ${name} the other way with ${by}`;
}

/** The pull of stepping in against the person's limit. */
export function mountingWords(
  { lettingGo_N, mounting_N }: Help,
  limit_N: number,
  unit: ForceUnit,
): { readonly words: string; readonly isOver: boolean } {
  const isOver = mounting_N > limit_N;
  const stepping = writeForce(mounting_N, unit);
  const isSame = Math.round(lettingGo_N) === Math.round(mounting_N);
  const pulls = isSame
    ? `stepping in, letting go ${stepping}`
    : `stepping in ${stepping}, letting go ${writeForce(lettingGo_N, unit)}`;
  const limit = `${isOver ? 'over the limit of' : 'limit'} ${writeForce(limit_N, unit)}`;
  return { words: `${pulls}, ${limit}`, isOver };
}

/** What a person is called in a sentence. */
export function firstName(person: Pick<PersonRecord, 'name'> | undefined): string {
  return person?.name.split(' ')[0] ?? 'the person';
}

/** What a level's demand is told per: "per arm", or nothing. */
export function perLimbWords({ limb }: SkillDocument): string {
  return limb === undefined ? '' : ` per ${limb}`;
}
