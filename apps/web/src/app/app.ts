import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { RouterOutlet } from '@angular/router';
import { Theme } from './ui/theme/theme';

@Component({
  selector: 'otter-root',
  imports: [RouterOutlet],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: '<router-outlet />',
})
export class App {
  /** Every screen is drawn in it, the one of signing in too. */
  protected readonly theme = inject(Theme);
}
