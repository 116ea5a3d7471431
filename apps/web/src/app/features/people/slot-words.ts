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

/** The days of a week that begins with this one. */
function weekFrom(first: Weekday): readonly Weekday[] {
  const at = WEEKDAYS.indexOf(first);
  return [...WEEKDAYS.slice(at), ...WEEKDAYS.slice(0, at)];
}

/** What a free time can be on. */
export function weekdayChoices(
  first: Weekday,
): readonly { readonly weekday: Weekday; readonly words: string }[] {
  return weekFrom(first).map((weekday) => ({
    weekday,
    words: `${weekday[0]?.toUpperCase() ?? ''}${weekday.slice(1)}`,
  }));
}

/** The days that have a free time, each with its times, from the first of the week on. */
export function slotsByDay(
  slots: readonly FreeSlot[],
  first: Weekday,
): readonly { readonly day: string; readonly times: readonly string[] }[] {
  return weekFrom(first)
    .map((weekday) => ({
      day: DAY_WORDS[weekday],
      times: slots
        .filter((slot) => slot.weekday === weekday)
        .map(({ from, to }) => `${from}–${to}`)
        .toSorted(),
    }))
    .filter(({ times }) => times.length > 0);
}
