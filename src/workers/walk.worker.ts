import { shortWalk, type Touched, type Walked } from '@/core/craft/probing/walk'

/** Puts the steps of two probes in an order that moves little, off the page's thread: one question, one answer. */
self.onmessage = (event: MessageEvent<readonly Touched[]>) => {
  const walk: readonly Walked[] = shortWalk(event.data)
  self.postMessage(walk)
}
