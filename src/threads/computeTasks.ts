import { cutPlan } from '@/core/craft/cut/cutPlan'
import type { CutRequest } from '@/core/craft/cut/cutTypes'

/** What is worked out in a thread of its own, since it may take longer than a request may hold up others. */
export const computeTasks = {
  'cut-plan': (input: CutRequest) => cutPlan(input),
} as const

export type ComputeTask = keyof typeof computeTasks

export interface ComputeOrder {
  readonly task: ComputeTask
  readonly input: Parameters<(typeof computeTasks)[ComputeTask]>[0]
}
