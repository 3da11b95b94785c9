import type { Mismate, MismateInput } from '@/core/craft/mismate/mismateTypes'
import { askOnce } from './askOnce'

/** Studies wrong joinings beside the page; undefined when it was stopped, or could not be started. */
export const studyMismate = (input: MismateInput, signal: AbortSignal): Promise<Mismate | undefined> =>
  askOnce<Mismate | undefined>(
    new Worker(new URL('./mismate.worker.ts', import.meta.url), { type: 'module' }),
    input,
    signal,
    undefined,
  )
