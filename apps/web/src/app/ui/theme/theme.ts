import { effect, Injectable, signal } from '@angular/core';
import * as z from 'zod';
import { readStored, store } from '../../storage/storage';

const STORAGE_KEY = 'otter.theme';
const themes = z.enum(['light', 'night']);

/** Paper by day, harbour by night: the trainer's choice, else what the device asks for. */
@Injectable({ providedIn: 'root' })
export class Theme {
  readonly theme = signal(readStored(STORAGE_KEY, themes) ?? deviceTheme());

  constructor() {
    effect(() => (document.documentElement.dataset['theme'] = this.theme()));
  }

  toggle(): void {
    this.theme.update((theme) => (theme === 'light' ? 'night' : 'light'));
    store(STORAGE_KEY, this.theme());
  }
}

function deviceTheme(): z.infer<typeof themes> {
  return matchMedia('(prefers-color-scheme: dark)').matches ? 'night' : 'light';
}
