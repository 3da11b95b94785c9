import type { Result } from '@/core/base/result'
import { askOnce } from './askOnce'

/** Reads a YAML or JSON text in a worker of its own and gives it as JSON, or why it cannot be read; undefined when it was stopped. */
export const yamlToJsonBeside = (text: string, signal: AbortSignal): Promise<Result<string, string> | undefined> =>
  askOnce(new Worker(new URL('./yaml.worker.ts', import.meta.url), { type: 'module' }), text, signal, {
    ok: false,
    fault: 'it cannot be read in this browser',
  })
