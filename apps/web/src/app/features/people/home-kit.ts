import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { hasLatex } from '@wiry-otter/core';
import { SheetStore } from './sheet-store';

/** The bands that a person has at home, and how they get one or give one back. */
@Component({
  selector: 'otter-home-kit',
  imports: [RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'block min-w-0' },
  template: `
    <section aria-labelledby="kit">
      <h3 id="kit" class="rule-below pb-1 font-bold">Kit at home</h3>
      <ul>
        @for (one of sheet.kit(); track one.copy.id) {
          <li class="flex items-center gap-x-3 border-b-[1.5px] border-hairline py-1">
            <span
              class="h-8 w-2 flex-none"
              aria-hidden="true"
              [style.background]="one.band.colour"
            ></span>
            <span class="min-w-0 flex-1">
              <a
                class="block underline underline-offset-3"
                [routerLink]="['/bands', one.band.id]"
                >{{ one.words }}</a
              >
              @if (sheet.isAllergic() && hasLatex(one.band.material)) {
                <span class="block text-sm text-stop">✕ latex: allergy on file</span>
              }
              @if (one.copy.inspectionDue) {
                <span class="block text-sm text-caution">△ inspection due</span>
              }
            </span>
            <button class="action-quiet" type="button" (click)="sheet.takeBack(one)">
              Back in the bag <span class="sr-only">: {{ one.words }}</span>
            </button>
          </li>
        } @empty {
          <li class="mt-2 text-faint">None of the studio’s bands.</li>
        }
      </ul>
      @if (sheet.inBag().length > 0) {
        <label class="field mt-2 max-w-64"
          >Give from the bag
          <select #given (change)="lend(given)">
            <option value="">choose a band</option>
            @for (one of sheet.inBag(); track one.copy.id) {
              <option [value]="one.copy.id">{{ one.words }}</option>
            }
          </select></label
        >
      } @else if (sheet.isAllergic()) {
        <p class="mt-2 text-sm text-faint">No latex-free band is in the bag.</p>
      }
    </section>
  `,
})
export class HomeKit {
  protected readonly sheet = inject(SheetStore);
  protected readonly hasLatex = hasLatex;

  protected lend(field: HTMLSelectElement): void {
    const one = this.sheet.inBag().find(({ copy }) => copy.id === field.value);
    field.value = '';
    if (one !== undefined) this.sheet.lend(one);
  }
}
