/** The studio's day at a moment, ISO 8601. */
export function dayInZone(moment: Date, zone: string): string {
  // The Canadian English form of a date is the ISO one.
  return new Intl.DateTimeFormat('en-CA', {
    timeZone: zone,
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
  }).format(moment);
}
