import type { BuyList, UncrimpedClass } from '@/core/work/kit/buyList'
import type { KitProblem } from '@/core/work/kit/kitProblem'
import type { KitGoal, WholeJobChoice } from '@/core/work/kit/wholeJob'

export type KitRequest =
  /** `free` is the same job without what was chosen by hand: what that costs is the difference */
  | { readonly kind: 'whole-job'; readonly problem: KitProblem; readonly free?: KitProblem }
  | { readonly kind: 'tools'; readonly classes: readonly UncrimpedClass[] }

export interface ByHandCosts {
  readonly setups: number
  readonly parts: number
  readonly price: number
}

export type KitReply =
  | {
      readonly kind: 'progress'
      readonly goal: KitGoal
      readonly best: number
      readonly bound: number
      readonly seconds: number
    }
  | { readonly kind: 'choice'; readonly choice: WholeJobChoice; readonly byHandCosts?: ByHandCosts }
  | { readonly kind: 'tools'; readonly list: BuyList }
  | { readonly kind: 'failed'; readonly why: string }

/** Asks a worker of its own; `stop` ends it, whatever it is doing, and then nothing more is heard of it. */
export function askKitWorker(request: KitRequest, hear: (reply: KitReply) => void): { readonly stop: () => void } {
  const worker = new Worker(new URL('./kit.worker.ts', import.meta.url), { type: 'module' })
  const end = () => worker.terminate()
  worker.onmessage = (event: MessageEvent<KitReply>) => {
    hear(event.data)
    if (event.data.kind !== 'progress') end()
  }
  worker.onerror = () => {
    hear({ kind: 'failed', why: 'the solver could not be started' })
    end()
  }
  worker.postMessage(request)
  return { stop: end }
}
