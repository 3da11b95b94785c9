'use client'
import { useState } from 'react'
import type { Facts } from '@/core/record/plan/facts'
import { useFetched, withFields } from '@/ui/fetched/useFetched'
import type { PlanShelf } from './planShelf'

export const noShelf: PlanShelf = { wireTypes: [], terminals: [], housings: [], rules: [], older: 0 }
const readShelf = withFields<PlanShelf>('wireTypes', 'terminals', 'housings', 'rules', 'older')

/** What cells and ends may name, from the shelf as it is now; nothing until it has come. */
export function usePlanShelf(jobId: string, facts: Facts): PlanShelf {
  // what is older than the shelf is told by what is pinned: asked again when that changes, not for every entry
  const [pinned, setPinned] = useState({ facts, version: 1 })
  if (pinned.facts !== facts) setPinned({ facts, version: pinned.version + 1 })
  const url = `/jobs/${encodeURIComponent(jobId)}/plan/shelf`
  return useFetched(url, readShelf, { version: pinned.version }).value ?? noShelf
}
