import { computed, linkedSignal, type Signal } from '@angular/core';
import { askedDemand, FACE_CLEARANCE_M, type ForceUnit } from '@wiry-otter/core';
import { demandQuantity } from '../drawing/figures';
import type { SceneDrawing, Shown } from './scene-drawing';
import { type FigureNeeds, type FigureStand, quantityPlace } from './quantity-place';
import { stretchMarks } from './stretch-marks';
import { takenByAnchor, takenByLine, takenByMark, takenByRibbon } from './taken-extents';

const CONTACT_WORDS: Readonly<Record<string, string>> = {
  'gripL gripR': 'both hands',
  gripR: 'one hand',
  'shoulderL shoulderR': 'both shoulders',
  head: 'at the head',
};

/** The figures and words on a scene, and where they stand. */
export class SceneWords {
  constructor(
    private readonly drawn: SceneDrawing,
    private readonly shown: Shown & { readonly unit: Signal<ForceUnit> },
  ) {}

  readonly heightWords = computed(
    () => `${((this.drawn.place()?.height_m ?? 0) * 100).toFixed(0)} cm`,
  );
  /** The line passes so near to the head that it is a caution. */
  readonly headIsNear = computed(() => {
    const clear_m = this.shown.bench().headClearance_m;
    return clear_m !== undefined && clear_m < FACE_CLEARANCE_M;
  });
  readonly clearance = computed(() => {
    const clear_m = this.shown.bench().headClearance_m;
    return clear_m === undefined
      ? null
      : `recoil line: head clear by ${(clear_m * 100).toFixed(0)} cm`;
  });

  readonly stretchMarks = computed(() =>
    stretchMarks(
      this.drawn.spans(),
      this.drawn.outline(),
      this.drawn.takenByFigures(),
      this.drawn.knots().length === 0,
    ),
  );

  readonly quantity = computed(() => {
    const { solved, spread } = this.shown.bench();
    const k = this.shown.sample();
    const { demand, unit } = solved.rig.prepared;
    return demandQuantity(
      askedDemand(solved.buffers.signed[k] as number, demand.sided),
      spread.demand[k] ?? null,
      unit,
      this.shown.unit(),
    );
  });
  /** Where the demand acts: a moment at its joint, a pull where the band pulls. */
  private readonly actsAt = computed(() => {
    const { demand } = this.shown.bench().document.exercise;
    const joint =
      demand.kind === 'moment'
        ? this.drawn.outline().get(demand.at === 'middle' ? 'hips' : `${demand.at}R`)
        : undefined;
    return joint ?? this.drawn.hands();
  });
  readonly stand = linkedSignal<FigureNeeds, FigureStand>({
    source: () => ({
      pull: this.actsAt(),
      digits: this.quantity().figure.length,
      taken: [
        ...this.drawn.takenByFigures(),
        ...takenByAnchor(this.drawn.view(), this.drawn.anchorAt()),
        ...this.drawn.spans().flatMap(takenByRibbon),
        ...this.stretchMarks().map(takenByMark),
        ...takenByLine(this.drawn.recoil()),
      ],
    }),
    computation: (needs, before) => quantityPlace(needs, before?.value),
  });
  readonly actsWords = computed(() => {
    const { demand } = this.shown.bench().document.exercise;
    switch (demand.kind) {
      case 'moment':
        return demand.at === 'middle' ? 'about the middle of the body' : `at the ${demand.at}`;
      case 'support':
        return 'left to the person';
      case 'prop':
        return 'through the hands';
      case 'contact':
        return CONTACT_WORDS[demand.at.join(' ')] ?? 'on the body';
    }
  });
}
