import type { DiagnosisInput, Mistake } from '@/core/craft/diagnosis/diagnosisTypes'
import { askOnce } from './askOnce'

/** Explains what was found beside the page; undefined when it was stopped, or could not be started. */
export const explainNets = (input: DiagnosisInput, signal: AbortSignal): Promise<readonly Mistake[] | undefined> =>
  askOnce<readonly Mistake[] | undefined>(
    new Worker(new URL('./diagnose.worker.ts', import.meta.url), { type: 'module' }),
    input,
    signal,
    undefined,
  )
