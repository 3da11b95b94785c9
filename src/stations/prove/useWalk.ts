import { useEffect, useMemo, useState } from 'react'
import type { Touch, Touched } from '@/core/craft/probing/walk'
import { wireKey } from '@/core/record/plan/keys'
import { pointOf } from '@/core/record/plan/nets'
import type { JobState } from '@/core/record/state/state'
import { units } from '@/core/record/state/wireBlocks'
import { apartTasks, probedEnds } from '@/core/work/prove/proofTasks'
import { walkOf } from '@/workers/walkClient'

/** Where a row stands in the walk, and whether its two points are touched the other way round. */
export type WalkPlace = { readonly place: number; readonly flipped: boolean }

/**
 * The order of all nets and pairs of the first unit in which both probes move least, by the key of a row without its unit; units
 * are alike. Undefined until it is worked out: till then the order is the plan's.
 */
export function useWalk(state: JobState): ReadonlyMap<string, WalkPlace> | undefined {
  const { plan } = state
  const isBuilt = units(state).length > 0
  const steps = useMemo(() => {
    const touches = new Map(
      probedEnds(state).flatMap(({ id, cavities }) =>
        cavities.map((cavity): [string, Touch] => [
          `${id}.${cavity.id}`,
          { end: id, xMm: cavity.xMm, yMm: cavity.yMm },
        ]),
      ),
    )
    const named = [
      ...plan.wires.map((wire) => ({
        key: wireKey(1, wire.id),
        red: pointOf(plan, wire, 'a'),
        black: pointOf(plan, wire, 'b'),
      })),
      ...apartTasks(state, 1),
    ]
    return named.flatMap(({ key, red, black }) => {
      const [a, b] = [touches.get(red), touches.get(black)]
      return a && b ? [{ key: key.slice(2), touched: [a, b] as Touched }] : []
    })
    // what is walked over follows from the plan alone
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [plan])
  const [walk, setWalk] = useState<{ readonly of: typeof steps; readonly places: ReadonlyMap<string, WalkPlace> }>()
  useEffect(() => {
    if (!isBuilt || steps.length === 0) return undefined
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
  }, [steps, isBuilt])
  return walk?.of === steps ? walk.places : undefined
}
