import { parentPort } from 'node:worker_threads'
import { type ComputeOrder, computeTasks } from './computeTasks'
import { giveWay } from './giveWay'
import { type ThreadMessage, threadOrder } from './runThread'

/** Works one thing out beside the requests. */
giveWay()
const { task, input } = await threadOrder<ComputeOrder>()
// the order names the task that its input is for
const work = computeTasks[task] as (input: ComputeOrder['input'], tell: (part: string) => void) => unknown
const answer = await work(input, (progress) =>
  parentPort?.postMessage({ progress } satisfies ThreadMessage<string, never>),
)
parentPort?.postMessage({ answer } satisfies ThreadMessage<never, typeof answer>)
