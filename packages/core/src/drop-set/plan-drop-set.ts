/** What moves from one part of a drop set to the next take, s. */
const SECONDS = { step: 1, slip: 2, bandOff: 3 } as const;
/** A change that takes longer is a rest. */
const MOST_SECONDS = 5;
/** Deviations this near to each other are the same: a whole step is hundreds of times as much. */
const SAME_DEVIATION = 1e-9;

/** How one part of a drop set is laid: which of the stack's bands are on, where, and how gripped. */
export interface DropSetPart {
  /** Places in the stack, ascending; never none. */
  readonly bands: readonly number[];
  /** Places in the distances and slips. */
  readonly distance: number;
  readonly slip: number;
}

/** What a drop set may be made of. It begins with the whole stack at the first distance and slip. */
export interface DropSetSpace {
  /** Bands of the stack. */
  readonly bands: number;
  readonly distances: number;
  readonly slips: number;
  /** Mean demand of a part; undefined where it may not be used. */
  readonly loadOf: (part: DropSetPart) => number | undefined;
}

export interface DropSetWish {
  /** How often the load drops. */
  readonly drops: number;
  /** Wanted share of the load that each drop takes off, 0 … 1. */
  readonly share: number;
}

export interface PlannedPart extends DropSetPart {
  readonly load: number;
  /** Share of the part before that is off; 0 for the first. */
  readonly share: number;
  /** What the change from the part before takes, s. */
  readonly seconds: number;
}

export interface DropSet {
  readonly parts: readonly PlannedPart[];
  /** Largest deviation of a share from the wanted one. */
  readonly deviation: number;
  /** Of all changes together, s. */
  readonly seconds: number;
}

interface Part extends DropSetPart {
  readonly load: number;
  /** Bands that are on, a bit each. */
  readonly on: number;
}

/**
 * A drop set: from part to part bands come off, the person steps or the grip slips, so that the
 * largest deviation of the shares from the wanted one is the least there is, and then all changes
 * together take the least time. A change takes 1 s for a step, 2 s for a slip and 3 s for each band,
 * and 5 s at most. The same read backwards climbs.
 *
 * Exact: for each number of drops the least largest deviation with which every part can be reached;
 * then, within that, the least time.
 *
 * @returns undefined where so many drops cannot be made, or the stack itself may not be used
 */
export function planDropSet(
  space: DropSetSpace,
  { drops, share }: DropSetWish,
): DropSet | undefined {
  const parts = partsOf(space);
  const whole = 2 ** space.bands - 1;
  const first = parts.findIndex(({ distance, on, slip }) => on === whole && distance + slip === 0);
  if (first < 0) return undefined;
  const deviation = leastDeviation(parts, first, drops, share);
  return deviation === undefined
    ? undefined
    : quickest(parts, first, { drops, share }, deviation + SAME_DEVIATION);
}

function partsOf({ bands, distances, loadOf, slips }: DropSetSpace): Part[] {
  const parts: Part[] = [];
  for (let on = 2 ** bands - 1; on > 0; on--) {
    const laid = Array.from({ length: bands }, (_, b) => b).filter((b) => (on >> b) & 1);
    for (let distance = 0; distance < distances; distance++) {
      for (let slip = 0; slip < slips; slip++) {
        const load = loadOf({ bands: laid, distance, slip });
        if (load !== undefined && load > 0) parts.push({ bands: laid, distance, slip, load, on });
      }
    }
  }
  return parts;
}

/** Time from one part to another, s; undefined where a band would have to be put on, nothing is done or it takes too long. */
function secondsBetween(a: Part, b: Part): number | undefined {
  if ((a.on & b.on) !== b.on) return undefined;
  const seconds =
    (a.distance === b.distance ? 0 : SECONDS.step) +
    (a.slip === b.slip ? 0 : SECONDS.slip) +
    (a.bands.length - b.bands.length) * SECONDS.bandOff;
  return seconds > 0 && seconds <= MOST_SECONDS ? seconds : undefined;
}

/** How far the share from one part to another is from the wanted one. */
function deviationBetween(a: Part, b: Part, share: number): number {
  return Math.abs(1 - b.load / a.load - share);
}

function leastDeviation(
  parts: readonly Part[],
  first: number,
  drops: number,
  share: number,
): number | undefined {
  let least = parts.map((_, p) => (p === first ? 0 : Infinity));
  for (let drop = 0; drop < drops; drop++) {
    const next = parts.map(() => Infinity);
    parts.forEach((a, p) => {
      const before = least[p] as number;
      if (before === Infinity) return;
      parts.forEach((b, q) => {
        if (b.load >= a.load || secondsBetween(a, b) === undefined) return;
        const deviation = Math.max(before, deviationBetween(a, b, share));
        if (deviation < (next[q] as number)) next[q] = deviation;
      });
    });
    least = next;
  }
  const deviation = Math.min(...least);
  return deviation === Infinity ? undefined : deviation;
}

/** The quickest way with no deviation beyond the most that is allowed. */
function quickest(
  parts: readonly Part[],
  first: number,
  { drops, share }: DropSetWish,
  most: number,
): DropSet {
  let least = parts.map((_, p) => (p === first ? 0 : Infinity));
  const before: Int32Array[] = [];
  for (let drop = 0; drop < drops; drop++) {
    const next = parts.map(() => Infinity);
    const from = new Int32Array(parts.length).fill(-1);
    parts.forEach((a, p) => {
      const soFar = least[p] as number;
      if (soFar === Infinity) return;
      parts.forEach((b, q) => {
        const seconds = b.load < a.load ? secondsBetween(a, b) : undefined;
        if (seconds === undefined || deviationBetween(a, b, share) > most) return;
        if (soFar + seconds >= (next[q] as number)) return;
        next[q] = soFar + seconds;
        from[q] = p;
      });
    });
    before.push(from);
    least = next;
  }
  const chosen = [least.indexOf(Math.min(...least))];
  for (const from of before.reverse()) chosen.unshift(from[chosen[0] as number] as number);
  const steps = chosen.map((at, i): PlannedPart => {
    const { bands, distance, load, slip } = parts[at] as Part;
    const last = i === 0 ? undefined : parts[chosen[i - 1] as number];
    return {
      bands,
      distance,
      slip,
      load,
      share: last === undefined ? 0 : 1 - load / last.load,
      seconds: last === undefined ? 0 : (secondsBetween(last, parts[at] as Part) ?? 0),
    };
  });
  return {
    parts: steps,
    deviation: Math.max(0, ...steps.slice(1).map((step) => Math.abs(step.share - share))),
    seconds: steps.reduce((sum, { seconds }) => sum + seconds, 0),
  };
}
