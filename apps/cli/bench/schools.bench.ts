// What 26 weeks under each school come to: 200 made-up people on real ladders, decided session by session.
import {
  type Decision,
  decide,
  type DoneSession,
  findLadder,
  type LadderRung,
  type Prescription,
  type Random,
  type Review,
  type School,
  SCHOOLS,
  solveSetup,
} from '@wiry-otter/core';
import { seededRandom } from '@wiry-otter/gauge';
import { kit, LADDERS, SEARCHES } from './finder-cases.js';
import { anyNature, Trainee } from './simulated-trainee.js';

const PEOPLE = 200;
const WEEKS = 26;
/** Days between sessions, three a week. */
const RHYTHM = [2, 2, 3] as const;
const AWAY_WEEKS = 3;
/** A stop is looked at after so many days, and the work goes on. */
const LIFTED_DAYS = 5;
const LIMITS = { pain: 3, breakDays: 14 } as const;
/** Bands in the bag of a trainer who goes to people's homes. */
const BAG = 8;
const AIM = { takenBack: 0.1 } as const;

/** The sets and ranges that a school begins with. */
const BEGUN: Readonly<Record<School, Partial<Prescription> & { target: number[]; sets: number }>> =
  {
    'fill-range': { sets: 3, reps: { from: 8, to: 15 }, target: [8, 8, 8] },
    effort: { sets: 3, reps: { from: 8, to: 12 }, target: [10, 10, 10] },
    rehab: { sets: 3, reps: { from: 10, to: 15 }, target: [10, 10, 10] },
    taper: { sets: 3, target: [10, 6, 3] },
    hold: { sets: 4, hold_s: 10, target: [10, 10, 10, 10] },
    lowering: { sets: 3, reps: { from: 3, to: 3 }, hold_s: 1, target: [1, 1, 1] },
    'all-out': { sets: 1, reps: { from: 8, to: 15 }, target: [8] },
    clock: { sets: 6, work_s: 20, target: [20, 20, 20, 20, 20, 20] },
    speed: { sets: 4, work_s: 10, target: [6, 6, 6, 6] },
  };

/** Loads of the rungs of a ladder, and where the school begins on it. */
function ladderFor(school: School): { ladder: LadderRung[]; start: number } {
  const name = ['taper', 'hold', 'lowering'].includes(school)
    ? 'pull-up by help'
    : 'row by its mean';
  const searchIn = SEARCHES[name];
  const target = LADDERS[name];
  if (searchIn === undefined || target === undefined) throw new Error(name);
  const { target: _target, ...space } = searchIn(kit(BAG));
  const found = findLadder({ ...space, target });
  const bare = solveSetup({ ...space.setup, bands: [], runs: [], links: {} });
  if (!found.ok || !bare.ok) throw new Error(`no ladder: ${name}`);
  const whole = bare.value.summary.mean;
  const loads = found.value.rungs
    .map(({ value }) => (target.metric === 'assistMean' ? whole * (1 - value) : value))
    .filter((load, i, all) => i === 0 || load > (all[i - 1] ?? 0) * 1.001);
  const ladder = loads.map((load, i) => ({ id: `rung ${i}`, load, u: 0.02 * load }));
  return { ladder, start: Math.floor(ladder.length / 4) };
}

interface Outcome {
  /** Weeks until the goal; null where it was not reached. */
  readonly weeks: number | null;
  readonly sessions: number;
  /** Sessions after which a gate decided, or held something back. */
  readonly gated: number;
  readonly stepsUp: number;
  readonly takenBack: number;
  /** Heavier although the pain was over the limit: never. */
  readonly heavierInPain: number;
}

const dayOf = (day: number): string =>
  new Date(Date.UTC(2026, 0, 5) + day * 86_400_000).toISOString().slice(0, 10);

/** Session days of 26 weeks, with those missed left out. */
function* sessionDays({ awayFrom, missed }: Trainee['nature'], random: Random): Generator<number> {
  for (let day = 0, n = 0; day < 7 * WEEKS; day += RHYTHM[n++ % RHYTHM.length] ?? 2) {
    const week = Math.floor(day / 7);
    const isAway = awayFrom !== null && week >= awayFrom && week < awayFrom + AWAY_WEEKS;
    if (!isAway && random() >= missed) yield day;
  }
}

