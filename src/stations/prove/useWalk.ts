import { useEffect, useState } from 'react'
import type { JobState } from '@/core/record/state/state'
import { walkSteps } from '@/core/work/prove/walkSteps'
import { walkOf } from '@/workers/walkClient'

/** Where a row stands in the walk, and whether its two points are touched the other way round. */
export type WalkPlace = { readonly place: number; readonly flipped: boolean }

/**
 * The order of all nets and pairs of the first unit in which both probes move least, by the key of a row without its unit; units
 * are alike. Undefined until it is worked out: till then the order is the plan's.
 */
export function useWalk(state: JobState): ReadonlyMap<string, WalkPlace> | undefined {
  // the same list until the plan or its rules are others
  const steps = walkSteps(state)
  const [walk, setWalk] = useState<{ readonly of: typeof steps; readonly places: ReadonlyMap<string, WalkPlace> }>()
  useEffect(() => {
    if (steps.length === 0) return undefined
    const stop = new AbortController()
    void walkOf(
      steps.map(({ touched }) => touched),
      stop.signal,
    ).then((walked) => {
      if (!walked || stop.signal.aborted) return
      setWalk({
        of: steps,
        places: new Map(
          walked.flatMap(({ step, flipped }, place) => {
            const key = steps[step]?.key
            return key === undefined ? [] : [[key, { place, flipped }] as const]
          }),
        ),
      })
    })
    return () => stop.abort()
  }, [steps])
  return walk?.of === steps ? walk.places : undefined
}
