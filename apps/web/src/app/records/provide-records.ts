import { type EnvironmentProviders, makeEnvironmentProviders } from '@angular/core';
import { provideEffects } from '@ngrx/effects';
import { provideState } from '@ngrx/store';
import * as feedEffects from './feed-effects';
import { outboxFeature } from './outbox/outbox-state';
import { SLICES } from './record-slice';
import { syncFeature } from './sync';

/** Every kind of record in the store, and what keeps up with the server's. */
export function provideRecords(): EnvironmentProviders {
  return makeEnvironmentProviders([
    ...Object.values(SLICES).map(({ kind, reducer }) => provideState(kind, reducer)),
    provideState(outboxFeature),
    provideState(syncFeature),
    provideEffects(feedEffects),
  ]);
}
