import { computed, inject, Injectable, linkedSignal, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { loadFor, type Metric, movedWeight, type Target } from '@wiry-otter/core';
import { demandOfUnit } from '../../../ui/quantities/figures';
import { selectSessions } from '../../../records/selectors';
import { WorkbenchStore } from '../workbench/workbench-store';
import { asMuchAs, knownStrength, type WishKind } from './wish';

/** What the trainer wants, as it is being said, for the person and exercise on the workbench. */
@Injectable()
export class Wishes {
  private readonly workbench = inject(WorkbenchStore);
  private readonly sessions = inject(Store).selectSignal(selectSessions);

  /** What was asked is of one person and exercise. */
  readonly subject = computed(
    () => `${this.workbench.person()?.id} ${this.workbench.exercise()?.id}`,
  );
  private readonly isHelped = computed(() => this.workbench.exercise()?.bodyweight === true);

  /** What of the body is lifted with the bands, N: a squat is never its band alone. */
  private readonly moved_N = computed(() => {
    const [exercise, person] = [this.workbench.exercise(), this.workbench.person()];
    return exercise === undefined || person === undefined ? 0 : movedWeight(exercise, person);
  });

  /** From which set the person's strength is known; undefined where it is not. */
  readonly strength = computed(() =>
    knownStrength(
      this.sessions(),
      this.workbench.person()?.id ?? '',
      this.workbench.exercise()?.id ?? '',
      this.moved_N(),
    ),
  );
  /** What can be wished for. */
  readonly kinds = computed((): WishKind[] => [
    ...(this.isHelped() ? (['assistMean'] as const) : []),
    'mean',
    'start',
    'end',
    ...(this.strength() === undefined ? [] : (['repetitions'] as const)),
    ...(this.workbench.saved().length === 0 ? [] : (['asMuchAs'] as const)),
  ]);
  readonly kind = linkedSignal<string, WishKind>({
    source: this.subject,
    computation: () => (this.isHelped() ? 'assistMean' : 'mean'),
  });
  /** The figure wanted: in the unit on show, help in per cent. */
  readonly wanted = linkedSignal<string, number | null>({
    source: this.subject,
    computation: () => null,
  });
  readonly reps = signal<number | null>(12);
  readonly spare = signal<number | null>(2);
  /** The set-up that another is to be as hard as. */
  readonly otherId = linkedSignal(
    () => this.workbench.inForce()?.id ?? this.workbench.saved()[0]?.id ?? '',
  );

  /** What is asked of the finder; null where too little was said. */
  target(): Target | null {
    const kind = this.kind();
    switch (kind) {
      case 'repetitions':
        return this.targetForRepetitions();
      case 'asMuchAs': {
        const other = this.workbench.saved().find(({ id }) => id === this.otherId());
        return other === undefined ? null : asMuchAs(other);
      }
      default:
        return this.targetFor(kind);
    }
  }

  private targetForRepetitions(): Target | null {
    const strength = this.strength();
    const reps = this.reps();
    if (strength === undefined || reps === null || !(reps > 0)) return null;
    const effort = { kind: 'reps', reps, spare: Math.max(0, this.spare() ?? 0) } as const;
    const value = loadFor(effort, strength.once) - this.moved_N();
    // The body alone is more than can be moved so often.
    return value > 0 ? { metric: 'mean', value } : null;
  }

  private targetFor(metric: Metric): Target | null {
    const wanted = this.wanted();
    if (wanted === null || !(wanted > 0)) return null;
    if (metric === 'assistMean') return { metric, value: wanted / 100 };
    const [demandUnit, unit] = [this.workbench.demandUnit(), this.workbench.unit()];
    return { metric, value: demandOfUnit(wanted, demandUnit, unit) };
  }
}
