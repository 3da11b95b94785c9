import type { ComputeTask, computeTasks } from './computeTasks'
import { readyThread, runThread } from './runThread'

type Tasks = typeof computeTasks

/** No answer is worth waiting longer for; a request that needs more is too large. */
const LIMIT_MS = 30_000
/** But for these: a record may be many times as large as anything else that is worked out. */
const LONGER_MS: Partial<Record<ComputeTask, number>> = { 'job-pieces': 180_000 }
const HEAP_MB = 512

/** Loads the thread that works things out, while the request that needs it is still on its way. */
export const readyCompute = (): void => readyThread('compute', HEAP_MB)

/**
 * Works something out beside the requests.
 * @param hear is given what a task tells before it is done
 * @throws ThreadLimit when it takes too long or too much memory
 */
export const compute = <Task extends ComputeTask>(
  task: Task,
  input: Parameters<Tasks[Task]>[0],
  hear?: (part: string) => void,
): Promise<Awaited<ReturnType<Tasks[Task]>>> =>
  runThread<string, Awaited<ReturnType<Tasks[Task]>>>(
    'compute',
    { task, input },
    { heapMb: HEAP_MB, limitMs: LONGER_MS[task] ?? LIMIT_MS, ...(hear && { onProgress: hear }) },
  )
