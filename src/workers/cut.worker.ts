import { cutPlan } from '@/core/craft/cut/cutPlan'
import type { CutRequest } from '@/core/craft/cut/cutTypes'

/** Plans cuts off the page's thread: one request, one answer. */
self.onmessage = (event: MessageEvent<CutRequest>) => self.postMessage(cutPlan(event.data))
