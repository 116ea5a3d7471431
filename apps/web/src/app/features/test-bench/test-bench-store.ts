import { computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  patchState,
  signalStore,
  withComputed,
  withHooks,
  withMethods,
  withState,
} from '@ngrx/signals';
import type { MeasurementInput, ReadingInput } from '@wiry-otter/contracts';
import { type Plateau, PlateauFinder, type Rigging, type Zeroing } from '@wiry-otter/core';
import { Subject, type Subscription, takeUntil } from 'rxjs';
import { v7 as uuidv7 } from 'uuid';
import type { GaugePort } from '../../gauge/gauge-port';
import { Gauges } from '../../gauge/gauges';
import { StandInGauge } from '../../gauge/stand-in-gauge';
import { bandActions } from '../../records/writing/band-actions';
import { selectKnownBands, selectRail } from '../../records/selectors';
import { noticeActions } from '../../ui/notices/notices';
import { RecordWriter } from '../../records/outbox/record-writer';
import {
  figuresOf,
  riggedFields,
  riggedToMeasure,
  ROLL_PIECE_M,
  WARM_UPS,
} from './test-bench-model';

interface TestBenchState {
  readonly bandId: string;
  readonly copyId: string | null;
  readonly rigging: Rigging;
  readonly direction: 'loading' | 'unloading';
  readonly warmUps: number;
  /** Of a roll: the piece marked off, m. */
  readonly piece_m: number;
  readonly gauge: GaugePort | null;
  /** The pull at the hook now, N; null without a connected gauge. */
  readonly live_N: number | null;
  readonly plateau: Plateau | null;
}

/** A hand that has gone to another length changes the pull by more than its tremor. */
const MOVED_SHARE = 0.08;
const MOVED_N = 4;

function hasMoved(force_N: number, from_N: number): boolean {
  return Math.abs(force_N - from_N) > Math.max(MOVED_N, MOVED_SHARE * from_N);
}

