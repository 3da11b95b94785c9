import { useEffect, useState } from 'react'
import type { Bundle } from '@/core/craft/bundle/bundle'
import { PACK_LIMIT } from '@/core/craft/bundle/byArea'
import { bundleWorker } from '@/workers/bundleClient'

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
