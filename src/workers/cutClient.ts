import type { CutPlan, CutPlanFault, CutRequest } from '@/core/craft/cut/cutTypes'
import type { Result } from '@/core/base/result'
import { askOnce } from './askOnce'

/** Plans cuts beside the page; undefined when it was stopped, or could not be started. */
export const planCuts = (
  request: CutRequest,
  signal: AbortSignal,
): Promise<Result<CutPlan, CutPlanFault> | undefined> =>
  askOnce<Result<CutPlan, CutPlanFault> | undefined>(
    new Worker(new URL('./cut.worker.ts', import.meta.url), { type: 'module' }),
    request,
    signal,
    undefined,
  )
