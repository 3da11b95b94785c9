import dayjs from 'dayjs'
import timezone from 'dayjs/plugin/timezone'
import utc from 'dayjs/plugin/utc'
import { benchDay } from '@/core/base/benchDay'

dayjs.extend(utc)
dayjs.extend(timezone)

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

export function clockOf(zone: string): BenchClock {
  const write = (form: string) => (at: string | Date) => dayjs(at).tz(zone).format(form)
  return {
    zone,
    dayOf: (at) => benchDay(at, zone),
    date: write('D MMM YYYY'),
    dayTime: write('D MMM YYYY, HH:mm'),
    timeOfDay: write('HH:mm'),
    stamp: (at) => `${write('D MMM YYYY, HH:mm')(at)} ${zone}`,
    weekday: write('dddd'),
  }
}
