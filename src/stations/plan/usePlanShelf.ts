'use client'
import { useFetched, withFields } from '@/ui/fetched/useFetched'
import type { PlanShelf } from './planShelf'

export const noShelf: PlanShelf = { wireTypes: [], terminals: [], housings: [], rules: [], older: 0 }
const readShelf = withFields<PlanShelf>('wireTypes', 'terminals', 'housings', 'rules', 'older')

/** What cells and ends may name, from the shelf as it is now; nothing until it has come. */
export const usePlanShelf = (jobId: string, seq: number): PlanShelf =>
  useFetched(`/jobs/${encodeURIComponent(jobId)}/plan/shelf`, readShelf, { version: seq }).value ?? noShelf
