const formats = new Map<string, Intl.DateTimeFormat>()

function formatOf(zone: string): Intl.DateTimeFormat {
  let format = formats.get(zone)
  if (!format) {
    // this one writes year, month and day in that order
    format = new Intl.DateTimeFormat('en-CA', { timeZone: zone, year: 'numeric', month: '2-digit', day: '2-digit' })
    formats.set(zone, format)
  }
  return format
}

/** Is this a time zone by its IANA name, as far as this machine knows? */
export function isZone(zone: string): boolean {
  try {
    formatOf(zone)
    return true
  } catch {
    return false
  }
}

/**
 * The day at a bench, `2026-11-27`, of a time.
 * @param iso a time with its offset, or a Date
 * @param zone IANA name of the bench's time zone
 * @throws RangeError for a zone that there is not
 */
export const benchDay = (iso: string | Date, zone: string): string => formatOf(zone).format(new Date(iso))

/** So many days after a day. */
export function daysAfter(day: string, days: number): string {
  const at = new Date(`${day}T12:00:00Z`)
  at.setUTCDate(at.getUTCDate() + days)
  return at.toISOString().slice(0, 10)
}
