import { Injectable } from '@angular/core';
import { Replica } from './replica';

/** The replica of the trainer who is signed in; none where nobody is. */
@Injectable({ providedIn: 'root' })
export class OpenReplica {
  private replica: Replica | undefined;

  open(trainerId: string): Replica {
    this.replica = new Replica(trainerId);
    return this.replica;
  }

  async do(work: (replica: Replica) => Promise<void>): Promise<void> {
    if (this.replica !== undefined) await work(this.replica);
  }

  async remove(): Promise<void> {
    await this.do((replica) => replica.remove());
    this.replica = undefined;
  }
}
