import { effect, Injectable, signal } from '@angular/core';
import { fits, readStored, store } from '../../storage/storage';

const STORAGE_KEY = 'otter.theme';
type ThemeName = 'light' | 'night';
const themeName = fits((found): found is ThemeName => found === 'light' || found === 'night');

/** Paper by day, harbour by night: the trainer's choice, else what the device asks for. */
@Injectable({ providedIn: 'root' })
export class Theme {
  readonly theme = signal(readStored(STORAGE_KEY, themeName) ?? deviceTheme());

  constructor() {
    effect(() => (document.documentElement.dataset['theme'] = this.theme()));
  }

  toggle(): void {
    this.theme.update((theme) => (theme === 'light' ? 'night' : 'light'));
    store(STORAGE_KEY, this.theme());
  }
}

function deviceTheme(): ThemeName {
  return matchMedia('(prefers-color-scheme: dark)').matches ? 'night' : 'light';
}
