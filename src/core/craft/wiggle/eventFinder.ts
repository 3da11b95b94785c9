/** An interruption of one channel. */
export interface FoundEvent {
  readonly channel: number
  /** since the watching began */
  readonly atS: number
  readonly lengthMs: number
  /** the highest reading; undefined where it was open */
  readonly peakOhm: number | undefined
  /** readings from a little before to a little after, undefined is open */
  readonly trace: readonly (number | undefined)[]
}

/** Contact that is back for less than this has not come to rest: it is one interruption, not two. */
const BOUNCE_S = 0.01
/** Readings that are kept before and after an interruption. */
const AROUND = 12
/** Readings of one interruption that are kept. */
const TRACE_MOST = 200

interface Open {
  readonly startS: number
  lastS: number
  peakOhm: number
  wasOpen: boolean
  readonly trace: (number | undefined)[]
}

/** At this rate an interruption shorter than so long can fall between two readings, or be taken for noise, ms. */
export const shortestSeenMs = (rateHz: number): number => 2000 / rateHz

/**
 * Finds interruptions in readings as they come: whatever is above a channel's limit, with its beginning, its length and its
 * height. A single reading above the limit is one.
 */
export class EventFinder {
  readonly #rateHz: number
  readonly #limitsOhm: readonly number[]
  readonly #open: (Open | undefined)[] = []
  readonly #before: (number | undefined)[][] = []

  /** @param limitsOhm by channel: what reads more is an interruption */
  constructor(rateHz: number, limitsOhm: readonly number[]) {
    this.#rateHz = rateHz
    this.#limitsOhm = limitsOhm
  }

  /**
   * @param ohms by channel, undefined is open
   * @returns interruptions that have come to an end with this reading
   */
  take(s: number, ohms: readonly (number | undefined)[]): readonly FoundEvent[] {
    const found: FoundEvent[] = []
    ohms.forEach((ohm, channel) => {
      const now = this.#open[channel]
      const isAbove = ohm === undefined || ohm > (this.#limitsOhm[channel] ?? Infinity)
      if (now && now.trace.length < TRACE_MOST) now.trace.push(ohm)
      if (isAbove && now) {
        now.lastS = s
        now.peakOhm = Math.max(now.peakOhm, ohm ?? 0)
        now.wasOpen ||= ohm === undefined
      } else if (isAbove) {
        this.#open[channel] = {
          startS: s,
          lastS: s,
          peakOhm: ohm ?? 0,
          wasOpen: ohm === undefined,
          trace: [...(this.#before[channel] ?? []), ohm],
        }
      } else if (now && s - now.lastS > BOUNCE_S) {
        found.push(this.#event(channel, now))
        this.#open[channel] = undefined
      }
      const before = (this.#before[channel] ??= [])
      before.push(ohm)
      if (before.length > AROUND) before.shift()
    })
    return found
  }

  /** Interruptions that had not ended when the watching did. */
  end(): readonly FoundEvent[] {
    return this.#open.flatMap((now, channel) => (now ? [this.#event(channel, now)] : []))
  }

  #event(channel: number, { startS, lastS, peakOhm, wasOpen, trace }: Open): FoundEvent {
    return {
      channel,
      atS: startS,
      lengthMs: Math.round((lastS - startS + 1 / this.#rateHz) * 1e5) / 100,
      peakOhm: wasOpen ? undefined : peakOhm,
      trace,
    }
  }
}
