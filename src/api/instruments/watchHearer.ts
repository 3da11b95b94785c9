import { EventFinder } from '@/core/craft/wiggle/eventFinder'
import type { WatchHearer } from '@/devices/analyse'

/** Readings are handed on as the highest of so long. */
const BUCKET_S = 0.05
/** A wire of which nothing is computed is interrupted above so many times its first reading. */
const ABOVE_FIRST = 10

/**
 * Makes lines of readings as they come: how often they come, the highest of each twentieth of a second, each interruption as it
 * ends, with what was moved then.
 * @param wires by channel, with the highest that is no interruption; undefined where nothing is computed
 */
export function watchHearer(
  wires: readonly { readonly wire: string; readonly limitOhm: number | undefined }[],
  moving: () => string,
  say: (line: unknown) => void,
): WatchHearer {
  let finder: EventFinder | undefined
  let rateHz = 0
  let bucket: (number | null)[] = []
  let nextS = BUCKET_S
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
      const events = finder.take(s, ohms).map(({ channel, trace, ...event }) => ({
        wire: wires[channel]?.wire,
        during: moving(),
        ...event,
        trace: trace.map((ohm) => ohm ?? null),
      }))
      if (events.length > 0) say({ events })
      ohms.forEach((ohm, i) => {
        const before = bucket[i]
        bucket[i] = before === null || ohm === undefined ? null : Math.max(before ?? 0, ohm)
      })
      if (s < nextS) return
      say({ s, ohms: bucket })
      bucket = []
      nextS = s + BUCKET_S
    },
  }
}
