import { benchDay } from '@/core/base/benchDay'

/** The clock on the wall of a bench: every day and time that is shown or asked for is by it, on the server as in a browser. */
export interface BenchClock {
  readonly zone: string
  /** `2026-11-27` */
  readonly dayOf: (at: string | Date) => string
  /** `27 Nov 2026` */
  readonly date: (at: string) => string
  /** `27 Nov 2026, 09:42` */
  readonly dayTime: (at: string) => string
  /** `09:42` */
  readonly timeOfDay: (at: string) => string
  /** `27 Nov 2026, 09:42 Europe/Berlin`, for papers that travel */
  readonly stamp: (at: string) => string
  /** `Friday` */
  readonly weekday: (at: string | Date) => string
}

const clocks = new Map<string, BenchClock>()

/** The clock of a bench by its zone's IANA name. By the platform's own calendar: a date package would come with every page. */
export function clockOf(zone: string): BenchClock {
  const known = clocks.get(zone)
  if (known) return known
  const made = makeClock(zone)
  clocks.set(zone, made)
  return made
}

function makeClock(zone: string): BenchClock {
  const parts = new Intl.DateTimeFormat('en-GB', {
    timeZone: zone,
    weekday: 'long',
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  })
  const read = (at: string | Date) =>
    Object.fromEntries(parts.formatToParts(new Date(at)).map(({ type, value }) => [type, value]))
  const date = (at: string) => {
    const { day = '', month = '', year = '' } = read(at)
    // three letters each: British English has four for September
    return `${day} ${month.slice(0, 3)} ${year}`
  }
  const timeOfDay = (at: string) => {
    const { hour = '', minute = '' } = read(at)
    return `${hour}:${minute}`
  }
  const dayTime = (at: string) => `${date(at)}, ${timeOfDay(at)}`
  return {
    zone,
    dayOf: (at) => benchDay(at, zone),
    date,
    timeOfDay,
    dayTime,
    stamp: (at) => `${dayTime(at)} ${zone}`,
    weekday: (at) => read(at).weekday ?? '',
  }
}
