import type { ExerciseDocument } from '@wiry-otter/contracts';

/** A quantity an exercise can be judged by, in words. */
export interface DemandChoice {
  readonly words: string;
  readonly demand: ExerciseDocument['demand'];
  /** Planes it can be judged in. */
  readonly planes: readonly ExerciseDocument['plane'][];
}

const ALL = ['sagittal', 'frontal', 'transverse'] as const;

/** What a trainer can choose from; a copied exercise keeps its own besides. */
export const DEMAND_CHOICES: readonly DemandChoice[] = [
  {
    words: 'the pull at both hands',
    demand: { kind: 'contact', at: ['gripL', 'gripR'] },
    planes: ALL,
  },
  { words: 'the pull at the right hand', demand: { kind: 'contact', at: ['gripR'] }, planes: ALL },
  {
    words: 'the load on the shoulders',
    demand: { kind: 'contact', at: ['shoulderL', 'shoulderR'] },
    planes: ['sagittal', 'frontal'],
  },
  {
    words: 'the turn at the elbow',
    demand: { kind: 'moment', at: 'elbow', carries: ['forearm'] },
    planes: ALL,
  },
  {
    words: 'the turn at the shoulder, arms carried',
    demand: { kind: 'moment', at: 'shoulder', carries: ['upperArm', 'forearm'] },
    planes: ALL,
  },
  {
    words: 'the turn at the shoulder, body carried',
    demand: { kind: 'moment', at: 'shoulder', carries: ['trunk', 'thigh', 'shank', 'foot'] },
    planes: ['sagittal'],
  },
  {
    words: 'the turn at the hip, trunk carried',
    demand: { kind: 'moment', at: 'hip', carries: ['trunk', 'upperArm', 'forearm'] },
    planes: ['sagittal'],
  },
  {
    words: 'the turn at the hip, leg carried',
    demand: { kind: 'moment', at: 'hip', carries: ['thigh', 'shank', 'foot'] },
    planes: ALL,
  },
  {
    words: 'the turn at the knee, shank carried',
    demand: { kind: 'moment', at: 'knee', carries: ['shank', 'foot'] },
    planes: ['sagittal'],
  },
  {
    words: 'the body’s weight on the hands',
    demand: { kind: 'support', at: ['gripL', 'gripR'] },
    planes: ['sagittal', 'frontal'],
  },
  {
    words: 'the body’s weight on the feet',
    demand: { kind: 'support', at: ['soleL', 'soleR'] },
    planes: ['sagittal', 'frontal'],
  },
  {
    words: 'the push through the hands, toes down',
    demand: { kind: 'prop', at: 'grip', pivot: 'toe' },
    planes: ['sagittal'],
  },
];

export function isSameDemand(
  a: ExerciseDocument['demand'],
  b: ExerciseDocument['demand'],
): boolean {
  return JSON.stringify(a) === JSON.stringify(b);
}
