import {
  ChangeDetectionStrategy,
  Component,
  computed,
  type ElementRef,
  inject,
  input,
  linkedSignal,
  output,
  viewChild,
} from '@angular/core';
import { FormsModule } from '@angular/forms';
import { Store } from '@ngrx/store';
import type { CompleteSetupDocument, ExerciseDocument, PersonRecord } from '@wiry-otter/contracts';
import {
  type Body,
  BY_EYE,
  composeSetup,
  DEFAULT_SAMPLES,
  fittedBand,
  type Joint,
  type Pair,
  prepareExercise,
  type PreparedExercise,
  rigSetup,
  solutionSpread,
} from '@wiry-otter/core';
import { drawFigure } from '../../ui/figure/figure';
import { FigureShape } from '../../ui/figure/figure-shape';
import { PointerMoves } from '../../ui/timing/pointer-moves';
import type { Point } from '../../ui/figure/limb-path';
import { SCENE, sceneView, toScene } from '../../scene/scene-geometry';
import { Trace } from '../../scene/trace';
import type { SceneSetup } from '../../scene/scene-setup';
import { chosenRoutes, usableBands } from '../setups/workbench/routes';
import type { KnownBand } from '../bands/band-law';
import { selectForceUnit, selectKnownBands, selectPeople } from '../../records/selectors';
import { isSameDemand, DEMAND_CHOICES } from './demand-choices';
import {
  addPose,
  dragJoint,
  type Handle,
  handlesOf,
  type Joints,
  MOST_POSES,
  removePose,
  turnSegment,
} from './pose-drag';

const JOINT_WORDS: Readonly<Record<Joint, string>> = {
  toe: 'toe',
  ankle: 'ankle',
  knee: 'knee',
  hip: 'hip',
  shoulder: 'shoulder',
  elbow: 'elbow',
  grip: 'hand',
};
/** The figure to pose has the person's proportions but not their name. */
const MODEL: Body = { stature_m: 1.75, mass_kg: 70 };

/** Poses a figure by dragging its joints at two to five phases, and shows the curve at once. */
@Component({
  selector: 'otter-pose-editor',
  imports: [FigureShape, FormsModule, PointerMoves, Trace],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './pose-editor.html',
})
export class PoseEditor {
  readonly exercise = input.required<ExerciseDocument>();
  readonly exerciseChange = output<ExerciseDocument>();

  private readonly store = inject(Store);
  private readonly bands = this.store.selectSignal(selectKnownBands);
  private readonly people = this.store.selectSignal(selectPeople);
  protected readonly unit = this.store.selectSignal(selectForceUnit);
  private readonly drawing = viewChild<ElementRef<SVGSVGElement>>('drawing');
  private held: Handle | null = null;

  protected readonly size = SCENE;
  protected readonly most = MOST_POSES;
  /** Which pose is under the hand. */
  protected readonly index = linkedSignal<number, number>({
    source: () => this.exercise().poses.length,
    computation: (count, before) => Math.min(before?.value ?? count - 1, count - 1),
  });
  protected readonly prepared = computed((): PreparedExercise | null => {
    const result = prepareExercise(this.exercise(), MODEL);
    return result.ok ? result.value : null;
  });
  protected readonly view = computed(() =>
    sceneView(this.exercise(), undefined, this.prepared() ?? undefined),
  );
  protected readonly sample = computed(() =>
    Math.round((this.exercise().poses[this.index()]?.phase ?? 0) * (DEFAULT_SAMPLES - 1)),
  );
  protected readonly figure = computed(() => this.figureAt(this.sample()));
  protected readonly ghosts = computed(() => [0, DEFAULT_SAMPLES - 1].map((k) => this.figureAt(k)));

  private readonly joints = computed((): Joints => {
    const prepared = this.prepared();
    const found = new Map<Joint, Pair>();
    if (prepared === null) return found;
    const { contacts, samples } = prepared;
    for (const joint of Object.keys(JOINT_WORDS) as Joint[]) {
      const c = contacts.index.get(`${joint}R`);
      if (c === undefined) continue;
      const i = c * samples + this.sample();
      found.set(joint, [
        (contacts.x[i] as number) / MODEL.stature_m,
        (contacts.y[i] as number) / MODEL.stature_m,
      ]);
    }
    return found;
  });
  protected readonly handles = computed(() =>
    handlesOf(this.exercise()).flatMap((handle) => {
      const place = this.joints().get(handle.joint);
      if (place === undefined) return [];
      const pose = this.exercise().poses[this.index()];
      const angle = handle.segment === null ? null : (pose?.[handle.segment] ?? 0);
      const at = toScene(this.view(), place[0] * MODEL.stature_m, place[1] * MODEL.stature_m);
      return [{ handle, at, angle, words: JOINT_WORDS[handle.joint] }];
    }),
  );

