import { cutPlan } from '@/core/cut/cutPlan'
import type { CutRequest } from '@/core/cut/cutTypes'

/** Plans cuts off the page's thread: one request, one answer. */
self.onmessage = (event: MessageEvent<CutRequest>) => self.postMessage(cutPlan(event.data))
