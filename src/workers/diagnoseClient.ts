import type { Diagnosis, DiagnosisInput } from '@/core/craft/diagnosis/diagnosisTypes'
import { askOnce } from './askOnce'

/** Explains what was found beside the page; undefined when it was stopped, or could not be started. */
export const explainNets = (input: DiagnosisInput, signal: AbortSignal): Promise<Diagnosis | undefined> =>
  askOnce<Diagnosis | undefined>(
    new Worker(new URL('./diagnose.worker.ts', import.meta.url), { type: 'module' }),
    input,
    signal,
    undefined,
  )
