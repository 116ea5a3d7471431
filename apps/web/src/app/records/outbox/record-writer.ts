import { inject, Injectable } from '@angular/core';
import { Store } from '@ngrx/store';
import { v7 as uuidv7 } from 'uuid';
import { ActingTrainer } from '../../api/acting-trainer';
import { outboxActions } from './outbox-state';
import type { Write, WriteKind } from './write';
import type { WriteKinds } from './write-kinds';

/** The one way in which this device writes: into the outbox, whence it goes to the server. */
@Injectable({ providedIn: 'root' })
export class RecordWriter {
  private readonly store = inject(Store);
  private readonly acting = inject(ActingTrainer);

  /**
   * @param what it is, in words
   * @param base what the record said before, where the write changes one that others may change
   */
  write<Kind extends WriteKind>(
    kind: Kind,
    params: WriteKinds[Kind]['params'],
    body: WriteKinds[Kind]['body'],
    what: string,
    base?: object,
  ): void {
    const { id, name } = this.acting;
    const write = {
      id: uuidv7(),
      at: new Date().toISOString(),
      kind,
      params,
      body,
      what,
      by: { id: id ?? '', name },
      ...(base === undefined ? {} : { base }),
    };
    this.store.dispatch(outboxActions.write({ writes: [write as unknown as Write] }));
  }
}
