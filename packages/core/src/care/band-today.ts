import { daysBetween } from '../progression/day.js';
import { inspectionDue, type InspectionRule } from './inspection.js';

type Holder =
  { at: 'bag' } | { at: 'place'; placeId: string } | { at: 'person'; personId: string | null };

/** A band as it is kept: it does not say who has a copy, nor what depends on the day. */
export interface KeptBand {
  readonly copies: readonly {
    readonly id: string;
    readonly holder: Holder;
    /** ISO 8601. */
    readonly countsFrom: string;
  }[];
  readonly events: readonly {
    readonly id: string;
    readonly copyId: string;
    readonly what: { readonly kind: string };
  }[];
}

/** What a band as it stands today follows from besides. */
export interface TodaysFacts {
  /** Stretches beyond ×2 by copy; none where it is missing. */
  readonly wear: ReadonlyMap<string, { readonly total: number; readonly sinceInspection: number }>;
  /** Moves to the homes of people that the reader looks after, by event. */
  readonly moves: ReadonlyMap<string, { readonly personId: string }>;
  readonly rule: InspectionRule;
  /** ISO 8601. */
  readonly today: string;
}

interface CopyToday {
  cycles: { total: number; sinceInspection: number };
  inspectionDue: boolean;
}

export type WithToday<Band extends KeptBand> = Omit<Band, 'copies'> & {
  copies: (Band['copies'][number] & CopyToday)[];
};

/**
 * A band as it stands today: how worn each copy is, whether an inspection is due by days or by
 * stretches, and at whose home it is, where the reader may know.
 */
export function bandToday<Band extends KeptBand>(band: Band, facts: TodaysFacts): WithToday<Band> {
  const { moves, rule, today, wear } = facts;
  return {
    ...band,
    copies: band.copies.map((copy) => {
      const { total = 0, sinceInspection = 0 } = wear.get(copy.id) ?? {};
      const since = { days: daysBetween(copy.countsFrom, today), cycles: sinceInspection };
      return {
        ...copy,
        holder: holderOf(copy, band, moves),
        cycles: { total, sinceInspection },
        inspectionDue: inspectionDue(since, rule).due,
      };
    }),
    events: band.events.map((event) => {
      const move = moves.get(event.id);
      const holder = { at: 'person', personId: move?.personId };
      return move === undefined ? event : { ...event, what: { ...event.what, holder } };
    }),
  };
}

/** Where a copy is now: the last move tells with whom. */
function holderOf(
  { holder, id }: KeptBand['copies'][number],
  { events }: KeptBand,
  moves: TodaysFacts['moves'],
): Holder {
  if (holder.at !== 'person') return holder;
  const last = events.findLast(({ copyId, what }) => copyId === id && what.kind === 'moved');
  return { at: 'person', personId: moves.get(last?.id ?? '')?.personId ?? null };
}
