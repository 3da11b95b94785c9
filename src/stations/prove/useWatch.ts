import { useCallback, useEffect, useRef, useState } from 'react'
import { type WatchEvent, type WatchLine, sayMoved, watchHarness } from '@/ui/device/analyserClient'

/** So much of the past is drawn. */
export const SHOWN_S = 20
/** The drawing follows ten times a second. */
const DRAW_MS = 100

/** What is moved, and how it is said to a stand-in. */
export interface Moved {
  readonly key: string
  readonly during: 'all' | 'push-back' | 'bend' | 'leg'
  readonly term?: string
  readonly fromMm?: number
  readonly toMm?: number
}

export interface SeenEvent extends WatchEvent {
  readonly moved: Moved | undefined
}

export interface Watching {
  readonly rateHz: number
  readonly identity: string
  readonly wires: readonly string[]
  readonly limits: readonly (number | null)[]
  /** seconds, and by wire the highest of each twentieth of a second, null is open */
  readonly buckets: readonly { readonly s: number; readonly ohms: readonly (number | null)[] }[]
  /** that have ended */
  readonly events: readonly SeenEvent[]
  /** that had not ended with the last reading: a wire that is open all the time is one */
  readonly ongoing: readonly SeenEvent[]
  /** seconds for which each thing was moved, by its key */
  readonly movedS: ReadonlyMap<string, number>
  /** since when each thing was moved, for the drawing */
  readonly marks: readonly { readonly s: number; readonly moved: Moved | undefined }[]
  readonly s: number
}

/** Wires watched by the analyser while they are moved: readings, interruptions, and for how long what was moved. */
export function useWatch(job: string, unit: number) {
  const [watching, setWatching] = useState<Watching>()
  const [message, setMessage] = useState<string>()
  const live = useRef<Watching>(undefined)
  const moved = useRef<Moved>(undefined)
  const [movedNow, setMovedNow] = useState<Moved>()
  const stopper = useRef<AbortController>(undefined)
  useEffect(() => () => stopper.current?.abort(), [])

  const move = useCallback((to: Moved | undefined) => {
    moved.current = to
    setMovedNow(to)
    void sayMoved(to?.key ?? 'none')
    if (live.current)
      live.current = { ...live.current, marks: [...live.current.marks, { s: live.current.s, moved: to }] }
  }, [])

  /** Watches until it is stopped; gives what was seen, or undefined where nothing was. */
  const start = useCallback(
    async (wires: readonly string[], first: Moved | undefined): Promise<Watching | undefined> => {
      const mine = new AbortController()
      stopper.current?.abort()
      stopper.current = mine
      live.current = undefined
      setWatching(undefined)
      setMessage(undefined)
      const timer = setInterval(() => setWatching(live.current), DRAW_MS)
      const fault = await watchHarness(
        { job, unit, wires },
        (line) => {
          if (line.begin) {
            live.current = {
              ...line.begin,
              buckets: [],
              events: [],
              ongoing: [],
              movedS: new Map(),
              marks: [{ s: 0, moved: undefined }],
              s: 0,
            }
            move(first)
          } else if (live.current) live.current = heard(live.current, line, moved.current)
        },
        mine.signal,
      )
      clearInterval(timer)
      void sayMoved('none')
      setWatching(live.current)
      if (fault !== undefined) setMessage(fault)
      moved.current = undefined
      setMovedNow(undefined)
      return live.current
    },
    [job, unit, move],
  )
  return { watching, message, moved: movedNow, move, start, stop: () => stopper.current?.abort() }
}

/** All interruptions that were seen up to now. */
export const eventsOf = ({ events, ongoing }: Watching): readonly SeenEvent[] => [...events, ...ongoing]

/** What was moved when an interruption began: it is told only after it has ended. */
const movedAt = ({ marks }: Watching, s: number): Moved | undefined => marks.findLast((mark) => mark.s <= s)?.moved

/** What is known with one line more. */
function heard(now: Watching, { s, ohms, events, ongoing = [] }: WatchLine, moved: Moved | undefined): Watching {
  const seen = (event: WatchEvent): SeenEvent => ({ ...event, moved: movedAt(now, event.atS) })
  if (events) return { ...now, events: [...now.events, ...events.map(seen)] }
  if (s === undefined || !ohms) return now
  const movedS = new Map(now.movedS)
  if (moved) movedS.set(moved.key, (movedS.get(moved.key) ?? 0) + (s - now.s))
  const from = now.buckets.findIndex((bucket) => bucket.s > s - SHOWN_S)
  return {
    ...now,
    s,
    movedS,
    ongoing: ongoing.map(seen),
    buckets: [...now.buckets.slice(Math.max(0, from)), { s, ohms }],
  }
}
