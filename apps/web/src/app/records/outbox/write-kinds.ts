import * as bands from './kinds/bands';
import * as studio from './kinds/studio';
import * as training from './kinds/training';
import type { WriteKindOf } from './write';

/** Every kind of write: each goes through the outbox, there is no other way. */
export const WRITE_KINDS = { ...bands, ...studio, ...training };

/** What each of them takes. */
export type WriteKinds = {
  readonly [Kind in keyof typeof WRITE_KINDS]: (typeof WRITE_KINDS)[Kind] extends WriteKindOf<
    infer Params,
    infer Body
  >
    ? { readonly params: Params; readonly body: Body }
    : never;
};
