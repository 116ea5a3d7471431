import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { type JointRange, RANGED_JOINTS } from '@wiry-otter/core';
import { NumberInput } from '../../ui/fields/number-input';

/** How far joints may go; one that is not named is free. */
@Component({
  selector: 'otter-ranges-field',
  imports: [NumberInput],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'block' },
  template: `
    <div role="group" [attr.aria-label]="label()">
      <p class="text-sm text-faint">
        {{ label() }}, ° from standing upright, arms hanging; a joint not named is free.
      </p>
      @for (range of ranges(); track range.joint) {
        <div class="mt-2 flex flex-wrap items-end gap-3">
          <span class="w-24 pb-2 font-semibold">{{ range.joint }}</span>
          <label class="field"
            >from, °
            <input
              class="figure w-24"
              [otterNumber]="degrees(range.least_deg)"
              (given)="set(range.joint, { least_deg: $event ?? 0 })"
          /></label>
          <label class="field"
            >to, °
            <input
              class="figure w-24"
              [otterNumber]="degrees(range.most_deg)"
              (given)="set(range.joint, { most_deg: $event ?? 0 })"
          /></label>
          <button class="action-quiet" type="button" (click)="set(range.joint, null)">
            Take away <span class="sr-only">the range of the {{ range.joint }}</span>
          </button>
        </div>
      }
      <div class="mt-2 flex flex-wrap items-center gap-2">
        @for (joint of free(); track joint) {
          <button class="action" type="button" (click)="add(joint)">Limit the {{ joint }}</button>
        }
      </div>
    </div>
  `,
})
export class RangesField {
  readonly label = input.required<string>();
  readonly ranges = input.required<readonly JointRange[]>();
  readonly changed = output<JointRange[]>();

  protected readonly free = computed(() => {
    const named = new Set(this.ranges().map(({ joint }) => joint));
    return RANGED_JOINTS.filter((joint) => !named.has(joint));
  });

  protected degrees(angle_deg: number): string {
    return String(angle_deg);
  }

  protected add(joint: JointRange['joint']): void {
    this.changed.emit([...this.ranges(), { joint, least_deg: 0, most_deg: 90 }]);
  }

  protected set(joint: JointRange['joint'], part: Partial<JointRange> | null): void {
    this.changed.emit(
      this.ranges().flatMap((one) =>
        one.joint !== joint ? [one] : part === null ? [] : [{ ...one, ...part }],
      ),
    );
  }
}
