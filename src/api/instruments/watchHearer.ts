import { EventFinder, type FoundEvent } from '@/core/craft/wiggle/eventFinder'
import type { WatchHearer } from '@/devices/analyse'

/** Readings are handed on as the highest of so long. */
const BUCKET_S = 0.05
/** A wire of which nothing is computed is interrupted above so many times its first reading. */
const ABOVE_FIRST = 10

/**
 * Makes lines of readings as they come: how often they come, the highest of each twentieth of a second with what is interrupted
 * now, each interruption as it ends.
 * @param wires by channel, with the highest that is no interruption; undefined where nothing is computed
 */
export function watchHearer(
  wires: readonly { readonly wire: string; readonly limitOhm: number | undefined }[],
  say: (line: unknown) => void,
): WatchHearer {
  let finder: EventFinder | undefined
  let rateHz = 0
  let bucket: (number | null)[] = []
  let nextS = BUCKET_S
  const told = ({ channel, trace, ...event }: FoundEvent) => ({
    wire: wires[channel]?.wire,
    ...event,
    trace: trace.map((ohm) => ohm ?? null),
  })
  return {
    begin: (hz, identity) => {
      rateHz = hz
      say({
        begin: {
          rateHz,
          identity,
          wires: wires.map(({ wire }) => wire),
          limits: wires.map(({ limitOhm }) => limitOhm ?? null),
        },
      })
    },
    sample: (s, ohms) => {
      finder ??= new EventFinder(
        rateHz,
        wires.map(({ limitOhm }, i) => limitOhm ?? (ohms[i] ?? Infinity) * ABOVE_FIRST),
      )
      const events = finder.take(s, ohms).map(told)
      if (events.length > 0) say({ events })
      ohms.forEach((ohm, i) => {
        const before = bucket[i]
        bucket[i] = before === null || ohm === undefined ? null : Math.max(before ?? 0, ohm)
      })
      if (s < nextS) return
      // whoever stops now has seen what has not ended too
      const ongoing = finder.end().map(told)
      say({ s, ohms: bucket, ...(ongoing.length > 0 && { ongoing }) })
      bucket = []
      nextS = s + BUCKET_S
    },
  }
}