function train(
  school: School,
  seed: number,
  ladder: readonly LadderRung[],
  start: number,
): Outcome {
  const random = seededRandom(seed);
  const begun = BEGUN[school];
  const rungs = school === 'taper' ? [start, start + 1, start + 2] : [start];
  const first = ladder[Math.max(...rungs)];
  if (first === undefined) throw new Error('the ladder is too short');
  const trainee = new Trainee(anyNature(random), random, first, school);
  let present: Prescription = { rest_s: 90, ...begun, rungs };
  const sessions: DoneSession[] = school === 'speed' ? earlierSessions(start) : [];
  const stops: { date: string; lifted?: string }[] = [];
  const codes: { code: Decision['code']; up: boolean }[] = [];
  const outcome = { weeks: null as number | null, gated: 0, heavierInPain: 0 };
  let before = 0;
  let blockedUntil = -1;
  const review = (today?: string): Review => ({
    school,
    prescription: present,
    ladder,
    sessions,
    limits: LIMITS,
    stops: stops.map((stop) => ({ ...stop })),
    ...(today === undefined ? {} : { today }),
  });
  const decided = (today?: string): Decision => {
    const result = decide(review(today));
    if (!result.ok) throw new Error(JSON.stringify(result.faults));
    return result.value;
  };
  const take = ({ rungs: next, target }: Decision): void => {
    present = { ...present, rungs: next, target, ...paceOf(school, target, present, sessions) };
  };
  for (const day of sessionDays(trainee.nature, random)) {
    trainee.live(day - before, day - before < LIMITS.breakDays);
    const isBreak = day - before > LIMITS.breakDays && sessions.length > 0;
    before = day;
    if (day < blockedUntil) continue;
    const date = dayOf(day);
    if (isBreak) {
      const eased = decided(date);
      if (eased.code === 'lighter') take(eased);
    }
    const asked = { school, ...present, target: present.target ?? begun.target };
    const done = trainee.session(date, { ...asked, work_s: present.work_s ?? 0 }, ladder);
    sessions.push(done);
    const decision = decided();
    const pain = Math.max(done.painNextMorning ?? 0, ...done.sets.map((set) => set.pain ?? 0));
    const up = loadOf(decision, ladder) > loadOf({ rungs: present.rungs }, ladder);
    if (up && pain > LIMITS.pain) outcome.heavierInPain++;
    if (isGated(decision)) outcome.gated++;
    codes.push({ code: decision.code, up });
    if (decision.code === 'stop') {
      blockedUntil = day + LIFTED_DAYS;
      stops.push({ date, lifted: dayOf(blockedUntil) });
      continue;
    }
    take(decision);
    if (outcome.weeks === null && isReached(school, decision, first, ladder, present)) {
      outcome.weeks = (day + 1) / 7;
    }
    if (decision.code === 'graduate' || decision.code === 'next-level') break;
  }
  const stepsUp = codes.filter(({ up }) => up).length;
  const takenBack = codes.filter(
    ({ up }, i) => up && codes.slice(i + 1, i + 3).some(({ code }) => code === 'lighter'),
  ).length;
  return { ...outcome, sessions: codes.length, stepsUp, takenBack };
}

/** A slow lowering's pace stands from the session after which it was asked; the clock's is its target. */
function paceOf(
  school: School,
  target: readonly number[],
  present: Prescription,
  sessions: readonly DoneSession[],
): Partial<Prescription> {
  const asked = Math.max(...target);
  if (school === 'clock') return { work_s: asked };
  if (school !== 'lowering' || asked === present.hold_s) return {};
  return { hold_s: asked, since: sessions.at(-1)?.date };
}

/** Speed comes after four clean sessions under another school. */
function earlierSessions(rung: number): DoneSession[] {
  return [-10, -8, -6, -3].map((day) => ({
    date: dayOf(day),
    school: 'fill-range',
    sets: [1, 2, 3].map(() => ({ rung, reps: 10, form: 'clean' as const, pain: 0 })),
  }));
}

function loadOf({ rungs }: Pick<Decision, 'rungs'>, ladder: readonly LadderRung[]): number {
  return rungs.reduce((sum, rung) => sum + (ladder[rung]?.load ?? 0), 0) / rungs.length;
}

function isGated({ code, reasons }: Decision): boolean {
  const isHeld = reasons.some(({ rule }) => rule === 'held-back');
  const byGate = code === 'stop' || (code === 'lighter' && reasons[0]?.rule.startsWith('gate.'));
  return isHeld || byGate === true;
}

/** A fifth more load, by the clock any more; for a skill the level done with; for speed half again as many. */
function isReached(
  school: School,
  decision: Decision,
  first: LadderRung,
  ladder: readonly LadderRung[],
  present: Prescription,
): boolean {
  if (decision.code === 'graduate' || decision.code === 'next-level') return true;
  if (school === 'speed') return Math.max(...(present.target ?? [0])) >= 9;
  if (school === 'lowering') return false;
  const share = (ladder[Math.max(...decision.rungs)]?.load ?? 0) / first.load;
  return school === 'clock' ? share > 1 : share >= 1.2;
}

const median = (values: readonly number[]): number =>
  values.toSorted((a, b) => a - b)[values.length >> 1] ?? NaN;
const percent = (share: number): string => `${(100 * share).toFixed(0)} %`;

console.log(`${PEOPLE} people a school, ${WEEKS} weeks, a bag of ${BAG} bands`);
for (const school of SCHOOLS) {
  const { ladder, start } = ladderFor(school);
  const all = Array.from({ length: PEOPLE }, (_, n) => train(school, n + 1, ladder, start));
  const sum = (of: (one: Outcome) => number): number =>
    all.reduce((total, one) => total + of(one), 0);
  const weeks = all.flatMap((one) => one.weeks ?? []);
  const stepsUp = sum((one) => one.stepsUp);
  const takenBack = stepsUp === 0 ? 0 : sum((one) => one.takenBack) / stepsUp;
  const inPain = sum((one) => one.heavierInPain);
  const isMet = takenBack <= AIM.takenBack && inPain === 0;
  if (inPain > 0) process.exitCode = 1;
  console.log(
    `  ${school.padEnd(10)} goal reached by ${percent(weeks.length / PEOPLE)}, median ${weeks.length === 0 ? '–' : median(weeks).toFixed(0)} weeks; ` +
      `gates in ${percent(sum((one) => one.gated) / sum((one) => one.sessions))} of sessions; ` +
      `${(stepsUp / PEOPLE).toFixed(1)} steps up each, ${percent(takenBack)} taken back within two sessions ` +
      `(aim ${percent(AIM.takenBack)}); heavier in pain ${inPain}${isMet ? '' : ' ✕'}`,
  );
}
