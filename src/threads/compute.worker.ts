import { parentPort, workerData } from 'node:worker_threads'
import { type ComputeOrder, computeTasks } from './computeTasks'
import type { ThreadMessage } from './runThread'

/** Works one thing out beside the requests. */
const { task, input } = workerData as ComputeOrder
const answer = computeTasks[task](input)
parentPort?.postMessage({ answer } satisfies ThreadMessage<never, typeof answer>)
