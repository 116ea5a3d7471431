// A made-up person who trains by what is decided: gets stronger, tires, hurts, stays away.
import type { DoneSession, DoneSet, LadderRung, School } from '@wiry-otter/core';
import { capabilityFrom, normal, type Random } from '@wiry-otter/core';

/** How a person differs from others. */
export interface Nature {
  /** Growth of capability a week, as share. */
  readonly rate: number;
  /** 1σ of the form of the day, as share. */
  readonly noise: number;
  readonly missed: number;
  /** The week of the 26 in which three weeks without training begin; null where there are none. */
  readonly awayFrom: number | null;
  /** Chance that a session hurts, apart from what a step up does. */
  readonly hurts: number;
}

/** A nature at random: half gain 0.7 to 1.6 % a week, half go away once, all miss a session in ten. */
export function anyNature(random: Random): Nature {
  return {
    rate: 0.011 * Math.exp(0.4 * normal(random)),
    noise: 0.03,
    missed: 0.1,
    awayFrom: random() < 0.5 ? Math.floor(4 + 18 * random()) : null,
    hurts: 0.01 + 0.02 * random(),
  };
}

/** What is asked of a session. */
export interface Asked {
  readonly school: School;
  readonly rungs: readonly number[];
  readonly target: readonly number[];
  readonly sets: number;
  readonly work_s: number;
}

/** Each set after the first is done with so much less. */
const TIRED_PER_SET = 0.012;
/** A lowering of T s is as hard to do as a hold of half of that. */
const LOWERING_SHARE = 0.5;
const HOLD_SCALE_S = 60;
const REPS_SCALE = 30;
/** Seconds for a repetition against the clock. */
const REP_S = 2.5;
/** So much a step up of a tenth adds to the chance of a sore morning. */
const SORE_PER_TENTH = 0.06;

export class Trainee {
  private capability: number;
  private lastLoad: number;
  private weeks = 0;

  constructor(
    readonly nature: Nature,
    private readonly random: Random,
    start: LadderRung,
    readonly school: School,
  ) {
    // Twelve repetitions, or a hold of 15 s, with the rung that is begun with.
    this.capability =
      school === 'hold' || school === 'lowering'
        ? start.load * (1 + 15 / HOLD_SCALE_S)
        : capabilityFrom({ kind: 'reps', reps: 12, spare: 0 }, start.load);
    this.lastLoad = start.load;
  }

  /** Time goes by: trained weeks make stronger, others take a little. */
  live(days: number, trains: boolean): void {
    this.weeks += days / 7;
    this.capability *= (1 + (trains ? this.nature.rate : -0.01)) ** (days / 7);
  }

  session(date: string, asked: Asked, ladder: readonly LadderRung[]): DoneSession {
    const today = this.capability * Math.exp(this.nature.noise * normal(this.random));
    const loads = Array.from({ length: asked.sets }, (_, set) => {
      const rung = asked.rungs[Math.min(set, asked.rungs.length - 1)] ?? 0;
      return { rung, load: ladder[rung]?.load ?? 0 };
    });
    const hardest = Math.max(...loads.map(({ load }) => load));
    const up = Math.max(0, hardest / this.lastLoad - 1);
    this.lastLoad = hardest;
    const pain = this.random() < this.nature.hurts ? this.painFelt() : 0;
    const sore =
      this.random() < SORE_PER_TENTH * (up / 0.1) ? 1 + Math.floor(5 * this.random()) : 0;
    return {
      date,
      sets: loads.map(({ load, rung }, set) => ({
        rung,
        ...this.set(today * (1 - TIRED_PER_SET * set), load, asked, set),
        pain: set === asked.sets - 1 ? pain : 0,
      })),
      ...(sore > 0 ? { painNextMorning: sore } : {}),
    };
  }

  /** Mostly over a limit of 3, rarely so that it stops the work. */
  private painFelt(): number {
    return this.random() < 0.05 ? 6 : 2 + Math.floor(4 * this.random());
  }

  private set(today: number, load: number, asked: Asked, set: number): Omit<DoneSet, 'rung'> {
    const ratio = today / load;
    const target = asked.target[Math.min(set, asked.target.length - 1)] ?? 0;
    const most = Math.max(0, Math.floor(REPS_SCALE * (ratio - 1)));
    // Who gives all may lose the movement.
    const formOf = (isAll: boolean) =>
      isAll && this.random() < 0.15 ? ('breaking' as const) : ('clean' as const);
    switch (asked.school) {
      case 'hold': {
        const held = Math.max(0, Math.floor(HOLD_SCALE_S * (ratio - 1)));
        return { hold_s: Math.min(target, held), form: formOf(held < target) };
      }
      case 'lowering': {
        const slow = Math.max(0, Math.floor((HOLD_SCALE_S * (ratio - 1)) / LOWERING_SHARE));
        const done = Math.min(target, slow);
        return { reps: 3, hold_s: done, lowering_s: done, form: formOf(slow < target) };
      }
      case 'all-out':
        return { reps: most, spare: 0, form: formOf(true) };
      case 'clock': {
        const first = Math.min(asked.work_s / REP_S, most);
        const tired = 0.05 * Math.exp(-0.06 * this.weeks) * Math.sqrt(asked.work_s / 20);
        return { reps: Math.max(0, Math.round(first * (1 - tired * set))), work_s: asked.work_s };
      }
      case 'speed': {
        const pace = (10 / 1.6) * (1 + 0.004 * this.weeks) * (1 - 0.02 * set);
        return { reps: Math.round(pace + 0.4 * normal(this.random)), work_s: 10 };
      }
      case 'effort': {
        // By feel: with two to spare.
        const reps = Math.max(0, most - 2);
        return { reps, spare: most - reps, form: 'clean' };
      }
      default: {
        const reps = Math.min(target, most);
        return { reps, spare: Math.min(5, most - reps), form: formOf(reps === most) };
      }
    }
  }
}
