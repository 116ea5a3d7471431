import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import { LengthField } from './length-field';
import { WorkbenchStore } from './workbench/workbench-store';

/** Where the bands hang: the place, its anchor, and how high. */
@Component({
  selector: 'otter-choose-anchor',
  imports: [RouterLink, LengthField, FormsModule],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'contents' },
  template: `
    @if (workbench.places().length === 0) {
      <a class="action inline-flex items-center self-end" routerLink="/places">Add a place</a>
    } @else {
      <label class="field">
        Place
        <select [ngModel]="workbench.place()?.id" (ngModelChange)="workbench.choosePlace($event)">
          @for (place of workbench.places(); track place.id) {
            <option [value]="place.id">{{ place.name }}</option>
          }
        </select>
      </label>
    }
    @if (workbench.anchors().length > 0) {
      <label class="field">
        Anchor
        <select [ngModel]="workbench.anchor()?.id" (ngModelChange)="workbench.chooseAnchor($event)">
          @for (anchor of workbench.anchors(); track anchor.id) {
            <option [value]="anchor.id">{{ anchor.name }}</option>
          }
        </select>
      </label>
      <otter-length-field
        words="Height"
        [length_m]="workbench.set.height_m()"
        (given)="workbench.setHeight($event)"
      />
    }
  `,
})
export class ChooseAnchor {
  protected readonly workbench = inject(WorkbenchStore);
}
