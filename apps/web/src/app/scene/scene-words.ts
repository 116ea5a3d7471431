import { computed, linkedSignal, type Signal } from '@angular/core';
import { askedDemand, FACE_CLEARANCE_M, type Units, writeLength } from '@wiry-otter/core';
import { demandQuantity } from '../ui/quantities/figures';
import type { SceneDrawing, Shown } from './scene-drawing';
import { besideFigure, type FigureNeeds, type FigureStand, quantityPlace } from './quantity-place';
import { stretchMarks } from './stretch-marks';
import { takenByAnchor, takenByLine, takenByMark, takenByRibbon } from './taken-extents';

const CONTACT_WORDS: Readonly<Record<string, string>> = {
  'gripL gripR': 'both hands',
  gripR: 'one hand',
  'shoulderL shoulderR': 'both shoulders',
  head: 'at the head',
};

/** The words at the top begin so far from the edge of the drawing, or from a wall on the left, px. */
const TOP_PX = { edge: 14, wall: 12 } as const;

/** The words of the anchor's height stand so far beside it, px. */
const HEIGHT_ASIDE_PX = 20;

/** The figures and words on a scene, and where they stand. */
export class SceneWords {
  constructor(
    private readonly drawn: SceneDrawing,
    private readonly shown: Shown & { readonly units: Signal<Units> },
  ) {}

  readonly distanceWords = computed(() => this.length(this.drawn.place()?.distance_m ?? 0));
  readonly heightWords = computed(() => this.length(this.drawn.place()?.height_m ?? 0));
  /** Where the height's words begin, or end: beside the anchor and what is drawn at its height. */
  readonly heightX = computed(() => {
    const { x = 0, y = 0 } = this.drawn.anchorAt() ?? {};
    const { side } = this.drawn.view();
    if (side !== 0) return x + side * HEIGHT_ASIDE_PX;
    const beside = this.drawn
      .anchorShapes()
      .filter(({ extent }) => extent !== undefined && extent.top <= y && extent.bottom >= y)
      .map(({ extent }) => (extent?.right ?? x) + HEIGHT_ASIDE_PX / 2);
    return Math.max(x + HEIGHT_ASIDE_PX, ...beside);
  });
  /** The line passes so near to the head that it is a caution. */
  readonly headIsNear = computed(() => {
    const clear_m = this.shown.setup().headClearance_m;
    return clear_m !== undefined && clear_m < FACE_CLEARANCE_M;
  });
  /** Where the words at the top begin: beside a wall on the left. */
  readonly topX = computed(() => {
    const anchor = this.drawn.anchorAt();
    return this.drawn.view().side === -1 && anchor !== null ? anchor.x + TOP_PX.wall : TOP_PX.edge;
  });
  readonly clearance = computed(() => {
    const clear_m = this.shown.setup().headClearance_m;
    return clear_m === undefined ? null : `recoil line: head clear by ${this.length(clear_m)}`;
  });

  private readonly takenByAnchors = computed(() =>
    takenByAnchor(
      this.drawn.view(),
      this.drawn.anchorAt(),
      this.drawn.anchorShapes(),
      this.heightX(),
    ),
  );
  readonly stretchMarks = computed(() =>
    stretchMarks(this.drawn.spans(), this.drawn.outline(), [
      // Over a pale ghost a figure is read well; far from its band it is not.
      ...this.drawn.takenByPerson(),
      ...this.takenByAnchors(),
    ]),
  );

  readonly quantity = computed(() => {
    const { solved, spread } = this.shown.setup();
    const k = this.shown.sample();
    const { demand, unit } = solved.rig.prepared;
    return demandQuantity(
      askedDemand(solved.buffers.signed[k] as number, demand.sided),
      spread?.demand[k] ?? null,
      unit,
      this.shown.units().force,
    );
  });
  readonly besideFigure = computed(() => besideFigure(this.quantity().figure));
  /** Where the demand acts: a moment at its joint, a pull where the band pulls. */
  private readonly actsAt = computed(() => {
    const { demand } = this.shown.setup().document.exercise;
    const joint =
      demand.kind === 'moment'
        ? this.drawn.outline().get(demand.at === 'middle' ? 'hips' : `${demand.at}R`)
        : undefined;
    return joint ?? this.drawn.hands();
  });
  readonly stand = linkedSignal<FigureNeeds, FigureStand>({
    source: () => ({
      pull: this.actsAt(),
      figure: this.quantity().figure,
      taken: [
        ...this.drawn.takenByPerson(),
        ...this.drawn.takenByGhosts(),
        ...this.takenByAnchors(),
        ...this.drawn.spans().flatMap(takenByRibbon),
        ...this.stretchMarks().map(takenByMark),
        ...takenByLine(this.drawn.recoil()),
      ],
    }),
    computation: (needs, before) => quantityPlace(needs, before?.value),
  });
  readonly actsWords = computed(() => {
    const { demand } = this.shown.setup().document.exercise;
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

  private length(length_m: number): string {
    return writeLength(length_m, this.shown.units().length);
  }
}
