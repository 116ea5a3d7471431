import type { CompleteSetupDocument, ExerciseDocument } from '@wiry-otter/contracts';
import { SEGMENTS } from '@wiry-otter/core';
import { defaultWidth, savedPlace } from './workbench-model';

/** A mark that lets a set-up be found again: on the floor, on the band, between the feet. */
export interface Mark {
  readonly what: string;
  readonly figure: string;
}

/** Where to stand, where to grip and how wide, in centimetres and foot-lengths. */
export function marksOf(document: CompleteSetupDocument, slip_m: number): Mark[] {
  const { exercise } = document;
  const place = savedPlace(document);
  return [
    ...(place === undefined
      ? []
      : [{ what: 'anchor over the floor', figure: centimetres(place.height_m) }]),
    ...(place === undefined || place.distance_m === 0
      ? []
      : [
          {
            what: `${ORIGIN_WORDS[exercise.root.point] ?? 'you'} from the anchor’s plumb line`,
            figure: centimetres(place.distance_m),
          },
        ]),
    ...(gripped(document)
      ? [
          {
            what: 'grip',
            figure: slip_m > 0 ? `${centimetres(slip_m)} from the end` : 'at the end',
          },
        ]
      : []),
    ...(stands(exercise) ? [{ what: 'stance', figure: stanceWords(document) }] : []),
  ];
}

const ORIGIN_WORDS: Readonly<Partial<Record<string, string>>> = {
  ankle: 'ankles',
  toe: 'toes',
  knee: 'knees',
  hip: 'hips',
  elbow: 'elbow',
  shoulder: 'shoulders',
  grip: 'hands',
};

function gripped({ runs }: CompleteSetupDocument): boolean {
  return runs.some(({ path }) => path.some((name) => name.startsWith('grip')));
}

function stands({ plane, stance }: ExerciseDocument): boolean {
  return plane !== 'transverse' && (stance === undefined || stance === 'standing');
}

/** The feet's distance, middle to middle, in the person's own foot-lengths. */
function stanceWords({ body, exercise, widths }: CompleteSetupDocument): string {
  const stance_m = widths?.stance_m ?? defaultWidth(exercise, 'stance') * body.stature_m;
  const feet = stance_m / (SEGMENTS.foot.length * body.stature_m);
  return `${centimetres(stance_m)}, ${feet.toFixed(1)} foot-lengths`;
}

function centimetres(length_m: number): string {
  return `${(100 * length_m).toFixed(0)} cm`;
}
