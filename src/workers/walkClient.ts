import type { Touched, Walked } from '@/core/craft/probing/walk'
import { askOnce } from './askOnce'

/** The order in which two probes move least, worked out beside the page; undefined when it was stopped, or could not be started. */
export const walkOf = (steps: readonly Touched[], signal: AbortSignal): Promise<readonly Walked[] | undefined> =>
  askOnce<readonly Walked[] | undefined>(
    new Worker(new URL('./walk.worker.ts', import.meta.url), { type: 'module' }),
    steps,
    signal,
    undefined,
  )
