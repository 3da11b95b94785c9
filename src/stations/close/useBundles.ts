import { useEffect, useState } from 'react'
import type { Bundle } from '@/core/craft/bundle/bundle'
import { bundleWorker } from '@/workers/bundleClient'

/** Above this a packing takes longer than it is worth; the bundle is then said by its area. */
export const PACK_LIMIT = 120
/** Share of a round bundle that many wires fill. */
const MANY_WIRES_FILL = 0.78

/** How thick so many wires are by their area alone, mm. */
export const byAreaMm = (diametersMm: readonly number[]): number =>
  Math.sqrt(diametersMm.reduce((sum, d) => sum + d * d, 0) / MANY_WIRES_FILL)

/** Bundles packed beside the page, by their names, as they come. */
export function useBundles(
  branches: readonly { readonly name: string; readonly diametersMm: readonly number[] }[],
): ReadonlyMap<string, Bundle> {
  const [bundles, setBundles] = useState<ReadonlyMap<string, Bundle>>(new Map())
  const asked = JSON.stringify(branches)
  useEffect(() => {
    const wanted = (JSON.parse(asked) as typeof branches).filter(
      ({ diametersMm }) => diametersMm.length > 0 && diametersMm.length <= PACK_LIMIT,
    )
    const worker = bundleWorker()
    for (const branch of wanted)
      void worker.pack(branch.diametersMm).then((bundle) => setBundles((now) => new Map(now).set(branch.name, bundle)))
    return worker.stop
  }, [asked])
  return bundles
}
