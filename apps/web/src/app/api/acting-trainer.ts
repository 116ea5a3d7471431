import { Injectable } from '@angular/core';

/** Says with every request as whom this tab acts: the sign-in is shared by all tabs of a browser. */
export const TRAINER_HEADER = 'otter-trainer';

/** As whom this tab acts; null where nobody is signed in. */
@Injectable({ providedIn: 'root' })
export class ActingTrainer {
  id: string | null = null;
  name = '';
}
