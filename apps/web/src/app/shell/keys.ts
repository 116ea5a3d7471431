import { computed, DestroyRef, inject, Injectable, signal } from '@angular/core';

/** A key of the present screen: what is pressed, what it does. */
export interface Key {
  readonly key: string;
  readonly words: string;
  readonly press: (event: KeyboardEvent) => void;
}

/** Keys of the screen on show; screens lay theirs on top and take them away when they go. */
@Injectable({ providedIn: 'root' })
export class Keys {
  private readonly layers = signal<readonly (readonly Key[])[]>([]);
  readonly present = computed(() => this.layers().flat());

  /** Offers keys for as long as the caller lives. */
  offer(keys: readonly Key[]): void {
    this.layers.update((layers) => [...layers, keys]);
    inject(DestroyRef).onDestroy(() =>
      this.layers.update((layers) => layers.filter((layer) => layer !== keys)),
    );
  }

  /** Presses the topmost key that fits, unless the person is writing. */
  handle(event: KeyboardEvent): void {
    if (event.ctrlKey || event.metaKey || event.altKey || isWriting(event.target)) return;
    const found = [...this.present()].reverse().find(({ key }) => key === event.key);
    if (found === undefined) return;
    event.preventDefault();
    found.press(event);
  }
}

function isWriting(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable ||
      target instanceof HTMLTextAreaElement ||
      target instanceof HTMLSelectElement ||
      (target instanceof HTMLInputElement && target.type !== 'range' && target.type !== 'checkbox'))
  );
}