/** One guided measurement: what is pulled next, what the gauge says, what the law has become. */
export const TestBenchStore = signalStore(
  withState<TestBenchState>({
    bandId: '',
    copyId: null,
    rigging: 'end',
    direction: 'loading',
    warmUps: 0,
    piece_m: ROLL_PIECE_M,
    gauge: null,
    live_N: null,
    plateau: null,
  }),
  withComputed((state, global = inject(Store)) => {
    const bands = global.selectSignal(selectRail);
    const band = computed(() => bands().find(({ id }) => id === state.bandId()));
    /** The measurement that goes on; a reload takes it up again. */
    const measurement = computed(() =>
      band()?.measurements.findLast(({ finishedAt }) => finishedAt === null),
    );
    const rigging = computed(() => measurement()?.rigging ?? state.rigging());
    const rigged = computed(() => {
      const known = band();
      // A reading of this measurement knows the piece it was taken on.
      const taken_m = measurement()?.readings[0]?.rest_m ?? null;
      const piece_m =
        taken_m === null ? state.piece_m() : taken_m * (rigging() === 'folded' ? 2 : 1);
      return known === undefined ? null : riggedToMeasure(known, rigging(), piece_m);
    });
    const known = global.selectSignal(selectKnownBands);
    return {
      band,
      /** The band by the law it had until this measurement. */
      before: computed(() =>
        known().find(
          ({ record, calibration }) => record.id === state.bandId() && calibration !== null,
        ),
      ),
      measurement,
      currentRigging: rigging,
      rigged,
      figures: computed(() => {
        const [known, asRigged] = [band(), rigged()];
        return known === undefined || asRigged === null
          ? null
          : figuresOf(known, measurement(), asRigged, state.direction());
      }),
      warm: computed(() => state.warmUps() >= WARM_UPS || measurement() !== undefined),
    };
  }),
  withMethods(
    (store, global = inject(Store), gauges = inject(Gauges), writer = inject(RecordWriter)) => {
      const finder = new PlateauFinder();
      const unplugged = new Subject<void>();
      let following: Subscription | undefined;
      /** The pull kept last, until the hand has moved from it. */
      let kept_N: number | null = null;

      const putMeasurement = (id: string, input: MeasurementInput): void =>
        void writer.write(
          'putMeasurement',
          { id: store.bandId(), measurementId: id },
          input,
          'A measurement',
        );

      /** Begins the measurement with its first reading, so that an idle visit leaves no trace. */
      const measurementId = (): string => {
        const going = store.measurement();
        if (going !== undefined) return going.id;
        const id = uuidv7();
        const gauge = store.gauge();
        putMeasurement(id, {
          copyId: store.copyId() ?? store.band()?.copies[0]?.id ?? '',
          rigging: store.rigging(),
          gauge: { kind: gauge?.kind ?? 'typed', name: gauge?.name ?? '' },
          warmUps: store.warmUps(),
          startedAt: new Date().toISOString(),
          finishedAt: null,
          note: '',
        });
        return id;
      };

      return {
        look(bandId: string): void {
          if (bandId !== store.bandId()) patchState(store, { bandId, warmUps: 0, copyId: null });
        },
        set(
          part: Partial<Pick<TestBenchState, 'rigging' | 'direction' | 'piece_m' | 'copyId'>>,
        ): void {
          patchState(store, part);
        },
        warmUp(): void {
          patchState(store, { warmUps: WARM_UPS });
        },
        async plugIn(kind: GaugePort['kind']): Promise<void> {
          this.unplug();
          const gauge = gauges.open(kind);
          if (gauge === undefined) return;
          patchState(store, { gauge });
          following = gauge.values.pipe(takeUntil(unplugged)).subscribe((value) => {
            const found = finder.push(value);
            // A tremor of the hand takes no reading away that is still held.
            const before = store.plateau();
            const held =
              before !== null && !hasMoved(value.force_N, before.force_N) ? before : null;
            const plateau = found ?? held;
            if (kept_N !== null && hasMoved(value.force_N, kept_N)) kept_N = null;
            // The pull just kept is still held; it is no reading of the next length.
            patchState(store, { live_N: value.force_N, plateau: kept_N === null ? plateau : null });
          });
          try {
            await gauge.connect();
          } catch (error) {
            this.unplug();
            const words = error instanceof Error ? error.message : 'The scale did not answer.';
            global.dispatch(noticeActions.show({ text: words, tone: 'trouble', undo: null }));
          }
        },
        unplug(): void {
          unplugged.next();
          following?.unsubscribe();
          store.gauge()?.disconnect();
          finder.reset();
          kept_N = null;
          patchState(store, { gauge: null, live_N: null, plateau: null });
        },
        /** Takes what hangs on the hook now, the slack band and its clips, as nothing. */
        zero(): Zeroing | undefined {
          finder.reset();
          patchState(store, { plateau: null });
          return store.gauge()?.zero();
        },
        /** Lets the simulated hand pull the band to a stretch; a real one is a person's. */
        simulate(stretch: number): void {
          const gauge = store.gauge();
          const band = store.band();
          const rigged = store.rigged();
          if (!(gauge instanceof StandInGauge) || band === undefined || rigged === null) return;
          finder.reset();
          patchState(store, { plateau: null });
          const { id, kind, width_mm } = band;
          if (stretch <= 1) gauge.release();
          else {
            gauge.hold({ id, kind, width_mm, strands: rigged.strands });
            gauge.pullTo(stretch);
          }
        },
        keep(pull: Pick<ReadingInput, 'length_m' | 'force_N' | 'weighing'>): void {
          const rigged = store.rigged();
          if (rigged === null) return;
          const input: ReadingInput = {
            ...pull,
            ...riggedFields(rigged),
            direction: store.direction(),
            takenAt: new Date().toISOString(),
          };
          const params = {
            id: store.bandId(),
            measurementId: measurementId(),
            readingId: uuidv7(),
          };
          void writer.write('addReading', params, input, 'A pull');
          finder.reset();
          kept_N = pull.force_N;
          patchState(store, { plateau: null });
        },
        setAside(id: string, setAside: boolean, reason: string): void {
          const going = store.measurement();
          if (going === undefined) return;
          global.dispatch(
            bandActions.setReadingAside({
              bandId: store.bandId(),
              measurementId: going.id,
              id,
              input: { setAside, reason },
            }),
          );
        },
        finish(): void {
          const going = store.measurement();
          if (going === undefined) return;
          const { id, copyId, rigging, gauge, warmUps, startedAt, note } = going;
          const finishedAt = new Date().toISOString();
          putMeasurement(id, { copyId, rigging, gauge, warmUps, startedAt, finishedAt, note });
          this.unplug();
          patchState(store, { warmUps: 0, direction: 'loading' });
        },
      };
    },
  ),
  withHooks({
    onDestroy(store) {
      store.unplug();
    },
  }),
);