  protected readonly demandChoices = computed(() => {
    const { demand, plane } = this.exercise();
    const offered = DEMAND_CHOICES.filter(({ planes }) => planes.includes(plane));
    return offered.some((one) => isSameDemand(one.demand, demand))
      ? offered
      : [{ words: 'as the one it was copied from', demand, planes: [plane] }, ...offered];
  });
  protected readonly chosenDemand = computed(() =>
    this.demandChoices().findIndex(({ demand }) => isSameDemand(demand, this.exercise().demand)),
  );

  /** The curve with the first band of the bag that the exercise has a route for. */
  protected readonly tried = computed(() => {
    const [person] = this.people();
    if (person === undefined) return null;
    for (const band of usableBands(this.bands())) {
      const setup = this.withBand(band, person);
      if (setup !== null && setup.solved.summary.peakStretch > 1) return { band, setup };
    }
    return null;
  });

  private withBand(band: KnownBand, person: PersonRecord): SceneSetup | null {
    const exercise = this.exercise();
    const { anchor } = exercise;
    const document: CompleteSetupDocument = {
      format: 'wiry-otter.setup',
      version: 1,
      ...composeSetup({
        exercise,
        body: person,
        anchor: anchor && {
          height_m: anchor.height * person.stature_m,
          distance_m: anchor.side === 'over' ? 0 : anchor.distance * person.stature_m,
          girth_m: undefined,
        },
        routes: chosenRoutes(exercise, { routeIds: { continuous: null, open: null } }),
        bands: [fittedBand(band)],
      }),
    };
    const rigged = rigSetup(document);
    if (!rigged.ok || document.runs.length === 0) return null;
    const spread = solutionSpread(rigged.value, [band.calibration?.covariance], BY_EYE);
    return { document, solved: rigged.value, bands: [band], spread };
  }

  protected set(part: Partial<ExerciseDocument>): void {
    this.exerciseChange.emit({ ...this.exercise(), ...part });
  }

  protected chooseDemand(index: number): void {
    const chosen = this.demandChoices()[index];
    if (chosen !== undefined) this.set({ demand: chosen.demand });
  }

  protected add(): void {
    const index = Math.min(this.index(), this.exercise().poses.length - 2);
    this.exerciseChange.emit(addPose(this.exercise(), index));
    this.index.set(index + 1);
  }

  protected remove(): void {
    this.exerciseChange.emit(removePose(this.exercise(), this.index()));
  }

  protected press(event: PointerEvent, handle: Handle): void {
    event.preventDefault();
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    (event.currentTarget as SVGElement).focus();
    this.held = handle;
  }

  protected readonly move = (event: PointerEvent): void => {
    if (this.held === null) return;
    const place = this.placeOf(event);
    const next = dragJoint(this.exercise(), this.index(), this.held, this.joints(), place);
    // A hand drawn out of reach stays where it could last be.
    if (prepareExercise(next, MODEL).ok) this.exerciseChange.emit(next);
  };

  protected release(): void {
    this.held = null;
  }

  /** Arrow keys turn a joint by a degree, five with Shift. */
  protected turn(event: KeyboardEvent, { segment }: Handle, angle: number | null): void {
    const turns = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 }[event.key];
    if (turns === undefined || segment === null || angle === null) return;
    event.preventDefault();
    const by = turns * (event.shiftKey ? 5 : 1);
    const next = turnSegment(this.exercise(), this.index(), segment, angle + by);
    if (prepareExercise(next, MODEL).ok) this.exerciseChange.emit(next);
  }

  private figureAt(k: number) {
    const prepared = this.prepared();
    const view = this.view();
    return prepared === null
      ? []
      : drawFigure(
          this.exercise(),
          MODEL,
          prepared,
          k,
          (x, y) => toScene(view, x, y),
          view.pxPerMetre,
        );
  }

  /** Where a pointer is, statures from the exercise's origin. */
  private placeOf(event: PointerEvent): Pair {
    const element = this.drawing()?.nativeElement;
    const box = element?.getBoundingClientRect();
    if (box === undefined) return [0, 0];
    const shrunk = SCENE.width / box.width;
    const at: Point = {
      x: (event.clientX - box.left) * shrunk,
      y: (event.clientY - box.top) * shrunk,
    };
    const { originX, originY, pxPerMetre } = this.view();
    const statures = pxPerMetre * MODEL.stature_m;
    return [(at.x - originX) / statures, (originY - at.y) / statures];
  }
}
