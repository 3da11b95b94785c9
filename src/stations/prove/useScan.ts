import { useEffect, useRef, useState } from 'react'
import { type ScanLine, scanHarness } from '@/ui/device/analyserClient'
import { analyserViewWords as words } from '@/words/screens/prove/analyserView'

/** A run as it goes. */
export interface Run {
  readonly at: number
  readonly total: number
  readonly joined: number
  /** how often the link came back */
  readonly resumed: number
}
export type ScanEnd = NonNullable<ScanLine['end']>

const begun: Run = { at: 0, total: 1, joined: 0, resumed: 0 }

const heard = (now: Run, line: ScanLine): Run => ({
  at: line.at ?? now.at,
  total: line.total ?? now.total,
  joined: now.joined + (line.joined ? 1 : 0),
  resumed: now.resumed + (line.resumed === undefined ? 0 : 1),
})

/** Runs the analyser over all pairs of a unit; it can be stopped, and is when the screen goes. */
export function useScan(job: string, unit: number) {
  const [run, setRun] = useState<Run>()
  const [message, setMessage] = useState<string>()
  const stopper = useRef<AbortController>(undefined)
  useEffect(() => () => stopper.current?.abort(), [])
  /** @returns all that was found; undefined where it was stopped or failed */
  const start = async (belowOhm: number): Promise<ScanEnd | undefined> => {
    const mine = new AbortController()
    stopper.current?.abort()
    stopper.current = mine
    setMessage(undefined)
    setRun(begun)
    let now = begun
    let end: ScanEnd | undefined
    const fault = await scanHarness(
      { job, unit, belowOhm },
      (line) => {
        end ??= line.end
        now = heard(now, line)
        setRun(now)
      },
      mine.signal,
    )
    setRun(undefined)
    if (!end) setMessage(fault ?? words.stoppedNothingWritten)
    return end
  }
  return { run, message, start, stop: () => stopper.current?.abort() }
}
