import { useLayoutEffect, useRef } from 'react'
import { tenth } from '@/core/base/units/tenth'

/** One tick of a stripper's stop, mm. */
const STOP_STEP_MM = 0.1

/**
 * Moves a stripper's stop by ticks. Each counts from what was asked last, not from what is drawn: keys that come faster than the
 * bench answers are all there, and one entry says where they have led.
 * @param stopMm as it is drawn
 * @param write  says where the stop is now; false when that is not written
 */
export function useStopSteps(stopMm: number, write: (toMm: number) => Promise<boolean>): (ticks: number) => void {
  /** What was asked and is not drawn yet. */
  const asked = useRef<{ toMm: number; isWriting: boolean }>(undefined)
  const drawnMm = useRef(stopMm)
  useLayoutEffect(() => {
    drawnMm.current = stopMm
    if (asked.current?.isWriting === false) asked.current = undefined
  }, [stopMm])
  const follow = async (now: { toMm: number; isWriting: boolean }): Promise<void> => {
    for (let sentMm: number | undefined; sentMm !== now.toMm;) {
      sentMm = now.toMm
      if (!(await write(sentMm))) {
        asked.current = undefined
        return
      }
    }
    now.isWriting = false
    if (drawnMm.current === now.toMm) asked.current = undefined
  }
  return (ticks) => {
    const toMm = tenth((asked.current?.toMm ?? stopMm) + ticks * STOP_STEP_MM)
    if (asked.current?.isWriting) asked.current.toMm = toMm
    else {
      asked.current = { toMm, isWriting: true }
      void follow(asked.current)
    }
  }
}
