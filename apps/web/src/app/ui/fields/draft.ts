import { DestroyRef, inject } from '@angular/core';
import type { FormGroup } from '@angular/forms';
import * as z from 'zod';
import { forget, readStored, store } from '../../storage/storage';

const looseObject = z.record(z.string(), z.unknown());

/** Unsaved entries of a form, kept in the browser so that a reload loses nothing. */
export interface Draft {
  /** The entries were saved elsewhere; the draft may go. */
  readonly clear: () => void;
  /** Whether entries of an earlier visit were put back into the form. */
  readonly restored: boolean;
}

/** Puts an earlier draft back into the form and keeps it up to date from now on. */
export function keepDraft(key: string, form: FormGroup): Draft {
  const storageKey = `otter.draft.${key}`;
  const stored = readStored(storageKey, looseObject);
  if (stored !== undefined) form.patchValue(stored);
  const following = form.valueChanges.subscribe((value) => store(storageKey, value));
  inject(DestroyRef).onDestroy(() => following.unsubscribe());
  return { restored: stored !== undefined, clear: () => forget(storageKey) };
}
