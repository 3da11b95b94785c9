import { useEffect, useRef, useState } from 'react'
import { askKitWorker, type KitReply } from '@/workers/kitClient'
import type { KitProblems } from './kitData'

/** The solver beside the page: begun, heard, stopped. Asked for before the problem is there, it begins when it is. */
export function useWholeJob(problems: KitProblems | undefined): {
  readonly reply: KitReply | undefined
  readonly running: boolean
  readonly start: () => void
  readonly stop: () => void
} {
  const [reply, setReply] = useState<KitReply>()
  const worker = useRef<{ readonly stop: () => void }>(undefined)
  useEffect(() => () => worker.current?.stop(), [])
  useEffect(() => setReply(undefined), [problems])
  const running = reply?.kind === 'progress'
  // asked for before the groups are there: it begins when they are
  const [wanted, setWanted] = useState(false)
  const start = () => {
    if (running) return
    setWanted(!problems)
    if (!problems) return
    setReply({ kind: 'progress', goal: 'setups', best: Infinity, bound: -Infinity, seconds: 0 })
    worker.current = askKitWorker(
      { kind: 'whole-job', problem: problems.problem, ...(problems.free && { free: problems.free }) },
      setReply,
    )
  }
  useEffect(() => {
    if (wanted && problems) start()
  })
  const stop = () => {
    setWanted(false)
    worker.current?.stop()
    setReply(undefined)
  }
  return { reply, running, start, stop }
}
