/** By zone: making one takes longer than many a query. */
const formats = new Map<string, Intl.DateTimeFormat>();

/** The studio's day at a moment, ISO 8601. */
export function dayInZone(moment: Date, zone: string): string {
  const known = formats.get(zone);
  // The Canadian English form of a date is the ISO one.
  const format =
    known ??
    new Intl.DateTimeFormat('en-CA', {
      timeZone: zone,
      year: 'numeric',
      month: '2-digit',
      day: '2-digit',
    });
  if (known === undefined) formats.set(zone, format);
  return format.format(moment);
}
