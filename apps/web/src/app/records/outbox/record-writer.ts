import { inject, Injectable } from '@angular/core';
import { Actions, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import { filter, firstValueFrom, map } from 'rxjs';
import { v7 as uuidv7 } from 'uuid';
import { ActingTrainer } from '../../api/acting-trainer';
import { outboxActions } from './outbox-state';
import type { KeptWrite, Write, WriteKind } from './write';
import type { WriteKinds } from './write-kinds';

/** The one way in which this device writes: into the outbox, whence it goes to the server. */
@Injectable({ providedIn: 'root' })
export class RecordWriter {
  private readonly store = inject(Store);
  private readonly actions = inject(Actions);
  private readonly acting = inject(ActingTrainer);

  /**
   * @param what it is, in words
   * @param base what the record said before, where the write changes one that others may change
   * @returns the write once it is kept and shows; null where it would be refused, which is said
   */
  write<Kind extends WriteKind>(
    kind: Kind,
    params: WriteKinds[Kind]['params'],
    body: WriteKinds[Kind]['body'],
    what: string,
    base?: object,
  ): Promise<KeptWrite | null> {
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
    } as unknown as Write;
    const kept = firstValueFrom(
      this.actions.pipe(
        ofType(outboxActions.kept, outboxActions.notKept),
        filter((action) => action.write.id === write.id),
        map((action) => (action.type === outboxActions.kept.type ? action.write : null)),
      ),
      { defaultValue: null },
    );
    this.store.dispatch(outboxActions.write({ write }));
    return kept;
  }
}
