import { type FreeSlot, type Weekday, WEEKDAYS } from '@wiry-otter/contracts';

const DAY_WORDS: Readonly<Record<Weekday, string>> = {
  monday: 'Mon',
  tuesday: 'Tue',
  wednesday: 'Wed',
  thursday: 'Thu',
  friday: 'Fri',
  saturday: 'Sat',
  sunday: 'Sun',
};

export const WEEKDAY_CHOICES = WEEKDAYS.map((weekday) => ({
  weekday,
  words: `${weekday[0]?.toUpperCase() ?? ''}${weekday.slice(1)}`,
}));

/** The days that have a free time, each with its times, from Monday on. */
export function slotsByDay(
  slots: readonly FreeSlot[],
): readonly { readonly day: string; readonly times: readonly string[] }[] {
  return WEEKDAYS.map((weekday) => ({
    day: DAY_WORDS[weekday],
    times: slots
      .filter((slot) => slot.weekday === weekday)
      .map(({ from, to }) => `${from}–${to}`)
      .toSorted(),
  })).filter(({ times }) => times.length > 0);
}
