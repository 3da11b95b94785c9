import { mismate } from '@/core/craft/mismate/mismate'
import type { Mismate, MismateInput } from '@/core/craft/mismate/mismateTypes'

/** Pins that make wrong joinings harmless, off the page's thread: one question, one answer. */
self.onmessage = (event: MessageEvent<MismateInput>) => {
  const study = mismate(event.data)
  const answer: Mismate | undefined = study.ok ? study.value : undefined
  self.postMessage(answer)
}
