const DAY_MS = 86_400_000;

/** Moves the days of a story so that its last one lies shortly before today. */
export class DayShift {
  private readonly shift_ms: number;

  constructor(
    readonly lastDay: string,
    today: string,
    daysAgo: number,
  ) {
    this.shift_ms = midnight(today) - daysAgo * DAY_MS - midnight(lastDay);
  }

  /** The moved day, ISO 8601. */
  day(day: string): string {
    return new Date(midnight(day) + this.shift_ms).toISOString().slice(0, 10);
  }

  /** A moment on the moved day, at an hour of UTC. */
  moment(day: string, hour: number, minute = 0): Date {
    return new Date(midnight(day) + this.shift_ms + (hour * 60 + minute) * 60_000);
  }
}

function midnight(day: string): number {
  return Date.parse(`${day}T00:00:00Z`);
}
